import type { Case } from '../core/case/case'
import type { Guide } from '../core/guides/guide'
import type { Product } from '../core/shelf/product'
import type { FiledEdit } from '../schemas/case-file'
import { differences, merge, type Clash, type Difference } from '../core/case/changes'
import { before } from './history'

/** A case with its log, from a file or from this browser. */
export interface Version {
  readonly kase: Case
  readonly log: readonly FiledEdit[]
  /** An office's own guides that it came with. */
  readonly guides?: readonly Guide[]
  readonly products?: readonly Product[]
}

/** How the version in a file stands to the one here. */
export type Standing = 'same' | 'older' | 'newer' | 'parted' | 'unrelated'

export interface Comparison {
  readonly standing: Standing
  /** From here to there. */
  readonly differences: readonly Difference[]
  /** What merging would change here, clashes included with the value from there. */
  readonly changes: readonly Difference[]
  readonly clashes: readonly Clash[]
}

const known = (log: readonly FiledEdit[]): Set<string> =>
  new Set(log.flatMap((edit) => [edit.id, ...(edit.knows ?? [])]))

/** How many of a log's first edits are in the other one, or were taken in by it. */
function shared(log: readonly FiledEdit[], other: readonly FiledEdit[]): number {
  const there = known(other)
  const apart = log.findIndex((edit) => !there.has(edit.id))
  return apart < 0 ? log.length : apart
}

/** Undefined where a log does not fit its case. */
function rolledBack({ kase, log }: Version, to: number): Case | undefined {
  try {
    return before(kase, log.slice(to))
  } catch {
    return undefined
  }
}

/**
 * The last state that two versions of a case have in common, by their logs; undefined where they did not begin alike.
 * Of the two logs, the one that shares more of its beginning decides.
 */
export function commonBase(here: Version, there: Version): Case | undefined {
  const [startHere, startThere] = [rolledBack(here, 0), rolledBack(there, 0)]
  if (!startHere || !startThere || differences(startHere, startThere).length > 0) return undefined
  const [fromHere, fromThere] = [shared(here.log, there.log), shared(there.log, here.log)]
  return fromHere >= fromThere ? rolledBack(here, fromHere) : rolledBack(there, fromThere)
}

/** Compares a version from elsewhere with the one here, without changing anything. */
export function compare(here: Version, there: Version): Comparison {
  const found = differences(here.kase, there.kase)
  const none = { differences: found, changes: [], clashes: [] }
  if (found.length === 0) return { standing: 'same', ...none }
  const base = commonBase(here, there)
  if (!base) {
    const clashes = found.map(({ path, before: theirs, after: mine }) => ({ path, mine, theirs }))
    return { standing: 'unrelated', differences: found, changes: found, clashes }
  }
  if (differences(base, there.kase).length === 0) return { standing: 'older', ...none }
  if (differences(base, here.kase).length === 0)
    return { standing: 'newer', differences: found, changes: found, clashes: [] }
  return { standing: 'parted', differences: found, ...merge(base, there.kase, here.kase) }
}
