import type { Area } from './area'
import type { Case } from './case'
import { type Guide, guideNamed } from '../guides/guide'
import { defaultGuide } from '../guides/guides'
import { withSchools } from '../guides/schools'

/** The guide that an area goes by, with the schools its case follows; the shipped one where the area names none. */
export const guideOf = (area: Pick<Area, 'guide'> | undefined, kase: Case, guides: readonly Guide[]): Guide =>
  withSchools(guideNamed(guides, area?.guide) ?? defaultGuide, kase.schools)
