import type { Area } from '../core/case/area'
import type { Case } from '../core/case/case'
import type { Guide } from '../core/guides/guide'
import { anywhere, type Local } from '../core/calendar/local'
import type { Product } from '../core/shelf/product'
import { recommend, type AreaRecommendation, type Recommendation } from '../core/recommend'

/** What of a report nothing is reckoned by. */
const unread: ReadonlySet<string> = new Set(['code', 'laboratory', 'originals'])

/** Things by the area that they speak of. */
function byArea<One>(all: Iterable<One>, areaOf: (one: One) => string): ReadonlyMap<string, readonly One[]> {
  const found = new Map<string, One[]>()
  for (const one of all) {
    const mine = found.get(areaOf(one))
    if (mine) mine.push(one)
    else found.set(areaOf(one), [one])
  }
  return found
}

/** Everything that each area's answer rests on beside the area itself, in one order. */
function restsOf(kase: Case): ReadonlyMap<Area, readonly unknown[]> {
  const { measures, climate, region, ownRegion, schools, season, plan, decisions, mix, reports, samples } = kase
  const around = [measures, climate, region, ownRegion, schools, season, plan, mix]
  const applied = byArea(kase.applications, ({ areaId }) => areaId)
  const decided = byArea(
    [decisions.overrulings, decisions.confirmations].flatMap((kept) => Object.entries<unknown>(kept)),
    ([key]) => key.split('/')[0]!,
  )
  const restOf = ({ id, reportId }: Area): readonly unknown[] => {
    const own = applied.get(id) ?? []
    // What tests teach is asked of all of them, where something was put on that they can tell of.
    const teach = own.some(({ what }) => what === 'lime' || what === 'sulfur')
    const report = Object.entries(reports.find((one) => one.id === reportId) ?? {})
    return [
      ...around,
      ...own,
      ...(teach ? [reports, samples] : []),
      ...(decided.get(id) ?? []).flat(),
      ...report.flatMap(([name, value]) => (unread.has(name) ? [] : [value])),
    ]
  }
  return new Map(kase.areas.map((area) => [area, restOf(area)]))
}

/** The same of one version of a case, which is asked for area by area. */
const rests = new WeakMap<Case, ReadonlyMap<Area, readonly unknown[]>>()
export function restOf(
  kase: Case,
  area: Area,
  guides: readonly Guide[],
  products: readonly Product[],
  local: Local,
): readonly unknown[] {
  const known = rests.get(kase) ?? restsOf(kase)
  rests.set(kase, known)
  return [guides, products, local, ...known.get(area)!]
}

export const sameRest = (a: readonly unknown[], b: readonly unknown[]) =>
  a.length === b.length && a.every((one, i) => Object.is(one, b[i]))

/** What was found of areas, for as long as nothing that it rests on is another. */
export type Kept<Of> = WeakMap<Area, { readonly rest: readonly unknown[]; readonly found: Of }>
const answers: Kept<AreaRecommendation> = new WeakMap()

/**
 * The recommendation of a case, of which only the areas are computed that changed since, or what they rest on did: of
 * hundreds of areas one moves at a time. Edits leave the rest of a case the very same objects, which is how it is known.
 */
export function recommendChanged(
  kase: Case,
  guides: readonly Guide[],
  products: readonly Product[],
  local: Local = anywhere,
): Recommendation {
  const stale = kase.areas.filter((area) => {
    const known = answers.get(area)
    return !known || !sameRest(known.rest, restOf(kase, area, guides, products, local))
  })
  const fresh = recommend({ ...kase, areas: stale }, guides, products, local)
  stale.forEach((area, i) =>
    answers.set(area, { rest: restOf(kase, area, guides, products, local), found: fresh.areas[i]! }),
  )
  return { ...fresh, areas: kase.areas.map((area) => answers.get(area)!.found) }
}
