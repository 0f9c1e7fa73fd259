import { reportOfArea } from '@/core/case/in-force'
import type { MeasuredField } from '@/core/report/tests'
import { coresOf, spreadAsRead } from '@/core/reading/uncertainty'
import { useOpenCase } from '../../case/context'

/** What a value of the report in force lies between, in the unit in which it is read. */
export function useSpread(areaId: string) {
  const { kase } = useOpenCase()
  const report = reportOfArea(kase, areaId)
  return (field: MeasuredField, v: number) => report && spreadAsRead(report, field, v, coresOf(kase.samples, report))
}
