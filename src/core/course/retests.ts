import type { Area } from '../case/area'
import type { Case } from '../case/case'
import type { Report } from '../report/report'
import { oxidation } from '../guides/course'
import type { Region } from '../guides/regions'
import { retestAfter, sameSeason } from '../guides/timings'
import { dayNumber, monthsOn } from '../calendar/day'
import { coresOf } from '../reading/uncertainty'
import { trendOf } from '../reading/trend'
import { testOf } from '../report/tests'
import { isAcidifier, isLime, type Product } from '../shelf/product'
import { productNamed } from '../shelf/product-named'
import { additionsIn, type Addition } from './additions'
import { learn, type Buffering, type SiteLearned, type Step } from '../needs/learned'
import { limeReacted, sulfurOxidized, warmthOf, type Warmth } from './reacted'

/** Why a test teaches nothing of the ground's buffering. */
export type Untaught = 'early' | 'other-season' | 'both' | 'untold' | 'no-buffering' | 'small'

/** Two tests that follow on each other, by one method, and what went on between them. */
export interface Retest extends Step {
  readonly from: Report
  readonly to: Report
  readonly of: 'lime' | 'sulfur'
  /** Null where it counts. */
  readonly untaught: Untaught | null
}

/** A predicted shift below this tells nothing. */
const least = 0.1
const daysPerYear = 365.25

/** Share of an addition that has worked by a day. */
export const workedBy = (one: Addition, day: number, warmth: Warmth, which: 'low' | 'usual' | 'high' = 'usual') =>
  one.of === 'lime'
    ? limeReacted(one.classes, (day - one.day) / daysPerYear)
    : sulfurOxidized(one.perDay[which], warmth(one.day, Math.max(one.day, day)))

/** Every test of an area after another by the same method. */
export function retestsOf(
  kase: Pick<Case, 'reports' | 'samples' | 'applications'>,
  area: Pick<Area, 'id'>,
  additions: readonly Addition[],
  region: Region,
  bufferingAt: (report: Report) => Buffering | undefined,
  products: readonly Product[],
): readonly Retest[] {
  const series = trendOf('pH', area, kase.reports)
  const days = series.flatMap(({ points }) => points.flatMap(({ date }) => dayNumber(date) ?? []))
  if (days.length < 2 || additions.length === 0) return []
  const warmth = warmthOf(region, oxidation.per10C.usual, additions[0]!.day)
  return series.flatMap(({ points }) =>
    points.slice(1).flatMap((to, i): Retest[] => {
      const reportOf = (id: string) => kase.reports.find((one) => one.id === id)!
      const [before, after] = [reportOf(points[i]!.reportId), reportOf(to.reportId)]
      const [start, end] = [dayNumber(before.date), dayNumber(after.date)]
      if (start === undefined || end === undefined || end <= start) return []
      const between = additions
        .filter(({ day }) => day < end)
        .map((one) => ({ one, lb: one.lbCaCO3 * (workedBy(one, end, warmth) - workedBy(one, start, warmth)) }))
        .filter(({ lb }) => lb !== 0)
      if (between.length === 0) return []
      const of = between.reduce((most, one) => (Math.abs(one.lb) > Math.abs(most.lb) ? one : most)).one.of
      const buffering = bufferingAt(before)?.[of]
      const predicted = buffering ? between.reduce((sum, { lb }) => sum + lb, 0) / buffering : 0
      const error = (report: Report) => testOf('pH').error!(0, report.kind, coresOf(kase.samples, report))
      const last = Math.max(...between.map(({ one }) => one.day))
      const reasons: readonly (readonly [Untaught, boolean])[] = [
        ['no-buffering', !buffering],
        ['untold', isUntold(kase, area.id, before.date, after.date, products)],
        ['both', new Set(between.map(({ one }) => one.of)).size > 1],
        ['early', monthsOn(last, retestAfter[of]) > end],
        ['other-season', apartInYear(start, end) > sameSeason],
        ['small', Math.abs(predicted) < least],
      ]
      const untaught = reasons.find(([, holds]) => holds)?.[0] ?? null
      const observed = to.v - points[i]!.v
      return [
        { from: before, to: after, of, predicted, observed, error: Math.hypot(error(before), error(after)), untaught },
      ]
    }),
  )
}

/** Days between two tests, the years left aside. */
function apartInYear(start: number, end: number): number {
  const rest = (end - start) % daysPerYear
  return Math.min(rest, daysPerYear - rest)
}

/** Lime or sulfur went on of which nobody knows how much, or what. */
const isUntold = (
  { applications }: Pick<Case, 'applications'>,
  areaId: string,
  from: string,
  to: string,
  products: readonly Product[],
): boolean =>
  applications.some((one) => {
    if (one.areaId !== areaId || one.done === 'skipped' || (one.what !== 'lime' && one.what !== 'sulfur')) return false
    if (one.date.slice(0, 4) < from.slice(0, 4) || one.date > to) return false
    const product = productNamed(products, one.product)
    return one.amount.value === null || !product || !(isLime(product) || isAcidifier(product))
  })

export function taughtBy(retests: readonly Retest[]): SiteLearned {
  const of = (what: 'lime' | 'sulfur') => {
    const steps = retests.filter((one) => one.of === what && one.untaught === null)
    return steps.length > 0 ? { [what]: { ...learn(steps), tests: steps.length } } : {}
  }
  return { ...of('lime'), ...of('sulfur') }
}

/** The question of a case whether its tests teach its amounts; they do unless it is answered so. */
export const ownBuffering = { question: 'own-buffering', aside: 'aside' } as const

export const learns = ({ schools }: Pick<Case, 'schools'>): boolean =>
  schools[ownBuffering.question] !== ownBuffering.aside

/** What the tests up to a report taught; nothing where there is but one, or nothing was put on between them. */
export function learnedBy(
  kase: Pick<Case, 'reports' | 'samples' | 'applications'>,
  area: Pick<Area, 'id'>,
  upTo: Report,
  ft2: number,
  region: Region,
  products: readonly Product[],
  bufferingAt: (report: Report) => Buffering | undefined,
): SiteLearned {
  if (upTo.date === '' || kase.reports.length < 2) return {}
  const additions = additionsIn(kase.applications, area.id, ft2, products)
  if (additions.length === 0) return {}
  const known = { ...kase, reports: kase.reports.filter(({ date }) => date <= upTo.date) }
  return taughtBy(retestsOf(known, area, additions, region, bufferingAt, products))
}
