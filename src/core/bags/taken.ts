import type { Case } from '../case/case'
import type { Feeding } from '../needs/nutrients/method'
import { isApplied, type Need } from '../needs/need'
import { fertilizerPasses, type Spread } from './fertilizers'
import type { Passes } from '../needs/split'
import { feeds, productRef, type Fertilizer, type Product } from '../shelf/product'
import { productNamed } from '../shelf/product-named'
import { eachOnce, say, type Sentence } from '../sentence/sentence'
import { majorNutrients, quantity, type MajorNutrient } from '../units/quantity'
import { overArea } from '../units/rates'
import { derive, given, type Derived } from '../units/workings'
import { barredBy } from './one-fertilizer'
import { suppliesOf, type Supply } from './supply'

/** One of the products that a case has settled on, as it goes on an area. */
export interface Mixed {
  readonly material: Fertilizer
  readonly amount: Derived<'lb product'>
  readonly rate: Derived<'lb product/1000 ft²'>
  readonly passes: Passes<'product'>
}

/** The products of a mix on one area, and what they bring together. */
export interface TakenMix {
  readonly products: readonly Mixed[]
  readonly supplies: readonly Supply[]
  /** Reasons not to put one of them on here. */
  readonly barred: readonly Sentence[]
}

/** What a case's mix puts on an area; undefined where it puts nothing there that is known. */
export function takenMix(
  { mix }: Pick<Case, 'mix'>,
  areaId: string,
  products: readonly Product[],
  needs: readonly Need<MajorNutrient>[],
  feeding: Feeding,
): TakenMix | undefined {
  const taken = (mix?.takes ?? []).filter((one) => one.areaId === areaId && one.lb > 0)
  const spreads = taken.flatMap(({ product, lb }): Spread[] => {
    const material = productNamed(products, product)
    if (!feeds(material)) return []
    const { amount, rate } = weighed(lb, feeding)
    return [{ material, slow: material.feeding.slowNitrogen, amount, rate }]
  })
  if (spreads.length === 0 || spreads.length < taken.length) return undefined
  return {
    products: spreads.map((spread): Mixed => {
      const { material, amount, rate } = spread
      const of = productRef(material)
      const passes = fertilizerPasses(spread, spreads, leadOf(spread, needs), feeding, of)
      return { material, amount, rate, passes }
    }),
    supplies: suppliesOf(spreads, needs, feeding.read.soil.pH?.v),
    barred: eachOnce(spreads.flatMap(({ material, rate }) => barredBy(material, feeding, rate.value.v, needs))),
  }
}

/** A product follows the windows of the first need that it carries anything of. */
export const leadOf = ({ material }: Pick<Spread, 'material'>, needs: readonly Need<MajorNutrient>[]) =>
  majorNutrients
    .filter((nutrient) => material.feeding.grade[nutrient] > 0)
    .flatMap((nutrient) => needs.filter((need) => need.of === nutrient && isApplied(need)))[0]

function weighed(lb: number, { area }: Feeding): Pick<Spread, 'amount' | 'rate'> {
  const taken = given(quantity(lb, 'lb product'), say('mix.taken'), 'practice')
  const amount = derive('lb product', 'taken', { taken }, say('mix.taken'), 'practice')
  return { amount, rate: overArea('product', amount, area) }
}
