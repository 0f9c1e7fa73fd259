import type { Report } from './report'
import type { LineField, RecommendedField } from './line-fields'
import { fields } from './fields'
import { buffers } from './buffers'
import { measuredIn, testOf, type MeasuredField } from './tests'
import { elements, isMicronutrient, majorNutrients, otherNutrients, type Element } from '../units/quantity'
import { readMeasured } from './measured'
import { readTyped, type Field, type Typed } from '../units/typed'

export const isElement = (field: string): field is Element => (elements as readonly string[]).includes(field)

/** The laboratory's own line behind a field; undefined for what it measures. */
export const recommendedIn = (field: LineField): RecommendedField | undefined =>
  field.startsWith('recommends.') ? (field.slice('recommends.'.length) as RecommendedField) : undefined

/** What a line of a report accepts. A buffer has the range of its own kind. */
export function lineField(field: LineField, buffer: Report['buffer'] = null): Field {
  const recommended = recommendedIn(field)
  if (recommended === 'limeDepth') return fields.depth
  if (recommended) return recommended === 'lime' || recommended === 'sulfur' ? fields[recommended] : fields.nutrient
  if (field === 'bufferPH' && buffer) return buffers[buffer].field
  return testOf(field as MeasuredField).field
}

export const typedIn = (report: Report, field: LineField): Typed => {
  const recommended = recommendedIn(field)
  return recommended ? report.recommends[recommended] : measuredIn(report, field as MeasuredField)
}

/** The unit in which a line is printed, unless another is typed after the number. */
export function lineUnit(report: Pick<Report, 'lines' | 'unit'>, field: LineField): string {
  const own = report.lines.find((one) => one.field === field)?.unit
  if (own !== undefined) return own
  if (isElement(field)) return isMicronutrient(field) ? 'ppm' : report.unit
  const recommended = recommendedIn(field)
  if (!recommended) return testOf(field as MeasuredField).unit
  if (recommended === 'limeDepth') return 'in'
  const like = alike(field)
  return report.lines.find((one) => like.includes(one.field) && one.unit !== '')?.unit ?? ''
}

/**
 * Reads what is typed or imported for a line, in the unit that the paper prints it in. What is measured may be a limit or
 * a range; a rate or a depth is a plain number.
 */
export function readLine(field: LineField, text: string, unit: string): Typed {
  const { units } = lineField(field)
  return recommendedIn(field) || testOf(field as MeasuredField).plain
    ? readTyped(text, unit, units)
    : readMeasured(text, unit, units)
}

const nutrientLines: readonly LineField[] = [...majorNutrients, ...otherNutrients].map(
  (nutrient) => `recommends.${nutrient}` as const,
)
/** Lines that a paper prints in one unit: the nutrients that it recommends. */
const alike = (field: LineField): readonly LineField[] => (nutrientLines.includes(field) ? nutrientLines : [field])

/**
 * The unit in which a paper prints a line. Of the figures like it those take it too whose unit nobody has named: a paper
 * is asked once.
 */
export function withLineUnit(report: Report, field: LineField, unit: string): Report {
  const takes = alike(field).filter((one) => one === field || typedIn(report, one).unit === '')
  const lines = report.lines.map((one) =>
    one.field === field || (takes.includes(one.field) && one.unit === '') ? { ...one, unit } : one,
  )
  return takes.reduce<Report>((now, one) => inUnit(now, one, unit), { ...report, lines })
}

/** A line as it was typed, in another unit, which takes the place of one typed after it. */
export function inUnit(report: Report, field: LineField, unit: string): Report {
  const { text } = typedIn(report, field)
  const own = readLine(field, text, '').unit
  return withLine(report, field, readLine(field, own === '' ? text : withoutUnit(field, text), unit))
}

/** What stands before a unit: of a rate its number, of what is measured a limit or a range too. */
const withoutUnit = (field: LineField, text: string): string =>
  recommendedIn(field) ? text.replace(/^(\s*[\d.,/ ½¼¾⅓⅔]*[\d.½¼¾⅓⅔]).*$/, '$1') : text.replace(/[^\d½¼¾⅓⅔]*$/, '')

/** A report with a line filled in. */
export function withLine(report: Report, field: LineField, typed: Typed): Report {
  const recommended = recommendedIn(field)
  return recommended
    ? { ...report, recommends: { ...report.recommends, [recommended]: typed } }
    : { ...report, measured: { ...report.measured, [field]: typed } }
}
