import * as fc from 'fast-check'
import { blankApplication } from '../case/blank'
import type { Case } from '../case/case'
import { withParts } from '../case/in-season'
import { regions } from '../guides/regions'
import { noRules, type Rules } from '../calendar/rule'
import { productRef } from '../shelf/product'
import { shippedProducts } from '../shelf/products'
import { anyCase, build, number } from './any-case'
import { typed } from './one-area'

/** For tests: a case with a region, a day of planting, things that were put on, and passes that were moved. */
export const anyPlanned = fc.record({
  any: anyCase,
  region: fc.constantFrom(...regions.map(({ id }) => id)),
  sown: fc.option(fc.integer({ min: 0, max: 364 })),
  logged: fc.array(
    fc.record({
      product: fc.constantFrom(...shippedProducts.map(productRef)),
      lb: number(0.5, 60),
      ago: fc.integer({ min: 0, max: 500 }),
      pass: fc.constantFrom(null, null, 'a/fertilizer/1', 'a/N/1', 'a/K₂O/1', 'a/lime/1', 'a/sulfur/1'),
    }),
    { maxLength: 2 },
  ),
  most: fc.option(number(0, 3), { freq: 3 }),
})

/** The day on which those cases are planned. */
export const today = '2026-11-26'
const ms = 86_400_000
export const numberOf = (day: string) => Date.parse(day) / ms
export const dayAfter = (days: number) => new Date((numberOf(today) + days) * ms).toISOString().slice(0, 10)

export type AnyPlanned = typeof anyPlanned extends fc.Arbitrary<infer Of> ? Of : never

export function caseOf({ any, region, sown, logged }: AnyPlanned): Case {
  const kase = build(any)
  return {
    ...kase,
    region,
    areas: kase.areas.map((area) => withParts(area, kase.season, sown === null ? {} : { sown: dayAfter(sown) })),
    applications: logged.map(({ product, lb, ago, pass }, i) => ({
      ...blankApplication(`l${i}`, 'a', dayAfter(-ago)),
      what:
        product.includes('lime') || product.includes('calcitic')
          ? 'lime'
          : product.includes('sulfur')
            ? 'sulfur'
            : 'fertilizer',
      product,
      amount: typed(lb, 'lb'),
      pass,
      done: 'otherwise' as const,
    })),
  }
}

/** What an office says of nitrogen, in lb on 1,000 ft² a year. */
export const rulesOf = (most: number | null): Rules =>
  most === null
    ? noRules
    : { ...noRules, yearLimits: [{ id: 'y', name: 'County', what: 'N', where: 'all', most: String(most) }] }
