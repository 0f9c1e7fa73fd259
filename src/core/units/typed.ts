import { accept, refuse, type Outcome } from '../sentence/sentence'

/** What a person typed: the text as it stands, the unit meant, and the number read from it, null where it cannot be read. */
export interface Typed {
  readonly text: string
  readonly unit: string
  readonly value: number | null
}

/** A unit and the ways people write it after a number, in lower case. */
export interface UnitWords {
  readonly unit: string
  readonly words: readonly string[]
}

/** The unit to be said beside a typed text; none where the text names one itself, as `120 ppm` does. */
export const unitBeside = ({ text, unit }: Typed): string =>
  /[a-z%/]/i.test(text.replace(/\b(?:to|nd)\b/gi, '')) ? '' : unit

export const blank = (unit: string): Typed => ({ text: '', unit, value: null })

const fractions: Readonly<Record<string, string>> = { '½': '1/2', '¼': '1/4', '¾': '3/4', '⅓': '1/3', '⅔': '2/3' }

/**
 * Reads the number at the start of a text: `7.1`, `5,3`, `2,333`, `.5`, `1/2`, `12 1/2`, `12½`.
 * A comma before exactly three digits, with no zero in front, parts thousands; any other comma is a decimal one.
 * Undefined when the text does not start with a number.
 *
 * @example readNumber('2,333 lb') // { value: 2333, length: 5 }
 */
export function readNumber(text: string): { value: number; length: number } | undefined {
  const match =
    /^\s*(?:(\d+)\s*([½¼¾⅓⅔])|([½¼¾⅓⅔])|(\d+)\s+(\d+)\/(\d+)|(\d+)\/(\d+)|([1-9]\d{0,2}(?:,\d{3})+(?:\.\d+)?)(?![\d,])|(\d+[.,]\d+|\d+\.?|[.,]\d+))/.exec(
      text,
    )
  if (!match) return undefined
  const [all, whole, mark, alone, mixed, mixedTop, mixedBottom, top, bottom, thousands, plain] = match
  const length = all.length
  const part = (a: string, b: string) => Number(a) / Number(b)
  const sign = (glyph: string) => part(...(fractions[glyph]!.split('/') as [string, string]))
  let value: number
  if (whole !== undefined) value = Number(whole) + sign(mark!)
  else if (alone !== undefined) value = sign(alone)
  else if (mixed !== undefined) value = Number(mixed) + part(mixedTop!, mixedBottom!)
  else if (top !== undefined) value = part(top, bottom!)
  else if (thousands !== undefined) value = Number(thousands.replaceAll(',', ''))
  else value = Number(plain!.replace(',', '.'))
  return Number.isFinite(value) ? { value, length } : undefined
}

const fold = (unit: string) => unit.trim().toLowerCase().replace(/\s+/g, ' ').replace(/\.$/, '')

/**
 * Reads a number that may carry one of the allowed units; a unit that is typed wins over the one set beside the field.
 *
 * @example readTyped('23 lb/ac', 'ppm', soilUnits) // { text: '23 lb/ac', unit: 'lb/acre', value: 23 }
 */
export function readTyped(text: string, unit: string, allowed: readonly UnitWords[] = []): Typed {
  const number = readNumber(text)
  if (!number) return { text, unit, value: null }
  const rest = fold(text.slice(number.length))
  if (rest === '') return { text, unit, value: number.value }
  const said = allowed.find((one) => one.words.includes(rest) || fold(one.unit) === rest)
  return { text, unit: said?.unit ?? unit, value: said ? number.value : null }
}

/** What a field accepts: its unit or units, its range, and what one would type. */
export interface Field {
  readonly units: readonly UnitWords[]
  readonly low: number
  readonly high: number
  readonly example: string
}

/** A report says that nothing was found, without saying how little it could have found. */
const notFound = /^\s*(?:n\.?\s?d\.?|b\.?d\.?l\.?|not detected|none detected|below detection(?: limit)?)\s*$/i

/** Most fields of a report are blank: one answer serves them all. */
const blankField: Outcome<undefined> = accept(undefined)

/**
 * The number in a field, undefined when nothing was typed, or the sentence that says what is wrong with it.
 * A value ten times too large is taken for a lost decimal point, and the sentence says so.
 */
export function check(field: Field, typed: Typed): Outcome<number | undefined> {
  const { text, value } = typed
  if (text.trim() === '') return blankField
  const { low, high, example } = field
  if (value === null) {
    if (/^\s*-/.test(text)) return refuse('field.negative', { text, example })
    if (notFound.test(text)) return refuse('field.not-detected', { text, example })
    return refuse('field.unreadable', { text, at: (readNumber(text)?.length ?? 0) + 1, example })
  }
  if (typed.unit === '' && field.units.length > 1) return refuse('field.unit-unsaid', { text, example })
  if (!unitFits(field, typed.unit)) return refuse('field.unit', { text, unit: typed.unit, example })
  if (value >= low && value <= high) return accept(value)
  const tenth = value / 10
  const meant =
    value > high && tenth >= low && tenth <= high && !text.includes('.') ? Number(tenth.toPrecision(6)) : null
  return refuse('field.range', { text, low, high, meant, example })
}

/** A file may name any unit; a field that has a choice of units must find its own. */
const unitFits = ({ units }: Field, unit: string): boolean =>
  units.some((one) => one.unit === unit) || (unit === '' && units.length < 2)

/** A computed number as if it had been typed, to six digits. */
export function asTyped(value: number, unit: string): Typed {
  const v = Number(value.toPrecision(6))
  return { text: String(v), unit, value: v }
}
