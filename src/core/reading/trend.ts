import { isMember } from '../case/members'
import type { Area } from '../case/area'
import type { Report } from '../report/report'
import { testOf, type MeasuredField, measuredIn } from '../report/tests'
import { mannerOf, mannerWord } from '../report/manners'
import { extractants } from '../guides/guide'
import { usedFor } from './classify'
import { reckoned } from '../report/measured'
import { isElement } from '../report/lines'
import type { ReadingLine } from './lines'
import type { Text } from '../sentence/text'
import { isMicronutrient } from '../units/quantity'
import { lbPerAcrePerPpm } from '../units/factors'

/** One earlier value, in the unit of its series. */
export interface TrendPoint {
  readonly reportId: string
  /** ISO date of the report. */
  readonly date: string
  readonly v: number
}

/** Values that can be compared with each other: of one method, in one unit. Those of different series are never joined. */
export interface TrendSeries {
  readonly by: Text
  readonly unit: string
  /** Oldest first. */
  readonly points: readonly TrendPoint[]
}

/**
 * What all dated reports of an area say of one test, a series for each method.
 * lb/acre and ppm of one extractant are one series, in ppm (the 6⅔ in furrow slice); a laboratory's index is its own.
 */
export function trendOf(field: MeasuredField, area: Pick<Area, 'id'>, reports: readonly Report[]): TrendSeries[] {
  const series = new Map<string, { by: Text; unit: string; points: TrendPoint[] }>()
  const dated = reports.filter(({ areas, date }) => date !== '' && isMember(areas, area.id))
  for (const report of [...dated].sort((a, b) => a.date.localeCompare(b.date))) {
    const typed = measuredIn(report, field)
    const v = reckoned(typed)
    const by = methodOf(field, report)
    if (v === undefined || !by) continue
    const { value, unit } = comparable(field, v, typed.unit)
    const key = `${by.en}|${unit}`
    const one = series.get(key) ?? { by, unit, points: [] }
    one.points.push({ reportId: report.id, date: report.date, v: value })
    series.set(key, one)
  }
  return [...series.values()]
}

function comparable(field: MeasuredField, v: number, unit: string): { value: number; unit: string } {
  if (!isElement(field)) return { value: v, unit }
  if (unit === 'lb/acre') return { value: v / lbPerAcrePerPpm, unit: 'ppm' }
  return { value: v, unit: unit === 'index' ? 'index' : 'ppm' }
}

const word = (en: string): Text => ({ en })

/** What the value was measured with, as far as that decides whether two may be compared; null where nobody said. */
function methodOf(field: MeasuredField, report: Report): Text | null {
  if (report.kind === 'kit' || report.kind === 'meter') return word(report.kind)
  const { manner } = testOf(field)
  const said = manner && mannerWord(report, manner)
  if (said) return said
  if (manner && isMicronutrient(field)) {
    const used = usedFor(field, report)
    return used ? mannerOf(manner).values[used]! : null
  }
  if (manner) return null
  if (isElement(field))
    return report.extractant && report.extractant !== 'other' ? extractants[report.extractant].label : null
  return word('')
}

/**
 * What a line wants, in the unit of a series; undefined where the two cannot be compared. Guides that speak in lb/acre mean
 * the furrow slice.
 */
export function wantedIn({ wanted, value }: ReadingLine, unit: string): ReadingLine['wanted'] {
  if (!wanted || !value) return undefined
  const { of } = value.value
  if (of.startsWith('pH') || (unit !== '' && of.startsWith(unit))) return wanted
  if (!of.startsWith('lb/acre') || unit !== 'ppm') return undefined
  const [low, high] = wanted.map((end) => (end === null ? null : end / lbPerAcrePerPpm))
  return [low!, high!]
}
