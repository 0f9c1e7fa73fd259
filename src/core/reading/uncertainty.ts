import type { Case } from '../case/case'
import type { Report } from '../report/report'
import type { ReportKind } from '../report/kinds'
import { testOf, type MeasuredField, measuredIn } from '../report/tests'
import { fields, numberIn } from '../report/fields'
import { rangeOf, type Range } from '../report/measured'

/** Cores that a composite is taken to have where nobody said. Source: common practice. */
export const usualCores = 10

/**
 * What a value lies between, in its own unit: what the report itself leaves open, else one standard deviation to either
 * side. Undefined where nothing is known of its error.
 *
 * @param v the value as reported
 * @param cores in the composite
 * @example spreadOf('pH', 6.2, 'meter', undefined, 10) // { low: 5.9, high: 6.5 }
 */
export function spreadOf(
  field: MeasuredField,
  v: number,
  kind: ReportKind,
  range: Range | undefined,
  cores = usualCores,
): Range | undefined {
  if (range) return range
  const out = testOf(field).error?.(v, kind, cores)
  return out === undefined ? undefined : { low: Math.max(0, v - out), high: v + out }
}

/**
 * What a value lies between, in the unit in which it is read, which may be another than the report's.
 *
 * @param v the value as it is read
 */
export function spreadAsRead(report: Report, field: MeasuredField, v: number, cores: number): Range | undefined {
  const typed = measuredIn(report, field)
  const reported = typed.value ?? v
  const spread = spreadOf(field, reported, report.kind, rangeOf(typed), cores)
  const asRead = (end: number | null) =>
    end === null ? null : field === 'pH' ? end + (v - reported) : reported > 0 ? (end * v) / reported : end
  return spread && { low: asRead(spread.low), high: asRead(spread.high) }
}

/**
 * What the report itself leaves a value between: a range that it prints or that was read off a chart. A kit that gives a
 * bare pH may be half a unit out to either side. Source: common practice.
 */
export function boundsOf(report: Report, field: MeasuredField): Range | undefined {
  const { kind } = report
  const typed = measuredIn(report, field)
  const range = rangeOf(typed)
  if (range || typed.value === null || field !== 'pH' || kind !== 'kit') return range
  const out = testOf(field).error!(typed.value, kind, usualCores)
  return { low: tidy(typed.value - out), high: tidy(typed.value + out) }
}

const tidy = (v: number): number => Number(v.toPrecision(12))

/** Cores of the composite that a report is of. */
export function coresOf(samples: Case['samples'], { id }: Report): number {
  const sample = samples.find(({ reportId }) => reportId === id)
  return (sample && numberIn(fields.cores, sample.taken.cores)) ?? usualCores
}
