import type { Level, Topic } from './exercise'

/** One answer as it was marked. */
export interface Attempt {
  readonly who: string
  readonly at: string
  readonly topic: Topic
  readonly level: Level
  readonly seed: number
  readonly said: string
  readonly right: boolean
  /** lb that would have been right. */
  readonly lb: number
  /** The slip that was named, in words; blank where there was none. */
  readonly slip: string
}
