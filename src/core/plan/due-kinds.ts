import type { Day } from '../calendar/day'

/** Kinds of what falls due: sulfur that has to lie before planting, another pass, a soil test, a sample that is out, a letter. */
export const dueKinds = ['sulfur', 'pass', 'test', 'sample', 'letter'] as const
export type DueKind = (typeof dueKinds)[number]

/** What falls due in a case. */
export interface Due {
  readonly day: Day
  readonly what: DueKind
  /** The name of its area, or the code of the sample; blank for the letter. */
  readonly of: string
}
