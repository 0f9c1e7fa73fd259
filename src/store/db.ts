import type { Due } from '../core/plan/due-kinds'
import Dexie, { type EntityTable, type Transaction } from 'dexie'
import type { Case } from '../core/case/case'
import type { Station } from '../core/case/stations'
import type { Edit } from './history'
import type { AboutAttachment, OpenConflict } from '../schemas/backup'
import type { Attempt } from '../core/practice/attempt'
import { codesOf } from '../core/sampling/codes'
import { conflictSince10, editSince10, editWithoutCaps, migratedCase } from '../schemas/migrations'
import { historyById } from '../schemas/old-history'
import type { Guide } from '../core/guides/guide'
import type { Product } from '../core/shelf/product'
import type { ReportLayout } from '../core/report/layout'
import type { KeptMapping } from '../schemas/layout'
import type { Office } from '../core/office'
import { v4 as newId } from 'uuid'

/** What the Desk shows of a case, kept beside it so that the Desk need not open every one. */
export interface Summary {
  readonly id: string
  readonly client: string
  readonly place: string
  readonly areas: readonly string[]
  readonly waitsFor: Station
  /** The first of each kind that falls due, the earliest in front; absent while nobody has looked. */
  readonly dues?: readonly Due[]
  /** What is written on its bags and reports. */
  readonly codes: readonly string[]
  /** Who drafts it, and what grows there; absent in what was kept before that was asked. */
  readonly by?: string
  readonly crops?: readonly string[]
  readonly updatedAt: string
  readonly sample: boolean
  /** When it was thrown away; it can be put back for a while. */
  readonly trashedAt?: string
}

/** Days that a case stays in the trash, at the least. */
export const trashDays = 30

export interface Conflict extends OpenConflict {
  readonly id: number
}

/** A file that belongs to something, apart from it so that it is read only when it is shown. */
export interface Attachment extends AboutAttachment {
  readonly bytes: ArrayBuffer
}

/** A guide of the office's own, by its id and version. */
export interface OwnGuide {
  readonly ref: string
  readonly guide: Guide
}

/** A product of the office's own, likewise. */
export interface OwnProduct {
  readonly ref: string
  readonly product: Product
}

/** Cases that came of one file, to be looked at one after the other. */
export interface Pile {
  readonly id: string
  /** Of the file. */
  readonly name: string
  readonly at: string
  readonly caseIds: readonly string[]
  /** Those that somebody has looked at. */
  readonly seen: readonly string[]
  /** Reports of the file that were in the cases already, and cases that were gone or unreadable; absent in older ones. */
  readonly known?: number
  readonly gone?: number
}

/** What this browser remembers beside the cases. */
export interface Settings {
  /** When the sample cases were put in. */
  readonly seeded: string
  /** Initials of who works here now. */
  readonly signer: string
  /** What the tape of whoever measures here is in, where it is not what is shown. */
  readonly tape: 'feet' | 'metres'
  /** One letter in the codes made here, so that two devices without network never make the same. */
  readonly device: string
  /** When to remind of a backup: after so many days, or so many changes. */
  readonly reminder: { readonly days: number; readonly edits: number }
  /** The last backup, and the last edit in it. */
  readonly backedUp: { readonly at: string; readonly seq: number }
  /** The file that backups are written to by themselves. */
  readonly backupFile: FileSystemFileHandle
  /** When the trash was last looked through, and for how many days each case was in it by then. */
  readonly trash: {
    readonly lookedAt: string
    readonly ages: Readonly<Record<string, { readonly since: string; readonly days: number }>>
  }
  /** Answers to made-up cases, the oldest first. */
  readonly practice: readonly Attempt[]
  /** Where nobody wants to be told how sure amounts are. */
  readonly doubt: 'off' | 'on'
  /** Colours on this machine; as the system asks for where nobody chose. */
  readonly contrast: 'more' | 'usual'
  /** The way through a sample case was taken, or not wanted. */
  readonly way: 'answered'
  /** A guide that is being edited, as far as it came. */
  readonly guideDraft: Guide
  /** Why the last one could not be written there, or is not whole. */
  readonly backupFault: 'permission' | 'failed' | 'unchecked'
}

export const db = new Dexie('agrologos', { chromeTransactionDurability: 'strict' }) as Dexie & {
  cases: EntityTable<Case, 'id'>
  summaries: EntityTable<Summary, 'id'>
  settings: EntityTable<{ key: keyof Settings; value: Settings[keyof Settings] }, 'key'>
  edits: EntityTable<Edit, 'seq'>
  office: EntityTable<Office, 'id'>
  conflicts: EntityTable<Conflict, 'id'>
  attachments: EntityTable<Attachment, 'id'>
  guides: EntityTable<OwnGuide, 'ref'>
  products: EntityTable<OwnProduct, 'ref'>
  layouts: EntityTable<ReportLayout, 'id'>
  mappings: EntityTable<KeptMapping, 'signature'>
  piles: EntityTable<Pile, 'id'>
}

/** Brings every case to today's schema, from whichever it has. */
const migrateCases = (old: Transaction): Promise<unknown> =>
  old
    .table('cases')
    .toCollection()
    .modify((kase, row) => {
      row.value = migratedCase(kase)
    })

