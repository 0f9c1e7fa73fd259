import type { Case } from '../case/case'
import { isStale } from '../mix/standing'
import { majorsOf, minorsOf, type What } from '../needs/need'
import { doseOf } from '../needs/reaction'
import type { Supply } from '../mix/supply'
import type { Answer, AreaRecommendation, Recommendation } from '../recommend'
import { feeds, productRef, type Product } from '../shelf/product'
import { shippedProducts } from '../shelf/products'
import { say, type Sentence } from '../told/sentence'
import type { MajorNutrient, Nutrient } from '../units/quantity'
import { derive, type Derived, type Working } from '../workings'
import type { Interval, Passes, Window } from './split'

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
  /** How it goes, where it goes on once. */
  readonly once: 'worked-in' | 'on-surface' | 'then-retest' | 'spread' | 'this-year'
  /** Worked in so deep, in; 0 for the surface; null where that is left open. */
  readonly dugTo: number | null
  /** The most of it in one pass, where it takes several: lb per 1,000 ft². */
  readonly cap: Working | null
  readonly why: Sentence
  readonly after: readonly After[]
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
  readonly dugTo: number | null
  readonly after: readonly After[]
  readonly why: Sentence
}

export interface AreaJob {
  readonly areaId: string
  readonly treatments: readonly Treatment[]
}

/** What is put on the ground of a case, undated: every station after Amounts goes by it. */
export interface Job {
  readonly areas: readonly AreaJob[]
  /** The mix that was taken stands for other needs than today's: none of it is put on. */
  readonly staleMix: boolean
}

/**
 * The job of a case: what every need becomes in the products chosen, the mix that was taken among them. Pure.
 *
 * @param recommendation that of this very case
 * @param products the products that it names, the office's own among them
 */
export function job(
  kase: Case,
  recommendation: Pick<Recommendation, 'areas'>,
  products: readonly Product[] = shippedProducts,
): Job {
  const staleMix = isStale(kase, recommendation, products)
  return {
    areas: recommendation.areas.flatMap((found) =>
      found.answer ? [{ areaId: found.areaId, treatments: treatmentsOf(found as Answered, staleMix) }] : [],
    ),
    staleMix,
  }
}

type Answered = AreaRecommendation & { readonly answer: Answer }

/** Every pass of a treatment, in order. Of very many the first, as they are listed. */
export function passesOf({ key, passes, first, each, all, product, ...of }: Treatment): readonly Pass[] {
  const { areaId, need, nutrient, dugTo, after, why } = of
  const same = { areaId, need, nutrient, product, dugTo, after, why }
  const early = passes?.firsts?.count ?? 0
  const dressings = passes?.dressings ?? [{ window: null }]
  return dressings.map(({ window }, i): Pass => {
    const amount = passes === null ? all : i < early ? first! : each
    const interval = i > 0 ? (passes?.interval ?? null) : null
    return { ...same, key: `${key}/${i + 1}`, n: i + 1, amount, carries: carriedBy(product, amount), window, interval }
  })
}

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

/** Days from lime to what would lose its ammonia to it, and on acid ground to phosphate. Source: common practice. */
const fromLime = { ammonium: 14, phosphate: 30 } as const

/** Lime or sulfur, what carries the minor elements, then the fertilizers chosen, or the bare nutrients where none is. */
function treatmentsOf({ areaId, answer, planted }: Answered, staleMix: boolean): readonly Treatment[] {
  const limed = answer.reaction.outcome === 'lime'
  const treatment = (need: string, plain: Plain): Treatment => {
    const { passes, all } = plain
    const [each, first] = passes ? [passes.each, passes.firsts?.each] : [all, undefined]
    const after = limed ? afterLime(plain) : []
    return { key: `${areaId}/${need}`, areaId, need, each, first, dugTo: null, cap: null, after, ...plain }
  }
  return [
    ...reactionTreatment(answer, planted).map((plain) => treatment(answer.reaction.need!.of, plain)),
    ...carriers(answer).map(([need, plain]) => treatment(need, plain)),
    ...fertilizers(answer, planted, staleMix).map(([need, plain]) => treatment(need, plain)),
  ]
}

