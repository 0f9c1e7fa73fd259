import { isApplied, lbNeeded, type Need } from '../needs/need'
import { mostPrinted } from '../needs/hold'
import type { Feeding } from '../needs/nutrients/method'
import { say } from '../sentence/sentence'
import type { HouseGroup } from '../shelf/house'
import type { Fertilizer } from '../shelf/product'
import { majorNutrients, type MajorNutrient } from '../units/quantity'
import { overArea } from '../units/rates'
import { derive, type Derived } from '../units/workings'
import { fertilizerPasses, type Spread } from './fertilizers'
import { mayGo } from './one-fertilizer'
import { firstYearOf, shareOf, suppliesOf, type Supply, type Weighed } from './supply'
import { leadOf, type Mixed } from './taken'
import { isEnough, tolerance, wholeWhereNone } from './tolerance'

/** One of the fertilizers that are named where nobody chose any, with the need that it is measured out by. */
export interface Housed extends Mixed {
  readonly meets: MajorNutrient
}

/** A fertilizer in so many lb, as plain numbers. */
export interface Part {
  readonly material: Fertilizer
  readonly meets: MajorNutrient
  /** For the area. */
  readonly lb: number
}

/** What an office's fertilizers make of the needs of an area. */
export interface HouseChoice {
  readonly products: readonly Housed[]
  /** What they bring, with what was chosen before them. */
  readonly supplies: readonly Supply[]
  /** The next best, each led by another product. */
  readonly next: readonly (readonly Part[])[]
}

/** The group whose products an area is fed with. */
export function groupOf({ crop, settings }: Pick<Feeding, 'crop' | 'settings'>): HouseGroup {
  if (crop.use === 'lawn') return settings.newLawn ? 'newLawn' : 'lawn'
  if (crop.use === 'container') return 'mix'
  if (crop.acidRequiring || crop.ammoniumOnly) return 'acid'
  if (crop.use === 'plot') return 'plots'
  return crop.use === 'planting' ? 'plantings' : 'beds'
}

/** Others that are shown beside the one that is named. */
const shownBeside = 3

/** Products beyond the first that one area may take. */
const mostBeside = 2

/**
 * Names fertilizers for the needs of an area: one where one is near enough, else as few as meet them, each measured out
 * by a need that those before it left. Null where nothing is wanted, or none of them may go here.
 *
 * @param house the office's, in its order
 * @param there what was chosen for the area already: only what that leaves short is met
 */
export function houseChoice(
  house: readonly Fertilizer[],
  there: readonly Spread[],
  needs: readonly Need<MajorNutrient>[],
  feeding: Feeding,
): HouseChoice | null {
  const ways = [...groundOf(house, there, needs, feeding).ways]
    .sort((a, b) => a.score - b.score)
    .filter((way, i, all) => all.findIndex((one) => isAlike(one, way)) === i)
  const [best, ...others] = ways
  if (!best) return null
  const products = measuredOut(best.parts, there, needs, feeding)
  return {
    products,
    supplies: suppliesOf([...there, ...products], needs, feeding.read.soil.pH?.v),
    next: others.slice(0, shownBeside).map(({ parts }) => parts),
  }
}

/**
 * Nothing speaks against a product here. The potash of a blend is most often muriate, so that none is named for what shuns
 * chloride (common practice); whoever has read its label may choose it.
 */
export function mayBeNamed(one: Fertilizer, needs: readonly Need<MajorNutrient>[], feeding: Feeding): boolean {
  const { blend, grade } = one.feeding
  return !(feeding.crop.shunsChloride && blend && grade['K₂O'] > 0) && mayGo(one, needs, feeding, false)
}

/** They begin with the same product, or are the same in another order. */
const isAlike = (a: Way, b: Way): boolean =>
  a.parts[0]!.material === b.parts[0]!.material ||
  (a.parts.length === b.parts.length &&
    a.parts.every(({ material }) => b.parts.some((one) => one.material === material)))

/** lb of N, P₂O₅ and K₂O. */
type Amounts = readonly [number, number, number]

interface Candidate {
  readonly material: Fertilizer
  /** lb that feed in the first year, and that the label states, in one lb. */
  readonly fed: Amounts
  readonly label: Amounts
}

