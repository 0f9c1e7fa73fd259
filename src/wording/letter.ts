import type { Letter, LetterArea, LetterReport, LetterRow } from '../core/letter/letter'
import type { Purchase } from '../core/passes/shopping'
import { productRef } from '../core/shelf/product'
import type { Sentence } from '../core/told/sentence'
import type { Working } from '../core/workings'
import type { Language, Text } from '../core/told/text'
import { inchWords, measure, onThousand, places, productWords, sizeWords, weight, type Measures } from './format'
import type { ClientWords } from './languages'
import { passesWords } from './passes'
import { worded } from './phrase'

/** A letter in words; whoever shows it, on screen, on paper or as plain text, only lays it out. */
export interface WordedLetter {
  readonly title: string
  readonly addressee: string
  readonly date: string
  readonly areas: readonly WordedArea[]
  readonly columns: readonly [what: string, amount: string, when: string]
  /** What serves several areas, or is there in part. */
  readonly toBuyTitle: string
  readonly toBuy: readonly string[]
  readonly note: string
  readonly cautionsTitle: string
  readonly cautions: readonly string[]
  /** Below: when to test again, schools, what it rests on. */
  readonly foot: readonly string[]
  readonly signed: readonly string[]
}

export interface WordedArea {
  readonly id: string
  readonly name: string
  readonly about: string
  readonly says: string
  /** The report it rests on, where the letter rests on several. */
  readonly basis: string
  /** In the place of rows, where there are none. */
  readonly instead: string
  readonly rows: readonly {
    readonly what: string
    readonly amount: string
    readonly measure: string
    readonly when: string
  }[]
}

export function wordLetter(letter: Letter, words: ClientWords, language: Language, measures: Measures): WordedLetter {
  const own = words.letter
  const textOf = (text: Text) => text[language] ?? text.en
  const dated = (iso: string) => longDate(iso, words.measures.locale)
  const reports = alike(letter.reports).map((report) => reportWords(report, words))
  const shared = letter.purchases.filter(
    ({ areaIds, fromShed, chosen }) => areaIds.length > 1 || fromShed > 0 || chosen,
  )
  const inOneLine = new Set(shared.map(({ product }) => productRef(product)))
  const schools = letter.schools.map(({ label, option }) => `${textOf(label)}: ${textOf(option)}`)
  return {
    title: own.title,
    addressee: `${own.for} ${[letter.client, letter.place].filter(Boolean).join(', ')}`,
    date: dated(letter.date),
    areas: letter.areas.map((area) => wordArea(area, letter.reports.length < 2, words, textOf, measures, inOneLine)),
    columns: [own.what, own.amount, own.when],
    toBuyTitle: own.toBuy,
    toBuy: shared.map((one) => purchaseWords(one, words, textOf, measures)),
    note: letter.note,
    cautionsTitle: own.cautions,
    cautions: letter.cautions.map(({ key }) => words.cautions[key.replace('caution.', '') as 'label']),
    foot: [
      ...(letter.open.length > 0 ? [own.open(letter.open.filter(Boolean).join(', '))] : []),
      own.retest,
      ...(schools.length > 0 ? [own.schools(schools.join('; '))] : []),
      `${own.basis(reports.join('; '))} ${own.follows}`,
    ],
    signed: [
      `${own.draftedBy}: ${letter.draftedBy || '________'}`,
      `${own.checkedBy}: ${letter.checkedBy || '________'}`,
    ],
  }
}

/** Reports of one day from one laboratory are told together, by their codes. */
function alike(reports: readonly LetterReport[]): readonly LetterReport[] {
  const found = new Map<string, LetterReport>()
  for (const report of reports) {
    const { kind, laboratory, date, code } = report
    const key = [kind, laboratory, date].join('|')
    const codes = [found.get(key)?.code, code].filter(Boolean).join(', ')
    found.set(key, { ...report, code: codes })
  }
  return [...found.values()]
}

/** Which report, of whom and when. */
export const reportWords = (
  { kind, code, laboratory, date }: LetterReport,
  { letter, measures }: ClientWords,
): string => letter.report(kind, code, laboratory, longDate(date, measures.locale))

function wordArea(
  { areaId, name, size, crop, says, rows, report }: LetterArea,
  one: boolean,
  words: ClientWords,
  textOf: (text: Text) => string,
  measures: Measures,
  shared: ReadonlySet<string>,
): WordedArea {
  const said = (sentence: Sentence) => worded(words.matters, sentence, measures)
  return {
    id: areaId,
    name,
    about: [size && sizeWords(size, measures, words.measures), crop && textOf(crop)].filter(Boolean).join(', '),
    says: says.map(said).join(' '),
    // The foot tells the whole of each: its code will do.
    basis: report && !one ? (report.code ? words.letter.byReport(report.code) : reportWords(report, words)) : '',
    instead: words.letter.nothing,
    rows: rows.map((row) => wordRow(row, words, textOf, measures, shared)),
  }
}

