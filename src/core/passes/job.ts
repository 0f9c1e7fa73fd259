import type { Case } from '../case/case'
import { isStale } from '../mix/standing'
import { majorsOf, minorsOf, type What } from '../needs/need'
import { doseOf } from '../needs/reaction'
import { broughtBy, fedWith, namedFrom, type Fed } from '../bags/chosen'
import { bringsN, houseKey } from '../bags/house'
import type { Supply } from '../bags/supply'
import { isEnough } from '../bags/tolerance'
import type { Answer, AreaRecommendation, Recommendation } from '../recommend'
import { feeds, productRef, type Product } from '../shelf/product'
import { bagFor, type Shelf } from '../shelf/shelf'
import { say } from '../sentence/sentence'
import type { MajorNutrient } from '../units/quantity'
import { derive, type Derived } from '../units/workings'
import type { After, How, Treatment } from './pass'
import { partOf, type Passes } from '../needs/split'
import { standingsOf, type Standing } from './standing'

export interface AreaJob {
  readonly areaId: string
  /** The whole plan, done or not. */
  readonly treatments: readonly Treatment[]
  /** How each of them stands, by its key: what was put on, and what is still to do. */
  readonly standings: ReadonlyMap<string, Standing>
}

/** What is still to be put on. */
export const leftIn = ({ treatments, standings }: AreaJob): readonly Treatment[] =>
  treatments.flatMap(({ key }) => standings.get(key)?.left ?? [])

/** What is put on the ground of a case, undated. */
export interface Job {
  /** In the order of the case. */
  readonly areas: readonly AreaJob[]
  /** The mix that was taken stands for other needs than today's: none of it is put on. */
  readonly staleMix: boolean
}

/**
 * The job of a case: what every need becomes in the products chosen, the mix that was taken among them. Pure.
 *
 * @param recommendation that of this very case
 * @param products the products that it names, the office's own among them
 * @param shelf what is sold in the office's shops
 */
export function job(
  kase: Case,
  recommendation: Pick<Recommendation, 'areas'>,
  products: readonly Product[],
  shelf: Shelf = {},
): Job {
  const staleMix = isStale(kase, recommendation, products)
  const planned = kase.areas.map((area) => {
    const found = recommendation.areas.find(({ areaId }) => areaId === area.id)!
    return found.answer ? treatmentsOf(found as Answered, staleMix) : []
  })
  const bagged = inBagsSold(planned.flat(), shelf)
  return {
    areas: kase.areas.map((area, i): AreaJob => {
      const treatments = planned[i]!.map(bagged)
      return { areaId: area.id, treatments, standings: standingsOf(kase, area, treatments, products) }
    }),
    staleMix,
  }
}

/** A product comes in one bag on all areas: as it is sold here, unless somebody typed another; those of a mix have their own. */
function inBagsSold(all: readonly Treatment[], shelf: Shelf): (one: Treatment) => Treatment {
  const lb = new Map<Product, number>()
  for (const { product, all: amount } of all) if (product) lb.set(product, (lb.get(product) ?? 0) + amount.value.v)
  return (one) => {
    const { product, bagLb, need } = one
    if (!product || bagLb !== product.bagLb || need === productRef(product)) return one
    const bag = bagFor(product, lb.get(product)!, shelf)
    return bag.lb === bagLb ? one : { ...one, bagLb: bag.lb }
  }
}

const surface: How = { by: 'surface', deep: null }

type Answered = AreaRecommendation & { readonly answer: Answer }

/** Days from lime to what would lose its ammonia to it, and on acid ground to phosphate. Source: common practice. */
export const fromLime = { ammonium: 14, phosphate: 30 } as const

/** Lime or sulfur, what carries the minor elements, then the fertilizers chosen, or the bare nutrients where none is. */
function treatmentsOf({ areaId, answer, planted, use }: Answered, staleMix: boolean): readonly Treatment[] {
  const lies: How = { by: use === 'planting' ? 'under-mulch' : 'surface', deep: null }
  const feeds: How = planted ? surface : { by: 'working-in', deep: null }
  const limed = answer.reaction.outcome === 'lime'
  const treatment = (need: string, plain: Plain): Treatment => {
    const { passes, all } = plain
    const [each, first] = passes ? [passes.each, passes.firsts?.each] : [all, undefined]
    const after = limed ? afterLime(plain) : []
    return { key: `${areaId}/${need}`, areaId, need, each, first, cap: null, after, ...plain }
  }
  return [
    ...reactionTreatment(answer, lies).map((plain) => treatment(answer.reaction.need!.of, plain)),
    ...carriers(answer).map(([need, plain]) => treatment(need, plain)),
    ...fertilizers(answer, feeds, staleMix).map(([need, plain]) => treatment(need, plain)),
  ]
}

