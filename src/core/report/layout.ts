import { allFields, type LineField } from './line-fields'
import { mannerIn, noManner, type Manner } from './manners'
import type { Report, ReportLine } from './report'
import type { ReportKind } from '../report/kinds'
import type { Text } from '../sentence/text'
import { lineUnit, readLine, recommendedIn, typedIn, withLine } from './lines'

/** What one paper of a laboratory has in common with the next: what it prints, in which order and unit, and how it measured. */
export interface ReportLayout extends Manner, Pick<Report, 'kind' | 'laboratory' | 'extractant' | 'unit' | 'lines'> {
  readonly id: string
  readonly name: string
  readonly limeMeans: Report['recommends']['limeMeans']
}

const line = (field: LineField, unit = ''): ReportLine => ({ field, unit })
/** What a laboratory recommends; in which unit is asked of every paper, and assumed of none. */
const printed: readonly ReportLine[] = [
  line('recommends.lime'),
  line('recommends.N'),
  line('recommends.P₂O₅'),
  line('recommends.K₂O'),
]
const unnamed = {
  laboratory: '',
  extractant: null,
  unit: 'ppm',
  ...noManner,
  limeMeans: 'product',
} as const

/** Papers of no laboratory in particular. */
export const shippedLayouts: readonly (ReportLayout & { readonly title: Text })[] = [
  {
    ...unnamed,
    id: 'routine',
    name: '',
    title: { en: 'Routine test' },
    kind: 'laboratory',
    lines: [
      line('pH'),
      line('bufferPH'),
      line('organicMatter', '%'),
      line('cec', 'meq/100 g'),
      line('P', 'ppm'),
      line('K', 'ppm'),
      line('Ca', 'ppm'),
      line('Mg', 'ppm'),
      ...printed,
    ],
  },
  {
    ...unnamed,
    id: 'index',
    name: '',
    title: { en: 'Index numbers, or words' },
    kind: 'index',
    unit: 'index',
    lines: [
      line('pH'),
      line('P', 'index'),
      line('K', 'index'),
      line('Mg', 'index'),
      line('organicMatter', '%'),
      ...printed,
    ],
  },
  {
    ...unnamed,
    id: 'mix',
    name: '',
    title: { en: 'Soilless mix, media extract' },
    kind: 'mix',
    extractant: 'saturated-media',
    saltsBy: 'saturated-media',
    lines: [
      line('pH'),
      line('salts', 'dS/m'),
      line('nitrate', 'ppm'),
      line('P', 'ppm'),
      line('K', 'ppm'),
      line('Ca', 'ppm'),
      line('Mg', 'ppm'),
    ],
  },
]

const shippedFor: Readonly<Record<ReportKind, string>> = {
  laboratory: 'routine',
  index: 'index',
  words: 'index',
  mix: 'mix',
  kit: 'index',
  meter: 'routine',
}

/** The shipped paper of a kind of report. */
export const layoutFor = (kind: ReportKind): ReportLayout => shippedLayouts.find(({ id }) => id === shippedFor[kind])!

/** The lines of a report in the order of its paper, and after them whatever else is filled in. */
export function linesOf(report: Report): readonly ReportLine[] {
  const ordered =
    report.lines.length > 0
      ? report.lines
      : layoutFor(report.kind).lines.map(({ field }) => line(field, lineUnit(report, field)))
  const there = new Set(ordered.map(({ field }) => field))
  const more = allFields
    .filter((field) => !there.has(field) && typedIn(report, field).text.trim() !== '')
    .map((field) => line(field, lineUnit(report, field)))
  return more.length > 0 ? [...ordered, ...more] : ordered
}

/**
 * A report on this paper: its manner and its order. What is typed already stays, read in the units of the paper, unless
 * it carries a unit of its own.
 */
export function onPaper(report: Report, layout: ReportLayout): Report {
  const { lines, limeMeans, laboratory, kind, extractant, unit } = layout
  const ordered: Report = {
    ...report,
    ...{ kind, extractant, unit, lines },
    ...mannerIn(layout),
    laboratory: laboratory || report.laboratory,
    recommends: { ...report.recommends, limeMeans },
  }
  return lines.reduce(
    (now, one) => withLine(now, one.field, readLine(one.field, typedIn(now, one.field).text, one.unit)),
    ordered,
  )
}

/** What the next paper of this laboratory will have in common with this one. */
export function layoutOf(report: Report, id: string, name: string): ReportLayout {
  const { laboratory, kind, extractant, unit } = report
  return {
    ...{ id, name, laboratory, kind, extractant, unit },
    ...mannerIn(report),
    limeMeans: report.recommends.limeMeans,
    lines: linesOf(report),
  }
}

/** The numbers that are filled in, apart from what the laboratory recommends. */
export const filledIn = (report: Report): readonly LineField[] =>
  allFields.filter((field) => !recommendedIn(field) && typedIn(report, field).text.trim() !== '')
