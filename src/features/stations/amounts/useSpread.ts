import type { MeasuredField } from '@/core/report/tests'
import { coresOf, spreadAsRead } from '@/core/reading/uncertainty'
import { useOpenCase } from '../../case/context'

/** What a value of the report in force lies between, in the unit in which it is read. */
export function useSpread(areaId: string) {
  const { kase } = useOpenCase()
  const area = kase.areas.find(({ id }) => id === areaId)
  const report = kase.reports.find(({ id }) => id === area?.reportId)
  return (field: MeasuredField, v: number) => report && spreadAsRead(report, field, v, coresOf(kase.samples, report))
}
