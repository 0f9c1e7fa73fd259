import { guides } from '@/core/guides/guides'
import { doseOf } from '@/core/needs/reaction'
import { recommend } from '@/core/recommend'
import { isDerived, type Working } from '@/core/units/workings'
import { sampleCases } from '@/demo/sample-cases'
import { derivation } from '@/wording/derivation'
import { beside, counted, perGround, sized, weighed } from './explained'

const areas = sampleCases.flatMap((kase) =>
  recommend(kase, guides).areas.map((area) => [`${kase.client}, ${area.areaId}`, area] as const),
)

/** Every derivation that stands in an answer, however deep. */
function workingsIn(value: unknown): Working[] {
  if (typeof value !== 'object' || value === null) return []
  if ('value' in value && isDerived(value as Working)) return [value as Working]
  return Object.values(value).flatMap(workingsIn)
}

describe('every number of the sample cases opens into its workings', () => {
  test.each(areas)('%s', (_, area) => {
    const workings = workingsIn([area.size, area.answer])
    expect(workings.length).toBeGreaterThan(0)
    for (const working of workings)
      for (const measures of ['feet', 'metres'] as const) {
        for (const { shown } of [
          weighed(working, measures),
          perGround(working, area.use, measures),
          counted(working),
          sized(working, measures),
        ])
          expect(shown).toMatch(/\d|none/)
        const lines = derivation(working, measures)
        // The steps end in the number that was opened, and the first of them names where it comes from.
        expect(lines.at(-1)!.arithmetic).toMatch(/ = .*\d/)
        expect(lines[0]!.source).not.toBe('')
      }
  })
  test('what stands beside a figure says its amount, or why there is none', () => {
    const checks = areas.flatMap(([, { answer }]) => answer!.needs.flatMap((need) => need.checks))
    expect(checks.length).toBeGreaterThan(5)
    for (const check of checks) expect(beside(check, 'feet').value).toMatch(/\w{3}|\d/)
  })
})

test('the workings of a lime read like an advisor’s own', () => {
  const [, strip] = areas[0]!
  const lines = derivation(doseOf(strip.answer!.reaction)!.amount, 'feet')
  expect(lines.map((line) => line.arithmetic)).toEqual([
    '3.1 + (2.4 − 3.1) × (6.55 − 6.5) ÷ (6.6 − 6.5) = 2.75 tons lime/acre',
    '3.8 + (2.9 − 3.8) × (6.55 − 6.5) ÷ (6.6 − 6.5) = 3.35 tons lime/acre',
    '2.75 + (3.35 − 2.75) × (6.4 − 6) ÷ (6.5 − 6) = 3.23 tons lime/acre',
    '3.23 × 45.91 × 6 ÷ 8 = 111.2 lb lime/1,000 ft²',
    '111.2 × 0.65 = 72.3 lb CaCO₃/1,000 ft²',
    '72.3 ÷ 0.9 = 80.33 lb product/1,000 ft²',
    '9 × 31 = 279 ft²',
    '80.33 × 279 ÷ 1,000 = 22.41 lb product',
  ])
  expect(lines[0]!.source).toMatch(/Shoemaker, McLean & Pratt 1961.*recalled/)
})
