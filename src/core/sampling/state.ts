import type { Sample } from '../case/sample'

export const sampleStates = ['planned', 'taken', 'sent', 'back'] as const
export type SampleState = (typeof sampleStates)[number]

/** How far a sample has come. */
export const sampleState = ({ taken, sent, back, reportId }: Sample): SampleState =>
  back || reportId ? 'back' : sent ? 'sent' : taken.date ? 'taken' : 'planned'

/** The date of its last step, which the next one is counted from; empty for a planned one. */
export const sampleSince = ({ taken, sent, back }: Sample): string => back || sent || taken.date
