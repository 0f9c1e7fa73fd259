import { amountIn, gradeAlone, plain, productIn, quantityOf } from '../passes/log/line'
import { feeds, isAcidifier, isLime, type Product } from '../shelf/product'
import { accept, refuse, type Outcome } from '../sentence/sentence'
import { poundsIn, poundsPerTon, sqFtPerAcre } from '../units/factors'
import { majorNutrients } from '../units/quantity'
import { doubtables, type Doubtable } from './doubtable'
import { fromSpanish } from './spanish'

/** The ground that an amount is for: so many ft², a plant, so many ft of row, or all of the area. */
export type Per =
  | { readonly kind: 'area'; readonly sqFt: number }
  | { readonly kind: 'plant' }
  | { readonly kind: 'row'; readonly ft: number }
  | { readonly kind: 'whole' }

/** A figure as somebody says it, read. */
export interface Figure {
  readonly text: string
  /** lb of each thing that it puts on. */
  readonly lb: Readonly<Partial<Record<Doubtable, number>>>
  /** Where it speaks of something by its name; null where it says an amount alone. */
  readonly of: Doubtable | null
  readonly product: Product | null
  /** Nobody named the product: it is the usual one of the ground. */
  readonly isAssumed: boolean
  readonly per: Per
  /** Weeks from one dressing to the next. */
  readonly everyWeeks: number | null
  /** Half of its last printed place, as a share of it: nothing finer was said. */
  readonly rounding: number
}

const what: readonly (readonly [RegExp, Doubtable])[] = [
  [/\b(?:(?:ground |pelletized |agricultural |dolomitic |calcitic )?lime(?:stone)?)\b/, 'lime'],
  [/\b(?:elemental )?(?:sulfur|sulphur)(?: prills)?\b/, 'sulfur'],
  [/\b(?:actual )?(?:nitrogen|n)\b/, 'N'],
  [/\b(?:phosphate|p2o5|phosphorus|p)\b/, 'P₂O₅'],
  [/\b(?:potash|k2o|potassium|k)\b/, 'K₂O'],
]

