import { saveFile } from '@/ui/save-file'

/** What was saved: rows by table. */
export interface Stored {
  readonly counts: readonly (readonly [table: string, rows: number])[]
}

const asked = <Of>(request: IDBRequest<Of>): Promise<Of> =>
  new Promise((resolve, reject) => {
    request.onsuccess = () => resolve(request.result)
    request.onerror = () => reject(request.error!)
  })

/** ms until a database that neither opens nor fails is given up. */
const patience = 5_000

/** Bytes cannot stand in JSON as they are. */
const legible = (_: string, value: unknown): unknown =>
  value instanceof ArrayBuffer
    ? { base64: btoa(Array.from(new Uint8Array(value), (byte) => String.fromCharCode(byte)).join('')) }
    : value

/** Reads every row of every table and hands them to the browser as one file, a line a row. Rejects where it does not open. */
export async function everythingStored(): Promise<Stored> {
  const opened = await Promise.race([
    asked(indexedDB.open('agrologos')),
    new Promise<never>((_, reject) => setTimeout(() => reject(new Error('it does not open')), patience)),
  ])
  const lines: string[] = []
  const counts: [string, number][] = []
  for (const table of opened.objectStoreNames) {
    const rows = await asked(opened.transaction(table).objectStore(table).getAll()).catch(() => [] as unknown[])
    counts.push([table, rows.length])
    for (const row of rows) lines.push(JSON.stringify({ table, row }, legible))
  }
  opened.close()
  const file = lines.map((line) => `${line}\n`)
  saveFile('agrologos-everything.ndjson', new Blob(file, { type: 'application/x-ndjson' }))
  return { counts }
}
