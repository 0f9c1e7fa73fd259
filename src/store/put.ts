import { enablePatches, produceWithPatches, type Draft } from 'immer'
import type { Case } from '../core/case'
import { progress, waitsFor } from '../core/progress'
import { codesOf } from '../core/sampling/codes'
import { db, setting, type Summary } from './db'
import { allGuides } from './guides'
import { goesOn, together, type Change, type NewEdit } from './history'
import { recommendChanged } from './remembered'
import { v4 as newId } from 'uuid'

enablePatches()

export type Recipe = (draft: Draft<Case>) => void

/** The counter sheet is a case that the Desk does not list, until it is kept. */
export const counterId = 'counter'

/** What a write to a case touches, together or not at all. */
export const caseTables = [db.cases, db.summaries, db.edits, db.conflicts, db.settings, db.guides] as const

export const stamped = (kase: Case): Case => ({ ...kase, rev: kase.rev + 1, updatedAt: new Date().toISOString() })

/** Inside a transaction: the case, its summary, and what changed. The counter sheet has neither summary nor log. */
export async function put(kase: Case, change: Change): Promise<Case> {
  await db.cases.put(kase)
  if (kase.id === counterId) return kase
  await db.summaries.put(summaryOf(kase))
  if (change.patches.length === 0 && !change.knows) return kase
  const by = (await setting('signer')) ?? kase.draftedBy
  const next: NewEdit = { id: newId(), caseId: kase.id, by, at: kase.updatedAt, ...change }
  const last = await db.edits.where('caseId').equals(kase.id).last()
  await (goesOn(last, next) ? db.edits.put(together(last!, next)) : db.edits.add(next))
  return kase
}

/** Inside a transaction: a stored case with edits applied to it. */
export function putChanged(
  stored: Case,
  recipes: readonly Recipe[],
  how: Pick<Change, 'kind' | 'knows'> = { kind: 'edit' },
): Promise<Case> {
  const [changed, patches, inverse] = produceWithPatches(stored, (draft) => recipes.forEach((recipe) => recipe(draft)))
  return put(patches.length > 0 ? stamped(changed) : changed, { ...how, patches, inverse })
}

export function summaryOf(kase: Case): Summary {
  const { id, client, place, updatedAt, sample } = kase
  const areas = kase.areas.map((area) => area.name)
  return {
    id,
    client,
    place,
    updatedAt,
    sample,
    areas,
    codes: codesOf(kase),
    waitsFor: waitsFor(progress(kase, recommendChanged(kase, allGuides()))),
  }
}
