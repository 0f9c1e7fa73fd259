import { graded, gradedRef } from '../../shelf/graded'
import type { Application } from '../../case/applications'
import type { Use } from '../../guides/crop'
import { feeds, isAcidifier, isLime, type Product } from '../../shelf/product'
import { accept, refuse, say, type Outcome, type Sentence } from '../../sentence/sentence'
import { cupsPerGallon, poundsIn, tablespoonsPerCup, teaspoonsPerTablespoon } from '../../units/factors'
import type { Day } from '../../calendar/day'
import { readWhen } from './when'

/** A line of the log as it was understood. */
export interface LoggedLine {
  readonly areaId: string
  /** `2026-05-12`, `2026-05` or `2026`. */
  readonly date: string
  readonly what: Application['what']
  readonly product: Product
  readonly lb: number
  /** What was taken for granted. */
  readonly remarks: readonly Sentence[]
}

/** Ground that a line may speak of. */
export interface LoggedArea {
  readonly id: string
  readonly name: string
  readonly use: Use | null
  /** What its crops are called. */
  readonly crops?: readonly string[]
}

/** Cubic feet in a cubic yard, and cups in a cubic foot. */
const [feetPerYard, cupsPerFoot] = [27, 119.69]
const bucketGallons = 5

/** Cups in a measure that goes by volume. */
const cupsIn: Readonly<Record<string, number>> = {
  teaspoon: 1 / (tablespoonsPerCup * teaspoonsPerTablespoon),
  tsp: 1 / (tablespoonsPerCup * teaspoonsPerTablespoon),
  tablespoon: 1 / tablespoonsPerCup,
  tbsp: 1 / tablespoonsPerCup,
  cup: 1,
  pint: 2,
  quart: 4,
  gallon: cupsPerGallon,
  bucket: cupsPerGallon * bucketGallons,
  yard: cupsPerFoot * feetPerYard,
}
const weights: Readonly<Record<string, number>> = {
  lb: 1,
  pound: 1,
  oz: poundsIn.oz!,
  ounce: poundsIn.oz!,
  kg: poundsIn.kg!,
  kilo: poundsIn.kg!,
  ton: 2_000,
}
const words: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  dozen: 12,
  half: 0.5,
  quarter: 0.25,
  '½': 0.5,
  '¼': 0.25,
  '¾': 0.75,
}

/** What is said of a kind alone is taken as the product of it that is usual. */
const kinds: readonly (readonly [words: RegExp, product: string])[] = [
  [/\bcompost\b/, 'yard-compost'],
  [/\b(?:cow |steer |horse )?manure\b/, 'cow-manure'],
  [/\b(?:chicken|poultry) (?:litter|manure)\b/, 'poultry-litter'],
  [/\b(?:lime|limestone)\b/, 'pelletized-calcitic'],
  [/\b(?:sulfur|sulphur)\b/, 'sulfur-prills'],
  [/\bbone ?meal\b/, 'bone-meal'],
  [/\bblood ?meal\b/, 'blood-meal'],
  [/\b(?:wood )?ash(?:es)?\b/, 'wood-ash'],
  [/\bepsom(?: salts?)?\b/, 'epsom-salt'],
]

const uses: readonly (readonly [words: RegExp, use: readonly Use[]])[] = [
  [/\b(?:lawn|grass|turf|(?:front|back) yard)\b/, ['lawn']],
  [/\b(?:plot|field)\b/, ['plot']],
  [/\b(?:beds?|garden|vegetables|veggies)\b/, ['bed', 'container']],
  [/\b(?:shrubs?|berries|bushes|trees?|border)\b/, ['planting']],
]

const filler =
  /\b(?:on|onto|over|the|of|to|for|with|in|into|at|about|around|my|our|her|his|their|it|put|spread|spreading|applied|application|gave|give|given|got|used|added|threw|down|out|worth|i|we|she|he|they|was|were|and then|all|each|whole|every|some|fertilizer|feed|fed)\b/g

/**
 * What was put on, in one line as people say it: `1 bag 10-10-10 on the lawn last Tuesday`. What cannot be told is asked
 * for, in a sentence; nothing is guessed in silence, and a word that is not understood refuses the line.
 *
 * @param today nothing was put on after it
 */
