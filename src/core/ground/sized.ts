import type { Sentence } from '../sentence/sentence'
import type { Derived } from '../units/workings'
import type { Ground } from '../geometry/polygon'

/** The outline behind a size, in feet, for drawing it to scale. `plain` is an area of unknown outline. */
export type Shape =
  | { readonly kind: 'rectangle'; readonly width: number; readonly length: number }
  | { readonly kind: 'circle'; readonly diameter: number }
  | { readonly kind: 'plain'; readonly area: number }
  | { readonly kind: 'outline'; readonly ground: Ground; readonly area: number }

export interface Size {
  readonly area: Derived<'ft²'>
  readonly shape: Shape
  /** How many of that shape. */
  readonly count: number
  /** What is counted, where they are no beds. */
  readonly of?: 'plant'
  /** What each takes is that of a grown one, which nobody said. */
  readonly assumed?: true
  /** Where it was told by its rows: ft of row in all, and ft from row to row. */
  readonly rows?: { readonly length: number; readonly spacing: number }
  /** How it was obtained, which tells how sure it is. */
  readonly how: HowSized
  /** How the text was understood. */
  readonly echo: Sentence
}

export const howSized = ['taped', 'paced', 'told', 'drawn', 'traced', 'counted'] as const
export type HowSized = (typeof howSized)[number]
