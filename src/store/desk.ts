import type { Case } from '../core/case/case'
import type { FiledEdit } from '../schemas/case-file'
import { db, keepSetting, setting, trashDays, type Summary } from './db'
import { caseTables, put } from './put'

/** Inside a transaction: a whole case with its log, as new here. */
export async function putNew(kase: Case, log: readonly FiledEdit[] = []): Promise<void> {
  await put(kase, [])
  await db.edits.bulkAdd(log.map((edit) => ({ ...edit, caseId: kase.id })))
}

/** Puts the samples in; one whose id is taken stays as it is. */
export const addSamples = (cases: readonly Case[]): Promise<void> =>
  db.transaction('rw', caseTables, async () => {
    for (const kase of cases) if (!(await db.cases.get(kase.id))) await putNew(kase)
  })

/** Throws a case away, or puts it back. Editing it puts it back too, since its summary is made anew. */
export const setTrashed = (id: string, trashed: boolean): Promise<number> =>
  db.summaries.update(id, { trashedAt: trashed ? new Date().toISOString() : undefined })

/** Between two looks the trash ages by at most so many days: a clock that is set forward takes nothing with it. */
const longestStep = 7

/**
 * Removes for good what has been in the trash for longer than its days. They are counted from look to look, not from
 * what the clock said when a case was thrown away.
 */
export const emptyOldTrash = (now: Date = new Date()): Promise<void> =>
  db.transaction('rw', caseTables, async () => {
    const trashed = await db.summaries.filter(({ trashedAt }) => trashedAt !== undefined).toArray()
    const last = await setting('trash')
    if (trashed.length === 0 && !last) return
    const passed = last ? (now.getTime() - Date.parse(last.lookedAt)) / 86_400_000 : 0
    const step = Math.min(Math.max(passed, 0), longestStep)
    const ages = trashed.map(({ id, trashedAt }) => {
      const known = last?.ages[id]
      return [id, { since: trashedAt!, days: known?.since === trashedAt ? known!.days + step : 0 }] as const
    })
    const old = ages.filter(([, { days }]) => days > trashDays).map(([id]) => id)
    const young = ages.filter(([, { days }]) => days <= trashDays)
    await keepSetting('trash', { lookedAt: now.toISOString(), ages: Object.fromEntries(young) })
    await removeAll(old)
  })

/** Takes the sample cases away again, and their office, unless it was made one's own. */
export const removeSamples = async (): Promise<void> => {
  await remove((summary) => summary.sample)
  await db.office.filter((office) => office.sample).delete()
}

/** Cases with all that belongs to them, together. */
const remove = (which: (summary: Summary) => boolean): Promise<void> =>
  db.transaction('rw', caseTables, async () => removeAll(await db.summaries.filter(which).primaryKeys()))

/** Inside a transaction. */
async function removeAll(ids: readonly string[]): Promise<void> {
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
