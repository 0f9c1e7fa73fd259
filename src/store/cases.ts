import { liveQuery, type Subscription } from 'dexie'
import { produce } from 'immer'
import { blankCase } from '../core/case/blank'
import type { Case } from '../core/case/case'
import type { Act } from '../core/acts/act'
import { changeBetween, merge, patched, putting, same, valueAt, withChanges, type Path } from '../core/case/changes'
import { misfitOf } from '../core/case/fits'
import type { Misfit } from '../core/shape/shape'
import type { Version } from './ancestry'
import { compacted } from './compact'
import { inTodaysSchema, soundCase } from './damage'
import { db, endWriting, forgetFailure, isOutdated, onOutdated, type Attachment } from './db'
import { caseSchemaNumber } from '../core/case/schema'
import { before, nextSteps, type Edit, type NextSteps, type Unsigned } from './history'
import { caseTables, judge, preparePlanning, put, putChanged, stamped, type Recipe } from './put'
import { v4 as newId } from 'uuid'

/** A case as this page sees it: the newest text on screen, and whether the browser has it safe. */
export interface Front {
  /** undefined while it is being read; null when there is none. */
  readonly kase: Case | null | undefined
  readonly keeping: 'kept' | 'saving' | 'refused' | 'unreadable' | 'outdated' | 'damaged'
  /** Why the last edit was not taken: no file could hold it. */
  readonly untaken?: Misfit | null
}

/** An edit as it was made at the keystroke, on its way to the database: what it changes, and what the case is with it. */
interface Waiting extends Unsigned {
  readonly to: Case
  /** Files that it names, which come into the database with it or not at all. */
  readonly attachments: readonly Attachment[]
}

interface Entry {
  front: Front
  /** Edits not yet in the database, oldest first. */
  backlog: Waiting[]
  /** A case that the database has never held. */
  initial?: Case
  /** What the case on this page was before its backlog: the stored version it grew from, with what was written of it. */
  base?: Case
  /** The base is no version that the database held: what others wrote was merged in beneath it. */
  merged?: boolean
  /** The run that writes, while there is one. */
  flushing?: Promise<void>
  judging?: ReturnType<typeof setTimeout>
  /** When a database that could not be read is tried again. */
  again?: ReturnType<typeof setTimeout>
  /** Edits written since the history was last looked through for what is to be joined. */
  written: number
  listeners: Set<() => void>
  subscription?: Subscription
}

const entries = new Map<string, Entry>()

onOutdated(() => entries.forEach((entry) => show(entry, { keeping: 'outdated' })))

