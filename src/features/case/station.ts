import type { ComponentType } from 'react'
import type { Station } from '@/core/case/stations'

/** A station, or the history of the case. */
export type View = Station | 'history'

/** What a key does in a place. */
export interface Key {
  readonly keys: string
  readonly does: string
}
export const fieldKey: Key = { keys: 'Enter', does: 'to the next field' }
export const arrowKeys: Key = { keys: 'Arrow keys', does: 'choose among those side by side' }

/**
 * All that a case, the find box, the keys and the tour know of a station. How far one has come is the core's
 * (`core/case/progress.ts`).
 */
export interface StationDefinition {
  readonly id: View
  readonly label: string
  /** What stands above it: its own name, the area with its name, or neither, where its sheet has a heading of its own. */
  readonly heading: 'station' | 'area' | 'none'
  /** Whether paper printed from it says itself whose it is. */
  readonly saysWhose: boolean
  /** Whether it takes more room. */
  readonly wide: boolean
  /** What will stand there once there is something to say, made up: a few lines of a name and what is said of it. */
  readonly example: readonly (readonly [what: string, how: string])[]
  /** What is pressed and typed there, beside the keys of every case. */
  readonly keys: readonly Key[]
  /** What the tour says of it; null where it does not stop there. */
  readonly tour: string | null
  /** Its sheet, which comes when it is first wanted. */
  readonly load: () => Promise<ComponentType>
}