interface Way {
  readonly parts: readonly Part[]
  /** lb that feed, and that the labels state. */
  readonly brought: Amounts
  readonly put: Amounts
  /** How far down the office's list its products stand, added up. */
  readonly places: number
  /** However it is gone on with, it counts no less. */
  readonly least: number
  readonly score: number
}

const amounts = (of: (nutrient: MajorNutrient) => number): Amounts => [of('N'), of('P₂O₅'), of('K₂O')]
const plus = (a: Amounts, b: Amounts, times: number): Amounts => [
  a[0] + times * b[0],
  a[1] + times * b[1],
  a[2] + times * b[2],
]
const nothing: Amounts = [0, 0, 0]

/** What a miss counts, in whole needs: little within the tolerance, much beyond it; and each product more. Source: common practice. */
const weights = { within: 0.5, short: 10, over: 4, unwanted: 3, unasked: 0.3, product: 0.35, place: 0.01 } as const

const shortest = majorNutrients.map((nutrient) => tolerance[nutrient].short)
const overmost = majorNutrients.map((nutrient) => tolerance[nutrient].over)

/** The choice in plain numbers: it is made for every area whenever one is edited. */
function groundOf(
  house: readonly Fertilizer[],
  spread: readonly Spread[],
  needs: readonly Need<MajorNutrient>[],
  feeding: Feeding,
) {
  const pH = feeding.read.soil.pH?.v
  const thousands = feeding.area.value.v / 1_000
  const needOf = (nutrient: MajorNutrient) => needs.find(({ of }) => of === nutrient)!
  const wanted = majorNutrients.map((nutrient) => lbNeeded(needOf(nutrient)))
  const applied = majorNutrients.map((nutrient) => isApplied(needOf(nutrient)))
  const whole = majorNutrients.map((nutrient) => wholeWhereNone[nutrient] * thousands)
  const most = majorNutrients.map((nutrient) => mostPrinted[nutrient] * thousands)
  const candidateOf = (material: Fertilizer): Candidate => {
    const label = amounts((nutrient) => material.feeding.grade[nutrient] / 100)
    const share = amounts((nutrient) => firstYearOf(material, nutrient, pH))
    return { material, label, fed: [label[0] * share[0], label[1] * share[1], label[2] * share[2]] }
  }
  const candidates = house.filter((one) => mayBeNamed(one, needs, feeding)).map(candidateOf)
  const sumOf = (of: 'fed' | 'label') =>
    spread.reduce((sum, one) => plus(sum, candidateOf(one.material)[of], one.amount.value.v), nothing)
  const begin: Way = { parts: [], brought: sumOf('fed'), put: sumOf('label'), places: 0, least: 0, score: 0 }

  const isShort = (brought: Amounts, k: number) => applied[k]! && !isEnough(majorNutrients[k]!, brought[k]!, wanted[k]!)
  const shortIn = ({ brought }: Way): readonly number[] => [0, 1, 2].filter((k) => isShort(brought, k))

  /** How far a nutrient is off, in whole needs. */
  function miss(k: number, brought: number): number {
    const want = wanted[k]
    // Of what was not tested, phosphorus is not given on the chance.
    if (want === undefined) return ((k === 1 ? weights.unwanted : weights.unasked) * brought) / whole[k]!
    if (want === 0) return (weights.unwanted * brought) / whole[k]!
    const off = (brought - want) / want
    const bound = off < 0 ? shortest[k]! : overmost[k]!
    const far = Math.abs(off)
    return weights.within * Math.min(far, bound) + (off < 0 ? weights.short : weights.over) * Math.max(0, far - bound)
  }

  /** So much of a product more that a need is met by it; undefined where that is more than any ground is given. */
  function withMore(way: Way, { material, fed, label }: Candidate, k: number, place: number): Way | undefined {
    const lb = fed[k]! > 0 ? (wanted[k]! - way.brought[k]!) / fed[k]! : 0
    if (!(lb > 0)) return undefined
    const put = plus(way.put, label, lb)
    if ([0, 1, 2].some((one) => label[one]! > 0 && put[one]! > most[one]!)) return undefined
    const brought = plus(way.brought, fed, lb)
    const parts = [...way.parts, { material, meets: majorNutrients[k]!, lb }]
    const places = way.places + place
    const used = weights.product * parts.length + weights.place * places
    let [least, score] = [used, used]
    for (let one = 0; one < 3; one += 1) {
      const off = miss(one, brought[one]!)
      score += off
      // What is over stays over.
      if (!(brought[one]! < (wanted[one] ?? 0))) least += off
    }
    return { parts, brought, put, places, least, score }
  }

  /**
   * Adds what brings the others nearest while a need is short and something brings it; undefined where nothing of that
   * counts less than `under`.
   */
  function completed(way: Way, under: number): Way | undefined {
    let best: Way | undefined
    let tried = false
    if (way.parts.length <= mostBeside)
      for (const k of shortIn(way))
        candidates.forEach((one, place) => {
          if (way.parts.some(({ material }) => material === one.material)) return
          const more = withMore(way, one, k, place)
          if (!more) return
          tried = true
          const most = best?.score ?? under
          if (more.least < most) best = completed(more, most) ?? best
        })
    return best ?? (!tried && way.score < under ? way : undefined)
  }

  return {
    ways: shortIn(begin).flatMap((k) =>
      candidates.flatMap((one, place) => {
        const way = withMore(begin, one, k, place)
        return (way && completed(way, Infinity)) ?? []
      }),
    ),
  }
}

