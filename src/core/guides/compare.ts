import type { Guide } from './guide'
import type { Source } from '../units/sources'

export type GuidePath = readonly (string | number)[]

/** A figure or a word that two guides say differently; undefined where one of them does not say it. */
export interface GuideDifference {
  readonly path: GuidePath
  readonly before: unknown
  readonly after: unknown
}

/** What differs between two guides or two versions of one, in the order of the first; their ids, versions and notes aside. */
export const compareGuides = (before: Guide, after: Guide): readonly GuideDifference[] =>
  between([], before, after).filter(({ path }) => !['id', 'version', 'kept'].includes(String(path[0])))

function between(path: GuidePath, before: unknown, after: unknown): GuideDifference[] {
  if (Object.is(before, after) || JSON.stringify(before) === JSON.stringify(after)) return []
  if (!isRecord(before) || !isRecord(after) || path.at(-1) === 'source') return [{ path, before, after }]
  const keys = new Set([...Object.keys(before), ...Object.keys(after)])
  const step = (key: string) => (Array.isArray(before) ? Number(key) : key)
  return [...keys].flatMap((key) => between([...path, step(key)], before[key], after[key]))
}

const isRecord = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null

export const valueAt = (guide: Guide, path: GuidePath): unknown =>
  path.reduce<unknown>((inner, key) => (isRecord(inner) ? inner[key] : undefined), guide)

/**
 * The guide with another figure in one place. The table it stands in is no longer whoever's it was: its source becomes
 * the office's own.
 */
export function withFigure(guide: Guide, path: GuidePath, value: unknown, own: Source): Guide {
  const changed = put(guide, path, value) as Guide
  for (let depth = path.length - 1; depth > 0; depth -= 1) {
    const table = path.slice(0, depth)
    const holder = valueAt(changed, table)
    if (isRecord(holder) && 'source' in holder) return put(changed, [...table, 'source'], own) as Guide
  }
  return changed
}

function put(whole: unknown, [key, ...rest]: GuidePath, value: unknown): unknown {
  if (key === undefined) return value
  if (Array.isArray(whole)) return whole.map((one, i) => (i === key ? put(one, rest, value) : (one as unknown)))
  return { ...(whole as object), [key]: put((whole as Record<string, unknown>)[key], rest, value) }
}
