import type { Day } from '../passes/program/day'
import type { Letter, LetterArea, LetterRow } from './letter'

/** One thing to do, with the ground it is done on. */
export interface Step {
  readonly area: LetterArea
  readonly row: LetterRow
}

/** What is begun on one day; null: what has no day of its own. */
export interface StepsOfDay {
  readonly day: Day | null
  readonly steps: readonly Step[]
}

/**
 * What a letter asks to be done, in the order of the days on which each thing begins; what has none comes last. Things
 * of one day stay in the order of the areas.
 */
export function stepsOf({ areas }: Pick<Letter, 'areas'>): readonly StepsOfDay[] {
  const byDay = new Map<Day | null, Step[]>()
  for (const area of areas)
    for (const row of area.rows) {
      const day = row.days.length > 0 ? row.days.reduce((a, b) => (a < b ? a : b)) : null
      byDay.set(day, [...(byDay.get(day) ?? []), { area, row }])
    }
  return [...byDay]
    .sort(([a], [b]) => (a === null ? 1 : b === null ? -1 : a < b ? -1 : 1))
    .map(([day, steps]) => ({ day, steps }))
}
