import { evaluateBy } from './expression'
import type { Quantity } from './quantity'
import type { Sentence } from '../sentence/sentence'
import type { SourceRef } from './sources'

/** A number that was not computed: typed, measured, or looked up in a guide. */
export interface Given<Of extends string = string> {
  readonly value: Quantity<Of>
  readonly label: Sentence
  readonly source?: SourceRef
}

/**
 * A number and how it came about. `expression` is written in the names of `inputs` and evaluates
 * to `value`; the inputs are derivations in their turn, down to what was given.
 */
export interface Derived<Of extends string = string> {
  readonly value: Quantity<Of>
  /** The rule in words. */
  readonly rule: Sentence
  readonly expression: string
  readonly inputs: Readonly<Record<string, Working>>
  readonly source: SourceRef
}

export type Working<Of extends string = string> = Given<Of> | Derived<Of>

export const isDerived = (working: Working): working is Derived => 'expression' in working

export const given = <Of extends string>(value: Quantity<Of>, label: Sentence, source?: SourceRef): Given<Of> =>
  source ? { value, label, source } : { value, label }

/**
 * Computes a number from its expression and keeps the way there.
 * Throws RangeError when the result is not finite: a method must refuse before it gets that far.
 *
 * @example derive('lb N', '3 * area / 1000', { area }, say('area.share'), 'arithmetic')
 */
export function derive<Of extends string>(
  of: Of,
  expression: string,
  inputs: Readonly<Record<string, Working>>,
  rule: Sentence,
  source: SourceRef,
): Derived<Of> {
  const v = evaluateBy(expression, (name) => inputs[name]?.value.v)
  if (!Number.isFinite(v)) throw new RangeError(`${rule.key}: ${expression} is ${v}`)
  return { value: { v, of }, rule, expression, inputs, source }
}

/** The derivation's steps in the order of the arithmetic: what a number needs comes before it, each once. */
export function steps(working: Working): Derived[] {
  const found = new Set<Derived>()
  const visit = (one: Working) => {
    if (!isDerived(one) || found.has(one)) return
    Object.values(one.inputs).forEach(visit)
    found.add(one)
  }
  visit(working)
  return [...found]
}
