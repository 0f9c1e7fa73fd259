import { anywhere } from '../core/calendar/local'
import * as fc from 'fast-check'
import { produce, type Draft } from 'immer'
import { blankApplication } from '../core/case/blank'
import type { Case } from '../core/case/case'
import type { Report } from '../core/report/report'
import { guides } from '../core/guides/guides'
import { missingTests } from '../core/compare/missing'
import { recommend } from '../core/recommend'
import { shippedProducts } from '../core/shelf/products'
import { sampleCases } from '../demo/sample-cases'
import { typed } from '../core/testing/one-area'
import { missingChanged } from './missing'
import { recommendChanged } from './remembered'

const edits: readonly ((draft: Draft<Case>, n: number) => void)[] = [
  (draft, n) => void (draft.areas[n % draft.areas.length]!.seasons[draft.season]!.crop = n % 2 ? 'roses' : 'tomato'),
  (draft, n) => void (draft.areas[n % draft.areas.length]!.size = { text: `${n + 2}x10`, unit: 'ft²', value: null }),
  (draft, n) => void (draft.reports[n % draft.reports.length]!.measured.pH = typed((5 + (n % 30) / 10).toFixed(1))),
  (draft, n) => void (draft.climate = n % 2 ? 'warm' : 'cool'),
  (draft, n) => void (draft.measures = n % 2 ? 'metres' : 'feet'),
  (draft, n) => void (draft.schools['lime-pass'] = n % 2 ? '25' : '50'),
  (draft, n) => void (draft.plan.pace = typed(String(2 + (n % 3)), 'ft')),
  (draft, n) => void (draft.client = `Client ${n}`),
  (draft, n) => void (draft.reports[n % draft.reports.length]!.code = `C${n}`),
  (draft, n) => void (draft.reports[n % draft.reports.length]!.date = `202${n % 7}-05-01`),
  (draft) => void (draft.mix = null),
  (draft, n) =>
    void draft.applications.push({
      ...blankApplication(`x${n}`, draft.areas[n % draft.areas.length]!.id, `202${n % 7}-04-01`),
      what: n % 2 ? 'lime' : 'fertilizer',
      product: n % 2 ? 'pelletized-calcitic@1' : '10-10-10@1',
      amount: typed(String(n), 'lb'),
      done: 'otherwise',
    }),
  (draft, n) => {
    const { id } = draft.areas[n % draft.areas.length]!
    const [is, replaced] = [typed(String(n % 5), 'lb/1000 ft²'), typed('1', 'lb/1000 ft²')]
    draft.decisions.overrulings[`${id}/N/amount`] = { reason: '', by: '', at: '2026-05-01', of: 'amount', is, replaced }
  },
  (draft) => void (draft.decisions.overrulings = {}),
  (draft, n) => void (draft.areas.length > 1 && draft.areas.splice(n % draft.areas.length, 1)),
]

test('what is remembered is what would be computed, after any edits', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...sampleCases),
      fc.array(fc.tuple(fc.nat(edits.length - 1), fc.nat(50)), { maxLength: 12 }),
      (start, steps) => {
        let kase = start
        for (const [which, n] of steps) {
          kase = produce(kase, (draft) => edits[which]!(draft, n))
          expect(JSON.stringify(recommendChanged(kase, guides, shippedProducts))).toBe(
            JSON.stringify(recommend(kase, guides)),
          )
          const area = kase.areas[n % kase.areas.length]!
          expect(JSON.stringify(missingChanged(kase, area, guides, shippedProducts, anywhere))).toBe(
            JSON.stringify(missingTests(kase, area, guides, shippedProducts)),
          )
        }
      },
    ),
    { numRuns: 60 },
  )
})

test('an area is computed anew only when it, its own report or the case around it changed', () => {
  const kase = sampleCases.find(({ areas, reports }) => areas.length > 1 && reports.length > 1)!
  const [{ reportId }] = kase.areas as [Case['areas'][number]]
  /** Which areas of the case stay as they were computed. */
  const stay = (change: Partial<Case>) => {
    const before = recommendChanged(kase, guides, shippedProducts).areas
    return recommendChanged({ ...kase, ...change }, guides, shippedProducts).areas.map((area, i) => area === before[i])
  }
  const reports = (parts: Partial<Report>) =>
    kase.reports.map((one) => (one.id === reportId ? { ...one, ...parts } : one))
  const measured = { pH: typed('4.8') }
  expect(stay({ reports: reports({ measured }) })).toEqual(kase.areas.map((area) => area.reportId !== reportId))
  expect(stay({ reports: reports({ code: 'x' }) })).toEqual(kase.areas.map(() => true))
  const [first] = kase.areas as [Case['areas'][number]]
  const bag = {
    ...blankApplication('x', first.id, '2026-05-01'),
    what: 'fertilizer' as const,
    amount: typed('20', 'lb'),
  }
  expect(stay({ applications: [...kase.applications, bag] })).toEqual(kase.areas.map(({ id }) => id !== first.id))
  expect(stay({ client: 'x' })).toEqual(kase.areas.map(() => true))
  expect(stay({ climate: 'warm' })).toEqual(kase.areas.map(() => false))
})
