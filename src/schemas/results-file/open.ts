import type { Conventions } from '../../core/office'
import { decoded, type Encoding } from './decode'
import { proposed, signatureOf, type Mapping } from './mapping'
import { rowsOf, type Rows } from './rows'
import { taken, type ImportedSample, type OnProgress } from './take'

/** A file larger than this, in bytes, is not opened. */
export const largestResultsFile = 60_000_000

/** What is shown of a file before anything is taken from it. */
export interface OpenedResults {
  readonly encoding: Encoding
  readonly separator: Rows['separator']
  readonly rowCount: number
  /** The first rows as they are. */
  readonly preview: Rows['rows']
  readonly mapping: Mapping
  /** By which the mapping is remembered. */
  readonly signature: string
}

const previewRows = 12

/** Opens a file of results. Throws nothing: whatever it is, it has rows, though perhaps none that can be read. */
export function openResults(bytes: Uint8Array, usual?: Conventions): OpenedResults {
  const { text, encoding } = decoded(bytes)
  const table = rowsOf(text)
  const mapping = proposed(table, usual)
  const from = Math.max(0, Math.min(mapping.head, mapping.first - 1))
  return {
    encoding,
    separator: table.separator,
    rowCount: table.rows.length,
    preview: table.rows.slice(from, from + previewRows),
    mapping,
    signature: signatureOf(table, mapping),
  }
}

/** A sample in a list, without its values. */
export interface Listed extends Omit<ImportedSample, 'values'> {
  readonly count: number
}

export interface ListedResults {
  readonly samples: readonly Listed[]
  readonly stray: number
  readonly withoutUnit: number
  /** Rows that are too many to be read. */
  readonly beyond: number
}

/** The samples of a file as a list; their values stay in the file until they are wanted. */
export function listResults(bytes: Uint8Array, mapping: Mapping, onProgress?: OnProgress): ListedResults {
  const table = rowsOf(decoded(bytes).text)
  const { samples, stray, withoutUnit } = taken(table, mapping, onProgress)
  return {
    samples: samples.map(({ values, ...about }) => ({ ...about, count: values.length })),
    stray,
    withoutUnit,
    beyond: table.beyond,
  }
}

/** Whole samples by their places in the list. */
export const takeResults = (
  bytes: Uint8Array,
  mapping: Mapping,
  places: readonly number[],
): readonly ImportedSample[] => {
  const { samples } = taken(rowsOf(decoded(bytes).text), mapping)
  return places.flatMap((place) => samples[place] ?? [])
}
