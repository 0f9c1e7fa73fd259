import type { Case } from '../case/case'
import type { Report } from '../report/report'
import { isMember } from '../case/members'
import type { Guide } from '../guides/guide'
import { isApplied } from '../needs/need'
import { dayNumber } from '../calendar/day'
import { coresOf } from '../reading/uncertainty'
import { figures } from '../recommend'
import { rangeOf } from '../report/measured'
import { pH as pHTest } from '../report/tests/pH'
import type { Product } from '../shelf/product'
import { measuredIn } from '../report/tests'
import { withLine } from '../report/lines'

/** One reading of a ground's pH, and how far it may be out. */
export interface PHReading {
  readonly report: Report
  readonly v: number
  /** One standard deviation, in pH. */
  readonly sd: number
  /** It lies within what both may err of the surest one. */
  readonly agrees: boolean
  /** What the ground would be given by it alone: lb of lime or sulfur in a year, or nothing. */
  readonly means: { readonly outcome: 'lime' | 'sulfur' | 'none' | 'unknown'; readonly lb: number | null }
}

export interface PHAgainst {
  /** The surest first. */
  readonly readings: readonly PHReading[]
  /** All that agree with the surest, each by its own weight; one standard deviation. */
  readonly believe: { readonly v: number; readonly sd: number }
  /** What would be done hangs on which is believed. */
  readonly matters: boolean
}

/** Days within which a ground's pH is taken not to have moved. Source: common practice. */
const alike = 120
/** Two agree where they are no further apart than twice their joint error. Source: common practice (95 %). */
const apart = 2

/**
 * Readings of one ground's pH that were taken at about one time, against each other: which is surest, which agree within
 * their errors, what to believe, and what the disagreement would change. Null where there are fewer than two.
 * A mean by weight: each counts by one over its error squared. Source of the errors: common practice.
 *
 * @param today ISO; readings without a day count as today's
 */
export function pHAgainst(
  kase: Case,
  areaId: string,
  guides: readonly Guide[],
  products: readonly Product[],
  today: string,
): PHAgainst | null {
  const area = kase.areas.find(({ id }) => id === areaId)
  const day = ({ date }: Report) => dayNumber(date) ?? dayNumber(today)!
  const all = kase.reports.filter((one) => isMember(one.areas, areaId) && measuredIn(one, 'pH').value !== null)
  const newest = Math.max(...all.map(day))
  const some = all.filter((one) => newest - day(one) <= alike)
  if (!area || some.length < 2) return null
  const sure = some
    .map((report) => ({ report, v: measuredIn(report, 'pH').value!, sd: errorOf(kase, report) }))
    .sort((a, b) => a.sd - b.sd || day(b.report) - day(a.report))
  const best = sure[0]!
  const readings = sure.map((one): PHReading => {
    const agrees = Math.abs(one.v - best.v) <= apart * Math.hypot(one.sd, best.sd)
    return { ...one, agrees, means: meansOf(kase, areaId, one.report, guides, products) }
  })
  const weights = readings.filter(({ agrees }) => agrees).map(({ v, sd }) => ({ v, weight: 1 / sd ** 2 }))
  const total = weights.reduce((sum, { weight }) => sum + weight, 0)
  const v = weights.reduce((sum, one) => sum + one.v * one.weight, 0) / total
  const outcomes = new Set(readings.map(({ means }) => means.outcome))
  return { readings, believe: { v, sd: 1 / Math.sqrt(total) }, matters: outcomes.size > 1 || differ(readings) }
}

/** A kit's range is flat: its standard deviation is its breadth over √12. Source: the uniform distribution. */
function errorOf(kase: Case, report: Report): number {
  const pH = measuredIn(report, 'pH')
  const range = rangeOf(pH)
  const error = pHTest.error(pH.value!, report.kind, coresOf(kase.samples, report))
  if (range && range.low !== null && range.high !== null)
    return Math.max((range.high - range.low) / Math.sqrt(12), 0.05)
  return report.kind === 'kit' ? (2 * error) / Math.sqrt(12) : error
}

/** Amounts further apart than a quarter are another job. */
const differ = (readings: readonly PHReading[]): boolean => {
  const lb = readings.flatMap(({ means }) => means.lb ?? [])
  return lb.length > 1 && Math.max(...lb) > 1.25 * Math.min(...lb)
}

/** What the report in force would ask for with the pH of another. */
function meansOf(
  kase: Case,
  areaId: string,
  reading: Report,
  guides: readonly Guide[],
  products: readonly Product[],
): PHReading['means'] {
  const area = kase.areas.find(({ id }) => id === areaId)!
  const reports = kase.reports.map((one) =>
    one.id === area.reportId ? { ...withLine(one, 'pH', measuredIn(reading, 'pH')), pHIn: reading.pHIn } : one,
  )
  const [found] = figures({ ...kase, areas: [area], reports }, guides, products)
  if (!found) return { outcome: 'unknown', lb: null }
  const { outcome, need } = found.reaction
  if (outcome === 'lime' || outcome === 'sulfur')
    return { outcome, lb: need && isApplied(need) ? need.amount.value.v : null }
  return { outcome: outcome === 'unknown' || outcome === 'check' ? 'unknown' : 'none', lb: null }
}
