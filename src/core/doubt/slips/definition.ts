import type { Sentence } from '../../sentence/sentence'
import type { Truth } from '../truth'

/** What a slip makes of a right rate. */
export interface Slipped {
  /** lb per 1,000 ft², as it would be said. */
  readonly rate: number
  readonly tells: Sentence
  /** How often one meets just this, by itself. */
  readonly prior: number
}

/** One way in which a right figure becomes a wrong one. Another is a file here and a line in the index. */
export interface Slip {
  readonly id: string
  /** It may be made on top of another of its kind. */
  readonly twice?: true
  /** Every figure that it could make of this rate; none where it cannot happen here. */
  readonly makes: (rate: number, truth: Truth) => readonly Slipped[]
}

/** A slip that multiplies, or that divides, by a fixed number. */
export const byFactor = (
  rate: number,
  prior: number,
  ways: readonly (readonly [factor: number, tells: Sentence])[],
): readonly Slipped[] => ways.map(([factor, tells]) => ({ rate: rate * factor, tells, prior }))
