import type { Case, MeasuredField, Report, ReportKind } from '../case/case'
import { fields, numberIn } from '../report/fields'
import { isElement } from '../report/lines'
import { rangeOf, type Range } from '../report/measured'

/**
 * How far a value may be out, one standard deviation. Source of all: common practice.
 * A laboratory's pH 0.1, its buffer 0.05, its nutrients 10 %; a meter's pH 0.3; a composite of n cores adds 0.25 / √n to
 * the pH and 35 % / √n to nutrients. A kit may be out by 0.5 to either side.
 */
const sd = { pH: 0.1, buffer: 0.05, meter: 0.3, kit: 0.5, corePH: 0.25 } as const
const cv = { nutrient: 0.1, core: 0.35 } as const

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
  const out = plusMinus(field, v, kind, cores)
  return out === undefined ? undefined : { low: Math.max(0, v - out), high: v + out }
}

function plusMinus(field: MeasuredField, v: number, kind: ReportKind, cores: number): number | undefined {
  if (field === 'pH') {
    if (kind === 'meter') return sd.meter
    if (kind === 'kit') return sd.kit
    return Math.hypot(sd.pH, sd.corePH / Math.sqrt(cores))
  }
  if (field === 'bufferPH') return sd.buffer
  if (isElement(field) || field === 'nitrate') return v * Math.hypot(cv.nutrient, cv.core / Math.sqrt(cores))
  return undefined
}

/**
 * What a value lies between, in the unit in which it is read, which may be another than the report's.
 *
 * @param v the value as it is read
 */
export function spreadAsRead(report: Report, field: MeasuredField, v: number, cores: number): Range | undefined {
  const reported = report[field].value ?? v
  const spread = spreadOf(field, reported, report.kind, rangeOf(report[field]), cores)
  const asRead = (end: number | null) =>
    end === null ? null : field === 'pH' ? end + (v - reported) : reported > 0 ? (end * v) / reported : end
  return spread && { low: asRead(spread.low), high: asRead(spread.high) }
}

/** Cores of the composite that a report is of. */
export function coresOf(samples: Case['samples'], { id }: Report): number {
  const sample = samples.find(({ reportId }) => reportId === id)
  return (sample && numberIn(fields.cores, sample.taken.cores)) ?? usualCores
}
