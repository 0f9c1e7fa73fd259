import type { Case } from './case'

/** Where a field stands in a case: its keys, with the id of an area or report in place of its position. */
export type Path = readonly string[]

/**
 * One step of an edit. Its path goes by ids, so that it fits wherever the case has gone on meanwhile. `order` puts the
 * entries of a list into the order of the ids that are its value.
 */
export interface Patch {
  readonly op: 'add' | 'replace' | 'remove' | 'order'
  readonly path: Path
  readonly value?: unknown
  /** Of an entry added to a list: the one that it stands behind; null for the first. */
  readonly behind?: string | null
}

/** What an edit does, and what takes it back. */
export interface Change {
  readonly patches: readonly Patch[]
  readonly inverse: readonly Patch[]
}

/** A field in two versions of a case; undefined where the area or report it stands for is not there. */
export interface Difference {
  readonly path: Path
  readonly before: unknown
  readonly after: unknown
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
export function same(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false
  if ('text' in a && 'text' in b) return a.text === b.text && (a as Fields).unit === (b as Fields).unit
  if (Array.isArray(a) || Array.isArray(b))
    return Array.isArray(a) && Array.isArray(b) && a.length === b.length && a.every((one, i) => same(one, b[i]))
  const keys = new Set([...Object.keys(a), ...Object.keys(b)])
  return [...keys].every((key) => same((a as Fields)[key], (b as Fields)[key]))
}

/** The fields that differ between two versions of a case, in the order of the case. */
export const differences = (before: Case, after: Case): Difference[] =>
  patchesBetween(before, after).flatMap(({ op, path }) =>
    op === 'order' ? [] : [{ path, before: valueAt(before, path), after: valueAt(after, path) }],
  )

/**
 * The change from one version of a case to another. Versions that grew from each other share what did not change, which
 * is passed over at once.
 *
 * @example changeBetween(kase, { ...kase, client: 'Aldous' }).patches // [{ op: 'replace', path: ['client'], value: 'Aldous' }]
 */
export const changeBetween = (before: Case, after: Case): Change => ({
  patches: patchesBetween(before, after),
  inverse: patchesBetween(after, before),
})

const patchesBetween = (before: Case, after: Case): Patch[] => between([], before, after)

function between(path: Path, before: unknown, after: unknown): Patch[] {
  if (same(before, after)) return []
  if (isListed(before) && isListed(after)) return betweenLists(path, before, after)
  if (!isFields(before) || !isFields(after)) return [{ op: 'replace', path, value: after }]
  const keys = new Set([...Object.keys(before), ...Object.keys(after)])
  return [...keys]
    .filter((key) => path.length > 0 || !stamps.has(key))
    .flatMap((key): Patch[] => {
      const at = [...path, key]
      if (!(key in after)) return [{ op: 'remove', path: at }]
      if (!(key in before)) return [{ op: 'add', path: at, value: after[key] }]
      return between(at, before[key], after[key])
    })
}

function betweenLists(path: Path, before: readonly Listed[], after: readonly Listed[]): Patch[] {
  const [were, are] = [new Map(before.map((one) => [one.id, one])), new Map(after.map((one) => [one.id, one]))]
  const stayed = before.filter(({ id }) => are.has(id)).map(({ id }) => id)
  const order = after.map(({ id }) => id)
  const moved = order.filter((id) => were.has(id)).some((id, i) => id !== stayed[i])
  return [
    ...before.filter(({ id }) => !are.has(id)).map(({ id }): Patch => ({ op: 'remove', path: [...path, id] })),
    ...after.flatMap((one, i): Patch[] =>
      were.has(one.id)
        ? between([...path, one.id], were.get(one.id), one)
        : [{ op: 'add', path: [...path, one.id], value: one, behind: after[i - 1]?.id ?? null }],
    ),
    ...(moved ? [{ op: 'order', path, value: order } as const] : []),
  ]
}

/** The value at a path; undefined where there is none. */
export const valueAt = (kase: Case, path: Path): unknown => path.reduce<unknown>(entryOf, kase)

const entryOf = (holder: unknown, key: string): unknown =>
  isListed(holder) && Array.isArray(holder)
    ? holder.find((one) => one.id === key)
    : isFields(holder) && Object.hasOwn(holder, key)
      ? holder[key]
      : undefined

/**
 * A case with patches applied, in order; what they do not touch stays the very same objects.
 * Throws RangeError where what a patch changes is not there.
 */
export const patched = (kase: Case, patches: readonly Patch[]): Case =>
  patches.reduce<Case>((now, patch) => within(now, patch, 0) as Case, kase)

function within(holder: unknown, patch: Patch, depth: number): unknown {
  const key = patch.path[depth]
  if (key === undefined) return patch.op === 'order' ? ordered(holder, patch) : misfit(patch)
  const last = depth === patch.path.length - 1 && patch.op !== 'order'
  if (isListed(holder)) return withEntry(holder, key, last, patch, depth)
  if (!isFields(holder)) return misfit(patch)
  if (last && patch.op === 'remove') {
    const { [key]: _gone, ...rest } = holder
    return rest
  }
  if (last) return { ...holder, [key]: patch.value }
  return Object.hasOwn(holder, key) ? { ...holder, [key]: within(holder[key], patch, depth + 1) } : misfit(patch)
}

function withEntry(
  list: readonly Listed[],
  id: string,
  last: boolean,
  patch: Patch,
  depth: number,
): readonly unknown[] {
  const at = list.findIndex((one) => one.id === id)
  if (!last) return at < 0 ? misfit(patch) : list.with(at, within(list[at], patch, depth + 1) as Listed)
  if (patch.op === 'remove') return list.filter((one) => one.id !== id)
  if (at >= 0) return list.with(at, patch.value as Listed)
  return list.toSpliced(placeBehind(list, patch.behind), 0, patch.value as Listed)
}

/** At the end where what it stood behind is gone. */
function placeBehind(list: readonly Listed[], behind: string | null | undefined): number {
  if (behind === null) return 0
  const at = list.findIndex((one) => one.id === behind)
  return at < 0 ? list.length : at + 1
}

function ordered(list: unknown, patch: Patch): readonly Listed[] {
  if (!isListed(list) || !Array.isArray(patch.value)) return misfit(patch)
  const rank = new Map((patch.value as readonly string[]).map((id, i) => [id, i]))
  const rankOf = ({ id }: Listed) => rank.get(id) ?? rank.size
  return [...list].sort((a, b) => rankOf(a) - rankOf(b))
}

function misfit({ op, path }: Patch): never {
  throw new RangeError(`${op} ${path.join('/')} does not fit the case`)
}

/** The patch that puts a value at a path; an area or report goes to the end of its list, and undefined takes it out. */
export const putting = (path: Path, value: unknown): Patch =>
  value === undefined ? { op: 'remove', path } : { op: 'replace', path, value }

/** A case with the fields that differ put to what they are after. */
export const withChanges = (kase: Case, changes: readonly Difference[]): Case =>
  patched(
    kase,
    changes.map(({ path, after }) => putting(path, after)),
  )

const outerOf = (outer: Path, inner: Path): boolean => outer.every((key, i) => inner[i] === key)

/** A field that two people changed differently. */
export interface Clash {
  readonly path: Path
  readonly mine: unknown
  readonly theirs: unknown
}

/**
 * Three-way merge by field: what I changed since the base, to be put into what they made of it, and the fields that both
 * of us changed differently. In those mine is among the changes; what it displaces is named, so that one can be chosen.
 * Where one of us removed what the other changed, the area or report is such a field as a whole.
 */
export function merge(base: Case, mine: Case, theirs: Case): { changes: Difference[]; clashes: Clash[] } {
  const theirChanges = differences(base, theirs)
  const changes = new Map<string, Difference>()
  const clashes = new Map<string, Clash>()
  for (const change of differences(base, mine)) {
    const met = theirChanges.find((one) => outerOf(one.path, change.path) || outerOf(change.path, one.path))
    const path = met && met.path.length < change.path.length ? met.path : change.path
    const clash: Clash = { path, mine: valueAt(mine, path), theirs: valueAt(theirs, path) }
    if (same(clash.mine, clash.theirs)) continue
    const key = path.join('/')
    changes.set(key, { path, before: clash.theirs, after: clash.mine })
    if (met) clashes.set(key, clash)
  }
  return { changes: [...changes.values()], clashes: [...clashes.values()] }
}