type Plain = Pick<Treatment, 'product' | 'nutrient' | 'all' | 'bagLb' | 'passes' | 'how' | 'why'> &
  Partial<Pick<Treatment, 'cap' | 'meets' | 'leftShort' | 'withNitrogen'>>

function afterLime({ product, nutrient }: Plain): readonly After[] {
  const ammonium = product ? feeds(product) && product.feeding.ammonium : nutrient === 'N'
  const phosphate = product ? feeds(product) && product.feeding.grade['P₂O₅'] > 0 : nutrient === 'P₂O₅'
  if (phosphate) return [{ need: 'lime', days: fromLime.phosphate }]
  return ammonium ? [{ need: 'lime', days: fromLime.ammonium }] : []
}

function reactionTreatment({ reaction }: Answer, lies: How): readonly Plain[] {
  const dose = doseOf(reaction)
  if (!dose) return []
  const { passes, product, into, why } = dose
  return [
    {
      product: product.material,
      nutrient: null,
      all: product.amount,
      bagLb: product.bagLb,
      passes,
      how: into.dugTo === null ? lies : { by: 'working-in', deep: into.dugTo },
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
      how: { by: 'spreading', deep: null },
      why,
    }
    return [[of, plain] as const]
  })

/**
 * The mix that was taken, else the one fertilizer, else those of the office; with what these add to what was chosen, and
 * what is still short as such.
 */
function fertilizers(answer: Answer, how: How, staleMix: boolean): readonly (readonly [string, Plain])[] {
  const fed = fedWith(answer, staleMix)
  if (!fed.mix && !fed.one && !fed.named)
    return majorsOf(answer).flatMap(({ of, amount, passes, why }) =>
      passes && amount
        ? [[of, { product: null, nutrient: of, all: amount, bagLb: null, passes, how, why } as const]]
        : [],
    )
  return [...chosen(fed, how), ...housed(fed, how), ...shortOf(answer, broughtBy(fed), how)]
}

function chosen({ mix, one }: Fed, how: How): readonly (readonly [string, Plain])[] {
  if (mix)
    return mix.products.map(({ material, amount, passes }) => [
      productRef(material),
      inBags(material, material.bagLb, amount, passes, how),
    ])
  if (!one) return []
  const { amount, passes, meets } = one.mix
  return [['fertilizer', { ...inBags(one.material, one.bagLb, amount, passes, how), meets }]]
}

/**
 * What is named, as it is planned: beside what was chosen it keeps off the days of that where grass takes them apart;
 * what of it brings no nitrogen goes with what does.
 */
function housed(fed: Fed, how: How): readonly (readonly [string, Plain])[] {
  const products = fed.named?.products ?? []
  const from = namedFrom(fed)
  return products.map((one, i) => {
    const { material, amount, passes, meets } = one
    const goesWith = !bringsN(one) && products.some(bringsN) ? ({ withNitrogen: true } as const) : {}
    const apart = from > 0 ? { leftShort: true as const } : goesWith
    return [houseKey(i + from), { ...inBags(material, material.bagLb, amount, passes, how), meets, ...apart }]
  })
}

const inBags = (product: Product, bagLb: number, all: Derived, passes: Passes, how: How): Plain => ({
  product,
  nutrient: null,
  all,
  bagLb,
  passes,
  how,
  why: say('mix.chosen'),
})

/** What the chosen bags leave short, in the passes and windows of its own need. */
const shortOf = (answer: Answer, supplies: readonly Supply[], how: How): readonly (readonly [MajorNutrient, Plain])[] =>
  supplies.flatMap(({ nutrient, supplied, wanted }) => {
    if (wanted === 'none' || wanted === 'unknown' || isEnough(nutrient, supplied.value.v, wanted.value.v)) return []
    const why = say('mix.left-short', { nutrient })
    const all = derive(`lb ${nutrient}`, 'wanted - supplied', { wanted, supplied }, why, 'arithmetic')
    const whole = majorsOf(answer).find(({ of }) => of === nutrient)?.passes
    const passes = whole ? partOf(nutrient, whole, all) : null
    return [[nutrient, { product: null, nutrient, all, bagLb: null, passes, how, why, leftShort: true }] as const]
  })
