import type { LineField } from '../../core/report/line-fields'
import { readLine } from '../../core/report/lines'
import { texts } from '../../core/shape/limits'
import { aboutSample, isLine, unitNamed, type AboutSample, type Meaning } from '../../core/report/names'
import { placesIn, unitColumn, type Column, type Mapping } from './mapping'
import type { Rows } from './rows'

/** One result as the file has it, in the unit that its column, or its own row, names. */
export interface Value {
  readonly field: LineField
  readonly text: string
  readonly unit: string
}

export interface ImportedSample {
  readonly code: string
  /** ISO, or blank. */
  readonly date: string
  readonly laboratory: string
  readonly client: string
  readonly place: string
  /** What the ground is called. */
  readonly area: string
  /** In the file's own words. */
  readonly crop: string
  /** As it is typed: with its unit where the column names one. */
  readonly size: string
  readonly values: readonly Value[]
}

export interface Taken {
  readonly samples: readonly ImportedSample[]
  /** Rows without a result. */
  readonly stray: number
  /** Results in a unit that their test does not have, or in none: they are left out. */
  readonly withoutUnit: number
}

/** Told how much is done, from 0 to 1. */
export type OnProgress = (share: number) => void

/** Rows between two words of progress. */
const beat = 250

/** Takes the samples out of a table. Nothing is taken from a column whose unit nobody has said. */
export function taken(table: Rows, mapping: Mapping, onProgress: OnProgress = () => undefined): Taken {
  return mapping.shape === 'long'
    ? takenLong(table, mapping, onProgress)
    : mapping.shape === 'down'
      ? takenDown(table, mapping)
      : takenAcross(table, mapping, onProgress)
}

type Cells = Partial<Record<AboutSample, string>>
const isAbout = (meaning: Meaning): meaning is AboutSample => (aboutSample as readonly Meaning[]).includes(meaning)

function takenAcross({ rows }: Rows, mapping: Mapping, onProgress: OnProgress): Taken {
  const samples: ImportedSample[] = []
  let stray = 0
  let withoutUnit = 0
  rows.slice(mapping.first).forEach((row, i, all) => {
    const found = sampleOf(
      mapping,
      mapping.columns.map((column, at) => [column, row[at] ?? ''] as const),
    )
    withoutUnit += found.withoutUnit
    if (found.sample.values.length > 0) samples.push(found.sample)
    else if (row.some((cell) => cell !== '')) stray += 1
    if (i % beat === 0) onProgress(i / all.length)
  })
  onProgress(1)
  return { samples, stray, withoutUnit }
}

function takenDown({ rows }: Rows, mapping: Mapping): Taken {
  const unitAt = unitColumn(rows)
  const widest = Math.max(0, ...rows.map((row) => row.length))
  const samples: ImportedSample[] = []
  let withoutUnit = 0
  for (let at = 1; at < widest; at += 1) {
    if (at === unitAt) continue
    const found = sampleOf(
      mapping,
      mapping.columns.map((column, i) => [column, rows[i]?.[at] ?? ''] as const),
    )
    withoutUnit += found.withoutUnit
    if (found.sample.values.length > 0) samples.push(found.sample)
  }
  const stray = mapping.columns.filter(({ meaning, name }) => meaning === null && name !== '').length
  return { samples, stray, withoutUnit }
}

function sampleOf(mapping: Mapping, cells: readonly (readonly [Column, string])[]) {
  const about: Cells = {}
  const values: Value[] = []
  let withoutUnit = 0
  for (const [{ name, meaning, unit }, cell] of cells) {
    if (meaning === null || cell === '') continue
    if (!isLine(meaning)) {
      if (isAbout(meaning)) about[meaning] = meaning === 'size' ? sized(cell, name) : cell
      continue
    }
    if (!hasDigitOrWord(cell)) continue
    const text = inPoints(cell, mapping.decimal)
    const known = unit ?? unitInCell(meaning, text)
    if (known === null) withoutUnit += 1
    else values.push({ field: meaning, text, unit: known })
  }
  return { sample: { ...aboutOf(about, mapping), values }, withoutUnit }
}

