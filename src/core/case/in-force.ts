import type { Area } from './area'
import type { Case } from './case'
import type { Report } from '../report/report'

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
