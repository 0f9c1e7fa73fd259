import { blankOffice, type Conventions } from '../../core/office'
import type { Report } from '../../core/report/report'
import type { LineField } from '../../core/report/line-fields'
import { mannerIds, mannerOf, noManner, type Manner, type MannerId } from '../../core/report/manners'
import { measuredBy } from '../../core/report/tests'
import { lineField } from '../../core/report/lines'
import { isLine, isUnitWord, named, unitNamed, type Meaning, type Named } from '../../core/report/names'
import type { Rows } from './rows'

/** How a table lies: a sample to a row; a sample to a column, its tests down the side; or a row for every single result. */
export type Shape = 'across' | 'down' | 'long'

/** What one column (or, of a table that lies down, one row) holds. */
export interface Column {
  /** What it is called in the file. */
  readonly name: string
  /** null: it is left out. */
  readonly meaning: Meaning | null
  /** null: not known, and nothing is taken from it before it is. */
  readonly unit: string | null
}

/** What a file says of how its tests were made. */
export type FileManner = Manner & Pick<Report, 'extractant'>

/** How a file is read. Proposed, shown, corrected, and remembered for the next file with the same head. */
export interface Mapping {
  readonly shape: Shape
  /** The row with the names; -1 where there is none. */
  readonly head: number
  /** The first row of results. */
  readonly first: number
  /** Of a long table the tests by their names, else the columns or rows in their order. */
  readonly columns: readonly Column[]
  /** null: cells like 1,250 could be either, so somebody has to say. */
  readonly decimal: 'point' | 'comma' | null
  readonly dates: 'month-first' | 'day-first'
  readonly manner: FileManner
}

/** Rows at the top among which the head is looked for. */
const headWithin = 40

/** How this table is most likely to be read. */
export function proposed(table: Rows, usual: Conventions = blankOffice): Mapping {
  const { rows } = table
  const { head, score } = headOf(rows)
  const down = downward(rows)
  const names = (rows[head] ?? []).map(named)
  const has = (meaning: Meaning) => names.some((one) => one.meaning === meaning)
  const shape: Shape = has('test') && has('result') ? 'long' : down > score ? 'down' : 'across'
  const columns =
    shape === 'long' ? longColumns(rows, head) : shape === 'down' ? downColumns(rows) : acrossColumns(rows, head)
  const all = [...columns.map(({ name }) => named(name)), ...names]
  return {
    shape,
    head: shape === 'down' ? headOfDown(rows) : head,
    first: shape === 'down' ? 0 : head + 1 + (hasUnitsRow(rows, head) ? 1 : 0),
    columns,
    decimal: decimalOf(rows, table.separator, usual.decimal),
    dates: datesOf(rows) ?? usual.dates,
    manner: mannerIn(all, columns),
  }
}

const fieldsIn = (row: readonly string[]) => new Set(row.flatMap((cell) => named(cell).meaning ?? [])).size

/** The row that names most. */
function headOf(rows: readonly (readonly string[])[]): { head: number; score: number } {
  let best = { head: -1, score: 1 }
  rows.slice(0, headWithin).forEach((row, i) => {
    const score = fieldsIn(row)
    if (score > best.score) best = { head: i, score }
  })
  return best.head < 0 ? { head: -1, score: 0 } : best
}

/** How many rows are named at their left end. */
const downward = (rows: readonly (readonly string[])[]): number =>
  new Set(rows.slice(0, 200).flatMap((row) => (row.length > 1 ? (named(row[0] ?? '').meaning ?? []) : []))).size

/** Of a table that lies down: the row with the codes of its samples, which has no name that means a test. */
const headOfDown = (rows: readonly (readonly string[])[]): number =>
  rows.findIndex((row) => named(row[0] ?? '').meaning === 'code')

/** The row beneath the head that holds units and no numbers. */
function hasUnitsRow(rows: readonly (readonly string[])[], head: number): boolean {
  const under = rows[head + 1] ?? []
  return under.filter(isUnitWord).length >= 2 && !under.some((cell) => /^\s*[\d<>]/.test(cell))
}

const columnOf = (name: string, unitCell?: string): Column => {
  const { meaning, unit } = named(name)
  if (meaning === undefined) return { name, meaning: null, unit: null }
  if (!isLine(meaning)) return { name, meaning, unit: '' }
  const said = unitCell ? unitNamed(meaning, unitCell) : unit
  // Its share of the exchange, not the element.
  if (unitCell && said === null && /%/.test(unitCell)) return { name, meaning: null, unit: null }
  return { name, meaning, unit: said === undefined ? onlyUnit(meaning) : said }
}

/** The unit of a field that has no other; of others it is not known. */
export function onlyUnit(field: LineField): string | null {
  const { units } = lineField(field)
  if (units.length === 0) return ''
  return units.length === 1 ? units[0]!.unit : null
}

function acrossColumns(rows: readonly (readonly string[])[], head: number): Column[] {
  if (head < 0) return (rows[0] ?? []).map((_, i) => ({ name: String(i + 1), meaning: null, unit: null }))
  const units = hasUnitsRow(rows, head) ? rows[head + 1] : undefined
  return onceEach((rows[head] ?? []).map((name, i) => columnOf(name, units?.[i] || undefined)))
}

