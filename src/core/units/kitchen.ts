import {
  cupsPerGallon,
  gramsPerPound,
  mLPerCup,
  ouncesPerPound,
  tablespoonsPerCup,
  teaspoonsPerTablespoon,
} from './factors'

/** A weight as it is read off a scale, with what rounding did to it. */
export interface Weighed {
  readonly lb: number
  /** Rounded less exact, as a share of the exact. */
  readonly error: number
}

/** The same weight as a person carries it. */
export type Measure =
  | {
      readonly kind: 'teaspoons' | 'tablespoons' | 'cups' | 'quarts' | 'litres' | 'millilitres'
      readonly count: number
    }
  /** What a bucket so full holds too much, or too little where it is below 0, as a share of the weight. */
  | { readonly kind: 'buckets'; readonly count: number; readonly error: number }
  | { readonly kind: 'bags'; readonly bags: number; readonly bagLb: number; readonly restLb: number }

const nearest = (value: number, step: number) => Math.round(value / step) * step

/**
 * The steps a scale shows: lb up to which, and the step in lb (US) or g (metric). Source: common practice.
 * Chosen so that rounding stays under 4 % from a quarter ounce up.
 */
const usSteps = [
  [1 / 16, 1 / 1_600],
  [0.25, 1 / 320],
  [1, 1 / 64],
  [10, 1 / 16],
  [20, 1 / 2],
  [500, 1],
  [5_000, 10],
  [Infinity, 50],
] as const
const metricSteps = [
  [20, 0.5],
  [100, 1],
  [1_000, 5],
  [5_000, 50],
  [20_000, 200],
  [100_000, 500],
  [Infinity, 5_000],
] as const

/**
 * Rounds a weight in lb to what a scale shows. Finite and ≥ 0.
 *
 * @example weigh(13.49, 'feet') // { lb: 13.5, error: 0.0007 }
 */
export function weigh(lb: number, measures: 'feet' | 'metres'): Weighed {
  if (lb === 0) return { lb: 0, error: 0 }
  const rounded =
    measures === 'feet'
      ? nearest(lb, usSteps.find(([upTo]) => lb < upTo)![1])
      : nearest(lb * gramsPerPound, metricSteps.find(([upTo]) => lb * gramsPerPound < upTo)![1]) / gramsPerPound
  return { lb: rounded, error: rounded / lb - 1 }
}

const bucketGallons = 5
const cupsPerQuart = 4
/** More cups are counted in quarts, more quarts in five-gallon buckets. */
const [mostCups, mostQuarts] = [12, 20]

/**
 * Turns a weight into spoons, cups, quarts and quarters of five-gallon buckets (to 40 lb), then bags and pounds.
 * In metres: millilitres and litres to 18 kg, then bags.
 *
 * @param lb weight of product, lb
 * @param lbPerCup its density, lb per US cup
 * @param bagLb the bag it comes in, lb
 * @example scoop(0.52, 0.52, 50, 'feet') // { kind: 'cups', count: 1 }
 */
export function scoop(lb: number, lbPerCup: number, bagLb: number, measures: 'feet' | 'metres'): Measure {
  const cups = lb / lbPerCup
  if (lb > 40) {
    const bags = Math.floor(lb / bagLb)
    return { kind: 'bags', bags, bagLb, restLb: lb - bags * bagLb }
  }
  if (measures === 'metres') {
    const mL = cups * mLPerCup
    return mL < 1_000
      ? { kind: 'millilitres', count: nearest(mL, mL < 100 ? 5 : 25) }
      : { kind: 'litres', count: nearest(mL / 1_000, mL < 10_000 ? 0.25 : 1) }
  }
  const tablespoons = cups * tablespoonsPerCup
  if (tablespoons < 0.875) return { kind: 'teaspoons', count: nearest(tablespoons * teaspoonsPerTablespoon, 0.25) }
  if (cups < 0.25) return { kind: 'tablespoons', count: nearest(tablespoons, 0.5) }
  const buckets = cups / (bucketGallons * cupsPerGallon)
  const quarts = cups / cupsPerQuart
  if (cups > mostCups && quarts <= mostQuarts)
    return { kind: 'quarts', count: nearest(quarts, quarts < 10 ? 0.25 : 0.5) }
  if (quarts > mostQuarts) {
    const count = nearest(buckets, 0.25)
    return { kind: 'buckets', count, error: count / buckets - 1 }
  }
  return { kind: 'cups', count: nearest(cups, cups < 6 ? 0.25 : 0.5) }
}

/** Whole pounds, and ounces to a quarter, of a weight. */
export function poundsAndOunces(lb: number): { pounds: number; ounces: number } {
  const quarters = Math.round(lb * ouncesPerPound * 4)
  return { pounds: Math.floor(quarters / 64), ounces: (quarters % 64) / 4 }
}
