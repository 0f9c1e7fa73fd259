import Papa from 'papaparse'

export const separators = [',', ';', '\t', '|'] as const
export type Separator = (typeof separators)[number]

/** Cells of a table and what parts them. */
export interface Rows {
  readonly rows: readonly (readonly string[])[]
  readonly separator: Separator
  /** Rows of the file beyond those that are read. */
  readonly beyond: number
}

/** Cells that a row may have, and characters of one; what goes beyond is no table of results. */
export const tableLimits = { cells: 400, cell: 2_000, rows: 200_000 } as const

/**
 * The rows of a table as text. Cells stay what they are: nothing is computed, and nothing is taken for a number here.
 * Blocks that are copied where columns are parted by two or more blanks count as well.
 */
export function rowsOf(text: string, separator?: Separator): Rows {
  const sep = separator ?? likely(text)
  const even = sep === '\t' && !text.includes('\t') ? text.replace(/(\S)[ \u00a0]{2,}(?=\S)/g, '$1\t') : text
  const { data } = Papa.parse<string[]>(even, { delimiter: sep, skipEmptyLines: false })
  const rows = data
    .slice(0, tableLimits.rows)
    .map((row) => row.slice(0, tableLimits.cells).map((cell) => clean(cell.slice(0, tableLimits.cell))))
  while (rows.length > 0 && rows.at(-1)!.every((cell) => cell === '')) rows.pop()
  const beyond = data.slice(tableLimits.rows).filter((row) => row.some((cell) => cell !== '')).length
  return { rows, separator: sep, beyond }
}

const clean = (cell: string) =>
  cell
    .replace(/[\u00a0\u2007\u202f]/g, ' ')
    .replace(/^\ufeff/, '')
    .trim()

/** The separator that parts most lines into the same number of cells, and into more than one. */
function likely(text: string): Separator {
  const sample = text.slice(0, 20_000)
  const scored = separators.map((separator) => {
    const { data } = Papa.parse<string[]>(sample, { delimiter: separator, preview: 60 })
    const counts = data.map((row) => row.length).filter((count) => count > 1)
    const usual = mode(counts)
    return { separator, score: counts.filter((count) => count === usual).length * Math.min(usual, 8) }
  })
  const best = scored.reduce((a, b) => (b.score > a.score ? b : a))
  return best.score > 0 ? best.separator : '\t'
}

function mode(counts: readonly number[]): number {
  const often = new Map<number, number>()
  for (const count of counts) often.set(count, (often.get(count) ?? 0) + 1)
  return [...often].sort((a, b) => b[1] - a[1] || b[0] - a[0])[0]?.[0] ?? 0
}
