import { patched, type Change } from '../core/case/changes'
import type { Case } from '../core/case/case'
import type { FiledEdit } from '../schemas/case-file'

/** An edit in the history that this browser keeps. */
export interface Edit extends FiledEdit {
  /** Given by the database, in the order of writing. */
  readonly seq: number
  readonly caseId: string
}

export type NewEdit = Omit<Edit, 'seq'>

/** What becomes an edit once it is signed; its id and time are those of the keystroke, where it was one. */
export type Unsigned = Change & Pick<Edit, 'kind' | 'knows'> & Partial<Pick<Edit, 'id' | 'at'>>

/** Typing in one field is one edit while no more than this lies between two strokes, ms. */
const pause = 3_000

/** The edits that stand, oldest first, and those that an undo took back, the next to redo last. */
export function standing<One extends Pick<Edit, 'kind'>>(log: readonly One[]): { done: One[]; undone: One[] } {
  const done: One[] = []
  let undone: One[] = []
  for (const edit of log) {
    if (edit.kind === 'undo') {
      const taken = done.pop()
      if (taken) undone.push(taken)
    } else if (edit.kind === 'redo') {
      const again = undone.pop()
      if (again) done.push(again)
    } else if (edit.kind !== 'joined') {
      done.push(edit)
      undone = []
    }
  }
  return { done, undone }
}

/** What undo and redo would take next. */
export interface NextSteps<One> {
  readonly undo: One | undefined
  readonly redo: One | undefined
}

/**
 * What undo and redo would take next, by the latest edits of a log alone; undefined where it rests on earlier ones.
 *
 * @param whole whether that is all of the log
 */
export function nextSteps<One extends Pick<Edit, 'kind'>>(
  latest: readonly One[],
  whole: boolean,
): NextSteps<One> | undefined {
  let [stands, taken] = [0, 0]
  for (const { kind } of latest) {
    if (kind === 'joined') continue
    const back = kind === 'undo'
    if (!whole && (back ? stands : kind === 'redo' ? taken : 1) === 0) return undefined
    stands += back ? -1 : 1
    taken = back ? taken + 1 : kind === 'redo' ? taken - 1 : 0
  }
  const { done, undone } = standing(latest)
  return whole || done.length > 0 ? { undo: done.at(-1), redo: undone.at(-1) } : undefined
}

const placeOf = (edit: Change) => edit.patches.map((patch) => patch.path.join('/')).join(' ')
const replacesOnly = (edit: Change) => edit.patches.every((patch) => patch.op === 'replace')

/** Whether a new edit goes on with the last: the same person in the same fields, without a pause. */
export const goesOn = (last: Edit | undefined, next: NewEdit): last is Edit =>
  last !== undefined &&
  last.kind === 'edit' &&
  next.kind === 'edit' &&
  last.by === next.by &&
  placeOf(last) === placeOf(next) &&
  replacesOnly(last) &&
  replacesOnly(next) &&
  Date.parse(next.at) - Date.parse(last.at) <= pause &&
  // A clock that was set back tells of no pause at all.
  Date.parse(next.at) >= Date.parse(last.at)

/** Both edits as one: to the newer state, and back to before the older. It is no longer the edit that a file may know. */
export const together = (last: Edit, next: NewEdit): Edit => ({
  ...last,
  id: next.id,
  at: next.at,
  patches: next.patches,
})

/** A case with its latest edits taken back, newest first. Throws RangeError when they do not fit it. */
export const before = (kase: Case, later: readonly Pick<FiledEdit, 'inverse'>[]): Case =>
  later.reduceRight((then, edit) => patched(then, edit.inverse), kase)
