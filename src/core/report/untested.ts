import { blankReport } from '../case/blank'
import type { Report } from '../case/case'
import { measuredFields } from './tests'

/** What stands in the place of a report where there is none. */
export const untested: Report = blankReport('')

/** Nothing was measured, and nothing is recommended: it says no more than that somebody began it. */
export function isUntested(report: Report): boolean {
  const { limeMeans: _means, ...printed } = report.recommends
  return [...measuredFields.map((field) => report[field]), ...Object.values(printed)].every(
    ({ text }) => text.trim() === '',
  )
}
