import type { MajorNutrient } from '../units/quantity'
import type { ProductRef } from '../shelf/product'
import { counts, modelOf, serves, type Layout, type Model } from './model'
import { byNutrient, type MixProblem } from './problem'
import { type Aim } from '../case/applications'
import { tolerance } from '../bags/tolerance'

/** What a solver makes of a model. */
export interface Solved {
  /** The value of every column; null where none was found. */
  readonly values: readonly number[] | null
  readonly objective: number
  /** How far from the best the found one may be, as a share of it; 0 where it is the best. */
  readonly gap: number
}

/** Any solver of mixed-integer programs. */
export type Solver = (model: Model, limits: Limits) => Solved

/** When a solver may stop: after so many seconds, or so close to the best, as a share of it. */
export interface Limits {
  readonly seconds: number
  readonly gap: number
}

export interface Solution {
  readonly aim: Aim
  readonly takes: readonly { readonly areaId: string; readonly product: ProductRef; readonly lb: number }[]
  readonly bags: readonly {
    readonly product: ProductRef
    /** lb */
    readonly bagLb: number
    readonly count: number
    /** Of all of them; null where the price is not known. */
    readonly cost: number | null
  }[]
  readonly fromShed: readonly { readonly product: ProductRef; readonly lb: number }[]
  /** lb left of what was bought, by product. */
  readonly left: readonly { readonly product: ProductRef; readonly lb: number }[]
  /** Needs that are missed by more than the tolerance. */
  readonly missed: readonly Missed[]
  /** The rule of its aim without which less would be missed; null where nothing is, or the rule is not why. */
  readonly freedBy: Release | null
  readonly gap: number
}

export interface Missed {
  readonly areaId: string
  readonly nutrient: MajorNutrient
  readonly side: 'short' | 'over'
  /** lb away from the need. */
  readonly lb: number
  /** The same as a share of the need; null where none is wanted. */
  readonly share: number | null
}

/** What an aim forbids: a second product, buying, any product but its own. */
export type Release = 'second-product' | 'buying' | 'any-product'

/** Shares of the objective below which two mixes are equally good: of what to buy, and of how it is shared out. */
const closeEnough = 5e-4
const closeInSharing = 1e-2

/** Seconds that one solve may take. */
export const mostSeconds = 8

/**
 * Mixes of one problem by any aim, each solved once; null where an aim has nothing to choose from. Where a need is missed,
 * the fewest products, which no rule of an aim binds, tell whether that rule is why.
 */
export function mixesOf(problem: MixProblem, solver: Solver, seconds = mostSeconds): (aim: Aim) => Solution | null {
  const known = new Map<Aim, Found | null>()
  const found = (aim: Aim): Found | null => {
    if (!known.has(aim)) known.set(aim, solvedAs(problem, aim, solver, seconds))
    return known.get(aim)!
  }
  return (aim) => {
    const one = found(aim)
    const release = one && one.missed.length > 0 ? releases[aim] : undefined
    return one && { ...one, freedBy: release && missesLess(found('fewest'), one) ? release : null }
  }
}

/** A mix by one aim alone. */
export const solveMix = (problem: MixProblem, aim: Aim, solver: Solver): Solution | null =>
  mixesOf(problem, solver)(aim)

type Found = Omit<Solution, 'freedBy'>

function solvedAs(problem: MixProblem, aim: Aim, solver: Solver, seconds: number): Found | null {
  if (problem.areas.length === 0 || !problem.products.some((one) => serves(one, aim))) return null
  const { model, layout } = modelOf(problem, aim)
  if (layout.spread.length === 0) return null
  const { values, gap } = solver(model, { seconds, gap: closeEnough })
  if (!values) return null
  const counts = new Map(
    layout.bags.map(({ product, bag, column }) => [`${product} ${bag}`, Math.round(values[column]!)]),
  )
  const sharing = modelOf(problem, aim, (product, bag) => counts.get(`${product} ${bag}`) ?? 0)
  const shared = solver(sharing.model, { seconds, gap: closeInSharing }).values
  // Of what is bought there is always a way to share it; if none was found in time, the first one stands.
  return shared ? readBack(problem, aim, sharing.layout, shared, gap) : readBack(problem, aim, layout, values, gap)
}

/** Less than this is none: what a solver leaves of its own tolerance, lb. */
const dust = 1e-6

