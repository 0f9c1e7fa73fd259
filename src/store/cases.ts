import { liveQuery, type Subscription } from 'dexie'
import { enablePatches, produce, produceWithPatches, type Draft } from 'immer'
import { blankCase } from '../core/blank'
import type { Case } from '../core/case'
import { guides } from '../core/guides/guides'
import { progress, waitsFor } from '../core/progress'
import { recommend } from '../core/recommend'
import { db, trashDays, type Summary } from './db'
import { goesOn, patched, standing, together, type Edit, type NewEdit } from './history'

enablePatches()

/** The counter sheet is a case that the Desk does not list, until it is kept. */
export const counterId = 'counter'

export type Recipe = (draft: Draft<Case>) => void

/** A case as this page sees it: the newest text on screen, and whether the browser has it safe. */
export interface Front {
  /** undefined while it is being read; null when there is none. */
  readonly kase: Case | null | undefined
  readonly keeping: 'kept' | 'saving' | 'refused'
}

interface Entry {
  front: Front
  /** Edits not yet in the database, oldest first. */
  backlog: Recipe[]
  /** A case that the database has never held. */
  initial?: Case
  /** The run that writes, while there is one. */
  flushing?: Promise<void>
  listeners: Set<() => void>
  subscription?: Subscription
}

const entries = new Map<string, Entry>()

function entryOf(id: string): Entry {
  let entry = entries.get(id)
  if (!entry) {
    entry = { front: { kase: undefined, keeping: 'kept' }, backlog: [], listeners: new Set() }
    entries.set(id, entry)
  }
  return entry
}

function show(entry: Entry, front: Partial<Front>) {
  entry.front = { ...entry.front, ...front }
  entry.listeners.forEach((listener) => listener())
}

/** Follows a case through this page's edits and other tabs'. Returns how to stop. */
export function follow(id: string, listener: () => void): () => void {
  const entry = entryOf(id)
  entry.listeners.add(listener)
  entry.subscription ??= liveQuery(() => db.cases.get(id)).subscribe({
    next: (stored) => {
      if (waits(entry)) return
      show(entry, { kase: stored ?? null, keeping: 'kept' })
    },
    error: () => {
      if (entry.front.kase === undefined) show(entry, { kase: entry.initial ?? null, keeping: 'refused' })
    },
  })
  return () => {
    entry.listeners.delete(listener)
    if (entry.listeners.size > 0) return
    entry.subscription?.unsubscribe()
    entry.subscription = undefined
  }
}

const loading: Front = { kase: undefined, keeping: 'kept' }

/** The case as it stands on this page. */
export const front = (id: string): Front => entries.get(id)?.front ?? loading

/**
 * Changes a case: on screen at once, in the database as soon as it takes it. Where the browser refuses, the edits wait
 * in memory, `keeping` says so, and every further edit tries again.
 */
export function editCase(id: string, recipe: Recipe): Promise<void> {
  const entry = entryOf(id)
  if (!entry.front.kase) throw new ReferenceError(`case ${id} is not open`)
  entry.backlog.push(recipe)
  show(entry, {
    kase: applied(entry.front.kase, [recipe]),
    keeping: entry.front.keeping === 'refused' ? 'refused' : 'saving',
  })
  return flush(id, entry)
}

/** Tries again to write what the browser refused. */
export const retry = (id: string): Promise<void> => flush(id, entryOf(id))

/** Writes what waits, in order; every caller waits for the same run. */
function flush(id: string, entry: Entry): Promise<void> {
  entry.flushing ??= writeBacklog(id, entry).finally(() => (entry.flushing = undefined))
  return entry.flushing
}

async function writeBacklog(id: string, entry: Entry): Promise<void> {
  try {
    while (waits(entry)) {
      const recipes = [...entry.backlog]
      const written = await write(id, entry.initial, recipes)
      entry.backlog.splice(0, recipes.length)
      entry.initial = undefined
      if (entry.backlog.length === 0) show(entry, { kase: written, keeping: 'kept' })
    }
  } catch {
    show(entry, { keeping: 'refused' })
  }
}

const waits = (entry: Entry): boolean => entry.backlog.length > 0 || entry.initial !== undefined

const stamped = (kase: Case): Case => ({ ...kase, rev: kase.rev + 1, updatedAt: new Date().toISOString() })

const applied = (kase: Case, recipes: readonly Recipe[]): Case =>
  stamped(produce(kase, (draft) => recipes.forEach((recipe) => recipe(draft))))

/**
 * One transaction: reads the stored revision, applies the edits to that, and writes case, summary and log together.
 */
function write(id: string, initial: Case | undefined, recipes: readonly Recipe[]): Promise<Case> {
  return db.transaction('rw', db.cases, db.summaries, db.edits, async () => {
    const stored = (await db.cases.get(id)) ?? initial
    if (!stored) throw new ReferenceError(`case ${id} is gone`)
    const [changed, patches, inverse] = produceWithPatches(stored, (draft) =>
      recipes.forEach((recipe) => recipe(draft)),
    )
    return put(patches.length > 0 ? stamped(changed) : changed, { kind: 'edit', patches, inverse })
  })
}

