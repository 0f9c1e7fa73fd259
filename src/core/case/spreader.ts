import type { ProductRef } from '../shelf/product'
import type { Typed } from '../units/typed'

/** A spreader, as it stands and as it was tried. */
export interface Spreader {
  readonly id: string
  readonly name: string
  readonly kind: 'broadcast' | 'drop' | null
  /** Wheel track to wheel track, ft. */
  readonly swath: Typed
  /** The setting it stands at now, by its own scale. */
  readonly setting: Typed
  /** What it was tried with. */
  readonly product: ProductRef | null
  readonly trials: readonly Trial[]
}

/** A measured strip, weighed in and weighed back. */
export interface Trial {
  readonly id: string
  readonly setting: Typed
  /** ft walked */
  readonly distance: Typed
  /** lb in the hopper before and after. */
  readonly before: Typed
  readonly after: Typed
}