/** Schema history; a version once released is never changed. */
db.version(1).stores({ cases: 'id', summaries: 'id, updatedAt', settings: 'key' })
db.version(2).stores({ edits: '++seq, caseId' })
db.version(3).stores({ office: 'id' })
db.version(4)
  .stores({ conflicts: '++id, caseId', attachments: 'id, owner' })
  .upgrade(async (old) => {
    await migrateCases(old)
    await old
      .table('edits')
      .toCollection()
      .modify((edit: { id?: string }) => {
        edit.id ??= newId()
      })
    await old
      .table('office')
      .toCollection()
      .modify({ region: '', logo: null, guide: 'mehlich-3-humid-east@1', feeding: 'usual' })
  })

db.version(5)
  .stores({ guides: 'ref' })
  .upgrade(async (old) => {
    await migrateCases(old)
    await old.table('office').toCollection().modify({ schools: {} })
  })

db.version(6)
  .stores({ summaries: 'id, updatedAt, *codes' })
  .upgrade(async (old) => {
    await migrateCases(old)
    const codes = new Map<string, string[]>()
    await old.table('cases').each((kase: Case) => void codes.set(kase.id, codesOf(kase)))
    await old
      .table('summaries')
      .toCollection()
      .modify((summary: { id: string; codes?: string[] }) => {
        summary.codes = codes.get(summary.id) ?? []
      })
  })

db.version(7).stores({ layouts: 'id', mappings: 'signature' }).upgrade(migrateCases)

/** Edits go by ids; those of before are told anew from the versions that they led through. */
db.version(8)
  .stores({ products: 'ref' })
  .upgrade(async (old) => {
    const [cases, edits] = [old.table('cases'), old.table<Edit, number>('edits')]
    for (const id of await cases.toCollection().primaryKeys()) {
      const kase: unknown = await cases.get(id)
      const log = await edits.where('caseId').equals(id).sortBy('seq')
      const byIds = historyById(kase, log, migratedCase) as Edit[]
      await edits.bulkDelete(log.map(({ seq }) => seq))
      await edits.bulkPut(byIds)
      await cases.put(migratedCase(kase))
    }
  })

db.version(9)
  .stores({})
  .upgrade(async (old) => {
    await migrateCases(old)
    await old.table('office').toCollection().modify({ shelf: {}, spreaders: [] })
  })

db.version(10)
  .stores({})
  .upgrade(async (old) => {
    await migrateCases(old)
    await old.table('office').toCollection().modify({ closedTimes: [] })
    await old
      .table('edits')
      .toCollection()
      .modify((edit, row) => {
        row.value = editWithoutCaps(edit)
      })
  })

db.version(11)
  .stores({})
  .upgrade(async (old) => {
    await migrateCases(old)
    await old.table('office').toCollection().modify({ yearLimits: [], waterStrips: [], regions: [] })
  })

/** A pile is what is worked off of one file; it is not of a case, and not backed up. */
db.version(12).stores({ piles: 'id' }).upgrade(migrateCases)

/** What a report measured is a record by test. */
db.version(13)
  .stores({})
  .upgrade(async (old) => {
    await migrateCases(old)
    const told = [['edits', editSince10], ['conflicts', conflictSince10]] as const // prettier-ignore
    for (const [table, since] of told)
      await old
        .table(table)
        .toCollection()
        .modify((kept, row) => {
          row.value = since(kept)
        })
  })

/** The version declared last: what this page can read and write. A newer version of the app raises it. */
const version = db.verno

let outdated = false
const whenOutdated = new Set<() => void>()

/** Whether a newer version of the app has made this browser's data its own: then nothing is written from here. */
export const isOutdated = (): boolean => outdated

/** Calls back when that happens while this page is open. */
export const onOutdated = (listener: () => void): void => void whenOutdated.add(listener)

/** From now on nothing is written from this page: what it knows is the shape of yesterday. */
export function endWriting(): void {
  if (outdated) return
  outdated = true
  whenOutdated.forEach((listener) => listener())
}

// Another tab wants to raise the version, and waits for this one to let go.
db.on('versionchange', () => {
  endWriting()
  db.close()
})
// The library opens a database that is newer than what it was told of, and would write into it.
db.on('ready', (ready) => {
  if (ready.backendDB().version > version * 10) endWriting()
})
db.use({
  stack: 'dbcore',
  name: 'nothing-into-newer-data',
  create: (core) => ({
    ...core,
    table: (name) => {
      const table = core.table(name)
      return {
        ...table,
        mutate: (request) => (outdated ? Promise.reject(new RangeError('newer data')) : table.mutate(request)),
      }
    },
  }),
})

/** Lets a database that did not open be opened again: what another process held a moment ago may be free now. */
export const forgetFailure = (): void => {
  if (!outdated && !db.isOpen()) db.close({ disableAutoOpen: false })
}

export async function setting<Key extends keyof Settings>(key: Key): Promise<Settings[Key] | undefined> {
  return (await db.settings.get(key))?.value as Settings[Key] | undefined
}

export const keepSetting = <Key extends keyof Settings>(key: Key, value: Settings[Key]): Promise<unknown> =>
  db.settings.put({ key, value })
