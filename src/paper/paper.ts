import type { Language } from '../core/sentence/text'
import type { WordedArea, WordedDay, WordedLetter, WordedRow } from '../wording/letter'
import type { WordedWhy } from '../wording/why'
import type { WordedWorkings } from '../wording/workings'

/**
 * A letter as it leaves the office, in the words of its language: what is shown, printed, made into a PDF, sent as text
 * and kept. Nothing in it is computed any more.
 */
export interface Paper {
  readonly format: 1
  readonly language: Language
  /** Of the sheet that it is printed on: `letter` where feet are spoken, `a4` where metres are. */
  readonly sheet: 'letter' | 'a4'
  readonly head: PaperHead | null
  readonly letter: WordedLetter
  /** What is different from the letter before, and why. */
  readonly changes: PaperChanges | null
  readonly why: WordedWhy | null
  readonly workings: WordedWorkings | null
}

/** The office as it stands on the paper. */
export interface PaperHead {
  readonly name: string
  readonly address: string
  readonly disclaimer: string
}

export interface PaperChanges {
  readonly title: string
  readonly lines: readonly string[]
}

/** What an area is and what its words rest on, in one line. */
export const groundOf = ({ about, basis }: WordedArea): string => [about, basis].filter(Boolean).join(' · ')

/** What is said of an area, as one paragraph. */
export const saidOf = ({ says, rows, instead }: WordedArea): string =>
  [...says.map(({ text }) => text), ...(rows.length === 0 ? [instead] : [])].join(' ')

/** The names of the four columns of the timetable; one of before had none for its days. */
export const stepColumns = ({ columns }: WordedLetter): readonly string[] =>
  columns.length < 4 ? ['', ...columns] : columns

/** The area of a row in a table, where the row above does not name it already. */
export const areaOf = (rows: WordedDay['rows'], i: number): string =>
  rows[i]!.area === rows[i - 1]?.area ? '' : rows[i]!.area

/** When, how often, where and how one thing goes on. */
export const whenOf = ({ days, when }: WordedRow): string => [days, when].filter(Boolean).join('; ')
