import type { AreaRecommendation } from '../recommend'
import type { Nutrient } from '../units/quantity'

/** What goes on the ground: lime or sulfur as product, the nutrients as such. */
export type What = 'lime' | 'sulfur' | Nutrient

/**
 * lb of everything that an area is given, 0 where none, and nothing for what is not known. `S` is sulfur as a nutrient.
 */
export function amountsOf({ answer }: Pick<AreaRecommendation, 'answer'>): ReadonlyMap<What, number> {
  const found = new Map<What, number>()
  if (!answer) return found
  const { reaction, needs, others } = answer
  for (const direction of ['lime', 'sulfur'] as const)
    if (reaction.outcome !== 'unknown')
      found.set(direction, reaction.outcome === direction ? reaction.dose!.amount.value.v : 0)
  for (const { nutrient, outcome, amount } of needs)
    if (outcome !== 'unknown') found.set(nutrient, amount?.value.v ?? 0)
  for (const { nutrient, amount } of others) found.set(nutrient, amount?.value.v ?? 0)
  return found
}

/** Two amounts this close, as a share of the larger, are the same to whoever weighs them out. Source: common practice. */
const alike = 0.02

export const differ = (a: number | undefined, b: number | undefined): boolean =>
  a === undefined || b === undefined ? a !== b : Math.abs(a - b) > alike * Math.max(a, b)