/** Inside a transaction: the case, its summary, and what changed. The counter sheet has neither summary nor log. */
async function put(kase: Case, change: Pick<Edit, 'kind' | 'patches' | 'inverse'>): Promise<Case> {
  await db.cases.put(kase)
  if (kase.id === counterId) return kase
  await db.summaries.put(summaryOf(kase))
  if (change.patches.length === 0) return kase
  const next: NewEdit = { caseId: kase.id, by: kase.draftedBy, at: kase.updatedAt, ...change }
  const last = await db.edits.where('caseId').equals(kase.id).last()
  await (goesOn(last, next) ? db.edits.put(together(last!, next)) : db.edits.add(next))
  return kase
}

/** The log of a case, oldest first. */
export const logOf = (id: string): Promise<Edit[]> => db.edits.where('caseId').equals(id).sortBy('seq')

/** Takes back the last edit that stands, as an edit of its own. False where there is none, or it no longer fits. */
export const undo = (id: string): Promise<boolean> =>
  step(id, (log) => {
    const last = standing(log).done.at(-1)
    return last && { kind: 'undo', patches: last.inverse, inverse: last.patches }
  })

/** Puts back what the last undo took. */
export const redo = (id: string): Promise<boolean> =>
  step(id, (log) => {
    const last = standing(log).undone.at(-1)
    return last && { kind: 'redo', patches: last.patches, inverse: last.inverse }
  })

/** Goes back to how the case was after an edit (0: at its start); itself an edit, so that it can be undone. */
export const goBackTo = (id: string, seq: number): Promise<boolean> =>
  step(id, (log, stored) => {
    const later = log.filter((edit) => edit.seq > seq).reverse()
    const then = later.reduce((kase, edit) => patched(kase, edit.inverse), stored)
    const [, patches, inverse] = produceWithPatches(stored, (draft) => void Object.assign(draft, then))
    return patches.length > 0 ? { kind: 'edit', patches, inverse } : undefined
  })

async function step(
  id: string,
  choose: (log: readonly Edit[], stored: Case) => Pick<Edit, 'kind' | 'patches' | 'inverse'> | undefined,
): Promise<boolean> {
  const entry = entryOf(id)
  await flush(id, entry)
  if (waits(entry)) return false
  try {
    const written = await db.transaction('rw', db.cases, db.summaries, db.edits, async () => {
      const stored = await db.cases.get(id)
      const change = stored && choose(await logOf(id), stored)
      return change && put(stamped(patched(stored, change.patches)), change)
    })
    if (written && !waits(entry)) show(entry, { kase: written, keeping: 'kept' })
    return written !== undefined
  } catch {
    return false
  }
}

export function summaryOf(kase: Case): Summary {
  const { id, client, place, updatedAt, sample } = kase
  const areas = kase.areas.map((area) => area.name)
  return { id, client, place, updatedAt, sample, areas, waitsFor: waitsFor(progress(kase, recommend(kase, guides))) }
}

/** Starts a case; it is usable at once, even where the browser keeps nothing. */
export function createCase(
  from?: Partial<Case>,
  id: string = crypto.randomUUID(),
): { id: string; written: Promise<void> } {
  const entry = entryOf(id)
  entry.initial = { ...blankCase(id, new Date().toISOString()), ...from, id }
  show(entry, { kase: entry.initial, keeping: 'saving' })
  return { id, written: flush(id, entry) }
}

/** Puts whole cases in, as they come from a file or the samples; one whose id is taken gets a new one. */
export async function addCases(cases: readonly Case[]): Promise<string[]> {
  return db.transaction('rw', db.cases, db.summaries, async () => {
    const ids: string[] = []
    for (const kase of cases) {
      const id = (await db.cases.get(kase.id)) ? crypto.randomUUID() : kase.id
      const kept = { ...kase, id }
      await db.cases.put(kept)
      await db.summaries.put(summaryOf(kept))
      ids.push(id)
    }
    return ids
  })
}

/** Throws a case away, or puts it back. Editing it puts it back too, since its summary is made anew. */
export const setTrashed = (id: string, trashed: boolean): Promise<number> =>
  db.summaries.update(id, { trashedAt: trashed ? new Date().toISOString() : undefined })

/** Removes for good what has been in the trash for longer than its days. */
export async function emptyOldTrash(now: Date = new Date()): Promise<void> {
  const limit = new Date(now.getTime() - trashDays * 24 * 3_600_000).toISOString()
  await remove((summary) => summary.trashedAt !== undefined && summary.trashedAt < limit)
}

/** Takes the sample cases away again, and their office, unless it was made one's own. */
export const removeSamples = async (): Promise<void> => {
  await remove((summary) => summary.sample)
  await db.office.filter((office) => office.sample).delete()
}

/** Cases, summaries and logs, together. */
const remove = (which: (summary: Summary) => boolean): Promise<void> =>
  db.transaction('rw', db.cases, db.summaries, db.edits, async () => {
    const ids = await db.summaries.filter(which).primaryKeys()
    await db.cases.bulkDelete(ids)
    await db.summaries.bulkDelete(ids)
    await db.edits.where('caseId').anyOf(ids).delete()
  })

/** Runs something once in the life of this browser's data. */
export async function once(key: 'seeded', run: () => Promise<unknown>): Promise<void> {
  await db.transaction('rw', db.cases, db.summaries, db.settings, db.office, async () => {
    if (await db.settings.get(key)) return
    await db.settings.put({ key, value: new Date().toISOString() })
    await run()
  })
}
