import type { Aim } from '../case/applications'

/**
 * What a mix is chosen by. Everything is weighed in the money of one bag's price; docs/mix.md says what each is for.
 * Source of all: common practice.
 */
export interface Weights {
  /** For each unit of money that is spent. */
  readonly cost: number
  /** For missing a whole need, as far as the tolerance goes. */
  readonly within: number
  /** For missing a whole need beyond the tolerance. */
  readonly beyond: number
  /** For each product more. */
  readonly product: number
  /** For each product more on one area. */
  readonly use: number
}

/** What a pound counts as, in money, while its price is not known: only to choose by, never to be shown. */
export const unpricedPound = 0.6

/** lb per 1,000 ft² below which a hand cannot spread a product evenly. */
export const leastSpread = 0.25

const usual: Weights = { cost: 1, within: 5, beyond: 2_000, product: 0, use: 0.5 }

export const weights: Readonly<Record<Aim, Weights>> = {
  cheapest: usual,
  // A product more only where a need would be missed by far without it.
  fewest: { ...usual, cost: 0.05, product: 150 },
  single: { ...usual, cost: 0.05, within: 100 },
  organic: usual,
  'no-phosphorus': usual,
  shed: { ...usual, cost: 0, within: 50 },
}
