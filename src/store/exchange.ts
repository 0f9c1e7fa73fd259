import type { Case } from '../core/case/case'
import { compare, type Comparison, type Version } from './ancestry'
import { db } from './db'
import { putNew } from './desk'
import { addGuides } from './guides'
import { addProducts } from './products'
import { differences, withChanges, type Path } from '../core/case/changes'
import { caseTables, counterId, judge, judged, putChanged, stamped, put } from './put'
import { v4 as newId } from 'uuid'

/** How a version from a file stands to what is here; `new` where its id is not. */
export type Arrival = { readonly standing: 'new' } | KnownArrival

export interface KnownArrival extends Comparison {
  readonly here: Case
  readonly trashed: boolean
}

/** What to do with a version whose case is here already. */
export type Take = 'merge' | 'both' | 'replace'

const versionOf = async (id: string): Promise<Version | undefined> => {
  const kase = await db.cases.get(id)
  return kase && { kase, log: await db.edits.where('caseId').equals(id).sortBy('seq') }
}

/** Compares a version with what is here; nothing is changed. */
export async function arrival(there: Version): Promise<Arrival> {
  const here = there.kase.id === counterId ? undefined : await versionOf(there.kase.id)
  if (!here) return { standing: 'new' }
  const summary = await db.summaries.get(there.kase.id)
  return { ...compare(here, there), here: here.kase, trashed: summary?.trashedAt !== undefined }
}

export const keyOf = (path: Path): string => path.join('/')

/** A clash in which the value from there was chosen, by its key. Where none was, the one here stands. */
export type Chosen = ReadonlySet<string>

/** Takes a version in, in one transaction; returns the id it has here. */
export async function takeIn(there: Version, how: Take, chosen: Chosen = new Set()): Promise<string> {
  judged(there.kase)
  const id = await db.transaction('rw', caseTables, () => takeInto(there, how, chosen, false))
  const here = await db.cases.get(id)
  if (here) await judge(here)
  return id
}

/**
 * Inside a transaction. A clash that nobody was asked about (`later`) is kept beside the case, until one of its values
 * is chosen there.
 */
export async function takeInto(there: Version, how: Take, chosen: Chosen, later: boolean): Promise<string> {
  await addGuides(there.guides ?? [])
  await addProducts(there.products ?? [])
  const { id } = there.kase
  // A counter sheet that was saved as a file comes in as a case.
  if (id === counterId) return takeInto({ ...there, kase: { ...there.kase, id: newId() } }, how, chosen, later)
  const here = await versionOf(id)
  if (!here) {
    await putNew(there.kase, there.log)
    return id
  }
  if (how === 'both') {
    const copy = newId()
    await putNew({ ...there.kase, id: copy }, there.log)
    return copy
  }
  const knows = there.log.map((edit) => edit.id)
  if (how === 'replace' && differences(here.kase, there.kase).length > 0) {
    await putChanged(here.kase, there.kase, { kind: 'replace', knows })
    return id
  }
  const { standing, changes, clashes } = compare(here, there)
  if (standing === 'newer' && continues(here, there)) await follow(here, there)
  else if (changes.length > 0) {
    const open = new Set(clashes.map(({ path }) => keyOf(path)).filter((key) => !chosen.has(key)))
    const taken = changes.filter(({ path }) => !open.has(keyOf(path)))
    await putChanged(here.kase, withChanges(here.kase, taken), { kind: 'merge', knows })
    if (later) {
      const from = { caseId: id, by: there.log.at(-1)?.by ?? there.kase.draftedBy, at: there.kase.updatedAt }
      await db.conflicts.bulkAdd(
        clashes.filter(({ path }) => open.has(keyOf(path))).map(({ path, mine }) => ({ ...from, path, other: mine })),
      )
    }
  } else await putChanged(here.kase, here.kase)
  return id
}

/** Whether the log from there is the one here, gone on with. */
const continues = (here: Version, there: Version): boolean => here.log.every((edit, i) => there.log[i]?.id === edit.id)

/** The case goes on as it did there, with the edits that were made there. */
async function follow(here: Version, there: Version): Promise<void> {
  const rev = Math.max(here.kase.rev, there.kase.rev)
  await put(stamped({ ...there.kase, rev }), [])
  await db.edits.bulkAdd(there.log.slice(here.log.length).map((edit) => ({ ...edit, caseId: here.kase.id })))
}
