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

/** Who stands behind the letters, and what new cases begin with. There is one. */
export interface Office {
  readonly id: 'office'
  readonly name: string
  readonly address: string
  readonly disclaimer: string
  /** Initials of the people who sign, as typed: `MV, TB`. */
  readonly people: string
  readonly measures: Case['measures']
  readonly climate: Case['climate']
  /** The invented office of the sample cases. */
  readonly sample: boolean
}

export const db = new Dexie('agrologos', { chromeTransactionDurability: 'strict' }) as Dexie & {
  cases: EntityTable<Case, 'id'>
  summaries: EntityTable<Summary, 'id'>
  settings: EntityTable<Setting, 'key'>
  edits: EntityTable<Edit, 'seq'>
  office: EntityTable<Office, 'id'>
}

/** Schema history; a version once released is never changed. */
db.version(1).stores({ cases: 'id', summaries: 'id, updatedAt', settings: 'key' })
db.version(2).stores({ edits: '++seq, caseId' })
db.version(3).stores({ office: 'id' })
