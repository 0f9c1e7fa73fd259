import type { Report } from '../../core/report/report'
import { linesOf } from '../../core/report/layout'
import { mannerIds } from '../../core/report/manners'
import { measuredBy } from '../../core/report/tests'
import { readLine, withLine } from '../../core/report/lines'
import type { Mapping } from './mapping'
import type { ImportedSample } from './take'

/** A report with the values of a sample put in, and what the table says of how it was measured. */
export function filled(
  report: Report,
  sample: Pick<ImportedSample, 'code' | 'date' | 'laboratory' | 'values'>,
  { manner }: Pick<Mapping, 'manner'>,
): Report {
  const measures = new Set<string>(sample.values.map(({ field }) => field))
  /** What the file says, of the tests that it holds. */
  const said = mannerIds.filter((id) => manner[id] !== null && measuredBy(id).some((field) => measures.has(field)))
  const begun: Report = {
    ...report,
    code: report.code || sample.code,
    date: report.date || sample.date,
    laboratory: report.laboratory || sample.laboratory,
    extractant: manner.extractant ?? report.extractant,
    ...Object.fromEntries(said.map((id) => [id, manner[id]])),
  }
  const put = sample.values.reduce(
    (now, { field, text, unit }) => withLine(now, field, readLine(field, text, unit)),
    begun,
  )
  const lines = linesOf(put).map((one) => {
    const value = sample.values.find(({ field }) => field === one.field)
    return value ? { ...one, unit: value.unit } : one
  })
  const there = new Set(lines.map(({ field }) => field))
  const more = sample.values.filter(({ field }) => !there.has(field)).map(({ field, unit }) => ({ field, unit }))
  return { ...put, lines: [...lines, ...more] }
}

/** Media extracts are of soilless mix; whatever else a laboratory sends is of soil. */
export const kindBy = ({ manner }: Pick<Mapping, 'manner'>): 'mix' | 'laboratory' =>
  manner.extractant === 'saturated-media' ? 'mix' : 'laboratory'
