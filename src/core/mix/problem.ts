import { anywhere, type Local } from '../calendar/local'
import type { Case } from '../case/case'
import { inSeason } from '../case/in-season'
import type { Guide } from '../guides/guide'
import { mostPrinted } from '../needs/hold'
import { lbNeeded, majorsOf, type Need } from '../needs/need'
import type { Feeding } from '../needs/nutrients/method'
import { feedingFor, type AreaRecommendation, type Recommendation } from '../recommend'
import { isFertilizer, productRef, type Fertilizer, type Product, type ProductRef } from '../shelf/product'
import { lbInShed } from '../shelf/shed'
import { bagsOf, hasPrices, type Shelf, type SoldBag } from '../shelf/shelf'
import { majorNutrients, type MajorNutrient } from '../units/quantity'
import { mayGo } from '../bags/one-fertilizer'
import { firstYearOf } from '../bags/supply'

/** Plain numbers: what a solver needs to know of the needs of several areas and of the products at hand. */
export interface MixProblem {
  readonly areas: readonly MixArea[]
  readonly products: readonly MixProduct[]
  /** Products that would serve and are left out, because their price is not known while others’ is. */
  readonly unpriced: number
}

export interface MixArea {
  readonly id: string
  /** ft² */
  readonly size: number
  /** lb for the area; 0 where none is wanted, null where it is not known. */
  readonly needs: Readonly<Record<MajorNutrient, number | null>>
  /** lb of each that may be on it at most, whatever is needed. */
  readonly most: Readonly<Record<MajorNutrient, number>>
}

export interface MixProduct {
  readonly ref: ProductRef
  readonly bags: readonly SoldBag[]
  /** lb that are there already. */
  readonly shed: number
  readonly organic: boolean
  /** It holds phosphorus at all. */
  readonly phosphorus: boolean
  /** By area: lb that feed in the first year in one lb; null where it may not go. */
  readonly feeds: readonly (Readonly<Record<MajorNutrient, number>> | null)[]
  /** lb that its label states in one lb. */
  readonly label: Readonly<Record<MajorNutrient, number>>
}

/**
 * What a mix has to solve for some areas of a case. A product that is barred on an area, sold for lawns and not wanted on
 * a bed, restricted, or to be dissolved stays off it; one in the shed that nothing bars is always a choice. Where the office
 * knows prices, only what it has a price of can be bought.
 *
 * @param areaIds the areas that share the bags; of those without an answer there is nothing to solve
 */
export function mixProblem(
  kase: Case,
  { areas }: Recommendation,
  areaIds: ReadonlySet<string>,
  guides: readonly Guide[],
  products: readonly Product[],
  shelf: Shelf,
  local: Local = anywhere,
): MixProblem {
  const grounds = areas.flatMap((found): Grounds[] => {
    const area = kase.areas.find(({ id }) => id === found.areaId)!
    const feeding =
      found.answer && areaIds.has(area.id) && feedingFor(kase, inSeason(area, kase.season), guides, products, local)
    return feeding ? [{ found, feeding, needs: majorsOf(found.answer!) }] : []
  })
  const shed = lbInShed(kase.shed, products)
  const priced = hasPrices(shelf)
  const candidates = products.filter(isFertilizer).map((material): MixProduct => {
    const { grade, organic } = material.feeding
    return {
      ref: productRef(material),
      bags: bagsOf(material, shelf).filter(({ price }) => !priced || price !== null),
      shed: shed.get(productRef(material)) ?? 0,
      organic: organic === true,
      phosphorus: grade['P₂O₅'] > 0,
      feeds: grounds.map((ground) => feedsOn(material, ground, shed.has(productRef(material)))),
      label: byNutrient((nutrient) => grade[nutrient] / 100),
    }
  })
  const serving = candidates.filter(({ feeds }) => feeds.some(Boolean))
  const there = serving.filter(({ bags, shed: lb }) => bags.length > 0 || lb > 0)
  const away = (ref: ProductRef) => Object.hasOwn(shelf, ref) && shelf[ref]!.away
  const unpriced = serving.filter((one) => !there.includes(one) && !away(one.ref)).length
  return { areas: grounds.map(areaOf), products: there, unpriced }
}

interface Grounds {
  readonly found: AreaRecommendation
  readonly feeding: Feeding
  readonly needs: readonly Need<MajorNutrient>[]
}

/** A record of the three. */
export const byNutrient = <T>(of: (nutrient: MajorNutrient) => T) =>
  Object.fromEntries(majorNutrients.map((nutrient) => [nutrient, of(nutrient)])) as Readonly<Record<MajorNutrient, T>>

const areaOf = ({ found, feeding, needs }: Grounds): MixArea => ({
  id: found.areaId,
  size: feeding.area.value.v,
  needs: byNutrient((nutrient) => lbNeeded(needs.find(({ of }) => of === nutrient)!) ?? null),
  most: byNutrient((nutrient) => (mostPrinted[nutrient] * feeding.area.value.v) / 1_000),
})

function feedsOn(material: Fertilizer, { feeding, needs }: Grounds, there: boolean): MixProduct['feeds'][number] {
  if (!mayGo(material, needs, feeding, there)) return null
  const pH = feeding.read.soil.pH?.v
  const fed = byNutrient((nutrient) => (material.feeding.grade[nutrient] / 100) * firstYearOf(material, nutrient, pH))
  return majorNutrients.some((nutrient) => fed[nutrient] > 0) ? fed : null
}
