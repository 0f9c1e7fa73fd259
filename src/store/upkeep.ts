import { soundCase } from './damage'
import { db, keepSetting, setting, trashDays } from './db'
import { removeAll } from './desk'
import { caseTables, judge } from './put'
import { soundSummary } from './summary'

/** What is looked after while the Desk stands open: the trash, files that nothing names, and damage. */

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

/**
 * Removes files that nothing names: their case is gone, or neither it nor its history speaks of them; of the office's,
 * all but its logo. What a page has not written yet is not here either, so that nothing on its way is taken.
 */
export async function sweepAttachments(): Promise<number> {
  let swept = 0
  for (const owner of await db.attachments.orderBy('owner').uniqueKeys())
    swept += await db.transaction('rw', [...caseTables, db.office], async () => {
      const ids = await db.attachments.where('owner').equals(owner).primaryKeys()
      const names =
        owner === 'office'
          ? await db.office.get('office')
          : [await db.cases.get(String(owner)), await db.edits.where('caseId').equals(owner).toArray()]
      const named = JSON.stringify(names ?? null)
      const unnamed = ids.filter((id) => !named.includes(id))
      await db.attachments.bulkDelete(unnamed)
      return unnamed.length
    })
  return swept
}

/**
 * Says of cases at which nobody has looked yet what they wait for and what falls due, one at a time. A damaged row of the
 * Desk holds nothing that its case does not hold, so it is made anew in silence, here and wherever its case is judged; only
 * a case that cannot be read, or is not there, is called damaged.
 */
export async function judgeUnjudged(signal: AbortSignal, rest: () => Promise<unknown>): Promise<void> {
  const ids = await db.summaries
    .filter((row) => {
      const { dues, trashedAt, damaged } = soundSummary(row)
      return (dues === undefined || damaged === true) && trashedAt === undefined
    })
    .primaryKeys()
  for (const id of ids) {
    await rest()
    if (signal.aborted) return
    const stored = await db.cases.get(id)
    const kase = stored && soundCase(stored)
    if (kase) await judge(kase)
  }
}

/** Cases looked through at a time. */
const handful = 40

/**
 * Looks through all cases for those that cannot be shown, a few at a time.
 *
 * @param onFound told of the ids found so far, whenever there is one more
 */
export async function findDamaged(
  onFound: (ids: ReadonlySet<string>) => void,
  signal: AbortSignal,
  rest: () => Promise<unknown> = () => new Promise((resolve) => setTimeout(resolve, 20)),
): Promise<void> {
  const found = new Set<string>()
  const ids = await db.cases.toCollection().primaryKeys()
  for (let i = 0; i < ids.length && !signal.aborted; i += handful) {
    const rows = await db.cases.bulkGet(ids.slice(i, i + handful))
    const bad = rows.flatMap((row, n) => (row && !soundCase(row) ? [ids[i + n]!] : []))
    bad.forEach((id) => found.add(id))
    if (bad.length > 0) onFound(new Set(found))
    await rest()
  }
}
