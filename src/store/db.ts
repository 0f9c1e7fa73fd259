import Dexie, { type EntityTable } from 'dexie'
import type { Case } from '../core/case'
import type { Station } from '../core/progress'
import type { Edit } from './history'

/** What the Desk shows of a case, kept beside it so that the Desk need not open every one. */
export interface Summary {
  readonly id: string
  readonly client: string
  readonly place: string
  readonly areas: readonly string[]
  readonly waitsFor: Station
  readonly updatedAt: string
  readonly sample: boolean
  /** When it was thrown away; it can be put back for a while. */
  readonly trashedAt?: string
}

/** Days that a case stays in the trash. */
export const trashDays = 30

export interface Setting {
  readonly key: 'seeded'
  readonly value: string
}

export const db = new Dexie('agrologos', { chromeTransactionDurability: 'strict' }) as Dexie & {
  cases: EntityTable<Case, 'id'>
  summaries: EntityTable<Summary, 'id'>
  settings: EntityTable<Setting, 'key'>
  edits: EntityTable<Edit, 'seq'>
}

/** Schema history; a version once released is never changed. */
db.version(1).stores({ cases: 'id', summaries: 'id, updatedAt', settings: 'key' })
db.version(2).stores({ edits: '++seq, caseId' })
