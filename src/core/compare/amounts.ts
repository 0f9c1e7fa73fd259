import type { Figures } from '../recommend'
import { lbNeeded, type What } from '../needs/need'

/**
 * lb of everything that an area is given, 0 where none, and nothing for what is not known. `S` is sulfur as a nutrient.
 */
export function amountsOf({
  answer,
}: {
  readonly answer: Pick<Figures, 'reaction' | 'needs'> | null
}): ReadonlyMap<What, number> {
  const found = new Map<What, number>()
  if (!answer) return found
  const { reaction, needs } = answer
  if (reaction.outcome !== 'unknown' && reaction.outcome !== 'check')
    for (const direction of ['lime', 'sulfur'] as const) found.set(direction, 0)
  for (const need of needs) {
    const lb = lbNeeded(need)
    if (lb !== undefined) found.set(need.of, lb)
  }
  return found
}
