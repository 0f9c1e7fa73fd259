import { liveQuery, type Subscription } from 'dexie'
import { produce, type Draft } from 'immer'
import { blankCase } from '../core/blank'
import type { Case } from '../core/case'
import { guides } from '../core/guides/guides'
import { progress, waitsFor } from '../core/progress'
import { recommend } from '../core/recommend'
import { db, type Summary } from './db'

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
  writing: boolean
  listeners: Set<() => void>
  subscription?: Subscription
}

const entries = new Map<string, Entry>()

function entryOf(id: string): Entry {
  let entry = entries.get(id)
  if (!entry) {
    entry = { front: { kase: undefined, keeping: 'kept' }, backlog: [], writing: false, listeners: new Set() }
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
      if (entry.backlog.length > 0 || entry.initial) return
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

async function flush(id: string, entry: Entry): Promise<void> {
  if (entry.writing) return
  entry.writing = true
  try {
    while (entry.backlog.length > 0 || entry.initial) {
      const recipes = [...entry.backlog]
      const written = await write(id, entry.initial, recipes)
      entry.backlog.splice(0, recipes.length)
      entry.initial = undefined
      if (entry.backlog.length === 0) show(entry, { kase: written, keeping: 'kept' })
    }
  } catch {
    show(entry, { keeping: 'refused' })
  } finally {
    entry.writing = false
  }
}

const applied = (kase: Case, recipes: readonly Recipe[]): Case =>
  recipes.reduce(
    (before, recipe) =>
      produce(before, (draft) => {
        recipe(draft)
        draft.rev += 1
        draft.updatedAt = new Date().toISOString()
      }),
    kase,
  )

/** One transaction: reads the stored revision, applies the edits to that, and writes case and summary together. */
function write(id: string, initial: Case | undefined, recipes: readonly Recipe[]): Promise<Case> {
  return db.transaction('rw', db.cases, db.summaries, async () => {
    const stored = (await db.cases.get(id)) ?? initial
    if (!stored) throw new ReferenceError(`case ${id} is gone`)
    const next = applied(stored, recipes)
    await db.cases.put(next)
    if (id !== counterId) await db.summaries.put(summaryOf(next))
    return next
  })
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

/** Takes the sample cases away again. */
export async function removeSamples(): Promise<void> {
  const samples = await db.summaries.filter((summary) => summary.sample).primaryKeys()
  await db.transaction('rw', db.cases, db.summaries, async () => {
    await db.cases.bulkDelete(samples)
    await db.summaries.bulkDelete(samples)
  })
}

/** Runs something once in the life of this browser's data. */
export async function once(key: 'seeded', run: () => Promise<unknown>): Promise<void> {
  await db.transaction('rw', db.cases, db.summaries, db.settings, async () => {
    if (await db.settings.get(key)) return
    await db.settings.put({ key, value: new Date().toISOString() })
    await run()
  })
}