function wordRow(
  row: LetterRow,
  { letter, measures: own }: ClientWords,
  textOf: (text: Text) => string,
  measures: Measures,
  shared: ReadonlySet<string>,
) {
  const {
    product,
    nutrient,
    each,
    first,
    all,
    bagLb,
    passes,
    once,
    season,
    dugTo,
    cap,
    shares,
    after,
    withSand,
    half,
    days,
  } = row
  const name = product ? productWords(product, textOf) : letter.nutrients[nutrient!]!
  const where = dugTo === null ? '' : dugTo > 0 ? letter.workedIn(inchWords(dugTo, measures, own)) : letter.onSurface
  const when = (passes && passesWords(passes, 'each', own, textOf)) || letter.once[once]
  return {
    what: nutrient ? `${name} (${nutrient})` : name,
    amount: first
      ? letter.firstThen(weight(first.value.v, measures, own), weight(each.value.v, measures, own))
      : weight(each.value.v, measures, own),
    measure: [
      product && bagLb !== null && measure(each.value.v, product.lbPerCup, bagLb, measures, own),
      passes && passes.count > 1 && letter.inAll(weight(all.value.v, measures, own)),
      withSand && letter.withSand,
      ...shares.map((share) => letter.shares[share.of](weight(share.each.value.v, measures, own))),
      product && bagLb !== null && !shared.has(productRef(product)) && toBuy(all.value.v, bagLb, letter, measures),
    ]
      .filter(Boolean)
      .join('; '),
    when: [
      days.length > 0 && letter.onDays(daysWords(days, own.locale)),
      when,
      passes && passes.count > 1 && where,
      half && letter.bothWays,
      cap && atMost(cap, letter, measures),
      // Of ammonium the cautions say it, for all rows at once.
      ...after.filter(({ days }) => days > 14).map(({ days }) => letter.afterLime(days)),
      season && textOf(season),
    ]
      .filter(Boolean)
      .join('; '),
  }
}

/** The most at a time; of sulfur it is weighed as such, not as the product. */
function atMost({ value: { v, of } }: Working, { atMost }: ClientWords['letter'], measures: Measures): string {
  return atMost(onThousand(v, measures), of.startsWith('lb S'))
}

/** One product for several areas, or of which some is there, or whose bags were chosen. */
function purchaseWords(
  { product, all, fromShed, bags }: Purchase,
  { letter, measures: own }: ClientWords,
  textOf: (text: Text) => string,
  measures: Measures,
): string {
  const weighed = (lb: number) => weight(lb, measures, own)
  return letter.inAllBuy(
    productWords(product, textOf),
    weighed(all.value.v),
    fromShed > 0 ? weighed(fromShed) : '',
    bags.map(({ lb, count }) => bagsToBuy(count.value.v, lb, letter, measures)).join(', '),
  )
}

/** Whole bags, by weight; none where there is nothing to carry home. */
const toBuy = (all: number, bagLb: number, letter: ClientWords['letter'], measures: Measures): string =>
  bagsToBuy(Math.ceil(all / bagLb - 1e-6), bagLb, letter, measures)

const bagsToBuy = (bags: number, bagLb: number, { buy }: ClientWords['letter'], measures: Measures): string =>
  bags > 0 ? buy(places(bags, 0), bags > 1, weight(bagLb, measures)) : ''

/** Days in short, of very many the first and the last: `26 Nov 2026, 26 May 2027`. */
function daysWords(days: readonly string[], locale: string): string {
  const told = days.length > 4 ? [days[0]!, days.at(-1)!] : days
  return told.map((day) => longDate(day, locale, 'short')).join(days.length > 4 ? ' … ' : ', ')
}

/** `19 October 2026`, `19 de octubre de 2026`; empty for what is no day. */
export function longDate(iso: string, locale: string, month: 'long' | 'short' = 'long'): string {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(iso)) return ''
  const day = new Date(`${iso}T12:00:00Z`)
  if (Number.isNaN(day.getTime())) return ''
  const order = locale.startsWith('en') ? 'en-GB' : locale
  return new Intl.DateTimeFormat(order, { day: 'numeric', month, year: 'numeric', timeZone: 'UTC' }).format(day)
}
