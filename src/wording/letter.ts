import type { Case } from '../core/case/case'
import type { Letter, LetterArea, LetterReport, LetterRow } from '../core/letter/letter'
import { stepsOf } from '../core/letter/steps'
import type { Day } from '../core/passes/program/day'
import type { Purchase } from '../core/passes/shopping'
import { productRef } from '../core/shelf/product'
import type { Sentence } from '../core/told/sentence'
import type { Working } from '../core/workings'
import type { Language, Text } from '../core/told/text'
import { inchWords, measure, onThousand, places, productWords, sizeWords, weight, type Measures } from './format'
import type { ClientWords } from './languages'
import { passesWords } from './passes'
import { capital, worded } from './phrase'
import { longDate, reportWords } from './report-words'

/** A letter in words; whoever shows it, on screen, on paper or as plain text, only lays it out. */
export interface WordedLetter {
  readonly title: string
  readonly addressee: string
  readonly date: string
  /** Why it is no more than a draft; empty where it is a letter. */
  readonly draft: string
  readonly stepsTitle: string
  /** What to do, in the order of its days. */
  readonly steps: readonly WordedDay[]
  readonly areas: readonly WordedArea[]
  readonly columns: readonly [what: string, amount: string, when: string]
  /** What serves several areas, or is there in part. */
  readonly toBuyTitle: string
  readonly toBuy: readonly string[]
  readonly note: string
  readonly cautionsTitle: string
  readonly cautions: readonly Line[]
  /** Below: when to test again, schools, what it rests on. */
  readonly foot: readonly Line[]
  readonly signed: readonly string[]
}

/** A sentence of a letter: ours, or as an advisor put it, in which case ours may have become another since. */
export interface Line {
  /** What it stands for: an advisor's words are kept by it. */
  readonly id: string
  readonly text: string
  readonly ours: string
  readonly standing: 'ours' | 'edited' | 'moved'
}

export interface WordedDay {
  /** `About 26 November 2026`; of what has no day, when all the same. */
  readonly when: string
  readonly rows: readonly (WordedRow & { readonly area: string })[]
}

export interface WordedRow {
  readonly what: string
  readonly amount: string
  readonly measure: string
  /** Its days, but for the one under which it stands. */
  readonly days: string
  /** How often, where and how. */
  readonly when: string
}

export interface WordedArea {
  readonly id: string
  readonly name: string
  readonly about: string
  readonly says: readonly Line[]
  /** The report it rests on, where the letter rests on several. */
  readonly basis: string
  /** In the place of rows, where there are none. */
  readonly instead: string
  readonly rows: readonly WordedRow[]
}

/** How a letter is worded beside its language. */
export interface Manner {
  readonly edits?: Case['letter']['edits']
  /** Whether amounts stand in the other measure too, in brackets. */
  readonly bothMeasures?: boolean
}

/** What every part of a letter is worded with. */
interface Speech {
  readonly words: ClientWords
  readonly language: Language
  readonly measures: Measures
  readonly textOf: (text: Text) => string
  readonly weighed: (lb: number) => string
  /** A sentence by what it stands for, or in the words that an advisor put in its place. */
  readonly line: (id: string, ours: string) => Line
}

function speechOf(words: ClientWords, language: Language, measures: Measures, manner: Manner): Speech {
  const other = measures === 'feet' ? 'metres' : 'feet'
  const weighed = (lb: number) =>
    weight(lb, measures, words.measures) + (manner.bothMeasures ? ` (${weight(lb, other, words.measures)})` : '')
  return {
    words,
    language,
    measures,
    textOf: (text) => text[language] ?? text.en,
    weighed,
    line: (what, ours) => {
      const id = `${language}/${what}`
      const edit = manner.edits?.[id]
      if (!edit) return { id, text: ours, ours, standing: 'ours' }
      return { id, text: edit.words, ours, standing: edit.was === ours ? 'edited' : 'moved' }
    },
  }
}

