import { applyPatches, type Patch } from 'immer'
import type { Case } from '../core/case'

/** One step in the life of a case: what changed, and how to take it back. */
export interface Edit {
  /** Given by the database, in the order of writing. */
  readonly seq: number
  readonly caseId: string
  /** Initials of who typed; empty where nobody signed. */
  readonly by: string
  readonly at: string
  /** An undo takes back the last edit that stands; a redo puts back what the last undo took. */
  readonly kind: 'edit' | 'undo' | 'redo'
  readonly patches: readonly Patch[]
  readonly inverse: readonly Patch[]
}

export type NewEdit = Omit<Edit, 'seq'>

/** Typing in one field is one edit while no more than this lies between two strokes, ms. */
const pause = 3_000

/** The edits that stand, oldest first, and those that an undo took back, the next to redo last. */
export function standing(log: readonly Edit[]): { done: Edit[]; undone: Edit[] } {
  const done: Edit[] = []
  let undone: Edit[] = []
  for (const edit of log) {
    if (edit.kind === 'undo') {
      const taken = done.pop()
      if (taken) undone.push(taken)
    } else if (edit.kind === 'redo') {
      const again = undone.pop()
      if (again) done.push(again)
    } else {
      done.push(edit)
      undone = []
    }
  }
  return { done, undone }
}

const placeOf = (edit: Pick<Edit, 'patches'>) => edit.patches.map((patch) => patch.path.join('/')).join(' ')
const replacesOnly = (edit: Pick<Edit, 'patches'>) => edit.patches.every((patch) => patch.op === 'replace')

/** Whether a new edit goes on with the last: the same person in the same fields, without a pause. */
export const goesOn = (last: Edit | undefined, next: NewEdit): boolean =>
  last !== undefined &&
  last.kind === 'edit' &&
  next.kind === 'edit' &&
  last.by === next.by &&
  placeOf(last) === placeOf(next) &&
  replacesOnly(last) &&
  replacesOnly(next) &&
  Date.parse(next.at) - Date.parse(last.at) <= pause

/** Both edits as one: to the newer state, and back to before the older. */
export const together = (last: Edit, next: NewEdit): Edit => ({ ...last, at: next.at, patches: next.patches })

/** A case with patches applied. Throws when they no longer fit it. */
export const patched = (kase: Case, patches: readonly Patch[]): Case => applyPatches(kase, [...patches])
