import { guideRef, type Guide } from '../core/guides/guide'
import { guides as shippedGuides, shipped } from '../core/guides/guides'
import { isSoundGuide } from './damage'
import { db, keepSetting, setting } from './db'
import { registry } from './registry'

/**
 * The guides that rate here: those that ship, and the office's own. A guide is immutable once it is used, so that what
 * was computed with it can be computed again.
 */
export const guideRegistry = registry(shippedGuides, async ({ guides }) =>
  (await guides.toArray()).flatMap((row) => (isSoundGuide(row?.guide) ? [row.guide] : [])),
)
export const allGuides = guideRegistry.all

export const ownGuides = (guides: readonly Guide[] = allGuides()): readonly Guide[] =>
  guides.filter((guide) => !shipped(guideRef(guide)))

/** The office's own guides that the areas of a case are pinned to. */
export const ownGuidesOf = (
  { areas }: { readonly areas: readonly { readonly guide: string }[] },
  guides: readonly Guide[] = allGuides(),
): readonly Guide[] => {
  const refs = new Set(areas.map(({ guide }) => guide))
  return ownGuides(guides).filter((guide) => refs.has(guideRef(guide)))
}

/** Puts guides from elsewhere beside those here; one whose id and version are here already stays as it is here. */
export async function addGuides(guides: readonly Guide[]): Promise<void> {
  const here = new Set([...shippedGuides.map(guideRef), ...(await db.guides.toCollection().primaryKeys())])
  const added = guides.filter((guide) => !here.has(guideRef(guide)))
  await db.guides.bulkPut(added.map((guide) => ({ ref: guideRef(guide), guide })))
}

/** How many areas, of cases in the trash too, are pinned to each guide. */
export async function guideUses(): Promise<ReadonlyMap<string, number>> {
  const uses = new Map<string, number>()
  await db.cases.each(({ areas }) => {
    // A damaged case uses what can be read of it.
    for (const guide of Array.isArray(areas) ? areas.map((area?: { guide?: string }) => area?.guide ?? '') : [])
      uses.set(guide, (uses.get(guide) ?? 0) + 1)
  })
  return uses
}

/**
 * Keeps an edited guide: in the place of the version it was, while that is unused and the office's own; else as the
 * next version. Returns the guide as it was kept.
 */
export const keepGuide = (edited: Guide): Promise<Guide> =>
  db.transaction('rw', db.guides, db.cases, db.office, async () => {
    const known = await db.guides.toArray()
    const versions = [...shippedGuides, ...known.map(({ guide }) => guide)].filter(({ id }) => id === edited.id)
    const ref = guideRef(edited)
    const used = (await guideUses()).has(ref) || (await db.office.get('office'))?.guide === ref
    const taken = versions.some(({ version }) => version === edited.version)
    const kept =
      taken && (used || shipped(ref))
        ? { ...edited, version: Math.max(...versions.map(({ version }) => version)) + 1 }
        : edited
    await db.guides.put({ ref: guideRef(kept), guide: kept })
    return kept
  })

/** Takes an unused guide of the office's own away; false where it is used. */
export const dropGuide = (ref: string): Promise<boolean> =>
  db.transaction('rw', db.guides, db.cases, db.office, async () => {
    if ((await guideUses()).has(ref) || (await db.office.get('office'))?.guide === ref) return false
    await db.guides.delete(ref)
    return true
  })

let waiting: { readonly draft: Guide | null } | undefined
let writing: Promise<void> | undefined

/**
 * Keeps a guide as it is being edited, so that it is there again when the page is; null once it is done with. What is
 * typed while a write is under way goes in next. Rejects where the browser refuses.
 */
export function keepDraft(draft: Guide | null): Promise<void> {
  waiting = { draft }
  writing ??= writeDraft().finally(() => (writing = undefined))
  return writing
}

async function writeDraft(): Promise<void> {
  while (waiting) {
    const { draft } = waiting
    waiting = undefined
    await (draft ? keepSetting('guideDraft', draft) : db.settings.delete('guideDraft'))
  }
}

/** The guide that was being edited here last and was neither kept nor left. */
export const keptDraft = async (): Promise<Guide | null> => {
  const draft = await setting('guideDraft')
  return isSoundGuide(draft) ? draft : null
}
