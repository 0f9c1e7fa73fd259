import { blankReport } from './blank'
import type { Area, Case, Report } from './case'

/** What stands in the place of a report where there is none: nothing was measured. */
export const untested: Report = blankReport('')

/** The report that leads an area; undefined where none does. */
export const reportInForce = (
  { reports }: Pick<Case, 'reports'>,
  area: Pick<Area, 'reportId'> | null | undefined,
): Report | undefined => reports.find(({ id }) => id === area?.reportId)

/** The same, by the area's id. */
export const reportOfArea = (kase: Pick<Case, 'areas' | 'reports'>, areaId: string): Report | undefined =>
  reportInForce(
    kase,
    kase.areas.find(({ id }) => id === areaId),
  )