/** The same with its workings: each product by what those before it leave of its need, all of them in one walk. */
function measuredOut(
  parts: readonly Part[],
  there: readonly Spread[],
  needs: readonly Need<MajorNutrient>[],
  feeding: Feeding,
): readonly Housed[] {
  const pH = feeding.read.soil.pH?.v
  const spreads: (Spread & Pick<Housed, 'meets'>)[] = []
  for (const { material, meets } of parts) {
    const need = leftOf(meets, [...there, ...spreads], needs, pH)
    const amount = derive(
      'lb product',
      'need / share',
      { need, share: shareOf(material, meets, pH) },
      say('mix.amount', { nutrient: meets }),
      'arithmetic',
    )
    const slow = material.feeding.slowNitrogen
    spreads.push({ material, slow, amount, rate: overArea('product', amount, feeding.area), meets })
  }
  return spreads.map((spread, i): Housed => {
    const { material, amount, rate, meets } = spread
    const lead = bringsN(spread) || !spreads.some(bringsN) ? leadOf(spread, needs) : withFirst(spread, needs)
    const passes = fertilizerPasses(
      spread,
      [...there, ...spreads],
      lead,
      feeding,
      houseKey(there.length > 0 ? i + 1 : i),
    )
    return { material, amount, rate, passes, meets }
  })
}

export const bringsN = ({ material }: Pick<Spread, 'material'>) => material.feeding.grade.N > 0

/** What goes with a fertilizer that brings nitrogen goes on once, in the first of its windows. */
function withFirst(spread: Spread, needs: readonly Need<MajorNutrient>[]): Need<MajorNutrient> | undefined {
  const nitrogen = needs.find(({ of }) => of === 'N')
  if (!isApplied(nitrogen)) return leadOf(spread, needs)
  const { passes } = nitrogen
  return { ...nitrogen, passes: { ...passes, dressings: passes.dressings.slice(0, 1) } }
}

/** What one is planned as, by its place: the first stands where a chosen fertilizer would. */
export const houseKey = (place: number): string => (place === 0 ? 'fertilizer' : `fertilizer-${place + 1}`)

function leftOf(
  meets: MajorNutrient,
  before: readonly Weighed[],
  needs: readonly Need<MajorNutrient>[],
  pH: number | undefined,
): Derived {
  const wanted = needs.find(({ of }) => of === meets)!.amount!
  const { supplied } = suppliesOf(before, needs, pH).find(({ nutrient }) => nutrient === meets)!
  return supplied.value.v > 0
    ? derive(
        `lb ${meets}`,
        'wanted - supplied',
        { wanted, supplied },
        say('mix.left-short', { nutrient: meets }),
        'arithmetic',
      )
    : wanted
}
