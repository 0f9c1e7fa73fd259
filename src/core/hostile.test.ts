import * as fc from 'fast-check'
import { guides } from './guides/guides'
import { recommend } from './recommend'
import type { Case } from './case/case'
import { hostileCase, spoiledLimits } from './testing/hostile'
import { tallied } from './testing/tally'

/** Areas that the core could not compute, and numbers in its answer that are none. */
const faults = (recommendation: ReturnType<typeof recommend>): unknown[] => {
  const found: unknown[] = recommendation.areas.flatMap(({ fault }) => fault ?? [])
  JSON.stringify(recommendation, (key, value: unknown) => {
    if (typeof value === 'number' && !Number.isFinite(value)) found.push(key)
    return value
  })
  return found
}

const runs = { numRuns: Number(process.env.HOSTILE_CASES ?? 600) }

const answers = tallied('3. The core answers hostile cases', (kase: Case) =>
  expect(faults(recommend(kase, guides))).toEqual([]),
)
test('whatever a case holds that its file may hold, the core answers, and with numbers', () =>
  fc.assert(fc.asyncProperty(hostileCase, answers), runs))

const answersBy = tallied(
  '3. The core answers by guides with hostile limits',
  (kase: Case, bits: readonly number[]) => {
    const own = guides.map((guide) => spoiledLimits(guide, bits))
    expect(faults(recommend(kase, own))).toEqual([])
  },
)
test('whatever the limits of a guide are, it answers', () =>
  fc.assert(fc.asyncProperty(hostileCase, fc.array(fc.nat(), { minLength: 40, maxLength: 40 }), answersBy), runs))

/** What was found by hand on the built app. */
test.each(['0–20', '5 ± 99', '-3–99'])('a pH of %s is answered', (text) => {
  const [kase] = fc.sample(hostileCase, { numRuns: 1, seed: 1 })
  const reports = kase!.reports.map((report) => ({
    ...report,
    measured: { ...report.measured, pH: { text, unit: '', value: 6 } },
  }))
  expect(faults(recommend({ ...kase!, reports }, guides))).toEqual([])
})
