import { isRecord } from '../core/shape/shape'
import { changeBetween, type Change } from '../core/case/changes'
import type { Case } from '../core/case/case'

/** A document as it was, of whatever schema; nothing about it is certain before it is checked. */
export type Old = Readonly<Record<string, unknown>>

/** A step of an edit as it was written up to schema 5: by the positions in lists, the length of a list among them. */
interface OldPatch {
  readonly op: string
  readonly path: readonly (string | number)[]
  readonly value?: unknown
}

/**
 * The history of a case of schema 5 or older, by ids: each version that it went through is brought to today's schema, and
 * told from the next. Edits from before one that no longer fits are let go; they could not have been taken back either.
 */
export function historyById(kase: unknown, log: readonly unknown[], migrate: (kase: unknown) => unknown): unknown[] {
  const edits: unknown[] = []
  let old: unknown = kase
  let now = migrate(kase)
  for (const edit of [...log].reverse()) {
    if (!isRecord(edit) || !Array.isArray(edit.inverse)) return [edit, ...edits]
    try {
      const before = (edit.inverse as OldPatch[]).reduce<unknown>((then, patch) => step(then, patch, 0), old)
      const then = migrate(before)
      edits.unshift({ ...edit, ...between(then, now) })
      old = before
      now = then
    } catch {
      return edits
    }
  }
  return edits
}

const between = (before: unknown, after: unknown): Change =>
  isRecord(before) && isRecord(after)
    ? changeBetween(before as unknown as Case, after as unknown as Case)
    : { patches: [], inverse: [] }

function step(holder: unknown, patch: OldPatch, depth: number): unknown {
  const key = patch.path[depth]
  const last = depth === patch.path.length - 1
  if (Array.isArray(holder)) return inList(holder, key, last, patch, depth)
  if (!isRecord(holder) || key === undefined) throw new RangeError('an edit does not fit its case')
  const { [key]: inner, ...rest } = holder
  if (last) return patch.op === 'remove' ? rest : { ...holder, [key]: patch.value }
  return { ...holder, [key]: step(inner, patch, depth + 1) }
}

function inList(
  list: readonly unknown[],
  key: string | number | undefined,
  last: boolean,
  patch: OldPatch,
  depth: number,
): unknown {
  if (key === 'length' && last) return list.slice(0, Number(patch.value))
  if (typeof key !== 'number' || key > list.length) throw new RangeError('an edit does not fit its case')
  if (!last) return list.with(key, step(list[key], patch, depth + 1))
  if (patch.op === 'remove') return list.toSpliced(key, 1)
  return patch.op === 'add' ? list.toSpliced(key, 0, patch.value) : list.with(key, patch.value)
}