function entryOf(id: string): Entry {
  let entry = entries.get(id)
  if (!entry) {
    entry = { front: { kase: undefined, keeping: 'kept' }, backlog: [], written: 0, listeners: new Set() }
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
  subscribe(id, entry)
  return () => {
    entry.listeners.delete(listener)
    if (entry.listeners.size > 0) return
    clearTimeout(entry.again)
    entry.again = undefined
    entry.subscription?.unsubscribe()
    entry.subscription = undefined
  }
}

/** ms until a database that could not be read is tried again, and the longest that grows to. */
const [soonest, latest] = [500, 5_000]

/** ms after which a database that says nothing is spoken of. */
const patience = 2_500

function subscribe(id: string, entry: Entry, wait = soonest) {
  // A live query says nothing at all of a database that does not open, nor of one that never answers.
  const silent = setTimeout(() => entry.front.kase === undefined && show(entry, { keeping: 'unreadable' }), patience)
  db.open().then(
    () => clearTimeout(silent),
    () => {
      clearTimeout(silent)
      unread(id, entry, wait)
    },
  )
  entry.subscription ??= liveQuery(() => db.cases.get(id)).subscribe({
    next: (found) => {
      if (waits(entry)) return
      // An answer that was on its way while this page wrote.
      if (found && entry.base && found.rev < entry.base.rev) return
      // What this page wrote itself is here already, and what did not change in it stays the very same objects.
      if (found && entry.base && entry.front.kase && sameVersion(found, entry.base))
        return show(entry, { keeping: isOutdated() ? 'outdated' : 'kept' })
      arrive(entry, found)
    },
    error: () => unread(id, entry, wait),
  })
}

/** A version from the database that this page has not seen. */
function arrive(entry: Entry, found: Case | undefined) {
  if (found && isNewer(found)) endWriting()
  const stored = found && soundCase(found)
  if (isOutdated()) return show(entry, { kase: entry.front.kase ?? stored ?? null, keeping: 'outdated' })
  if (found && !stored) return show(entry, { kase: undefined, keeping: 'damaged' })
  entry.base = stored
  show(entry, { kase: stored ?? null, keeping: 'kept' })
  judgeSoon(entry)
}

const isNewer = ({ schema }: { readonly schema: number }): boolean => schema > caseSchemaNumber

/** A case in today's schema, however it came into the database; one of a newer schema ends the writing here. */
function ofToday(stored: Case): Case {
  if (isNewer(stored)) endWriting()
  return inTodaysSchema(stored)
}

/** What cannot be read is not gone: the page says so, and tries again. */
function unread(id: string, entry: Entry, wait: number) {
  if (entry.again !== undefined || isOutdated()) return
  if (entry.front.kase === undefined)
    show(entry, entry.initial ? { kase: entry.initial, keeping: 'refused' } : { keeping: 'unreadable' })
  entry.again = setTimeout(() => void readAgain(id, entry, Math.min(2 * wait, latest)), wait)
}

/** A query that failed is over; where somebody still looks, another takes its place. */
async function readAgain(id: string, entry: Entry, wait: number) {
  forgetFailure()
  entry.again = undefined
  if (entry.listeners.size === 0) return
  entry.subscription?.unsubscribe()
  entry.subscription = undefined
  subscribe(id, entry, wait)
  await flush(id, entry)
}

const loading: Front = { kase: undefined, keeping: 'kept' }

/** The case as it stands on this page. */
export const front = (id: string): Front => entries.get(id)?.front ?? loading

/**
 * Changes a case: the edit is made once, here; what it changed is on screen at once, and in the database as soon as it
 * takes it. Where the browser refuses, edits wait in memory, `keeping` says so, and every further edit tries again.
 *
 * @param attachments files that the edit names; they are written together with it
 */
export function act(id: string, doing: Act, attachments: readonly Attachment[] = []): Promise<void> {
  const entry = entryOf(id)
  const { kase } = entry.front
  if (!kase) throw new ReferenceError(`case ${id} is not open`)
  const made = doing(kase)
  const change = changeBetween(kase, made)
  if (change.patches.length === 0 && attachments.length === 0) return flush(id, entry)
  const untaken = misfitOf(made, change.patches)
  if (untaken) {
    show(entry, { untaken })
    return flush(id, entry)
  }
  const to = stamped(made)
  entry.backlog.push({ id: newId(), at: to.updatedAt, kind: 'edit', ...change, to, attachments })
  const stuck = entry.front.keeping === 'refused' || entry.front.keeping === 'outdated'
  show(entry, { kase: to, keeping: stuck ? entry.front.keeping : 'saving', untaken: null })
  return flush(id, entry)
}

/** Changes fields of a case, as `act` does things to it. */
export const editCase = (id: string, recipe: Recipe): Promise<void> => act(id, (kase) => produce(kase, recipe))

/**
 * Changes a case so that it names a file. Where the browser has no room for the file, neither stays; resolves with
 * whether both are kept.
 */
export async function attach(id: string, naming: Act, attachment: Attachment): Promise<boolean> {
  const entry = entryOf(id)
  await act(id, naming, [attachment])
  const stuck = entry.backlog.find(({ attachments }) => attachments.includes(attachment))
  if (!stuck) return true
  const without = (kase: Case) => patched(kase, stuck.inverse)
  entry.backlog = entry.backlog.filter((one) => one !== stuck).map((one) => ({ ...one, to: without(one.to) }))
  show(entry, { kase: without(entry.front.kase!) })
  await flush(id, entry)
  return false
}

/** Whether something typed on this page is not in the database. */
export const isUnwritten = (id: string): boolean => waits(entryOf(id))

/** Tries again to write what the browser refused. */
export const retry = (id: string): Promise<void> => flush(id, entryOf(id))

/** Writes what waits, in order; every caller waits for the same run. */
function flush(id: string, entry: Entry): Promise<void> {
  if (waits(entry)) entry.flushing ??= writeBacklog(id, entry)
  return entry.flushing ?? Promise.resolve()
}

/** Resolves when nothing that was typed on this page is still on its way to the database. */
export const allWritten = async (): Promise<void> => {
  await Promise.all([...entries.values()].map((entry) => entry.flushing))
}

async function writeBacklog(id: string, entry: Entry): Promise<void> {
  try {
    while (waits(entry)) {
      const edits = [...entry.backlog]
      const { written, merged } = await write(id, entry, edits)
      entry.backlog.splice(0, edits.length)
      entry.written += edits.length
      entry.initial = undefined
      // What was typed meanwhile was typed without seeing what others wrote.
      entry.base = entry.backlog.length > 0 ? (edits.at(-1)?.to ?? entry.base) : written
      entry.merged = entry.backlog.length > 0 && (merged || entry.merged)
      if (entry.backlog.length === 0) show(entry, { kase: written, keeping: 'kept' })
    }
    judgeSoon(entry)
    if (entry.written >= untilCompacted) {
      entry.written = 0
      await compactStored(id).catch(() => undefined)
    }
  } catch {
    show(entry, { keeping: isOutdated() ? 'outdated' : 'refused' })
  } finally {
    // At once with the last look at what waits: an edit made from now on starts a run of its own.
    entry.flushing = undefined
  }
}

const waits = (entry: Entry): boolean => entry.backlog.length > 0 || entry.initial !== undefined

/** ms of rest after which the Desk is told what a case waits for. */
const rest = 250

function judgeSoon(entry: Entry) {
  clearTimeout(entry.judging)
  preparePlanning().catch(() => undefined)
  entry.judging = setTimeout(() => {
    if (entry.front.kase && !waits(entry)) judge(entry.front.kase).catch(() => undefined)
  }, rest)
}

/**
 * One transaction: checks the stored revision, and writes case, summary, history and attachments together. Where
 * someone else has written since, the edits are merged by field into what stands there; a field changed by both keeps
 * what was typed here, and the value it displaces is kept beside the case until one of the two is chosen.
 */
function write(
  id: string,
  { initial, base, merged }: Entry,
  edits: readonly Waiting[],
): Promise<{ written: Case; merged: boolean }> {
  return db.transaction('rw', caseTables, async () => {
    await db.attachments.bulkPut(edits.flatMap(({ attachments }) => attachments))
    const found = await db.cases.get(id)
    const stored = found ? ofToday(found) : initial
    if (isOutdated()) throw new RangeError('newer data')
    if (!stored) throw new ReferenceError(`case ${id} is gone`)
    const mine = edits.at(-1)?.to ?? stored
    // A sheet begun while the database could not be read may find one there.
    const ground = base ?? initial
    if (!ground || (!merged && sameVersion(ground, stored))) {
      const changes = edits.map(({ to: _to, attachments: _attachments, ...edit }) => edit)
      return { written: await put(mine, changes), merged: false }
    }
    const { changes, clashes } = merge(ground, mine, stored)
    const last = await db.edits.where('caseId').equals(id).last()
    const from = { caseId: id, by: last?.by ?? '', at: stored.updatedAt }
    for (const { path, theirs } of clashes) {
      // What was seen and typed over here is no longer to be chosen: of one that goes on with every key the last is.
      const seen = valueAt(ground, path)
      await conflictsAt(id, path)
        .and(({ other }) => same(other, seen))
        .delete()
      await db.conflicts.add({ ...from, path, other: theirs })
    }
    return { written: await putChanged(stored, withChanges(stored, changes)), merged: true }
  })
}

const conflictsAt = (id: string, path: Path) =>
  db.conflicts
    .where('caseId')
    .equals(id)
    .and((one) => one.path.join('/') === path.join('/'))

/** Versions that the database held: of one case no two have the same number there. */
const sameVersion = (a: Case, b: Case): boolean => a.rev === b.rev && a.updatedAt === b.updatedAt

/** Edits after which a history is looked through. */
const untilCompacted = 100

/** Joins the oldest edits of a history that grows too long. */
const compactStored = (id: string): Promise<void> =>
  db.transaction('rw', db.cases, db.edits, async () => {
    const [kase, log] = [await db.cases.get(id), await logOf(id)]
    const short = kase ? compacted(kase, log) : log
    if (short === log) return
    const stay = new Set(short.map(({ seq }) => seq))
    await db.edits.bulkDelete(log.map(({ seq }) => seq).filter((seq) => !stay.has(seq)))
    await db.edits.put(short[0]!)
  })

/** The log of a case, oldest first. */
export const logOf = (id: string): Promise<Edit[]> => db.edits.where('caseId').equals(id).sortBy('seq')

/** What undo and redo would take next: nearly always the last few edits tell. */
export async function nextStepsOf(id: string): Promise<NextSteps<Edit>> {
  for (let few = 32; ; few *= 16) {
    const latest = await db.edits.where('caseId').equals(id).reverse().limit(few).toArray()
    const found = nextSteps(latest.reverse(), latest.length < few)
    if (found) return found
  }
}

/** The last edit of a case; undefined where there is none. */
export const latestOf = (id: string): Promise<Edit | undefined> => db.edits.where('caseId').equals(id).last()

/** Takes back the last edit that stands, as an edit of its own. False where there is none, or it no longer fits. */
export const undo = (id: string): Promise<boolean> =>
  step(id, async () => {
    const { undo: last } = await nextStepsOf(id)
    return last && { kind: 'undo', patches: last.inverse, inverse: last.patches }
  })

/** Puts back what the last undo took. */
export const redo = (id: string): Promise<boolean> =>
  step(id, async () => {
    const { redo: last } = await nextStepsOf(id)
    return last && { kind: 'redo', patches: last.patches, inverse: last.inverse }
  })

/** Goes back to how the case was after an edit (0: at its start); itself an edit, so that it can be undone. */
export const goBackTo = (id: string, seq: number): Promise<boolean> =>
  step(id, async (stored) => {
    const later = await db.edits
      .where('seq')
      .above(seq)
      .and(({ caseId }) => caseId === id)
      .sortBy('seq')
    const then = before(stored, later)
    const change = changeBetween(stored, then)
    return change.patches.length > 0 ? { kind: 'edit', ...change } : undefined
  })

async function step(id: string, choose: (stored: Case) => Promise<Unsigned | undefined>): Promise<boolean> {
  const entry = entryOf(id)
  await flush(id, entry)
  if (waits(entry)) return false
  try {
    const written = await db.transaction('rw', caseTables, async () => {
      const found = await db.cases.get(id)
      if (!found) return undefined
      const { kase } = entry.front
      // The same version as on screen is best the same objects: what did not change in them is not computed anew.
      const stored = kase && sameVersion(kase, found) ? kase : found
      const change = await choose(stored)
      if (!change) return undefined
      const changed = patched(stored, change.patches)
      // A log that came in a file may hold anything; what else may be wrong with the case is no matter of this step.
      if (misfitOf(changed, change.patches)) throw new RangeError('the log does not fit the case')
      return put(stamped(changed), [change])
    })
    if (written && !waits(entry)) {
      entry.base = written
      show(entry, { kase: written, keeping: 'kept' })
      judgeSoon(entry)
    }
    return written !== undefined
  } catch {
    show(entry, { untaken: { path: [], why: 'other' } })
    return false
  }
}

/** Starts a case; it is usable at once, even where the browser keeps nothing. */
export function createCase(from?: Partial<Case>, id: string = newId()): { id: string; written: Promise<void> } {
  const entry = entryOf(id)
  entry.initial = { ...blankCase(id, new Date().toISOString()), ...from, id }
  show(entry, { kase: entry.initial, keeping: 'saving' })
  return { id, written: flush(id, entry) }
}

/**
 * Settles what stands against each other in one field: the other value is taken, as an edit that can be undone, or the
 * one that stands stays.
 */
export async function settle(conflictId: number, choice: 'other' | 'standing'): Promise<void> {
  const conflict = await db.conflicts.get(conflictId)
  if (!conflict) return
  const entry = entryOf(conflict.caseId)
  await flush(conflict.caseId, entry)
  await db.transaction('rw', caseTables, async () => {
    await conflictsAt(conflict.caseId, conflict.path).delete()
    const stored = await db.cases.get(conflict.caseId)
    if (stored && choice === 'other')
      await putChanged(stored, patched(stored, [putting(conflict.path, conflict.other)]))
  })
  const settled = await db.cases.get(conflict.caseId)
  if (settled) await judge(settled)
}

/** A case with its log as a file is to hold it: what the browser has not taken yet is its last edit. */
export async function versionOf(shown: Case): Promise<Version> {
  const [stored, log] = await Promise.all([db.cases.get(shown.id), logOf(shown.id)]).catch(
    () => [undefined, []] as const,
  )
  const change = stored && changeBetween(stored, shown)
  if (!change || change.patches.length === 0) return { kase: shown, log }
  return {
    kase: shown,
    log: [...log, { kind: 'edit', id: newId(), by: shown.draftedBy, at: shown.updatedAt, ...change }],
  }
}
