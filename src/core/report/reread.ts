import { readMeasured } from './measured'
import { readTyped, type Typed } from '../units/typed'
import type { Shape } from '../shape/shape'

/** What an area's size comes to, ft²; null where it cannot be read. */
export type SizeReader = (size: Typed) => number | null

/**
 * A value with every number in it read again from its text, so that text and number cannot disagree: only the text of
 * what was typed is believed. The value must fit its shape.
 */
export const reread = <Of>(shape: Shape<Of>, value: Of, sizeOf: SizeReader): Of => again(shape, value, sizeOf) as Of

function again(shape: Shape, value: unknown, sizeOf: SizeReader): unknown {
  const all = (of: Shape) => (one: unknown) => again(of, one, sizeOf)
  const each = (of: (key: string) => Shape | undefined) =>
    Object.fromEntries(
      Object.entries(value as object).map(([key, one]) => {
        const inner = of(key)
        return [key, inner ? all(inner)(one) : one]
      }),
    )
  switch (shape.is) {
    case 'optional':
      return value === null ? null : all(shape.of)(value)
    case 'typed': {
      const { text, unit } = value as Typed
      if (shape.as === 'size') return { text, unit, value: sizeOf(value as Typed) }
      return shape.as === 'measured' ? readMeasured(text, unit, shape.units) : readTyped(text, unit, shape.units)
    }
    case 'fields':
      return each((key) => shape.of[key]!)
    case 'some':
      // What a later version brought is read by it.
      return each((key) => shape.of[key])
    case 'record':
      return each(() => shape.of)
    case 'list':
      return (value as readonly unknown[]).map(all(shape.of))
    default:
      return value
  }
}
