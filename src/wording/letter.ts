import type { Case } from '../core/case/case'
import {
  thingsIn,
  type Letter,
  type LetterArea,
  type LetterPass,
  type LetterReport,
  type LetterThing,
} from '../core/letter/letter'
import { stepsOf, type TestStep } from '../core/letter/steps'
import type { Pass } from '../core/passes/pass'
import type { Purchase } from '../core/passes/shopping'
import type { Sentence } from '../core/sentence/sentence'
import type { Language, Text } from '../core/sentence/text'
import { inchWords, measure, money, places, productWords, sizeWords, weight, type Measures } from './format'
import type { ClientWords } from './languages'
import { worded } from './phrase'
import { reportWords } from './report-words'
import { longDate } from './long-date'
import { whenWords } from './when-words'

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
  /** When, what, how much, how; letters of before have no name for the first. */
  readonly columns: readonly string[]
  /** Every product that it takes, with the bags to buy. */
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
  /** `November 26, 2026`; of what has no day, when all the same. */
  readonly when: string
  readonly rows: readonly (WordedRow & { readonly area: string })[]
}

export interface WordedRow {
  /** With its turn, where it is one of several. */
  readonly what: string
  /** Of this time alone; empty for a soil test. */
  readonly amount: string
  readonly measure: string
  /** Its day, where it does not stand under it. */
  readonly days: string
  /** How it goes on, and on what condition. */
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
  const schools = letter.schools.map(({ label, option }) => `${textOf(label)}: ${textOf(option)}`)
  const several = letter.areas.length > 1
  const seen = new Map<string, string>()
  return {
    title: own.title,
    addressee: `${own.for} ${[letter.client, letter.place].filter(Boolean).join(', ')}`,
    date: dated(letter.date),
    draft: letter.undecided.length > 0 ? own.draft(letter.undecided.filter(Boolean).join(', ')) : '',
    stepsTitle: own.steps,
    steps: stepsOf(letter).map(({ day, steps }) => ({
      when: whenWords(day, steps, letter.today, words),
      rows: steps.map((step) => ({
        area: several ? ('pass' in step ? [step.area] : step.areas).map(({ name }) => name).join(', ') : '',
        ...('pass' in step ? wordStep(step.pass, speech, seen) : wordTest(step, speech, seen)),
      })),
    })),
    areas: letter.areas.map((area) => wordArea(area, letter.reports.length < 2, speech)),
    columns: [own.day, own.what, own.amount, own.when],
    toBuyTitle: own.toBuy,
    toBuy: letter.purchases.map((one) => purchaseWords(one, speech)),
    note: letter.note,
    cautionsTitle: own.cautions,
    cautions: letter.cautions.map(({ key }) => line(key, words.cautions[key.replace('caution.', '') as 'label'])),
    foot: [
      ...(letter.open.length > 0 ? [line('open', own.open(letter.open.filter(Boolean).join(', ')))] : []),
      // A test that has its day stands in the table.
      ...(letter.areas.some(({ tests }) => tests.length > 0) ? [] : [line('retest', own.retest(letter.retestYears))]),
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
  { areaId, name, size, crop, says, passes, report }: LetterArea,
  one: boolean,
  speech: Speech,
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
    rows: thingsIn({ passes }).map((one) => wordThing(one, speech)),
  }
}

/** How a pass goes on, with its depth. */
export function howWords(
  { how: { by, deep, again }, window }: Pick<Pass, 'how' | 'window'>,
  { letter, measures: own }: ClientWords,
  measures: Measures,
): string {
  if (again) return letter.again
  // Its window says that it goes beside the rows.
  if (by === 'beside-rows' && window) return letter.offLeaves
  return letter.how[by](deep === null ? '' : inchWords(deep, measures, own))
}

/** When a pass goes on, where no day says so: by its crop, by the pass before it, by the lime. */
export function dueWords(
  { pass, day, season }: LetterPass,
  { letter }: ClientWords,
  textOf: Speech['textOf'],
): string[] {
  const { window, interval, after } = pass
  if (day !== null) return window ? [textOf(window.label)] : []
  const apart = interval && !('days' in interval && interval.days === 0) ? letter.sinceLast(interval) : ''
  const since = after.map(({ days }) => letter.afterLime(days))
  return [window ? textOf(window.label) : apart, ...since, season ? textOf(season) : ''].filter(Boolean)
}

function wordPass(one: LetterPass, speech: Speech): WordedRow {
  const { words, measures, textOf, weighed } = speech
  const { letter, measures: own } = words
  const { pass, treatment, of, gated, withSand, shares } = one
  const { product, nutrient, amount, n } = pass
  const name = product ? productWords(product, textOf) : letter.nutrients[nutrient!]!
  const lb = amount.value.v
  return {
    what: `${nutrient ? `${name} (${nutrient})` : name}${of > 1 ? `, ${letter.turn(n, of)}` : ''}`,
    amount: weighed(lb),
    measure: clauses([
      product && treatment.bagLb !== null && measure(lb, product.lbPerCup, treatment.bagLb, measures, own),
      withSand && letter.withSand,
      ...shares.map((share) => letter.shares[share.of](weighed(share.each.value.v))),
    ]),
    days: '',
    when: clauses([
      ...dueWords(one, words, textOf),
      wayWords(one, speech),
      !product && letter.choice,
      gated && letter.onlyIf,
      moreWords(one, words),
    ]),
  }
}

/** What the row above says: of its area, of its thing, of its day. */
const above = ['above', 'thing above', 'day above']

/** A pass in the timetable: how it goes on is said the first time, and where the row above does not say it. */
function wordStep(one: LetterPass, speech: Speech, seen: Map<string, string>): WordedRow {
  const row = wordPass(one, speech)
  const whole = [one.pass.areaId, one.day, row.when].join(' ')
  const isSaid = seen.get('row above') === whole
  seen.set('row above', whole)
  const way = sayWay(one, speech, seen)
  return { ...row, when: isSaid ? speech.words.letter.sameWay : row.when.replace(wayWords(one, speech), way) }
}

/** How it goes on; the same way, where that was said of it before, or in the row above of the same area, thing or day. */
function sayWay(one: LetterPass, speech: Speech, seen: Map<string, string>): string {
  const { pass, treatment, day } = one
  const way = wayWords(one, speech)
  const alike = [pass.areaId, pass.product?.id ?? pass.nutrient, day].map((of) => `${of} ${way}`)
  const isSaid = seen.get(treatment.key) === way || alike.some((one, i) => seen.get(above[i]!) === one)
  seen.set(treatment.key, way)
  alike.forEach((one, i) => seen.set(above[i]!, one))
  return isSaid ? speech.words.letter.sameWay : way
}

/** Further ones like it that are not listed. */
export const moreWords = ({ more }: LetterPass, { letter, measures }: ClientWords): string =>
  more ? letter.more(more.count, more.until ? longDate(more.until, measures.locale) : '') : ''

/** How it goes on, and in which goes over the ground. */
const wayWords = ({ pass, half }: LetterPass, { words, measures, weighed }: Speech): string =>
  clauses([howWords(pass, words, measures), half && words.letter.halves(weighed(half.value.v))])

/** One thing with all of its passes, as a list of what an area gets has it. */
function wordThing({ first, count }: LetterThing, speech: Speech): WordedRow {
  const { letter, measures: own } = speech.words
  const { when, ...row } = wordPass({ ...first, of: 1, half: null, more: null, gated: false }, speech)
  const days = first.day === null ? '' : letter.onDays(longDate(first.day, own.locale))
  return { ...row, days, when: clauses([count > 1 && letter.applications(count), when]) }
}

const clauses = (all: readonly (string | false | null)[]): string => all.filter(Boolean).join('; ')

/** A soil test among what there is to do, with what goes on only if it still asks for it. */
function wordTest({ test, gates }: TestStep, speech: Speech, seen: Map<string, string>): WordedRow {
  const { words, textOf, weighed } = speech
  const { letter, measures: own } = words
  const nothing = { what: letter.test, amount: '', measure: '', days: '' }
  if (gates) {
    const { pass, day, of } = gates
    const on = day === null ? '' : letter.onDays(longDate(day, own.locale))
    const what = pass.product ? productWords(pass.product, textOf) : letter.nutrients[pass.nutrient!]!
    const way = sayWay(gates, speech, seen)
    const when = letter.gate(weighed(pass.amount.value.v), what, letter.turn(pass.n, of), on, way)
    return { ...nothing, when: clauses([when, moreWords(gates, words)]) }
  }
  const { reason } = test
  if (reason.for === 'salts') return { ...nothing, when: letter.leached }
  if (reason.for !== 'effect') return { ...nothing, when: '' }
  return { ...nothing, when: letter.effect(reason.need === 'sulfur' ? letter.sulfur : letter.lime, reason.months) }
}

/** One product, with the bags to buy and what will be left of them. */
const purchaseWords = (
  { product, all, fromShed, bags, leftOver, cost }: Purchase,
  { words: { letter }, measures, textOf, weighed }: Speech,
): string =>
  letter.inAllBuy(
    productWords(product, textOf),
    weighed(all.value.v),
    fromShed > 0 ? weighed(fromShed) : '',
    bags.map(({ lb, count }) => bagsToBuy(count.value.v, lb, letter, measures)).join(', '),
    [cost !== null && money(cost), leftOver.value.v > hair && letter.left(weighed(leftOver.value.v))]
      .filter(Boolean)
      .join('; '),
  )

/** lb of a rest that nobody would keep. */
const hair = 0.05

const bagsToBuy = (bags: number, bagLb: number, { buy }: ClientWords['letter'], measures: Measures): string =>
  bags > 0 ? buy(places(bags, 0), bags > 1, weight(bagLb, measures)) : ''
