import type { ReportLayout } from '../core/report/layout'
import type { KeptMapping } from '../schemas/layout'
import type { Mapping } from '../schemas/results-file/mapping'
import { db } from './db'

/** The office's own layouts, those of one laboratory together. */
export const readLayouts = async (): Promise<readonly ReportLayout[]> =>
  (await db.layouts.toArray()).sort((a, b) => a.name.localeCompare(b.name))

/** Keeps a layout in the place of the one of its id. */
export const keepLayout = (layout: ReportLayout): Promise<unknown> => db.layouts.put(layout)

export const removeLayout = (id: string): Promise<void> => db.layouts.delete(id)

/** A newly opened file read as one with the same head was read last. */
export async function remembered(signature: string, fresh: Mapping): Promise<Mapping> {
  const kept = await db.mappings.get(signature).catch(() => undefined)
  if (!kept) return fresh
  const byName = new Map(kept.columns.map((column) => [column.name, column]))
  return {
    ...fresh,
    columns: fresh.columns.map((column) => byName.get(column.name) ?? column),
    decimal: kept.decimal ?? fresh.decimal,
    dates: kept.dates,
    manner: kept.manner,
  }
}

/** How papers of laboratories were read last. */
export const readPapers = (): Promise<readonly KeptMapping[]> =>
  db.mappings.where('signature').startsWith('paper|').toArray()

export const keepPaper = (kept: KeptMapping): Promise<unknown> => db.mappings.put(kept)

export const keepMapping = (signature: string, { columns, decimal, dates, manner }: Mapping): Promise<unknown> =>
  db.mappings.put({ signature, columns, decimal, dates, manner } satisfies KeptMapping)
