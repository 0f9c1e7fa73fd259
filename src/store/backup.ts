import { guideRef } from '../core/guides/guide'
import { guides as shippedGuides } from '../core/guides/guides'
import { compare, type Standing, type Version } from './ancestry'
import type { Backup, OnProgress } from './backup-file'
import { db, keepSetting, setting } from './db'
import { takeInto } from './exchange'
import { addGuides } from './guides'
import { addProducts } from './products'
import type { Edit } from './history'
import { caseTables, counterId, judge, judged, summaryOf } from './put'

const backupTables = [...caseTables, db.attachments, db.office, db.layouts, db.mappings] as const

/** The whole office as it stands at one moment, and the last edit in it. */
export async function collectBackup(): Promise<{ backup: Backup; seq: number }> {
  const [cases, edits, summaries, conflicts, attachments, office, guides, products, layouts, mappings] =
    await db.transaction('r', backupTables, () =>
      Promise.all([
        db.cases.toArray(),
        db.edits.toArray(),
        db.summaries.toArray(),
        db.conflicts.toArray(),
        db.attachments.toArray(),
        db.office.get('office'),
        db.guides.toArray(),
        db.products.toArray(),
        db.layouts.toArray(),
        db.mappings.toArray(),
      ]),
    )
  const logs = logsOf(edits)
  const trashed = summaries.flatMap(({ id, trashedAt }) => (trashedAt ? [[id, trashedAt] as const] : []))
  const backup: Backup = {
    madeAt: new Date().toISOString(),
    office: office ?? null,
    cases: cases.filter(({ id }) => id !== counterId).map((kase) => ({ kase, log: logs.get(kase.id) ?? [] })),
    parts: { trashed: Object.fromEntries(trashed), conflicts: conflicts.map(({ id, ...conflict }) => conflict) },
    attachments,
    guides: guides.map(({ guide }) => guide),
    products: products.map(({ product }) => product),
    papers: { layouts, mappings },
  }
  return { backup, seq: edits.at(-1)?.seq ?? 0 }
}

function logsOf(edits: readonly Edit[]): Map<string, Edit[]> {
  const logs = new Map<string, Edit[]>()
  for (const edit of edits) {
    const log = logs.get(edit.caseId)
    if (log) log.push(edit)
    else logs.set(edit.caseId, [edit])
  }
  return logs
}

/** What restoring would meet here, case by case. */
export interface RestorePlan {
  readonly standings: Readonly<Record<Standing | 'new', readonly string[]>>
  /** Cases that are here and not in the backup, by their clients. */
  readonly onlyHere: readonly string[]
  readonly office: 'none' | 'same' | 'differs' | 'blank-here'
}

/** Compares a backup with what is here; nothing is changed. */
export async function planRestore(backup: Backup): Promise<RestorePlan> {
  const here = await collectBackup()
  const versions = new Map(here.backup.cases.map((one) => [one.kase.id, one]))
  const standings: Record<Standing | 'new', string[]> = {
    new: [],
    same: [],
    older: [],
    newer: [],
    parted: [],
    unrelated: [],
  }
  for (const there of backup.cases) {
    const known = versions.get(there.kase.id)
    standings[known ? compare(known, there).standing : 'new'].push(there.kase.client)
  }
  const inBackup = new Set(backup.cases.map(({ kase }) => kase.id))
  const onlyHere = here.backup.cases.filter(({ kase }) => !inBackup.has(kase.id)).map(({ kase }) => kase.client)
  return { standings, onlyHere, office: officePlan(here.backup, backup) }
}

function officePlan(here: Backup, there: Backup): RestorePlan['office'] {
  if (!there.office) return 'none'
  if (!here.office || here.office.sample) return 'blank-here'
  return JSON.stringify({ ...here.office }) === JSON.stringify({ ...there.office }) ? 'same' : 'differs'
}

export interface RestoreChoice {
  /** `merge` adds and merges; `replace` makes this browser as the backup says. */
  readonly how: 'merge' | 'replace'
  readonly office: boolean
}

/**
 * Restores in one transaction: all of it, or, where it is cancelled or refused, nothing. Nothing here is lost: a case
 * that is only here stays, or goes to the trash; one that changes keeps its history; a field changed on both sides keeps
 * what is here, with the backup's value beside it to choose.
 */