export function readLogLine(
  text: string,
  areas: readonly LoggedArea[],
  products: readonly Product[],
  today: Day,
): Outcome<LoggedLine> {
  const line = plain(text)
  if (line.trim() === '') return refuse('log.empty')
  const grades = line.match(gradeAlone) ?? []
  if (grades.length > 1) return refuse('log.one-thing', { text: grades.join(', ') })
  const when = readWhen(line.replace(grades[0] ?? '\n', ' '), today)
  if (!when.ok) return when
  const undated = line.replace(when.value.said, ' ')
  const product = productIn(undated, grades[0], products)
  if (!product.ok) return product
  const named = undated.replace(product.value.said, ' ')
  const area = areaIn(named, areas)
  if (!area.ok) return area
  const placed = named.replace(area.value.said, ' ')
  const amount = amountIn(placed, product.value.product)
  if (!amount.ok) return amount
  const left = placed
    .replace(amount.value.said, ' ')
    .replace(filler, ' ')
    .replace(/[.,;:!()]/g, ' ')
    .trim()
  if (left !== '') return refuse('log.unread', { text: left.replace(/\s+/g, ' ') })
  const { lb, remark } = amount.value
  return accept({
    areaId: area.value.id,
    date: when.value.date,
    what: kindOf(product.value.product),
    product: product.value.product,
    lb,
    remarks: [...(product.value.remark ? [product.value.remark] : []), ...(remark ? [remark] : [])],
  })
}

/** Small letters, one space between words, no commas in numbers; a space at both ends. */
export const plain = (text: string): string =>
  ` ${text
    .toLowerCase()
    .replace(/[–—]/g, '-')
    .replace(/(\d),(?=\d{3}\b)/g, '$1')
    .replace(/(\d) %/g, '$1%')
    .replace(/\s+/g, ' ')
    .trim()} `

/** `10-10-10`, and no date. */
export const gradeAlone = /(?<![\d.-])\d{1,2}(?:\.\d+)?-\d{1,2}(?:\.\d+)?-\d{1,2}(?:\.\d+)?(?![\d-])/g

/** A case file keeps what was put on by what it is for. */
function kindOf(product: Product): Application['what'] {
  if (isLime(product)) return 'lime'
  if (isAcidifier(product)) return 'sulfur'
  const origin = feeds(product) ? product.feeding.origin : undefined
  return origin === 'compost' ? 'compost' : origin === 'manure' ? 'manure' : 'fertilizer'
}

/** The area that is named; by its name, else by what it is where only one is so. */
function areaIn(line: string, areas: readonly LoggedArea[]): Outcome<{ readonly id: string; readonly said: string }> {
  const named = areas
    .filter(({ name }) => name.trim() !== '' && line.includes(name.trim().toLowerCase()))
    .sort((a, b) => b.name.length - a.name.length)
  const [first, second] = named
  if (first && second && second.name.length === first.name.length) return whichOf(named)
  if (first) return accept({ id: first.id, said: first.name.trim().toLowerCase() })
  const grown = areas.flatMap((area) =>
    (area.crops ?? []).flatMap((crop) => {
      const found = wordsOf(crop).exec(line)
      return found ? [{ area, said: found[0] }] : []
    }),
  )
  const longest = grown.sort((a, b) => b.said.length - a.said.length)[0]
  if (longest) {
    const meant = new Set(grown.filter(({ said }) => said === longest.said).map(({ area }) => area))
    return meant.size > 1 ? whichOf([...meant]) : accept({ id: longest.area.id, said: longest.said })
  }
  for (const [pattern, of] of uses) {
    const found = pattern.exec(line)
    if (!found) continue
    const meant = areas.filter(({ use }) => use !== null && of.includes(use))
    if (meant.length > 1) return whichOf(meant)
    if (meant[0]) return accept({ id: meant[0].id, said: found[0] })
    return refuse('log.no-such-area', { text: found[0] })
  }
  return areas.length === 1 ? accept({ id: areas[0]!.id, said: '\n' }) : whichOf(areas)
}

/** A crop as it is said: of one or of several. */
const wordsOf = (crop: string): RegExp => {
  const escaped = crop.toLowerCase().replace(/[.*+?^${}()|[\]\\]/g, '\\$&')
  return new RegExp(String.raw`(?<=\s)(?:${escaped}(?:e?s)?|${escaped.replace(/y$/, 'ies')})(?=[\s,.;])`)
}

const whichOf = (areas: readonly LoggedArea[]) =>
  refuse('log.which-area', { names: areas.map(({ name }) => name).join(', ') })

export interface Said {
  readonly said: string
  readonly remark?: Sentence
}

