import { blankReport } from './blank'
import type { Report } from '../report/report'
import type { Typed } from '../units/typed'
import { recommendedFields } from '../report/line-fields'
import { measuredFields, measuredIn } from '../report/tests/index'

/** What stands in the place of a report where there is none. */
export const untested: Report = blankReport('')

/** Nothing was measured, and nothing is recommended: it says no more than that somebody began it. */
export function isUntested(report: Report): boolean {
  const isBlank = ({ text }: Typed) => text.trim() === ''
  return (
    measuredFields.every((field) => isBlank(measuredIn(report, field))) &&
    recommendedFields.every((field) => isBlank(report.recommends[field]))
  )
}
