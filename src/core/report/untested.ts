import { blankReport } from '../case/blank'
import type { Report } from '../case/case'
import type { Typed } from '../units/typed'
import { recommendedFields } from './lines'
import { measuredFields } from './tests'

/** What stands in the place of a report where there is none. */
export const untested: Report = blankReport('')

/** Nothing was measured, and nothing is recommended: it says no more than that somebody began it. */
export function isUntested(report: Report): boolean {
  const isBlank = ({ text }: Typed) => text.trim() === ''
  return (
    measuredFields.every((field) => isBlank(report[field])) &&
    recommendedFields.every((field) => isBlank(report.recommends[field]))
  )
}
