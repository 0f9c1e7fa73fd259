import type { Crop } from './crop'
import { type ExtractantId, type Guide, guideNamed, type GuideRef, guideRef } from './guide'

/** Every crop that some guide has, the pinned guide's word on it first. */
export function cropsOf(guides: readonly Guide[], pinned: GuideRef): ReadonlyMap<string, Crop> {
  const found = new Map<string, Crop>()
  const first = guideNamed(guides, pinned)
  for (const guide of first ? [first, ...guides] : guides)
    for (const [id, crop] of Object.entries(guide.crops)) if (!found.has(id)) found.set(id, crop)
  return found
}

/** The pinned guide where it has the crop, else the first that does. */
export function guideWithCrop(guides: readonly Guide[], pinned: GuideRef, crop: string | null): GuideRef {
  const has = (guide: Guide) => crop === null || Object.hasOwn(guide.crops, crop)
  const first = guideNamed(guides, pinned)
  const other = first && has(first) ? first : guides.find(has)
  return other ? guideRef(other) : pinned
}

/**
 * The guides that may rate a report: those that speak for its extractant, the newest version of each, first those that
 * know the crop.
 */
export function guidesFor(guides: readonly Guide[], extractant: ExtractantId, crop: string | null): readonly Guide[] {
  const newest = new Map<string, Guide>()
  for (const guide of guides)
    if (guide.extractant === extractant && guide.version >= (newest.get(guide.id)?.version ?? 0))
      newest.set(guide.id, guide)
  const knows = (guide: Guide) => (crop !== null && Object.hasOwn(guide.crops, crop) ? 0 : 1)
  return [...newest.values()].sort((a, b) => knows(a) - knows(b))
}