const foot = String.raw`(?:sq\.? ?ft\.?|square f(?:ee|oo)t|ft2|ft²|sf)`
const grounds: readonly (readonly [RegExp, (many: number) => Per])[] = [
  [
    new RegExp(String.raw`(?:/|per|for|on|every|each|an?)\s*(?:an? )?(\d+)? ?${foot}(?![a-z])`),
    (n) => ({ kind: 'area', sqFt: n }),
  ],
  [/(?:\/|per|an?)\s*(?:an? )?(\d+)? ?(?:acres?|ac)\b/, (n) => ({ kind: 'area', sqFt: n * sqFtPerAcre })],
  [
    /(?:\/|per|for|every|each)\s*(?:an? )?(\d+)? ?(?:ft|feet|foot|')(?: of)?(?: row| of row)?(?![a-z0-9²])/,
    (n) => ({ kind: 'row', ft: n }),
  ],
  [
    /(?:\/|per|for each|each|an?)\s*(?:an? )?()(?:plant|bush|tree|shrub|hole|hill)(?:es|s)?\b/,
    () => ({ kind: 'plant' }),
  ],
  [/\/\s*(1000|100|m|k)\b/, (n) => ({ kind: 'area', sqFt: n })],
]

const filler =
  /\b(?:of|the|on|onto|for|to|in|my|our|a|an|and|about|apply|put|spread|use|all|over|area|lawn|bed|beds|garden|plot|field|row|rows|once|time|each|per|season|year|pure|actual|ground)\b/g

/**
 * A figure in the words in which it was said: `4.6 lb per 100 ft2 sulfur`, `1 cup 10-10-10 per 15 ft every 3 weeks`,
 * `two bags of lime on the lawn`, `100-160-100 lb/acre`, and so in Spanish. Anything that is not understood refuses it, with an example.
 *
 * @param products those that may be meant by name or grade
 * @param usual what a cup or a bag of something unnamed is of; without it that is asked for
 */
export function readFigure(text: string, products: readonly Product[], usual?: Product): Outcome<Figure> {
  const line = fromSpanish(plain(text)).replace(/₂/g, '2').replace(/₅/g, '5')
  if (line.trim() === '') return refuse('doubt.empty')
  if (/(?:^|\s)-\d/.test(line)) return refuse('doubt.negative', { text: text.trim() })
  const often = /\s(?:every|each) (?:(\d+|two|three|four|five|six) )?(week|month|day)s?\b/.exec(line)
  const unrepeated = often ? line.replace(often[0], ' ') : line
  const triple = tripleIn(unrepeated)
  const { per, rest } = groundIn(triple?.rest ?? unrepeated)
  const everyWeeks = often ? quantityOf(often[1] ?? 'one') * weeksIn[often[2]!]! : null
  const base = { text: text.trim(), per, everyWeeks }
  if (triple)
    return accept({ ...base, lb: triple.lb, of: null, product: null, isAssumed: false, rounding: triple.rounding })
  const named = what.map(([pattern, of]) => ({ of, found: pattern.exec(rest) })).find(({ found }) => found)
  const product = productIn(rest, rest.match(gradeAlone)?.[0], products)
  const isProduct = product.ok && !(named && !/\d-\d/.test(product.value.said) && product.value.remark)
  const said = isProduct ? product.value.said : (named?.found![0] ?? '\n')
  const meant = isProduct ? product.value.product : undefined
  const bare = rest.replace(said, ' ')
  const assumed = !meant && !named && measures.test(bare) ? usual : undefined
  const taken = meant ?? assumed
  const amount = amountIn(bare, taken ?? weightOnly(named?.of ?? null, products))
  if (!amount.ok) return refuse('doubt.how-much', { text: text.trim() })
  if (!taken && !named && measures.test(amount.value.said)) return refuse('doubt.of-what', { text: text.trim() })
  const left = bare
    .replace(amount.value.said, ' ')
    .replace(filler, ' ')
    .replace(/[.,;:!()/]/g, ' ')
    .trim()
  if (left !== '') return refuse('doubt.unread', { text: left.replace(/\s+/g, ' ') })
  const { lb } = amount.value
  if (!(lb > 0) || lb > 1e6) return refuse('doubt.how-much', { text: text.trim() })
  const of = taken ? kindOf(taken) : (named?.of ?? null)
  return accept({
    ...base,
    lb: taken ? carries(taken, lb) : of ? { [of]: lb } : Object.fromEntries(doubtables.map((one) => [one, lb])),
    of,
    product: taken ?? null,
    isAssumed: assumed !== undefined,
    rounding: roundingOf(amount.value.said),
  })
}

/** What has a weight only once one knows of what it is. */
const measures = /cup|spoon|tsp|tbsp|pint|quart|gallon|bucket|bag|yard/

const weeksIn: Readonly<Record<string, number>> = { week: 1, month: 365.25 / 12 / 7, day: 1 / 7 }

/** An amount without a product is a weight; a cup of lime is a cup of the usual one. */
const weightOnly = (of: Doubtable | null, products: readonly Product[]): Product =>
  products.find(of === 'lime' ? isLime : of === 'sulfur' ? isAcidifier : feeds) ?? products[0]!

const kindOf = (product: Product): Doubtable | null =>
  isLime(product) ? 'lime' : isAcidifier(product) ? 'sulfur' : null

/** What an amount of a product puts on. */
function carries(product: Product, lb: number): Figure['lb'] {
  if (isLime(product)) return { lime: lb }
  const feeding = feeds(product)
    ? Object.fromEntries(
        majorNutrients.flatMap((n) =>
          product.feeding.grade[n] > 0 ? [[n, (lb * product.feeding.grade[n]) / 100]] : [],
        ),
      )
    : {}
  return isAcidifier(product) ? { sulfur: lb, ...feeding } : feeding
}

/** `100-160-100 lb/acre`: nitrogen, phosphate, potash. A bag's grade has no unit right behind it. */
function tripleIn(line: string): { lb: Figure['lb']; rest: string; rounding: number } | undefined {
  const match = /\s(\d+(?:\.\d+)?)\s*-\s*(\d+(?:\.\d+)?)\s*-\s*(\d+(?:\.\d+)?)\s*(lbs?|pounds|kg|tons?)(?=\s|\/)/.exec(
    line,
  )
  if (!match) return undefined
  const each = match[4]!.startsWith('t') ? poundsPerTon : (poundsIn[match[4]!.replace(/s$/, '')] ?? 1)
  const lb = Object.fromEntries(majorNutrients.map((n, i) => [n, Number(match[i + 1]) * each]))
  const sharpest = Math.min(...[1, 2, 3].map((i) => roundingOf(match[i]!)))
  return { lb, rest: line.replace(match[0], ' '), rounding: sharpest }
}

function groundIn(line: string): { per: Per; rest: string } {
  for (const [pattern, per] of grounds) {
    const found = pattern.exec(line)
    if (!found) continue
    const many = found[1] === 'm' || found[1] === 'k' ? 1000 : Number(found[1] || 1)
    return { per: per(many), rest: line.replace(found[0], ' ') }
  }
  return { per: { kind: 'whole' }, rest: line }
}

/**
 * Half of the last place that a number was printed to, as a share of it; of `120` half a ten, but never more than 2.5 %.
 *
 * @example roundingOf('4.6 lb') // 0.0108…
 */
export function roundingOf(said: string): number {
  const number = /\d+(?:\.(\d+))?|\.(\d+)/.exec(said)
  if (!number) return 0.025
  const value = Number(number[0])
  const decimals = (number[1] ?? number[2] ?? '').length
  const place = decimals > 0 ? 10 ** -decimals : 10 ** (/0*$/.exec(number[0])![0].length % number[0].length)
  return value > 0 ? Math.min(place / 2 / value, decimals > 0 ? 0.5 : Math.max(0.025, 0.5 / value)) : 0
}
