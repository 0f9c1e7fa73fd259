import { elementInCompound } from '../units/factors'
import { accept, refuse, say, type Outcome, type Sentence } from '../sentence/sentence'
import { otherNutrients, type MajorNutrient, type OtherNutrient } from '../units/quantity'
import { number, priceOf, read, readBag, weightOf, without } from './bag'
import { limingLabel, productOfLiming, type LimingLabel } from './liming-label'
import type { Fertilizer, Product } from './product'
import type { SoldBag } from './shelf'

/** What a label says of a product. */
export type Label = FertilizerLabel | LimingLabel

export interface FertilizerLabel {
  readonly kind: 'fertilizer'
  /** % by weight, N, P₂O₅ and K₂O. */
  readonly grade: Readonly<Record<MajorNutrient, number>>
  /** % of what else it holds. */
  readonly also: Readonly<Partial<Record<OtherNutrient, number>>>
  /** Share of the nitrogen that is slow; null where it does not say. */
  readonly slow: number | null
  readonly organic: boolean
  readonly ammonium: boolean
  readonly nitrate: boolean
  readonly chloride: boolean
  readonly bag: Pick<SoldBag, 'lb' | 'price'> | null
  /** % that is no nutrient: what carries them, and filler. */
  readonly rest: number
  /** What was understood otherwise than it stands there. */
  readonly remarks: readonly Sentence[]
}

const elements = ['P₂O₅', 'P2O5', 'K₂O', 'K2O', 'N', 'P', 'K', ...otherNutrients] as const

/**
 * A label as it reads: `16-4-8 30 % slow 40 lb $22.50`, `21-0-0-24S`, `5 % N 3 % P2O5 organic`; of lime and sulfur
 * `lime 92 % CCE dolomitic 40 lb $5.20`, `sulfur 90 % 50 lb`. Phosphorus and potassium that are named as elements become
 * the oxides in which labels state them, and it says so.
 */
export const readLabel = (text: string): Outcome<Label> => limingLabel(text) ?? fertilizerLabel(text)

function fertilizerLabel(text: string): Outcome<FertilizerLabel> {
  let left = text.trim()
  const take = (pattern: RegExp) => {
    const found = pattern.exec(left)
    if (found) left = without(left, found[0])
    return found
  }
  const grade = take(
    new RegExp(String.raw`${number}\s*-\s*${number}\s*-\s*${number}((?:\s*-\s*${number}\s*[A-Z][a-z]?)*)(?![\d-])`),
  )
  const slow = take(new RegExp(String.raw`${number}\s*%\s*(?:slow(?:[- ]release)?|srn)`, 'i'))
  const named = new Map<string, number>()
  const parts = new RegExp(
    String.raw`(?:${number}\s*%\s*(${elements.join('|')})|(${elements.join('|')})\s*${number}\s*%)(?![\w₂₅])`,
  )
  for (let found = take(parts); found; found = take(parts))
    named.set(found[2] ?? found[3]!, read(found[1] ?? found[4]!))
  const tail = grade?.[4]?.matchAll(new RegExp(String.raw`${number}\s*([A-Z][a-z]?)`, 'g')) ?? []
  for (const [, percent, element] of tail) named.set(element!, read(percent!))
  const weight = take(weightOf)
  const price = take(priceOf)
  const says = (word: RegExp) => take(word) !== null
  const forms = {
    organic: says(/\borganic\b/i),
    chloride: says(/\b(?:muriate|chloride)\b/i),
    nitrate: says(/\bnitrate\b/i),
    ammonium: says(/\b(?:ammonium|ammoniacal|urea)\b/i),
  }
  left = left.replace(/\b(?:fertilizer|bag|with|and|grade|analysis|for|a)\b|[,;.]/gi, ' ').trim()
  if (left !== '') return refuse('label.unread', { text: left })
  if (!grade && named.size === 0) return refuse('label.empty')
  if (price && !weight) return refuse('label.price-without-size', { text: price[0] })
  const remarks: Sentence[] = []
  const oxide = (nutrient: 'P₂O₅' | 'K₂O', plain: string, element: 'P' | 'K', at: number): number => {
    const stated = named.get(nutrient) ?? named.get(plain) ?? (grade ? read(grade[at]!) : undefined)
    const asElement = named.get(element)
    if (asElement === undefined || stated !== undefined) return stated ?? 0
    const percent = asElement / elementInCompound[`${element} in ${nutrient}` as keyof typeof elementInCompound]
    remarks.push(say('label.element', { element, percent: asElement, oxide: nutrient, as: percent }))
    return percent
  }
  const of = {
    N: grade ? read(grade[1]!) : (named.get('N') ?? 0),
    'P₂O₅': oxide('P₂O₅', 'P2O5', 'P', 2),
    'K₂O': oxide('K₂O', 'K2O', 'K', 3),
  }
  const also = Object.fromEntries(otherNutrients.flatMap((one) => (named.has(one) ? [[one, named.get(one)!]] : [])))
  const sum = [...Object.values(of), ...Object.values(also)].reduce((total, one) => total + one, 0)
  if (sum > 100) return refuse('label.over-hundred', { sum })
  if (sum === 0) return refuse('label.empty')
  const bag = weight && readBag(`${weight[0]} ${price?.[0] ?? ''}`)
  if (bag && !bag.ok) return bag
  const share = slow ? read(slow[1]!) / 100 : null
  if (share !== null && share > 1) return refuse('label.slow-range', { percent: share * 100 })
  return accept({
    kind: 'fertilizer',
    grade: of,
    also,
    slow: share,
    ...forms,
    bag: bag ? bag.value : null,
    rest: 100 - sum,
    remarks,
  })
}

/** lb a cup where nobody weighed one: of grains, and of meals. Source: common practice. */
const usualDensity = { mineral: 0.5, organic: 0.3 } as const
/** Share of the nitrogen that feeds in the first year, where nobody knows: of meals. Source: common practice. */
const usualFirstYear = 0.65
const usualBag = 50

/**
 * A product of the office's own, as its label reads. What a label does not say of its forms is taken with care: it may
 * hold ammonium, as most blends do.
 *
 * @param lbPerCup weighed, lb; undefined where nobody did
 */
export const productOfLabel = (id: string, name: string, label: Label, lbPerCup?: number): Product =>
  label.kind === 'fertilizer' ? fertilizerOf(id, name, label, lbPerCup) : productOfLiming(id, name, label, lbPerCup)

function fertilizerOf(id: string, name: string, label: FertilizerLabel, lbPerCup?: number): Fertilizer {
  const { grade, also, slow, organic, ammonium, nitrate, chloride, bag } = label
  const unsaid = !ammonium && !nitrate && !organic && grade.N > 0
  return {
    id,
    version: 1,
    label: { en: name },
    lbPerCup: lbPerCup ?? (organic ? usualDensity.organic : usualDensity.mineral),
    bagLb: bag?.lb ?? usualBag,
    source: 'practice',
    feeding: {
      grade,
      ...(Object.keys(also).length > 0 && { also }),
      firstYearN: organic ? usualFirstYear : 1,
      slowNitrogen: slow ?? (organic ? 1 : 0),
      ammonium: ammonium || unsaid,
      nitrate,
      chloride,
      blend: unsaid,
      ...(organic && { organic }),
    },
  }
}
