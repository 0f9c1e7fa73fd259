import type { Application } from '../../case/applications'
import type { Objection } from '../../sentence/sentence'
import type { Pass, Treatment } from '../pass'
import type { Day } from '../../calendar/day'

/** A pass with its day. */
export interface Dated {
  readonly pass: Pass
  readonly treatment: Treatment
  /** Null where no day of many years is open, or where it was done nobody knows when. */
  readonly day: Day | null
  /** As it would be without having been moved. */
  readonly planned: Day | null
  readonly state: 'open' | 'moved' | 'done' | 'skipped' | 'covered'
  /** The entry of the log that answers it. */
  readonly entry: Application | null
  /** lb of it that were planned; what the pass itself says is what is still to do. */
  readonly amount: Pass['amount']
  /** What speaks against its day. */
  readonly problems: readonly Objection[]
}

/** A pass that is still to be put on, whoever chose its day. */
export const isOpen = ({ state }: Pick<Dated, 'state'>): boolean => state === 'open' || state === 'moved'