function takenLong({ rows }: Rows, mapping: Mapping, onProgress: OnProgress): Taken {
  const head = rows[mapping.head] ?? []
  const at = placesIn(head)
  const columns = new Map(mapping.columns.map((column) => [column.name, column]))
  const found = new Map<string, { about: Cells; values: Map<LineField, Value> }>()
  let stray = 0
  let withoutUnit = 0
  const cellOf = (row: readonly string[], key: AboutSample | 'test' | 'result' | 'unit') =>
    at[key] === undefined ? '' : (row[at[key]] ?? '')
  rows.slice(mapping.first).forEach((row, i, all) => {
    if (i % beat === 0) onProgress(i / all.length)
    const [result, column] = [cellOf(row, 'result'), columns.get(cellOf(row, 'test'))]
    if (row.every((cell) => cell === '')) return
    if (!column?.meaning || !isLine(column.meaning) || !hasDigitOrWord(result)) {
      stray += 1
      return
    }
    const unitCell = cellOf(row, 'unit')
    const text = inPoints(result, mapping.decimal)
    const unit =
      unitCell === '' ? (column.unit ?? unitInCell(column.meaning, text)) : unitNamed(column.meaning, unitCell)
    if (unit === null) {
      withoutUnit += 1
      return
    }
    const code = cellOf(row, 'code')
    const sample = found.get(code) ?? { about: {}, values: new Map<LineField, Value>() }
    for (const key of aboutSample)
      sample.about[key] ||= key === 'size' ? sized(cellOf(row, key), head[at.size ?? -1] ?? '') : cellOf(row, key)
    const value = { field: column.meaning, text, unit }
    // Of a test made twice the first stands.
    if (!sample.values.has(column.meaning)) sample.values.set(column.meaning, value)
    found.set(code, sample)
  })
  onProgress(1)
  const samples = [...found.values()].map(({ about, values }) => ({
    ...aboutOf(about, mapping),
    values: [...values.values()],
  }))
  return { samples, stray, withoutUnit }
}

/** A bare number in the unit that its column names. */
function sized(cell: string, name: string): string {
  if (cell === '' || /[a-z²′'"×x]/i.test(cell)) return cell
  if (/acre/i.test(name)) return `${cell} acre`
  return /sq|ft|feet/i.test(name) ? `${cell} sq ft` : cell
}

const aboutOf = (
  { code = '', date = '', laboratory = '', client = '', place = '', area = '', crop = '', size = '' }: Cells,
  { dates }: Mapping,
) => ({
  code: code.slice(0, 60),
  date: isoDate(date, dates),
  laboratory: laboratory.slice(0, texts.laboratory),
  client: client.slice(0, texts.client),
  place: place.slice(0, texts.place),
  area: area.slice(0, texts.name),
  crop: crop.slice(0, texts.name),
  size: size.slice(0, 80),
})

/** The unit that a cell itself names after its number; null where it names none of its field. */
export function unitInCell(field: LineField, text: string): string | null {
  const { unit, value } = readLine(field, text, '')
  return value !== null && unit !== '' ? unit : null
}

const hasDigitOrWord = (cell: string): boolean => /[\p{L}\d]/u.test(cell) && cell.length <= 120

/** A number with a decimal comma as one with a point, its thousands unparted; any other text as it is. */
export function inPoints(cell: string, decimal: Mapping['decimal']): string {
  if (decimal !== 'comma') return cell
  return cell.replace(/\d[\d.]*,\d+|\d{1,3}(?:\.\d{3})+(?![\d,])/g, (number) =>
    number.replaceAll('.', '').replace(',', '.'),
  )
}

/**
 * A date as ISO; blank where it is none.
 *
 * @example isoDate('3/4/2026', 'month-first') // '2026-03-04'
 */
export function isoDate(text: string, dates: Mapping['dates']): string {
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})(?:[T ].*)?$/.exec(text)
  const parts = /^(\d{1,2})[./-](\d{1,2})[./-](\d{4}|\d{2})(?: .*)?$/.exec(text)
  const [year, month, day] = iso
    ? [iso[1], iso[2], iso[3]]
    : parts
      ? dates === 'day-first'
        ? [parts[3], parts[2], parts[1]]
        : [parts[3], parts[1], parts[2]]
      : []
  if (!year || !month || !day) return ''
  const full = year.length === 2 ? `20${year}` : year
  const [m, d] = [Number(month), Number(day)]
  const days = new Date(Date.UTC(Number(full), m, 0)).getUTCDate()
  return m >= 1 && m <= 12 && d >= 1 && d <= days ? `${full}-${month.padStart(2, '0')}-${day.padStart(2, '0')}` : ''
}
