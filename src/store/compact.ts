import type { Case } from '../core/case/case'
import { changeBetween } from '../core/case/changes'
import { mostPatches } from '../core/case/fits'
import type { FiledEdit } from '../schemas/case-file'
import { before } from './history'

/** Edits of one case, and characters of them, beyond which the oldest are joined: far below what a file may hold. */
export const historyLimits = { edits: 4_000, characters: 3_000_000 }

/** Ids of earlier edits that one may know; of more the latest, which is where devices part. */
const mostKnown = 20_000

/** Of these so much is left, so that the oldest are not joined anew at every edit. */
const left = 0.5

/** How many of the oldest edits are to be joined: 0 where the history is short enough. */
function tooOld(log: readonly FiledEdit[], limits: typeof historyLimits): number {
  const sizes = log.map((edit) => JSON.stringify(edit).length)
  const whole = sizes.reduce((sum, size) => sum + size, 0)
  if (log.length <= limits.edits && whole <= limits.characters) return 0
  let [edits, characters] = [log.length, whole]
  const enough = () => edits <= limits.edits * left && characters <= limits.characters * left
  for (const [i, size] of sizes.entries()) {
    if (enough()) return closed(log, i)
    edits -= 1
    characters -= size
  }
  return log.length
}

/** The latest end, not before `least`, that no later undo or redo reaches behind; the whole log where there is none. */
function closed(log: readonly FiledEdit[], least: number): number {
  let depth = 0
  const depths = log.map(({ kind }) => (depth += kind === 'undo' ? -1 : kind === 'joined' ? 0 : 1))
  const lowest = depths.slice()
  for (let i = lowest.length - 2; i >= 0; i -= 1) lowest[i] = Math.min(lowest[i]!, lowest[i + 1]!)
  for (let end = least; end < log.length; end += 1) {
    const stands = log[end]!.kind !== 'undo' && log[end]!.kind !== 'redo'
    if (stands && lowest[end]! >= (depths[end - 1] ?? 0)) return end
  }
  return log.length
}

/**
 * The history of a case with its oldest edits joined to one, which can no longer be taken apart; the very same where it
 * is short enough. It keeps the id of the last of them and knows the others, so that two devices still find where they
 * parted.
 *
 * @param kase the case as it is with all of the log
 */
export function compacted<One extends FiledEdit>(
  kase: Case,
  log: readonly One[],
  limits = historyLimits,
): readonly One[] {
  const many = tooOld(log, limits)
  if (many < 2) return log
  const [old, later] = [log.slice(0, many), log.slice(many)]
  const last = old.at(-1)!
  try {
    const then = before(kase, later)
    const change = changeBetween(before(then, old), then)
    if (change.patches.length > mostPatches) return log
    const knows = old.flatMap((edit) => [edit.id, ...(edit.knows ?? [])]).filter((id) => id !== last.id)
    return [{ ...last, kind: 'joined', ...change, knows: [...new Set(knows)].slice(-mostKnown) }, ...later]
  } catch {
    // One that does not fit its case stays as it is, to be looked at.
    return log
  }
}