type Plain = Pick<Treatment, 'product' | 'nutrient' | 'all' | 'bagLb' | 'passes' | 'once' | 'why'> &
  Partial<Pick<Treatment, 'dugTo' | 'cap'>>

function afterLime({ product, nutrient }: Plain): readonly After[] {
  const ammonium = product ? feeds(product) && product.feeding.ammonium : nutrient === 'N'
  const phosphate = product ? feeds(product) && product.feeding.grade['P₂O₅'] > 0 : nutrient === 'P₂O₅'
  if (phosphate) return [{ need: 'lime', days: fromLime.phosphate }]
  return ammonium ? [{ need: 'lime', days: fromLime.ammonium }] : []
}

function reactionTreatment({ reaction }: Answer, planted: boolean): readonly Plain[] {
  const dose = doseOf(reaction)
  if (!dose) return []
  const { passes, product, of, into, why } = dose
  return [
    {
      product: product.material,
      nutrient: null,
      all: product.amount,
      bagLb: product.bagLb,
      passes,
      once: of === 'sulfur' ? 'then-retest' : planted ? 'on-surface' : 'worked-in',
      dugTo: into.dugTo ?? 0,
      cap: passes.count > 1 ? passes.why.inputs.cap! : null,
      why,
    },
  ]
}

/** What carries each minor element, or the element itself where no product is settled on. */
const carriers = (answer: Answer): readonly (readonly [What, Plain])[] =>
  minorsOf(answer).flatMap(({ of, outcome, amount, product, why }) => {
    if (outcome !== 'apply' || !amount) return []
    const plain: Plain = {
      product: product?.material ?? null,
      nutrient: of,
      all: product?.amount ?? amount,
      bagLb: product?.bagLb ?? null,
      passes: null,
      once: product ? 'spread' : 'this-year',
      why,
    }
    return [[of, plain] as const]
  })

/** The mix that was taken, else the one fertilizer, with what they leave short; else what is needed as such. */
function fertilizers(answer: Answer, planted: boolean, staleMix: boolean): readonly (readonly [string, Plain])[] {
  const { fertilizer, mixed } = answer
  if (mixed && !staleMix && mixed.barred.length === 0) {
    const chosen = mixed.products.map(
      ({ material, amount, passes }) =>
        [productRef(material), inBags(material, material.bagLb, amount, passes, planted)] as const,
    )
    return [...chosen, ...shortOf(mixed.supplies)]
  }
  if (!mixed && fertilizer?.mix.ok && fertilizer.mix.value.barred.length === 0) {
    const { amount, passes, supplies } = fertilizer.mix.value
    const chosen = inBags(fertilizer.material, fertilizer.bagLb, amount, passes, planted)
    return [['fertilizer', chosen], ...shortOf(supplies)]
  }
  return majorsOf(answer).flatMap(({ of, amount, passes, why }) =>
    passes && amount
      ? [[of, { product: null, nutrient: of, all: amount, bagLb: null, passes, once: 'this-year', why } as const]]
      : [],
  )
}

const inBags = (product: Product, bagLb: number, all: Derived, passes: Passes, planted: boolean): Plain => ({
  product,
  nutrient: null,
  all,
  bagLb,
  passes,
  once: planted ? 'on-surface' : 'worked-in',
  why: say('mix.chosen'),
})

/** So much of a need may be missing before it is worth a line of its own. Source: common practice. */
const enough = 0.9

/** What the chosen bags leave short. */
const shortOf = (supplies: readonly Supply[]): readonly (readonly [MajorNutrient, Plain])[] =>
  supplies.flatMap(({ nutrient, supplied, wanted }) => {
    if (wanted === 'none' || wanted === 'unknown' || supplied.value.v >= enough * wanted.value.v) return []
    const all = derive(
      `lb ${nutrient}`,
      'wanted - supplied',
      { wanted, supplied },
      say('mix.left-short', { nutrient }),
      'arithmetic',
    )
    const why = say('mix.left-short', { nutrient })
    return [[nutrient, { product: null, nutrient, all, bagLb: null, passes: null, once: 'this-year', why }] as const]
  })
