import type { Draft } from 'immer'
import type { Case } from '../core/case/case'
import { changeBetween } from '../core/case/changes'
import { progress, waitsFor } from '../core/plan/progress'
import type { Station } from '../core/case/stations'
import { codesOf } from '../core/sampling/codes'
import { formatISO } from 'date-fns'
import type { Due } from '../core/plan/due-kinds'
import type { Rules } from '../core/calendar/rule'
import { allLocal, readOffice } from './office'
import { soundSummary } from './summary'
import { db, setting, type Summary } from './db'
import { allGuides } from './guides'
import { goesOn, together, type Edit, type NewEdit, type Unsigned } from './history'
import { allProducts } from './products'
import { recommendChanged } from './remembered'
import { v4 as newId } from 'uuid'

export type Recipe = (draft: Draft<Case>) => void

/** The counter sheet is a case that the Desk does not list, until it is kept. */
export const counterId = 'counter'

/** What a write to a case touches, together or not at all. */
export const caseTables = [
  db.cases,
  db.summaries,
  db.edits,
  db.conflicts,
  db.settings,
  db.guides,
  db.products,
  db.attachments,
] as const

export const stamped = (kase: Case): Case => ({ ...kase, rev: kase.rev + 1, updatedAt: new Date().toISOString() })

/**
 * Inside a transaction: the case, its summary, and what changed. The counter sheet has neither summary nor history.
 * What the case waits for is not judged here but by `judge`, unless nothing is known of it yet.
 */
export async function put(kase: Case, changes: readonly Unsigned[]): Promise<Case> {
  await db.cases.put(kase)
  if (kase.id === counterId) return kase
  const known = await db.summaries.get(kase.id)
  const dues = known?.dues
  await db.summaries.put({ ...summaryOf(kase, known?.waitsFor ?? judged(kase)), ...(dues && { dues }) })
  const told = changes.filter(({ patches, knows }) => patches.length > 0 || knows)
  if (told.length === 0) return kase
  const by = (await setting('signer')) ?? kase.draftedBy
  let last = await db.edits.where('caseId').equals(kase.id).last()
  for (const change of told)
    last = await logged({ id: newId(), caseId: kase.id, by, at: kase.updatedAt, ...change }, last)
  return kase
}

/** Typing on in one field goes into the last edit. */
async function logged(next: NewEdit, last: Edit | undefined): Promise<Edit> {
  if (!goesOn(last, next)) return { ...next, seq: await db.edits.add(next) }
  const joined = together(last, next)
  await db.edits.put(joined)
  return joined
}

/** Inside a transaction: a stored case becomes another version of itself. */
export function putChanged(
  stored: Case,
  to: Case,
  how: Pick<Unsigned, 'kind' | 'knows'> = { kind: 'edit' },
): Promise<Case> {
  const change = changeBetween(stored, to)
  return put(change.patches.length > 0 ? stamped({ ...to, rev: stored.rev }) : stored, [{ ...how, ...change }])
}

/** What the Desk shows of a case. */
export const summaryOf = (kase: Case, waits: Station): Summary => {
  const { id, client, place, updatedAt, sample } = kase
  return {
    id,
    client,
    place,
    updatedAt,
    sample,
    areas: kase.areas.map((area) => area.name),
    codes: codesOf(kase),
    by: kase.draftedBy,
    crops: [...new Set(kase.areas.flatMap(({ seasons }) => seasons[kase.season]?.crop ?? []))],
    waitsFor: waits,
  }
}

interface Judged {
  readonly around: Parameters<typeof judgment>[1]
  readonly waits: Station
}

const known = new WeakMap<Case, Judged>()

/** What a case is judged by here, as it is now. */
const aroundNow = () => [allGuides(), allProducts(), allLocal()] as const

/** What a case waits for. A case that the core cannot answer is kept all the same, and waits to be looked at. */
export function judged(kase: Case): Station {
  const around = aroundNow()
  const before = known.get(kase)
  if (before?.around.every((one, i) => one === around[i])) return before.waits
  const waits = judgment(kase, around)
  known.set(kase, { around, waits })
  return waits
}

function judgment(kase: Case, around: ReturnType<typeof aroundNow>): Station {
  try {
    return waitsFor(progress(kase, recommendChanged(kase, ...around)))
  } catch {
    return 'ground'
  }
}

/** When a page has nothing else to do, or after two seconds; at once where there is no page. */
const idle = (): Promise<void> =>
  new Promise((resolve) =>
    typeof requestIdleCallback === 'function' ? requestIdleCallback(() => resolve(), { timeout: 2_000 }) : resolve(),
  )

const loadPlanning = () => Promise.all([import('../core/plan/due'), import('../core/plan/plan')])
let planning: ReturnType<typeof loadPlanning> | undefined

/** Begins to load what tells dues, once the page rests: no page waits for it. */
export function preparePlanning(): ReturnType<typeof loadPlanning> {
  planning ??= idle()
    .then(loadPlanning)
    .catch((error: unknown) => {
      planning = undefined
      throw error
    })
  return planning
}

/** What falls due in a case, the earliest first; nothing where nothing can be told. */
async function duesIn(kase: Case, rules: Rules): Promise<readonly Due[]> {
  const around = aroundNow()
  const [guides, products] = around
  try {
    const [{ duesOf }, { planningDay, planOf }] = await preparePlanning()
    const found = recommendChanged(kase, ...around)
    const today = formatISO(new Date(), { representation: 'date' })
    const ready = waitsFor(progress(kase, found)) === 'letter'
    return duesOf(kase, planOf(kase, found, { guides, products, rules, today: planningDay(kase, today) }), ready)
  } catch {
    return []
  }
}

/** Says on the Desk what a case waits for now; outside of any write, since it asks for every area's answer. */
export async function judge(kase: Case): Promise<void> {
  const waits = judged(kase)
  const dues = await duesIn(kase, await readOffice())
  await db.transaction('rw', db.summaries, async () => {
    const known = await db.summaries.get(kase.id)
    if (!known) return
    const { damaged, ...sound } = soundSummary(known)
    // Whatever else it says may be of a later version of the case than this one.
    if (damaged) await db.summaries.put({ ...sound, ...summaryOf(kase, waits), dues })
    else if (sound.waitsFor !== waits || JSON.stringify(sound.dues) !== JSON.stringify(dues))
      await db.summaries.put({ ...sound, waitsFor: waits, dues })
  })
}
