import type { Area } from '../core/case/area'
import type { Case } from '../core/case/case'
import type { Report } from '../core/case/report'
import type { Guide } from '../core/guides/guide'
import type { Product } from '../core/shelf/product'
import { recommend, type AreaRecommendation, type Recommendation } from '../core/recommend'

/** What an area's answer rests on beside the area itself. */
type Rest = Pick<
  Case,
  'measures' | 'climate' | 'region' | 'ownRegion' | 'schools' | 'season' | 'plan' | 'decisions' | 'mix' | 'applications'
> & {
  readonly report: Report | undefined
  /** What tests teach is asked of all of them, where something was put on that they can tell of. */
  readonly history: Pick<Case, 'reports' | 'samples'> | undefined
}

const restOf = (
  { measures, climate, region, ownRegion, schools, season, plan, decisions, mix, applications, reports, samples }: Case,
  { id: areaId, reportId }: Area,
): Rest => ({
  measures,
  climate,
  region,
  ownRegion,
  schools,
  season,
  plan,
  decisions,
  mix,
  applications,
  history: applications.some((one) => one.areaId === areaId && (one.what === 'lime' || one.what === 'sulfur'))
    ? { reports, samples }
    : undefined,
  report: reports.find(({ id }) => id === reportId),
})

const remembered = new WeakMap<
  Area,
  { rest: Rest; guides: readonly Guide[]; products: readonly Product[]; found: AreaRecommendation }
>()

const sameRest = (a: Rest, b: Rest) =>
  a.measures === b.measures &&
  a.climate === b.climate &&
  a.region === b.region &&
  a.ownRegion === b.ownRegion &&
  a.applications === b.applications &&
  a.history?.reports === b.history?.reports &&
  a.history?.samples === b.history?.samples &&
  a.schools === b.schools &&
  a.season === b.season &&
  a.plan === b.plan &&
  a.decisions === b.decisions &&
  a.mix === b.mix &&
  a.report === b.report

/**
 * The recommendation of a case, of which only the areas are computed that changed since, or their report or guides did: of
 * hundreds of areas one moves at a time. Edits leave the rest of a case the very same objects, which is how it is known.
 */
export function recommendChanged(kase: Case, guides: readonly Guide[], products: readonly Product[]): Recommendation {
  const stale = kase.areas.filter((area) => {
    const known = remembered.get(area)
    return !known || known.guides !== guides || known.products !== products || !sameRest(known.rest, restOf(kase, area))
  })
  const fresh = recommend({ ...kase, areas: stale }, guides, products)
  stale.forEach((area, i) =>
    remembered.set(area, { rest: restOf(kase, area), guides, products, found: fresh.areas[i]! }),
  )
  return { ...fresh, areas: kase.areas.map((area) => remembered.get(area)!.found) }
}
