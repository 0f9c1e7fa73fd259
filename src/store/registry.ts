import { liveQuery } from 'dexie'
import { db } from './db'

/** What ships, with the office's own beside it, as this browser has it now; and how to hear of it when it changes. */
export interface Registry<Of> {
  readonly all: () => readonly Of[]
  /** Calls back whenever it changes, on this page or another. Returns how to stop. */
  readonly follow: (listener: () => void) => () => void
}

/**
 * @param read the office's own, from the database
 */
export function registry<Of>(
  shipped: readonly Of[],
  read: (database: typeof db) => Promise<readonly Of[]>,
): Registry<Of> {
  let all = shipped
  const listeners = new Set<() => void>()
  const use = (own: readonly Of[]) => {
    if (JSON.stringify(own) === JSON.stringify(all.slice(shipped.length))) return
    all = [...shipped, ...own]
    listeners.forEach((listener) => listener())
  }
  // No case is read from the database before they are known.
  db.on('ready', async (ready?: unknown) => {
    // A script that comes when the database is open already is called without it.
    use(await read((ready as typeof db | undefined) ?? db))
    liveQuery(() => read(db)).subscribe({ next: use, error: () => undefined })
  })
  return {
    all: () => all,
    follow: (listener) => {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
  }
}
