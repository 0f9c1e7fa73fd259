import type { Area } from '../case/area'
import type { Case } from '../case/case'

/**
 * Something that can be done to a case. Pure: ids and times come in as arguments, so that doing it twice gives the same
 * case; what it does not touch stays the very same objects.
 */
export type Act = (kase: Case) => Case

type Listed = { readonly id: string }

/** A list with one entry changed; the very same list where it has none of that id, or nothing changed in it. */
export function withEntry<One extends Listed>(
  list: readonly One[],
  id: string,
  change: (one: One) => One,
): readonly One[] {
  const at = list.findIndex((one) => one.id === id)
  if (at < 0) return list
  const next = change(list[at]!)
  return next === list[at] ? list : list.with(at, next)
}

export const withoutEntry = <One extends Listed>(list: readonly One[], id: string): readonly One[] =>
  list.some((one) => one.id === id) ? list.filter((one) => one.id !== id) : list

/** Areas changed one by one; those for which the change gives back the same stay. */
export function withAreas(kase: Case, change: (area: Area) => Area): Case {
  const areas = kase.areas.map(change)
  return areas.some((area, i) => area !== kase.areas[i]) ? { ...kase, areas } : kase
}
