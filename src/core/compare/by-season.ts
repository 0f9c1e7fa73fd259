import type { Local } from '../calendar/local'
import type { Case } from '../case/case'
import { reportOfArea } from '../case/in-force'
import { isMember } from '../case/members'
import type { Year } from '../case/season'
import type { Guide } from '../guides/guide'
import { recommend, type AreaRecommendation } from '../recommend'
import type { Product } from '../shelf/product'

/**
 * A case with one area as it was in a year: by the last report of it that was there by the end of that year, else the
 * first one after, and by what grew there, else what grows there now.
 */
export function caseIn(kase: Case, areaId: string, year: Year): Case {
  const area = kase.areas.find(({ id }) => id === areaId)!
  const dated = kase.reports.filter(({ id, date, areas }) => date && (isMember(areas, areaId) || id === area.reportId))
  const sorted = [...dated].sort((a, b) => a.date.localeCompare(b.date))
  const report = sorted.filter(({ date }) => date <= `${year}-12-31`).at(-1) ?? sorted[0]
  // What was said of today's figures is not said of another year's.
  return {
    ...kase,
    season: area.seasons[year]?.crop ? year : kase.season,
    decisions: { ...kase.decisions, overrulings: {} },
    areas: [{ ...area, reportId: report?.id ?? area.reportId }],
  }
}

/** What an area needs in one year, and by which test. */
export interface SeasonFound {
  readonly year: Year
  readonly found: AreaRecommendation
  /** The day of the report that it goes by; blank where nobody said. */
  readonly tested: string
}

/** Years that are told side by side at the most, the latest first. */
const mostYears = 5

/** What an area needs in every other year of which a crop is known, the latest first; years without an answer are left out. */
export function otherSeasons(
  kase: Case,
  areaId: string,
  guides: readonly Guide[],
  products: readonly Product[],
  local: Local,
): readonly SeasonFound[] {
  const area = kase.areas.find(({ id }) => id === areaId)!
  return Object.keys(area.seasons)
    .filter((year) => year !== kase.season && area.seasons[year]!.crop !== null)
    .sort()
    .reverse()
    .slice(0, mostYears)
    .flatMap((year) => {
      const then = caseIn(kase, areaId, year)
      const found = recommend(then, guides, products, local).areas[0]!
      const tested = reportOfArea(then, areaId)?.date ?? ''
      return found.answer ? [{ year, found, tested }] : []
    })
}
