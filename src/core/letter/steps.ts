import type { Day } from '../passes/program/day'
import type { Test } from '../passes/program/tests'
import type { Letter, LetterArea, LetterPass } from './letter'

/** One thing to do, with the ground it is done on. */
export type Step = { readonly area: LetterArea } & ({ readonly pass: LetterPass } | { readonly test: Test })

/** What is done on one day; null: what has no day of its own. */
export interface StepsOfDay {
  readonly day: Day | null
  readonly steps: readonly Step[]
}

/**
 * What a letter asks to be done, in the order of its days, soil tests among it; what has none comes last. Things of one day
 * stay in the order of the areas.
 */
export function stepsOf({ areas }: Pick<Letter, 'areas'>): readonly StepsOfDay[] {
  const byDay = new Map<Day | null, Step[]>()
  const add = (day: Day | null, step: Step) => byDay.set(day, [...(byDay.get(day) ?? []), step])
  for (const area of areas) {
    for (const pass of area.passes) add(pass.day, { area, pass })
    for (const test of area.tests) add(test.day, { area, test })
  }
  return [...byDay]
    .sort(([a], [b]) => (a === null ? 1 : b === null ? -1 : a < b ? -1 : 1))
    .map(([day, steps]) => ({ day, steps }))
}
