import type { Report } from './report'
import type { Typed } from '../units/typed'
import { isMeasured, type MeasuredField } from './tests'

/** Parts of a report, its tests among them by their names. */
export type ReportParts = Partial<Report> & Readonly<Partial<Record<MeasuredField, Typed>>>

/** A report with some of its parts in their places. */
export function reportWith(report: Report, parts: ReportParts): Report {
  const entries = Object.entries(parts)
  return {
    ...report,
    ...Object.fromEntries(entries.filter(([name]) => !isMeasured(name))),
    measured: {
      ...report.measured,
      ...parts.measured,
      ...Object.fromEntries(entries.filter(([name]) => isMeasured(name))),
    },
  }
}