export async function restore(
  backup: Backup,
  { how, office }: RestoreChoice,
  onProgress: OnProgress = () => undefined,
  signal?: AbortSignal,
): Promise<void> {
  let here = new Set<string>()
  await db.transaction('rw', backupTables, async () => {
    here = new Set(await db.cases.toCollection().primaryKeys())
    await addGuides(backup.guides)
    await addProducts(backup.products)
    const parts = parted(backup.cases, ({ kase: { id } }) => here.has(id) || id === counterId)
    let done = 0
    const step = (n: number) => {
      signal?.throwIfAborted()
      onProgress((done += n) / (backup.cases.length + 1))
    }
    for (let i = 0; i < parts.others.length; i += handful) {
      const some = parts.others.slice(i, i + handful)
      await putNewOnes(backup, some)
      step(some.length)
    }
    for (const there of parts.those) {
      await takeInto(there, how, new Set(), true)
      const trashedAt = backup.parts.trashed[there.kase.id]
      if (trashedAt && how === 'replace') await db.summaries.update(there.kase.id, { trashedAt })
      step(1)
    }
    if (how === 'replace') await trashOthers(new Set(backup.cases.map(({ kase }) => kase.id)))
    const kept = new Set(await db.attachments.toCollection().primaryKeys())
    await db.attachments.bulkPut(
      backup.attachments.filter(({ id, owner }) =>
        owner === 'office' ? office : !here.has(owner) || how === 'replace' || !kept.has(id),
      ),
    )
    if (office && backup.office) await db.office.put(backup.office)
    await restorePapers(backup, how)
    signal?.throwIfAborted()
    onProgress(1)
  })
  // What a case that was here waits for may be another now.
  for (const { kase } of backup.cases) {
    const merged = here.has(kase.id) ? await db.cases.get(kase.id) : undefined
    if (merged) await judge(merged)
  }
}

/** Cases put in at a time. */
const handful = 100

function parted<One>(all: readonly One[], is: (one: One) => boolean): { those: One[]; others: One[] } {
  const [those, others]: [One[], One[]] = [[], []]
  for (const one of all) (is(one) ? those : others).push(one)
  return { those, others }
}

/** Inside a transaction: cases that are not here, with all that belongs to them. */
async function putNewOnes({ parts: { trashed, conflicts } }: Backup, versions: readonly Version[]): Promise<void> {
  await addGuides(versions.flatMap(({ guides }) => guides ?? []))
  await addProducts(versions.flatMap(({ products }) => products ?? []))
  const ids = new Set(versions.map(({ kase }) => kase.id))
  await db.cases.bulkPut(versions.map(({ kase }) => kase))
  await db.summaries.bulkPut(
    versions.map(({ kase }) => {
      const trashedAt = trashed[kase.id]
      return { ...summaryOf(kase, judged(kase)), ...(trashedAt && { trashedAt }) }
    }),
  )
  await db.edits.bulkAdd(versions.flatMap(({ kase, log }) => log.map((edit) => ({ ...edit, caseId: kase.id }))))
  await db.conflicts.bulkAdd(conflicts.filter(({ caseId }) => ids.has(caseId)).map((one) => ({ ...one })))
}

/** Layouts and mappings of the backup; where one is here too, the one here stays unless all is made as the backup says. */
async function restorePapers({ papers }: Backup, how: RestoreChoice['how']): Promise<void> {
  const layouts = new Set(how === 'merge' ? await db.layouts.toCollection().primaryKeys() : [])
  const mappings = new Set(how === 'merge' ? await db.mappings.toCollection().primaryKeys() : [])
  await db.layouts.bulkPut(papers.layouts.filter(({ id }) => !layouts.has(id)).map((one) => ({ ...one })))
  await db.mappings.bulkPut(
    papers.mappings.filter(({ signature }) => !mappings.has(signature)).map((one) => ({ ...one })),
  )
}

const trashOthers = (kept: ReadonlySet<string>): Promise<number> =>
  db.summaries
    .filter(({ id, trashedAt }) => !kept.has(id) && !trashedAt)
    .modify({ trashedAt: new Date().toISOString() })

/** Cases of a backup whose guides this version does not have: they have no amounts until it does. */
export const withoutGuide = ({ cases, guides }: Backup): number => {
  const refs = new Set([...shippedGuides, ...guides].map(guideRef))
  return cases.filter(({ kase }) => kase.areas.some((area) => !refs.has(area.guide))).length
}

/** When to remind of a backup, unless the office chose otherwise. */
export const usualReminder = { days: 7, edits: 100 } as const

export interface BackupState {
  /** The last backup; undefined where there was none. */
  readonly at?: string
  /** Changes since, and when the first of them was made. */
  readonly edits: number
  readonly since?: string
  readonly due: boolean
}

/** How long ago, and how much work ago, the last backup was. */
export async function backupState(now: Date = new Date()): Promise<BackupState> {
  const [last, reminder] = [await setting('backedUp'), (await setting('reminder')) ?? usualReminder]
  const later = db.edits.where('seq').above(last?.seq ?? 0)
  const edits = await later.count()
  const since = (await later.first())?.at
  const days = since ? (now.getTime() - Date.parse(since)) / 86_400_000 : 0
  return { at: last?.at, edits, since, due: edits > 0 && (edits >= reminder.edits || days >= reminder.days) }
}

export const markBackedUp = (at: string, seq: number): Promise<unknown> => keepSetting('backedUp', { at, seq })

/** A name that says what it is and of when. */
export const backupFileName = (madeAt: string): string => `agrologos-backup-${madeAt.slice(0, 10)}.zip`
