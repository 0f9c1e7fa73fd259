import { blank as blankTyped } from '../units/typed'
import type { Holds, Shape } from './shape'

/**
 * A value of a shape before anything is typed or chosen. What has no blank of its own, such as an id, a moment or a
 * number, is left out of it: whoever makes one says it.
 */
export const blankOf = <Of extends Shape>(shape: Of): Holds<Of> => blankIn(shape) as Holds<Of>

function blankIn(shape: Shape): unknown {
  if (shape.blank !== undefined) return shape.blank
  switch (shape.is) {
    case 'optional':
      return null
    case 'text':
      return shape.least === 0 ? '' : undefined
    case 'flag':
      return false
    case 'one-of':
      return shape.values.includes(null) ? null : undefined
    case 'typed':
      return blankTyped(shape.unit)
    case 'list':
      return shape.least === 0 ? [] : undefined
    case 'record':
    case 'some':
      return {}
    case 'fields':
      return Object.fromEntries(
        Object.entries(shape.of)
          .map(([name, of]) => [name, blankIn(of)] as const)
          .filter(([, blank]) => blank !== undefined),
      )
    default:
      return undefined
  }
}
