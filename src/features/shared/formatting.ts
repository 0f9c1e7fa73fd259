import type { Report } from '@/core/report/report'
import type { LineField } from '@/core/report/line-fields'
import { classesOfWords } from '@/core/report/class-words'
import { printedWord, rangeOf } from '@/core/report/measured'
import { oxideIn } from '@/core/reading/soil'
import { isElement, lineField } from '@/core/report/lines'
import type { Sentence } from '@/core/sentence/sentence'
import { check, readTyped, type Field, type Typed } from '@/core/units/typed'
import { classWords } from '@/wording/phrase'
import { render } from '@/wording/render'

/** What a field of the case needs to show itself: its text, and what is wrong with it. */
export function fieldError(field: Field, typed: Typed): string | undefined {
  const read = check(field, typed)
  return read.ok ? undefined : render(read.refusal)
}

/** The typed value after a keystroke; the unit stays unless another one is typed. */
export const retyped = (text: string, unit: string, field: Field): Typed => readTyped(text, unit, field.units)

/** What was understood, where that is not plain from the text: a comma, a fraction, a unit of its own. */
export function understood(typed: Typed, unit: string): string | undefined {
  if (typed.value === null || !/[,/½¼¾⅓⅔a-z#%"]/i.test(typed.text)) return undefined
  return `read as ${Number(typed.value.toPrecision(8))} ${typed.unit || unit}`.trim()
}

/** What is wrong with a line of a report. A test may also be a class word; an oxide is never taken for its element. */
export function lineRefusal(field: LineField, typed: Typed, buffer: Report['buffer']): Sentence | undefined {
  if (isElement(field)) {
    if (classesOfWords(typed.text)) return undefined
    const oxide = oxideIn(field, typed.text)
    if (oxide) return oxide
  }
  const read = check(lineField(field, buffer), typed)
  return read.ok ? undefined : read.refusal
}

/** What was understood of a line, where it is not a plain number in the unit beside it. */
export function lineUnderstood(field: LineField, typed: Typed, unit: string): string | undefined {
  const classes = isElement(field) ? classesOfWords(typed.text) : undefined
  if (classes) return `read as ${[...new Set(classes)].map((one) => classWords[one]).join(' to ')}`
  const range = rangeOf(typed)
  const word = printedWord(typed)
  const says = word ? `; the laboratory’s word: ${classWords[word]}` : ''
  if (!range) return word ? `read as ${amount(typed.value!, typed, unit)}${says}` : understood(typed, unit)
  const { low, high } = range
  if (low === null) return `read as below ${amount(high!, typed, unit)}${says}`
  if (high === null) return `read as above ${amount(low, typed, unit)}${says}`
  return `read as between ${low} and ${amount(high, typed, unit)}${says}`
}

const amount = (v: number, typed: Typed, unit: string) => `${Number(v.toPrecision(8))} ${typed.unit || unit}`.trim()
