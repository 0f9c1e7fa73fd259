import type { AreaRecommendation } from '../recommend'
import type { What } from './need'

/**
 * lb of everything that an area is given, 0 where none, and nothing for what is not known. `S` is sulfur as a nutrient.
 */
export function amountsOf({ answer }: Pick<AreaRecommendation, 'answer'>): ReadonlyMap<What, number> {
  const found = new Map<What, number>()
  if (!answer) return found
  const { reaction, needs } = answer
  if (reaction.outcome !== 'unknown' && reaction.outcome !== 'check')
    for (const direction of ['lime', 'sulfur'] as const) found.set(direction, 0)
  for (const { of, outcome, amount } of needs)
    if (outcome !== 'unknown' && outcome !== 'check') found.set(of, amount?.value.v ?? 0)
  return found
}

/** Two amounts this close, as a share of the larger, are the same to whoever weighs them out. Source: common practice. */
const alike = 0.02

export const differ = (a: number | undefined, b: number | undefined): boolean =>
  a === undefined || b === undefined ? a !== b : Math.abs(a - b) > alike * Math.max(a, b)
