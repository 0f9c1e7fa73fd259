import type { Draft } from 'immer'
import type { Case } from '../core/case'

/** Where a field stands in a case: its keys, with the id of an area or report in place of its position. */
export type Path = readonly string[]

/** A field in two versions of a case; undefined where the area or report it stands for is not there. */
export interface Difference {
  readonly path: Path
  readonly before: unknown
  readonly after: unknown
}

/** A field that two people changed differently. */
export interface Clash {
  readonly path: Path
  readonly mine: unknown
  readonly theirs: unknown
}

/** What every write changes; no person typed it. */
const stamps: ReadonlySet<string> = new Set(['rev', 'updatedAt', 'schema', 'id'])

type Fields = Readonly<Record<string, unknown>>
type Listed = { readonly id: string }

const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value) && !('text' in value)
const isListed = (value: unknown): value is readonly Listed[] =>
  Array.isArray(value) && value.every((one) => typeof one === 'object' && one !== null && 'id' in one)

/** Equal to whoever typed it: a typed number is its text and unit. */
function same(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false
  if ('text' in a && 'text' in b) return a.text === b.text && (a as Fields).unit === (b as Fields).unit
  if (Array.isArray(a) || Array.isArray(b)) return JSON.stringify(a) === JSON.stringify(b)
  const keys = new Set([...Object.keys(a), ...Object.keys(b)])
  return [...keys].every((key) => same((a as Fields)[key], (b as Fields)[key]))
}

/** The fields that differ between two versions of a case, in the order of the case. */
export const differences = (before: Case, after: Case): Difference[] => between([], before, after)

function between(path: Path, before: unknown, after: unknown): Difference[] {
  if (same(before, after)) return []
  if (isListed(before) && isListed(after)) {
    const ids = new Set([...before, ...after].map((one) => one.id))
    const named = (list: readonly Listed[], id: string) => list.find((one) => one.id === id)
    return [...ids].flatMap((id) => between([...path, id], named(before, id), named(after, id)))
  }
  if (isFields(before) && isFields(after)) {
    const keys = new Set([...Object.keys(before), ...Object.keys(after)])
    return [...keys]
      .filter((key) => path.length > 0 || !stamps.has(key))
      .flatMap((key) => between([...path, key], before[key], after[key]))
  }
  return [{ path, before, after }]
}

/** The value at a path; undefined where there is none. */
export const valueAt = (kase: Case, path: Path): unknown =>
  path.reduce<unknown>(
    (inner, key) => (isListed(inner) ? inner.find((one) => one.id === key) : (inner as Fields | undefined)?.[key]),
    kase,
  )

/** Puts a value at a path; an area or report goes to the end of its list, and undefined takes it out. */
export const withField =
  (path: Path, value: unknown) =>
  (draft: Draft<Case>): void => {
    const key = path.at(-1)!
    const holder = valueAt(draft as Case, path.slice(0, -1))
    if (isListed(holder)) {
      const list = holder as Listed[]
      const at = list.findIndex((one) => one.id === key)
      if (value === undefined) list.splice(at, at < 0 ? 0 : 1)
      else if (at < 0) list.push(value as Listed)
      else list[at] = value as Listed
    } else if (isFields(holder)) (holder as Record<string, unknown>)[key] = value
  }

const within = (outer: Path, inner: Path): boolean => outer.every((key, i) => inner[i] === key)

/**
 * Three-way merge by field: what I changed since the base, to be put into what they made of it, and the fields that both
 * of us changed differently. In those mine is among the changes; what it displaces is named, so that one can be chosen.
 * Where one of us removed what the other changed, the area or report is such a field as a whole.
 */
export function merge(base: Case, mine: Case, theirs: Case): { changes: Difference[]; clashes: Clash[] } {
  const myChanges = differences(base, mine)
  const theirChanges = differences(base, theirs)
  const changes = new Map<string, Difference>()
  const clashes = new Map<string, Clash>()
  for (const change of myChanges) {
    const met = theirChanges.find((one) => within(one.path, change.path) || within(change.path, one.path))
    const path = met && met.path.length < change.path.length ? met.path : change.path
    const clash: Clash = { path, mine: valueAt(mine, path), theirs: valueAt(theirs, path) }
    if (same(clash.mine, clash.theirs)) continue
    const key = path.join('/')
    changes.set(key, { path, before: clash.theirs, after: clash.mine })
    if (met) clashes.set(key, clash)
  }
  return { changes: [...changes.values()], clashes: [...clashes.values()] }
}