/** By its grade, whoever sells it, by its own name, or by a kind that has a usual product. */
export function productIn(
  line: string,
  grade: string | undefined,
  products: readonly Product[],
): Outcome<Said & { readonly product: Product }> {
  if (grade) {
    const of = products.filter((one) => feeds(one) && gradeOf(one) === grade.replace(/\.0\b/g, ''))
    const called = of.filter(({ label }) => line.includes(label.en.toLowerCase()))
    const meant = called.length > 0 ? called : of
    if (meant.length > 1) return refuse('log.which-product', { names: meant.map(({ label }) => label.en).join(', ') })
    const ref = gradedRef(grade)
    const product = meant[0] ?? (ref && graded(ref))
    if (!product) return refuse('log.no-product', { text: grade })
    const name = product.label.en.toLowerCase()
    const said = line.includes(`${grade} ${name}`) ? `${grade} ${name}` : grade
    return accept({ product, said })
  }
  const named = products
    .map((product) => ({ product, said: product.label.en.toLowerCase() }))
    .filter(({ said }) => line.includes(` ${said} `) || line.includes(` ${said},`))
    .sort((a, b) => b.said.length - a.said.length)
  const [first, second] = named
  if (first && second?.said === first.said)
    return refuse('log.which-product', { names: named.map(({ said }) => said).join(', ') })
  if (first) return accept(first)
  const kind = kinds.map(([pattern, id]) => ({ found: pattern.exec(line), id })).filter(({ found }) => found)
  const longest = kind.sort((a, b) => b.found![0].length - a.found![0].length)[0]
  const byHead = products
    .map((product) => ({ product, said: headOf(product) }))
    .filter(({ said }) => line.includes(` ${said} `) || line.includes(` ${said},`))
  const [head] = [...byHead].sort((a, b) => b.said.length - a.said.length)
  const meant = byHead.filter(({ said }) => said === head?.said).map(({ product }) => product)
  const usual = meant.find(({ id }) => id === longest?.id) ?? (meant.length === 1 ? meant[0] : undefined)
  if (usual) return accept({ product: usual, said: head!.said, ...(meant.length > 1 && { remark: takenAs(usual) }) })
  if (meant.length > 1) return refuse('log.which-product', { names: meant.map(({ label }) => label.en).join('; ') })
  const ofKind = longest && products.find(({ id }) => id === longest.id)
  if (!longest || !ofKind) return refuse('log.what')
  return accept({ product: ofKind, said: longest.found![0], remark: takenAs(ofKind) })
}

/** The name of a product as it is said: of `pelletized lime, calcitic` the first part. */
const headOf = ({ label }: Product): string => label.en.toLowerCase().split(',')[0]!.trim()

const takenAs = ({ label }: Product): Sentence => say('log.taken-as', { material: label })

export const gradeOf = (product: Product): string =>
  feeds(product) ? [product.feeding.grade.N, product.feeding.grade['P₂O₅'], product.feeding.grade['K₂O']].join('-') : ''

const number = String.raw`(\d+ \d+\/\d+|\d+\/\d+|\d*\.?\d+[½¼¾]?|[½¼¾]|half an?|an? half|a quarter|an?|one|two|three|four|five|six|seven|eight|nine|ten|a dozen|half)`
const measure = String.raw`(teaspoons?|tsps?|tablespoons?|tbsps?|cups?|pints?|quarts?|gallons?|buckets?|(?:cubic )?yards?|lbs?|pounds?|oz|ounces?|kgs?|kilos?|tons?)`
const bags = new RegExp(
  String.raw`(?:^|\s)${number} (?:of )?(?:(\d+(?:\.\d+)?)[ -]?(?:lb|pound)s? )?bags?\b(?: of (\d+(?:\.\d+)?)[ -]?(?:lb|pound)s?\b)?`,
)
const measured = new RegExp(String.raw`(?:^|\s)${number}(?:-| )?(?:of )?${measure}(?![a-z])`)

/** Pounds of a product, from whatever measure was used. */
export function amountIn(line: string, product: Product): Outcome<Said & { readonly lb: number }> {
  const ofBags = bags.exec(line)
  if (ofBags) {
    const size = ofBags[2] ?? ofBags[3]
    const lb = quantityOf(ofBags[1]!) * (size ? Number(size) : product.bagLb)
    const remark = size ? undefined : say('log.bag-size', { lb: product.bagLb })
    return accept({ said: ofBags[0], lb, ...(remark && { remark }) })
  }
  const found = measured.exec(line)
  if (!found) return refuse('log.how-much')
  const unit = found[2]!.replace(/^cubic /, '').replace(/s$/, '')
  const many = quantityOf(found[1]!)
  const weight = weights[unit]
  const lb = weight !== undefined ? many * weight : many * cupsIn[unit]! * product.lbPerCup
  if (!(lb > 0)) return refuse('log.how-much')
  const remark = weight === undefined ? say('log.by-volume', { lb, material: product.label }) : undefined
  return accept({ said: found[0], lb, ...(remark && { remark }) })
}

/** @example quantityOf('1 1/2') // 1.5 */
export function quantityOf(text: string): number {
  const [, whole, over, under] = /^(?:(\d+) )?(\d+)\/(\d+)$/.exec(text) ?? []
  if (over) return Number(whole ?? 0) + Number(over) / Number(under)
  const mixed = /^(\d*\.?\d+)([½¼¾])$/.exec(text)
  if (mixed) return Number(mixed[1]) + words[mixed[2]!]!
  if (/^half|^an? half/.test(text)) return 0.5
  if (text === 'a quarter') return 0.25
  if (text === 'a dozen') return 12
  return words[text] ?? Number(text)
}
