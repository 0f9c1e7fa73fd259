import type { ClassName } from '../guides/guide'
import { readNumber, readTyped, type Typed, type UnitWords } from '../units/typed'
import { classOfWord } from './class-words'

/** What a value lies between; null where that end is open. */
export interface Range {
  readonly low: number | null
  readonly high: number | null
}

/** What a report prints in the place of a number: a number, a limit, a range, and its own word for the class. */
export interface Measurement {
  /** The number printed, the limit, or the middle of the range. */
  readonly value: number
  readonly range?: Range
  /** The class that the laboratory names beside the number. */
  readonly word?: ClassName
  /** What stands after the number. */
  readonly unit: string
}

const below = /^\s*(?:<=?|≤|below|under|less than)\s*/i
const above = /^\s*(?:>=?|≥|above|over|more than)\s*/i
const through = /^\s*(?:-|–|—|to|\.\.\.?)\s*(?=[\d.,½¼¾⅓⅔])/i
const about = /^\s*(?:±|\+\/-|\+-)\s*(?=[\d.,])/

/**
 * Reads what a report prints for a test: `23`, `<5`, `> 200`, `6.0–6.5`, `6.3 ± 0.2`, `161 M`, `5,3 ppm`.
 * Undefined where no number can be made out, and where a range runs backwards.
 *
 * @example parseMeasured('<5 ppm') // { value: 5, range: { low: null, high: 5 }, unit: 'ppm' }
 */
export function parseMeasured(text: string): Measurement | undefined {
  const limit = below.exec(text) ?? above.exec(text)
  const start = limit?.[0].length ?? 0
  const first = readNumber(text.slice(start))
  if (!first) return undefined
  const rest = text.slice(start + first.length)
  const { value } = first
  if (limit)
    return withWord({ value, range: below.test(text) ? { low: null, high: value } : { low: value, high: null } }, rest)
  const to = through.exec(rest)
  const second = to && readNumber(rest.slice(to[0].length))
  if (to && second) {
    if (second.value < value) return undefined
    const middle = Number(((value + second.value) / 2).toPrecision(12))
    return withWord(
      { value: middle, range: { low: value, high: second.value } },
      rest.slice(to[0].length + second.length),
    )
  }
  const give = about.exec(rest)
  const spread = give && readNumber(rest.slice(give[0].length))
  if (give && spread) {
    const [low, high] = [value - spread.value, value + spread.value].map((end) => Number(end.toPrecision(12)))
    return withWord(
      { value, range: { low: Math.max(low!, 0), high: high! } },
      rest.slice(give[0].length + spread.length),
    )
  }
  return withWord({ value }, rest)
}

const lastWords = [/^(.*?)\s*\(?\b([a-z]+ [a-z]+)\)?\s*$/i, /^(.*?)\s*\(?\b([a-z]+)\)?\s*$/i]

/** Takes a class word off the end of what follows the number; of `very low`, both words. */
function withWord(found: Omit<Measurement, 'unit'>, rest: string): Measurement {
  for (const pattern of lastWords) {
    const [, unit, last] = pattern.exec(rest) ?? []
    const word = last === undefined ? undefined : classOfWord(last)
    if (word) return { ...found, word, unit: unit!.trim() }
  }
  return { ...found, unit: rest.trim() }
}

/**
 * Reads what is typed for a test. A unit that is typed wins over the one set beside the field; one that the field does
 * not know leaves it unread.
 *
 * @example readMeasured('161 M', 'ppm', soilUnits) // { text: '161 M', unit: 'ppm', value: 161 }
 */
export function readMeasured(text: string, unit: string, allowed: readonly UnitWords[]): Typed {
  const plain = readTyped(text, unit, allowed)
  if (plain.value !== null) return plain
  const found = parseMeasured(text)
  if (!found) return plain
  const said = readTyped(`1 ${found.unit}`, unit, allowed)
  return { text, unit: said.unit, value: said.value === null ? null : found.value }
}

/** Digits and a point alone, as most values are: nothing more is to be found in it. */
const plain = /^[\s\d.]*$/

/** What else a text says that was read as a number. */
const parsed = ({ text, value }: Typed): Measurement | undefined =>
  value === null || plain.test(text) ? undefined : parseMeasured(text)

/** A number as one types it that leaves nothing open: a kit's bare number would be a range. */
export const exactly = (value: number): string => `${value} ± 0`

/** What a typed test lies between; undefined where it is a plain number, or cannot be read. */
export const rangeOf = (typed: Typed): Range | undefined => parsed(typed)?.range

/** The class that the laboratory itself names beside the number. */
export const printedWord = (typed: Typed): ClassName | undefined => parsed(typed)?.word

/** So little beyond a limit that it shows in no figure, and enough to stand on the far side of any bound. */
const hair = 1e-9

/**
 * The number to reckon with: a limit stands just beyond itself, so that `<10` is below a bound at 10 and `>200` above one
 * at 200.
 */
export function reckoned(typed: Typed): number | undefined {
  if (typed.value === null) return undefined
  const range = rangeOf(typed)
  if (range?.low === null) return typed.value * (1 - hair)
  if (range?.high === null) return typed.value * (1 + hair)
  return typed.value
}
