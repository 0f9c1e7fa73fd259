import type { Day } from '../calendar/day'
import type { Test } from '../passes/program/tests'
import type { Letter, LetterArea, LetterPass } from './letter'

/**
 * One thing to do, with the ground it is done on. A soil test stands for the pass that goes on only if it still asks for it;
 * one of several areas stands once.
 */
export type Step = { readonly area: LetterArea; readonly pass: LetterPass } | TestStep
export interface TestStep {
  readonly areas: readonly LetterArea[]
  readonly test: Test
  readonly gates: LetterPass | null
}

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
    const gated = new Set(area.tests.map(({ before }) => before))
    for (const pass of area.passes) if (!gated.has(pass.pass.key)) add(pass.day, { area, pass })
    for (const test of area.tests) {
      const gates = area.passes.find(({ pass }) => pass.key === test.before) ?? null
      const alike = gates ? undefined : byDay.get(test.day)?.find((one): one is TestStep => isTestAlike(one, test))
      if (alike) byDay.set(test.day, withArea(byDay.get(test.day)!, alike, area))
      else add(test.day, { areas: [area], test, gates })
    }
  }
  return [...byDay]
    .sort(([a], [b]) => (a === null ? 1 : b === null ? -1 : a < b ? -1 : 1))
    .map(([day, steps]) => ({ day, steps }))
}

const isTestAlike = (one: Step, test: Test): one is TestStep =>
  'test' in one && one.gates === null && JSON.stringify(one.test.reason) === JSON.stringify(test.reason)

const withArea = (steps: readonly Step[], to: TestStep, area: LetterArea): Step[] =>
  steps.map((one) => (one === to ? { ...to, areas: [...to.areas, area] } : one))