const downColumns = (rows: readonly (readonly string[])[]): Column[] => {
  const unitAt = unitColumn(rows)
  return onceEach(rows.map((row) => columnOf(row[0] ?? '', unitAt === null ? undefined : row[unitAt] || undefined)))
}

/** Of a table that lies down: the column that holds units; null where none does. */
export function unitColumn(rows: readonly (readonly string[])[]): number | null {
  for (const at of [1, 2, 3]) {
    const cells = rows.map((row) => row[at] ?? '').filter(Boolean)
    if (cells.length > 0 && cells.filter(isUnitWord).length * 2 > cells.length) return at
  }
  return null
}

function longColumns(rows: readonly (readonly string[])[], head: number): Column[] {
  const at = placesIn(rows[head] ?? [])
  const found = new Map<string, Column>()
  for (const row of rows.slice(head + 1)) {
    const name = row[at.test ?? -1] ?? ''
    if (name === '' || found.has(name)) continue
    const column = columnOf(name)
    const unitCell = at.unit === undefined ? '' : row[at.unit]
    if (!column.meaning || !isLine(column.meaning)) found.set(name, { name, meaning: null, unit: null })
    // With a column of units each row has its own, and this one stands in where that is blank.
    else found.set(name, unitCell ? { ...column, unit: unitNamed(column.meaning, unitCell) } : column)
    if (found.size >= 200) break
  }
  return onceEach([...found.values()])
}

/** Where a long table has its codes, dates, tests, results and units. */
export function placesIn(head: readonly string[]): Partial<Record<Meaning, number>> {
  const found: Partial<Record<Meaning, number>> = {}
  head.forEach((name, i) => {
    const { meaning } = named(name)
    if (meaning && !isLine(meaning)) found[meaning] ??= i
  })
  return found
}

/** A field that two columns name is the first one's; the other is left to the person. */
function onceEach(columns: readonly Column[]): Column[] {
  const taken = new Set<Meaning>()
  return columns.map((column) => {
    if (column.meaning === null) return column
    if (taken.has(column.meaning)) return { ...column, meaning: null }
    taken.add(column.meaning)
    return column
  })
}

/** What names say of how tests were made, of the tests that are there. */
export function mannerIn(names: readonly Named[], columns: readonly Column[]): FileManner {
  const first = <Key extends keyof Named>(key: Key) => names.find((one) => one[key] !== undefined)?.[key]
  const extractant = first('extractant') ?? null
  const has = (id: MannerId) => columns.some(({ meaning }) => measuredBy(id).some((field) => field === meaning))
  const said = mannerIds.filter(has).map((id) => {
    const { usual = null, byExtractant = {} } = mannerOf(id)
    return [id, first(id as keyof Named) ?? (extractant && byExtractant[extractant]) ?? usual]
  })
  return { ...noManner, ...(Object.fromEntries(said) as Partial<Manner>), extractant }
}

/**
 * Which mark parts the decimals. A comma before one, two or four and more digits is a decimal one, and so is one behind a
 * zero; a point in a number that could not be thousands speaks for the point. null where both are there, or where all
 * that is there could be thousands.
 */
export function decimalOf(
  rows: readonly (readonly string[])[],
  separator: string,
  usual: Mapping['decimal'] = null,
): Mapping['decimal'] {
  let [comma, point, either] = [false, false, false]
  for (const row of rows)
    for (const cell of row) {
      if (/^[<>]?\s*(?:\d+,(?:\d{1,2}|\d{4,})|0+,\d+|\d{1,3}(?:\.\d{3})+,\d+)(?:\s|$)/.test(cell)) comma = true
      else if (/^[<>]?\s*\d*\.(?:\d{1,2}|\d{4,})(?:\s|$)|^0?\.\d+(?:\s|$)/.test(cell)) point = true
      else if (/^[<>]?\s*[1-9]\d{0,2}(?:,\d{3})+(?:\s|$)/.test(cell)) either = true
    }
  if (comma && point) return null
  if (comma) return 'comma'
  if (either && !point) return separator === ',' ? 'point' : usual
  return 'point'
}

/** 13/02/2026 can only have the day first; undefined where nothing tells. */
function datesOf(rows: readonly (readonly string[])[]): Mapping['dates'] | undefined {
  for (const row of rows.slice(0, 2_000))
    for (const cell of row) {
      if (/^\d{1,2}\.\d{1,2}\.\d{4}$/.test(cell)) return 'day-first'
      const [, first] = /^(\d{1,2})\/\d{1,2}\/\d{2,4}$/.exec(cell) ?? []
      if (first !== undefined && Number(first) > 12) return 'day-first'
    }
  return undefined
}

/** What tells files of one laboratory from those of another: their names, whatever the order of the rows. */
export const signatureOf = ({ rows }: Rows, { shape, head, columns }: Mapping): string =>
  [shape, ...(shape === 'across' || shape === 'long' ? (rows[head] ?? []) : columns.map(({ name }) => name))]
    .map((name) => name.toLowerCase().trim())
    .join('|')
    .slice(0, 4_000)
