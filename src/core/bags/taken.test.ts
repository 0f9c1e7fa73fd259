import { anywhere } from '../calendar/local'
import { plan, planned, withoutHouse } from '../testing/planned'
import * as fc from 'fast-check'
import { sampleCases } from '../../demo/sample-cases'
import type { Case } from '../case/case'
import { dropMix, takeMix } from '../acts/mix'
import { guides } from '../guides/guides'
import { capOf } from '../needs/nutrients/majors'
import { feedingFor, recommend } from '../recommend'
import { inSeason } from '../case/in-season'
import { feeds, type ProductRef } from '../shelf/product'
import { productNamed } from '../shelf/product-named'
import { shippedProducts } from '../shelf/products'
import { anyCase, build } from '../testing/any-case'
import { oneArea, typed } from '../testing/one-area'
import { changedSince, isStale, needsNow } from '../mix/standing'

/** Some products by some weights, as if they had been solved for. */
const withMix = (kase: Case, lbPerThousand: readonly (readonly [ProductRef, number])[]): Case => {
  const recommendation = recommend(kase, guides)
  const takes = recommendation.areas.flatMap(({ areaId, size, answer }) =>
    answer && size.ok
      ? lbPerThousand.map(([product, lb]) => ({ areaId, product, lb: (lb * size.value.area.value.v) / 1_000 }))
      : [],
  )
  const bags = lbPerThousand.map(([product]) => ({ product, lb: 50, count: 3 }))
  const needs = needsNow(takes, recommendation)
  return takeMix({ core: '', at: '2026-01-01T00:00:00.000Z', aim: 'fewest', takes, bags, fromShed: [], needs })(kase)
}

const some = [
  ['urea@1', 4],
  ['10-10-10@1', 9],
  ['muriate-of-potash@1', 3.5],
] as const
const cases = [...sampleCases, ...fc.sample(anyCase, { numRuns: 300, seed: 21 }).map(build)].map((kase) =>
  withMix(kase, some),
)

test('what goes on together keeps to every cap together', () => {
  let checked = 0
  for (const kase of cases)
    for (const { areaId, answer, crop } of recommend(kase, guides).areas) {
      const area = kase.areas.find(({ id }) => id === areaId)!
      const feeding = answer?.mixed && feedingFor(kase, inSeason(area, kase.season), guides, shippedProducts, anywhere)
      if (!feeding || crop!.nitrogen.unit === 'lb N/tree') continue
      for (const nutrient of ['N', 'P₂O₅', 'K₂O'] as const) {
        // Beside rows and before planting have caps of their own, in a test of their own.
        if (answer.mixed!.products.some(({ passes }) => passes.firsts)) continue
        const atOnce = answer.mixed!.products.reduce((sum, { material, rate, passes }) => {
          const first = crop!.use === 'lawn' || nutrient !== 'N' ? 1 : material.feeding.firstYearN
          return sum + ((rate.value.v / passes.count) * material.feeding.grade[nutrient] * first) / 100
        }, 0)
        const free = crop!.use === 'lawn' && feeding.settings.newLawn && nutrient !== 'N'
        const need = answer.needs.find(({ of }) => of === nutrient)
        const cap = need?.passes?.cap ?? capOf(nutrient, feeding)
        if (!free) expect(atOnce).toBeLessThanOrEqual(cap.perPass * (1 + 1e-5))
        checked += 1
      }
    }
  expect(checked).toBeGreaterThan(300)
})

test('the letter’s job is the mix, with the bags that were chosen, until a need is another', () => {
  const bare = oneArea(
    { crop: 'tomato' },
    { pH: typed('6.5'), P: typed('80', 'ppm'), K: typed('60', 'ppm'), extractant: 'mehlich-3' },
  )
  const kase = withMix(bare, some)
  const done = plan(kase)
  expect(done.staleMix).toBe(false)
  expect(done.areas[0]!.treatments.map(({ need }) => need)).toEqual(['urea@1', '10-10-10@1', 'muriate-of-potash@1'])
  expect(done.purchases.map(({ bags }) => bags.map(({ lb, count }) => [lb, count.value.v]))).toEqual([
    [[50, 3]],
    [[50, 3]],
    [[50, 3]],
  ])
  const larger = { ...kase, areas: [{ ...kase.areas[0]!, size: { text: '20x60', unit: 'ft²', value: 1_200 } }] }
  const now = recommend(larger, guides)
  expect(isStale(larger, now, shippedProducts)).toBe(true)
  expect(changedSince(larger.mix!, now).map(({ of, before, now: after }) => [of, after! / before!])).toEqual([
    ['N', expect.closeTo(1.2, 9)],
    ['K₂O', expect.closeTo(1.2, 9)],
  ])
  // What no longer stands gives way to the office's fertilizers.
  expect(planned(larger).treatments.map(({ need }) => need)).toEqual(['fertilizer'])
  // Back as it was it stands again, and let go it leaves nothing behind.
  expect(isStale(kase, recommend({ ...larger, areas: kase.areas }, guides), shippedProducts)).toBe(false)
  expect(dropMix(kase)).toEqual(bare)
})

test('what it counted on in the shed and is gone makes it stale', () => {
  const kase = withMix(oneArea({ crop: 'tomato' }, { pH: typed('6.5') }), some)
  const counted = { ...kase, mix: { ...kase.mix!, fromShed: [{ product: 'urea@1' as const, lb: 4 }] } }
  const there = (lb: string) => ({
    ...counted,
    shed: [{ id: 's', product: 'urea@1' as const, amount: typed(lb, 'lb') }],
  })
  const recommendation = recommend(kase, guides)
  expect([there('4'), there('3'), counted].map((one) => isStale(one, recommendation, shippedProducts))).toEqual([
    false,
    true,
    true,
  ])
})

test('a product that is no longer known says so, and nothing of it is put on', () => {
  const kase = withMix(oneArea({ crop: 'tomato' }, { pH: typed('6.5') }), [['own-gone@1', 3]])
  const [area] = recommend(kase, guides).areas
  expect(area!.problems).toMatchObject([{ field: 'mix', sentence: { key: 'product.unknown' } }])
  expect(area!.answer!.mixed).toBeNull()
  expect(feeds(productNamed(shippedProducts, 'own-gone@1'))).toBe(false)
})

test('where a mix leaves nothing short, no other fertilizer is warned of (whatever the office would name)', () => {
  let complete = 0
  for (const kase of cases) {
    const bare = recommend(kase, guides, shippedProducts, withoutHouse).areas
    recommend(kase, guides).areas.forEach(({ answer }, i) => {
      if (!answer?.mixed || answer.mixed.barred.length > 0 || answer.filled) return
      complete += 1
      expect(answer.cautions.map(({ key }) => key)).toEqual(bare[i]!.answer!.cautions.map(({ key }) => key))
    })
  }
  expect(complete).toBeGreaterThan(20)
})
