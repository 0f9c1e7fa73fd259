import { copyForYear, joinCase } from '../core/acts/cases'
import type { Case } from '../core/case/case'
import type { FiledEdit } from '../schemas/case-file'
import { v4 as newId } from 'uuid'
import { soundCase } from './damage'
import { db, keepSetting, setting } from './db'
import type { Office } from '../core/office'
import { addSampleOffice } from './office'
import { caseTables, put, putChanged } from './put'

/** Inside a transaction: a whole case with its log, as new here. */
export async function putNew(kase: Case, log: readonly FiledEdit[] = []): Promise<void> {
  await put(kase, [])
  await db.edits.bulkAdd(log.map((edit) => ({ ...edit, caseId: kase.id })))
}

/**
 * Puts the samples in, with their office where there is none, all or nothing: whoever leaves the page meanwhile has both or
 * neither. One whose id is taken stays as it is, and comes back where it was thrown away.
 */
export const addSamples = (cases: readonly Case[], office?: Office): Promise<void> =>
  db.transaction('rw', [...caseTables, db.office], async () => {
    for (const kase of cases) await ((await db.cases.get(kase.id)) ? setTrashed(kase.id, false) : putNew(kase))
    if (office) await addSampleOffice(office)
  })

/** Throws a case away, or puts it back. Editing it puts it back too, since its summary is made anew. */
export const setTrashed = (id: string, trashed: boolean): Promise<number> =>
  db.summaries.update(id, { trashedAt: trashed ? new Date().toISOString() : undefined })

/** Cases as they can be shown, in the order of their ids; undefined where one is not there or cannot be read. */
export const soundCases = async (ids: readonly string[]): Promise<readonly (Case | undefined)[]> =>
  (await db.cases.bulkGet([...ids])).map((stored) => stored && soundCase(stored))

/** Throws several away at once, or puts them back. */
export const setAllTrashed = (ids: readonly string[], trashed: boolean): Promise<unknown> =>
  db.transaction('rw', db.summaries, () => Promise.all(ids.map((id) => setTrashed(id, trashed))))

/** Makes a case for another year of each of these; those that cannot be read are passed over. */
export async function copyCases(ids: readonly string[], year: string): Promise<void> {
  const at = new Date().toISOString()
  await db.transaction('rw', caseTables, async () => {
    for (const kase of await soundCases(ids)) if (kase) await putNew(copyForYear(kase, newId(), year, at, newId))
  })
}

/** Takes one case into another, with its files, and throws it away; false where one of them cannot be read. */
export const joinCases = (into: string, from: string): Promise<boolean> =>
  db.transaction('rw', caseTables, async () => {
    const [own, other] = await soundCases([into, from])
    if (!own || !other) return false
    await putChanged(own, joinCase(other)(own))
    await db.attachments.where('owner').equals(from).modify({ owner: into })
    await setTrashed(from, true)
    return true
  })

/**
 * Throws the sample cases away, and their office, unless it was made one's own.
 *
 * @returns what puts them back
 */
export async function removeSamples(): Promise<() => Promise<void>> {
  const { ids, offices } = await db.transaction('rw', db.summaries, db.office, async () => {
    const ids = await db.summaries.filter(({ sample, trashedAt }) => sample && !trashedAt).primaryKeys()
    const offices = await db.office.filter(({ sample }) => sample).toArray()
    await Promise.all(ids.map((id) => setTrashed(id, true)))
    await db.office.bulkDelete(offices.map(({ id }) => id))
    return { ids, offices }
  })
  return () =>
    db.transaction('rw', db.summaries, db.office, async () => {
      await Promise.all(ids.map((id) => setTrashed(id, false)))
      if ((await db.office.count()) === 0) await db.office.bulkPut(offices)
    })
}

/** Inside a transaction. */
export async function removeAll(ids: readonly string[]): Promise<void> {
  await db.cases.bulkDelete([...ids])
  await db.summaries.bulkDelete([...ids])
  for (const [table, owner] of [
    [db.edits, 'caseId'],
    [db.conflicts, 'caseId'],
    [db.attachments, 'owner'],
  ] as const)
    await table.where(owner).anyOf(ids).delete()
}

/** Puts the samples in once in the life of this browser's data. */
export const seedOnce = (seed: () => Promise<unknown>): Promise<void> =>
  db.transaction('rw', [...caseTables, db.office], async () => {
    if (await setting('seeded')) return
    await keepSetting('seeded', new Date().toISOString())
    await seed()
  })
