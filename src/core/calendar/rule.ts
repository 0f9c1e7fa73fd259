import type { YearDay } from '../guides/regions'
import { type YearLimit } from './ban'
import type { Shelf } from '../shelf/shelf'
import { monthNamed, twoDigits } from './day'

/** A time that an office's law or custom closes; the office types it, and its own rule comes first. */
export interface ClosedTime {
  readonly id: string
  readonly name: string
  /** Every year, both days included, as typed: `1 Dec`; a span may run over the new year. */
  readonly from: string
  readonly to: string
  /** What it is closed for. */
  readonly what: 'all' | 'N' | 'P₂O₅'
  readonly where: 'all' | 'lawn'
}

/** The same as it closes: what cannot be read closes nothing. */
export interface Closing extends Pick<ClosedTime, 'name' | 'what' | 'where'> {
  readonly from: YearDay
  readonly to: YearDay
}

export const closingsOf = (typed: readonly ClosedTime[]): readonly Closing[] =>
  typed.flatMap(({ name, what, where, ...span }) => {
    const [from, to] = [readYearDay(span.from), readYearDay(span.to)]
    return from && to ? [{ name, what, where, from, to }] : []
  })

/** A strip beside water on which nothing of a kind goes. */
export interface WaterStrip {
  readonly id: string
  readonly name: string
  readonly what: 'all' | 'N' | 'P₂O₅'
  /** ft, as typed. */
  readonly width: string
}

/** What an office's law or custom asks of every calendar, each to be checked against the local rule, and what is sold there. */
export interface Rules {
  readonly closedTimes: readonly ClosedTime[]
  readonly yearLimits: readonly YearLimit[]
  readonly waterStrips: readonly WaterStrip[]
  readonly shelf?: Shelf
}

export const noRules: Rules = { closedTimes: [], yearLimits: [], waterStrips: [] }

/** Of a leap year: the 29th of February is a day of it. */
const lengths = [31, 29, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31]

/**
 * A day of every year as people write it: `1 Dec`, `December 1`, `12-01`, `12/1` (month first). Undefined where it is none.
 *
 * @example readYearDay('1 Dec') // '12-01'
 */
export function readYearDay(text: string): YearDay | undefined {
  const plain = text
    .trim()
    .toLowerCase()
    .replace(/(\d)(?:st|nd|rd|th)\b/, '$1')
  const numbers = /^(\d{1,2})[-/](\d{1,2})$/.exec(plain)
  const words = /^(?:(\d{1,2})\.?\s+([a-z]{3,9})|([a-z]{3,9})\.?\s+(\d{1,2}))$/.exec(plain)
  const name = words?.[2] ?? words?.[3]
  const month = numbers ? Number(numbers[1]) : name ? monthNamed(name) : 0
  const day = Number(numbers ? numbers[2] : (words?.[1] ?? words?.[4]))
  if (!(month >= 1 && month <= 12) || !(day >= 1 && day <= lengths[month - 1]!)) return undefined
  return `${twoDigits(month)}-${twoDigits(day)}`
}
