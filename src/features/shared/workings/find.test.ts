import { guides } from '@/core/guides/guides'
import { recommend, type AreaRecommendation } from '@/core/recommend'
import { sampleCases } from '@/demo/sample-cases'
import { derivation } from '@/wording/derivation'
import { find } from './find'

const areas = sampleCases.flatMap((kase) =>
  recommend(kase, guides).areas.map((area) => [`${kase.client}, ${area.areaId}`, area] as const),
)

/** Every number that the sheets show of an area, by the key that opens it. */
function keysOf({ answer }: AreaRecommendation): string[] {
  const { reaction, needs, others, portions, fertilizer } = answer!
  const shares = portions.map(({ of }) => of)
  return [
    'size',
    ...(reaction.dose ? ['reaction', 'pass', 'rate'] : []),
    ...(reaction.dose?.dugIn ? ['dug-in'] : []),
    ...reaction.checks.filter((check) => check.amount).map((check) => `check:${check.id}`),
    ...needs.filter((need) => need.amount).flatMap((need) => [need.nutrient, `rate:${need.nutrient}`]),
    ...needs.filter((need) => need.checks[0]?.amount).map((need) => `own:${need.nutrient}`),
    ...others.flatMap(({ nutrient, amount, product }) => [
      ...(amount ? [`other:${nutrient}`] : []),
      ...(product ? [`carrier:${nutrient}`, ...shares.map((share) => `portion:${share}:carrier:${nutrient}`)] : []),
    ]),
    ...(reaction.dose ? shares.map((share) => `portion:${share}:reaction`) : []),
    ...(fertilizer?.mix.ok && fertilizer.mix.value.limeUsed ? ['lime-used'] : []),
    ...(fertilizer?.mix.ok
      ? ['fertilizer', 'feed-pass', 'feed-rate', 'bags', 'supply:N', 'supply:P₂O₅', 'supply:K₂O']
      : []),
  ]
}

describe('every number of the sample cases opens into its workings', () => {
  test.each(areas)('%s', (_, area) => {
    const keys = keysOf(area)
    expect(keys.length).toBeGreaterThan(0)
    for (const key of keys)
      for (const measures of ['feet', 'metres'] as const) {
        const found = find(area, key, measures)
        expect([key, found?.shown]).toEqual([key, expect.stringMatching(/\d/)])
        const lines = derivation(found!.working, measures)
        expect(lines.length).toBeGreaterThan(0)
        // The steps end in the number that was opened, and the first of them names where it comes from.
        expect(lines.at(-1)!.arithmetic).toMatch(/ = .*\d/)
        expect(lines[0]!.source).not.toBe('')
      }
  })
  test('a key of something that is not there opens nothing', () => {
    const [, area] = areas.find(([, one]) => !one.answer!.reaction.dose)!
    for (const key of ['reaction', 'pass', 'rate', 'dug-in', 'check:smp', 'own:N', 'nonsense'])
      expect(find(area, key, 'feet')).toBeNull()
  })
})

test('the workings of a lime read like an advisor’s own', () => {
  const [, strip] = areas[0]!
  const lines = derivation(find(strip, 'reaction', 'feet')!.working, 'feet')
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
