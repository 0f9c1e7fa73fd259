import { v4 as newId } from 'uuid'
import { blankReport } from '@/core/case/blank'
import type { Case } from '@/core/case/case'
import type { Report } from '@/core/report/report'
import type { Sample } from '@/core/case/sample'
import { depthOf } from '@/core/sampling/sheet'
import type { Guide } from '@/core/guides/guide'
import { layoutFor } from '@/core/report/layout'
import { lineUnit, readLine } from '@/core/report/lines'
import { measuredFields, type MeasuredField } from '@/core/report/tests'
import type { LaboratoryReport } from '@/demo/laboratory'

/** What a laboratory sends, as a report of the case. */
export function reportOf(
  { code, laboratory: name, date, extractant, buffer, values }: LaboratoryReport,
  sample: Sample,
  kase: Case,
  guides: readonly Guide[],
): Report {
  const kind = extractant === 'saturated-media' ? 'mix' : 'laboratory'
  const blank = blankReport(newId())
  const read = (field: MeasuredField, text: string) => readLine(field, text, lineUnit(blank, field))
  const fields = measuredFields.filter((field) => values[field] !== undefined)
  return {
    ...blank,
    kind,
    code,
    laboratory: name,
    date,
    extractant,
    buffer,
    lines: fields.map((field) => ({ field, unit: lineUnit(layoutFor(kind), field) })),
    saltsBy: kind === 'mix' ? 'saturated-media' : values.salts ? 'saturated-paste' : null,
    leadBy: values.lead ? 'total' : null,
    measured: {
      sampleDepth: read('sampleDepth', String(depthOf(sample, kase, guides).to)),
      ...Object.fromEntries(fields.map((field) => [field, read(field, values[field]!)])),
    },
  }
}
