import { feeds, type Product } from '../shelf/product'
import type { Sentence } from '../sentence/sentence'
import type { MajorNutrient, Nutrient } from '../units/quantity'
import type { Derived, Working } from '../units/workings'
import type { Interval, Passes, Window } from '../needs/split'

/** One thing on one area for one need, in all of its passes. */
export interface Treatment {
  /** `area/need`: the same while area and need stay, whatever is edited elsewhere. */
  readonly key: string
  readonly areaId: string
  /** The need that it answers; a product's reference where it is one of a mix. */
  readonly need: string
  readonly product: Product | null
  /** What it is put on for, where its name does not say; or the nutrient itself, while no product is chosen. */
  readonly nutrient: Nutrient | null
  /** lb in all of its passes. */
  readonly all: Derived
  /** lb in one pass; of what goes on before planting, where that is more or less. */
  readonly each: Derived
  readonly first?: Derived
  /** Weight of a bag, lb, where it is a product. */
  readonly bagLb: number | null
  /** Null: it goes on once, and nothing dates or parts it. */
  readonly passes: Passes | null
  /** How it goes on while nothing stands there that forbids it. */
  readonly how: How
  /** The most of it in one pass, where it takes several: lb per 1,000 ft². */
  readonly cap: Working | null
  readonly why: Sentence
  readonly after: readonly After[]
  /** The nutrient that decides how much of a product it takes, where one does. */
  readonly meets?: MajorNutrient
  /** What a chosen bag leaves short of a need: it keeps off the bag's own passes where grass takes them apart. */
  readonly leftShort?: true
  /** It goes on with a fertilizer that was named with it, on its days. */
  readonly withNitrogen?: true
  /** Which passes of the plan these are, where they are not all of it. */
  readonly numbers?: readonly number[]
}

/** How one pass goes on. */
export interface How {
  /**
   * Into the soil; on its surface and watered in; under the mulch of standing plants; beside the rows; or evenly over the
   * ground, of what is too little to say more of.
   */
  readonly by: 'working-in' | 'surface' | 'under-mulch' | 'beside-rows' | 'spreading'
  /** Worked in so deep, in; null where that is left open, and where nothing is worked in. */
  readonly deep: number | null
  /** A second digging in the same preparation of the ground. */
  readonly again?: true
}

/** What has to be on the ground before, and how long: the least, in days. */
export interface After {
  readonly need: 'lime'
  readonly days: number
}

/** One product, on one area, once. */
export interface Pass {
  /** `area/need/n`. */
  readonly key: string
  readonly areaId: string
  readonly need: string
  readonly n: number
  readonly product: Product | null
  readonly nutrient: Nutrient | null
  /** lb */
  readonly amount: Derived
  /** lb of what a label states of it, in this pass. */
  readonly carries: Readonly<Partial<Record<Nutrient, number>>>
  /** When it is due, where the crop says. */
  readonly window: Window | null
  /** From the pass before it, the least. */
  readonly interval: Interval
  /** As its day has it. */
  readonly how: How
  readonly after: readonly After[]
  readonly why: Sentence
}

/** Every pass of a treatment, in order. Of very many the first, as they are listed. */
export function passesOf({ key, passes, first, each, all, product, numbers, ...of }: Treatment): readonly Pass[] {
  const { areaId, need, nutrient, how, after, why } = of
  const same = { areaId, need, nutrient, product, after, why }
  const early = passes?.firsts?.count ?? 0
  const dressings = passes?.dressings ?? [{ window: null }]
  return dressings.map(({ window }, i): Pass => {
    const amount = passes === null ? all : i < early ? first! : each
    const n = numbers?.[i] ?? i + 1
    const follows = i > 0 && (numbers?.[i - 1] ?? i) === n - 1
    const again = passes?.together !== undefined && follows && n % passes.together === 0
    const interval = i === 0 ? null : again ? samePreparation : (passes?.interval ?? null)
    const by = again ? { ...how, again } : how
    return { ...same, key: `${key}/${n}`, n, amount, carries: carriedBy(product, amount), window, interval, how: by }
  })
}

/** Half goes on before the ground is turned, half after. */
const samePreparation: Interval = { days: 0 }

/** lb of each nutrient on the label. */
function carriedBy(product: Product | null, amount: Derived): Pass['carries'] {
  if (!product || !feeds(product)) return {}
  const { grade, also } = product.feeding
  return Object.fromEntries(
    Object.entries({ ...grade, ...also }).flatMap(([nutrient, percent]) =>
      percent > 0 ? [[nutrient, (amount.value.v * percent) / 100]] : [],
    ),
  )
}
