import * as fc from 'fast-check'
import type { MixProblem, MixProduct } from '../mix/problem'

/** Grades that are on sale, some of them organic. */
const grades = [
  [46, 0, 0],
  [21, 0, 0],
  [10, 10, 10],
  [16, 4, 8],
  [24, 0, 11],
  [5, 10, 10],
  [0, 45, 0],
  [0, 0, 60],
  [12, 0, 0],
  [6, 3, 1],
  [3, 15, 0],
  [0, 0, 22],
] as const
const organicFrom = 8

const share = ([n, p, k]: readonly [number, number, number], feeds = 1) => ({
  N: (n / 100) * feeds,
  'P₂O₅': p / 100,
  'K₂O': k / 100,
})

const need = (most: number) =>
  fc.oneof(
    { weight: 5, arbitrary: fc.integer({ min: 5, max: most * 10 }).map((tenths) => tenths / 10) },
    { weight: 2, arbitrary: fc.constant(0) },
    { weight: 1, arbitrary: fc.constant(null) },
  )

const area = fc
  .record({ size: fc.integer({ min: 1, max: 60 }), N: need(4), P: need(3), K: need(4) })
  .map(({ size, N, P, K }) => {
    const of = (rate: number | null) => rate && rate * (size / 10)
    return {
      size: size * 100,
      needs: { N: of(N), 'P₂O₅': of(P), 'K₂O': of(K) },
      most: { N: size, 'P₂O₅': 1.5 * size, 'K₂O': 1.5 * size },
    }
  })

const product = (areas: number) =>
  fc.record({
    grade: fc.integer({ min: 0, max: grades.length - 1 }),
    bags: fc.array(
      fc.record({
        lb: fc.constantFrom(5, 25, 40, 50),
        price: fc.oneof(fc.integer({ min: 5, max: 60 }), fc.constant(null)),
        on: fc.constant(''),
      }),
      { minLength: 1, maxLength: 2 },
    ),
    shed: fc.constantFrom(0, 0, 0, 3, 12.5),
    allowed: fc.array(fc.constantFrom(true, true, true, true, false), { minLength: areas, maxLength: areas }),
  })

/** Needs of a few areas and a few products to meet them with. */
export const anyMix = (mostAreas: number, mostProducts: number): fc.Arbitrary<MixProblem> =>
  fc.array(area, { minLength: 1, maxLength: mostAreas }).chain((areas) =>
    fc.array(product(areas.length), { minLength: 1, maxLength: mostProducts }).map((products) => ({
      areas: areas.map((one, i) => ({ ...one, id: `area-${i}` })),
      products: products.map(({ grade, bags, shed, allowed }, i): MixProduct => {
        const organic = grade >= organicFrom
        return {
          ref: `product-${i}@1`,
          bags,
          shed,
          organic,
          phosphorus: grades[grade]![1] > 0,
          feeds: allowed.map((may) => (may ? share(grades[grade]!, organic ? 0.65 : 1) : null)),
          label: share(grades[grade]!),
        }
      }),
      unpriced: 0,
    })),
  )