export function wordLetter(
  letter: Letter,
  words: ClientWords,
  language: Language,
  measures: Measures,
  manner: Manner = {},
): WordedLetter {
  const own = words.letter
  const speech = speechOf(words, language, measures, manner)
  const { textOf, line } = speech
  const dated = (iso: string) => longDate(iso, words.measures.locale)
  const reports = alike(letter.reports).map((report) => reportWords(report, words))
  const shared = letter.purchases.filter(
    ({ areaIds, fromShed, chosen }) => areaIds.length > 1 || fromShed > 0 || chosen,
  )
  const inOneLine = new Set(shared.map(({ product }) => productRef(product)))
  const schools = letter.schools.map(({ label, option }) => `${textOf(label)}: ${textOf(option)}`)
  const several = letter.areas.length > 1
  return {
    title: own.title,
    addressee: `${own.for} ${[letter.client, letter.place].filter(Boolean).join(', ')}`,
    date: dated(letter.date),
    draft: letter.unconfirmed.length > 0 ? own.draft(letter.unconfirmed.filter(Boolean).join(', ')) : '',
    stepsTitle: own.steps,
    steps: stepsOf(letter).map(({ day, steps }) => ({
      when: day ? capital(own.onDays(dated(day))) : own.undated,
      rows: steps.map(({ area, row }) => ({
        area: several ? area.name : '',
        ...wordRow(row, speech, inOneLine, day),
      })),
    })),
    areas: letter.areas.map((area) => wordArea(area, letter.reports.length < 2, speech, inOneLine)),
    columns: [own.what, own.amount, own.when],
    toBuyTitle: own.toBuy,
    toBuy: shared.map((one) => purchaseWords(one, speech)),
    note: letter.note,
    cautionsTitle: own.cautions,
    cautions: letter.cautions.map(({ key }) => line(key, words.cautions[key.replace('caution.', '') as 'label'])),
    foot: [
      ...(letter.open.length > 0 ? [line('open', own.open(letter.open.filter(Boolean).join(', ')))] : []),
      line('retest', own.retest(letter.retestYears)),
      ...(schools.length > 0 ? [line('schools', own.schools(schools.join('; ')))] : []),
      line('basis', `${own.basis(reports.join('; '))} ${own.follows}`),
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

function wordArea(
  { areaId, name, size, crop, says, rows, report }: LetterArea,
  one: boolean,
  speech: Speech,
  shared: ReadonlySet<string>,
): WordedArea {
  const { words, measures, textOf, line } = speech
  const seen = new Map<string, number>()
  /** What an area says twice is told apart by its turn. */
  const idOf = ({ key }: Sentence): string => {
    const turn = (seen.get(key) ?? 0) + 1
    seen.set(key, turn)
    return turn === 1 ? `${areaId}/${key}` : `${areaId}/${key}/${turn}`
  }
  return {
    id: areaId,
    name,
    about: [size && sizeWords(size, measures, words.measures), crop && textOf(crop)].filter(Boolean).join(', '),
    says: says.map((sentence) => line(idOf(sentence), worded(words.matters, sentence, measures))),
    // The foot tells the whole of each: its code will do.
    basis: report && !one ? (report.code ? words.letter.byReport(report.code) : reportWords(report, words)) : '',
    instead: words.letter.nothing,
    rows: rows.map((row) => wordRow(row, speech, shared, null)),
  }
}

/**
 * Where it lies: worked in, under plants, on the surface; blank where that is left open.
 *
 * @param deep the depth in words
 */
export const lieWords = (
  dugTo: number | null,
  underPlants: boolean,
  letter: ClientWords['letter'],
  deep: string,
): string =>
  dugTo === null ? '' : dugTo > 0 ? letter.workedIn(deep) : underPlants ? letter.underPlants : letter.onSurface

/** @param told the day under which it stands, which is not said again */
function wordRow(
  row: LetterRow,
  { words: { letter, measures: own }, measures, textOf, weighed }: Speech,
  shared: ReadonlySet<string>,
  told: Day | null,
): WordedRow {
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
    underPlants,
    half,
    days,
  } = row
  const name = product ? productWords(product, textOf) : letter.nutrients[nutrient!]!
  const where = lieWords(dugTo, underPlants, letter, inchWords(dugTo ?? 0, measures, own))
  const when = (passes && passesWords(passes, 'each', own, textOf)) || letter.once[once]
  const ahead = days.filter((day) => day !== told)
  return {
    what: nutrient ? `${name} (${nutrient})` : name,
    amount: first ? letter.firstThen(weighed(first.value.v), weighed(each.value.v)) : weighed(each.value.v),
    measure: [
      product && bagLb !== null && measure(each.value.v, product.lbPerCup, bagLb, measures, own),
      passes && passes.count > 1 && letter.inAll(weighed(all.value.v)),
      withSand && letter.withSand,
      ...shares.map((share) => letter.shares[share.of](weighed(share.each.value.v))),
      product && bagLb !== null && !shared.has(productRef(product)) && toBuy(all.value.v, bagLb, letter, measures),
    ]
      .filter(Boolean)
      .join('; '),
    days:
      ahead.length === 0
        ? ''
        : told === null
          ? letter.onDays(daysWords(days, own.locale))
          : letter.thenOn(daysWords(ahead, own.locale)),
    when: [
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
const purchaseWords = (
  { product, all, fromShed, bags }: Purchase,
  { words: { letter }, measures, textOf, weighed }: Speech,
): string =>
  letter.inAllBuy(
    productWords(product, textOf),
    weighed(all.value.v),
    fromShed > 0 ? weighed(fromShed) : '',
    bags.map(({ lb, count }) => bagsToBuy(count.value.v, lb, letter, measures)).join(', '),
  )

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