function readBack(
  { areas, products }: MixProblem,
  aim: Aim,
  layout: Layout,
  values: readonly number[],
  gap: number,
): Found {
  const at = (column: number) => (values[column]! > dust ? values[column]! : 0)
  const takes = layout.spread.flatMap(({ product, area, column }) =>
    at(column) > 0 ? [{ areaId: areas[area]!.id, product: products[product]!.ref, lb: at(column) }] : [],
  )
  const bags = layout.bags.flatMap(({ product, bag, column }) => {
    const { ref, bags: sold } = products[product]!
    const { lb, price } = sold[bag]!
    const count = Math.round(values[column]!)
    return count > 0 ? [{ product: ref, bagLb: lb, count, cost: price === null ? null : price * count }] : []
  })
  const used = (ref: ProductRef) => takes.reduce((sum, one) => sum + (one.product === ref ? one.lb : 0), 0)
  const fromShed = layout.shed.flatMap(({ product }) => {
    const { ref, shed } = products[product]!
    // What is there goes first, however the solver shared it out.
    const lb = Math.min(shed, used(ref))
    return lb > 0 ? [{ product: ref, lb }] : []
  })
  const refs = [...new Set(bags.map(({ product }) => product))]
  const left = refs.map((product) => ({
    product,
    lb: Math.max(
      0,
      bags.reduce((sum, one) => sum + (one.product === product ? one.count * one.bagLb : 0), 0) +
        (fromShed.find((one) => one.product === product)?.lb ?? 0) -
        used(product),
    ),
  }))
  return { aim, takes, bags, fromShed, left, missed: missedBy(areas, products, takes, aim), gap }
}

/** lb of a nutrient that feed an area, which is so many-th of its problem, in what is put on it. */
const fedBy = (
  takes: Solution['takes'],
  products: MixProblem['products'],
  areaId: string,
  a: number,
  nutrient: MajorNutrient,
): number =>
  takes
    .filter((one) => one.areaId === areaId)
    .reduce((sum, { product, lb }) => sum + lb * products.find(({ ref }) => ref === product)!.feeds[a]![nutrient], 0)

/** What every area of a problem needs of each nutrient, and is given by a mix, lb. */
export const givenBy = ({ areas, products }: MixProblem, { takes }: Pick<Solution, 'takes'>) =>
  areas.map(({ id, needs }, a) => ({
    areaId: id,
    of: byNutrient((nutrient) => ({ need: needs[nutrient], given: fedBy(takes, products, id, a, nutrient) })),
  }))

/** What of the needs that an aim counts lies beyond the tolerance, reckoned from what is put on. */
function missedBy(
  areas: MixProblem['areas'],
  products: MixProblem['products'],
  takes: Solution['takes'],
  aim: Aim,
): readonly Missed[] {
  return areas.flatMap(({ id, needs, size }, a) =>
    (Object.keys(needs) as MajorNutrient[]).flatMap((nutrient): Missed[] => {
      const need = needs[nutrient]
      if (!counts(need, nutrient, aim)) return []
      const off = fedBy(takes, products, id, a, nutrient) - need
      const within = tolerance[nutrient]
      // Beside a bag of hundreds of pounds a trace of phosphate is none.
      const allowed = need > 0 ? (off < 0 ? within.short : within.over) * need : (trace * size) / 1_000
      if (Math.abs(off) <= allowed * (1 + 1e-6) + dust) return []
      const side = off < 0 ? 'short' : 'over'
      return [{ areaId: id, nutrient, side, lb: Math.abs(off), share: need > 0 ? Math.abs(off) / need : null }]
    }),
  )
}

/** lb per 1,000 ft² of what nobody needs that is not worth a word. */
const trace = 0.02

/** The rule that an aim adds, which would have to be given up. */
const releases: Readonly<Partial<Record<Aim, Release>>> = {
  single: 'second-product',
  shed: 'buying',
  organic: 'any-product',
  'no-phosphorus': 'any-product',
  cheapest: 'any-product',
}

/** Whether another mix misses less of the needs, by more than a tolerance. */
function missesLess(other: Found | null, than: Found): boolean {
  const sum = ({ missed }: Found) => missed.reduce((total, one) => total + (one.share ?? 1), 0)
  return other !== null && sum(other) < sum(than) - tolerance.N.short
}
