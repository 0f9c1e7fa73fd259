import { classOfWord } from '@/core/reading/class-words'
import { oxideIn } from '@/core/reading/soil'
import type { Element } from '@/core/units/quantity'
import { classWords } from '@/wording/phrase'
import { check, readTyped, type Field, type Typed } from '@/core/units/typed'
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

/** A soil test may also be a class word, as some laboratories print; an oxide is never taken for its element. */
export function testError(element: Element, field: Field, typed: Typed): string | undefined {
  if (classOfWord(typed.text)) return undefined
  const oxide = oxideIn(element, typed.text)
  return oxide ? render(oxide) : fieldError(field, typed)
}

export function testUnderstood(typed: Typed, unit: string): string | undefined {
  const word = classOfWord(typed.text)
  return word ? `read as ${classWords[word]}` : understood(typed, unit)
}
