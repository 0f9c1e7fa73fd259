import type { Case } from '../../case/case'
import { dayNumber, type Day } from './day'
import { isOpen, type Program } from './program'

/** What falls due next in a case: something to be put on, a soil test, or a step of a sample that is out. */
export interface Due {
  readonly day: Day
  readonly what: 'pass' | 'test' | 'sample'
  /** The name of its area, or the code of the sample. */
  readonly of: string
}

/** The first of all days that are still open; null where there is none. */
export function nextDue({ areas, samples }: Pick<Case, 'areas' | 'samples'>, program: Program): Due | null {
  const nameOf = (areaId: string) => areas.find(({ id }) => id === areaId)?.name ?? ''
  const open = program.areas.flatMap(({ areaId, passes, retests }): Due[] => [
    ...passes.flatMap((one): Due[] =>
      one.day !== null && isOpen(one) ? [{ day: one.day, what: 'pass', of: nameOf(areaId) }] : [],
    ),
    ...retests.map(({ day }): Due => ({ day, what: 'test', of: nameOf(areaId) })),
  ])
  const out = samples.flatMap(({ due, code, reportId }): Due[] =>
    reportId === null && dayNumber(due) !== undefined ? [{ day: due, what: 'sample', of: code }] : [],
  )
  const [first] = [...open, ...out].sort((a, b) => a.day.localeCompare(b.day))
  return first ?? null
}
