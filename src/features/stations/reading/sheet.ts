import type { Area } from '@/core/case/area'
import type { Case } from '@/core/case/case'
import { reportInForce } from '@/core/case/in-force'
import type { AreaInSeason } from '@/core/case/in-season'
import { guidesFor } from '@/core/guides/choose'
import { guideNamed, type Guide, type GuideRef } from '@/core/guides/guide'
import { readingOrder, type ReadingLine } from '@/core/reading/lines'
import type { AreaRecommendation } from '@/core/recommend'
import type { Sentence } from '@/core/sentence/sentence'

/** The lines of several readings, each once, in the order in which an advisor looks. */
export function inOrder(readings: readonly (readonly Pick<ReadingLine, 'id'>[])[]): readonly string[] {
  const ids = new Set(readings.flat().map(({ id }) => id))
  return [...readingOrder.filter((id) => ids.has(id)), ...[...ids].filter((id) => !readingOrder.includes(id))]
}

/** A case with the area alone, of a size that it does not have: a reading needs none. */
export const ofAnySize = (kase: Case, areaId: string): Case => ({
  ...kase,
  areas: [{ ...areaIn(kase, areaId), size: { text: '1000 sq ft', unit: 'ft²', value: 1_000 } }],
})

const areaIn = (kase: Case, areaId: string): Area => kase.areas.find(({ id }) => id === areaId)!

/** What is said before any number: of salts above what the crop takes their meaning, and cautions of lead, salts, mix. */
export function saidFirst({ answer, use }: AreaRecommendation): readonly Sentence[] {
  if (!answer) return []
  const line = (id: string) => answer.reading.find((one) => one.id === id)
  const [lead, salts] = [line('lead'), line('salts') ?? line('EC')]
  const salty = (salts?.distance ?? 0) > 0
  const subjects: readonly (string | undefined)[] = [
    ...(lead && lead.className !== 'below-precaution' ? ['lead'] : []),
    ...(salty ? ['salts'] : []),
    ...(use === 'container' ? ['mix'] : []),
  ]
  const cautions = answer.cautions.filter(({ about }) => about && subjects.includes(about))
  return [...(salty ? [salts!.meaning] : []), ...cautions]
}

/** Another guide, or other schools, that are looked at before they are taken. */
export interface Tried {
  readonly guide?: GuideRef
  readonly schools: Readonly<Record<string, string>>
}

/** The guides by which an area may be read: its own, and those that speak for the report's extractant and have its crop. */
export function guidesOffered(kase: Case, area: AreaInSeason, guides: readonly Guide[]): readonly Guide[] {
  const extractant = reportInForce(kase, area)?.extractant
  const pinned = guideNamed(guides, area.guide)
  const speaking = extractant
    ? guidesFor(guides, extractant, area.crop).filter(({ crops }) => area.crop === null || area.crop in crops)
    : []
  return pinned && !speaking.includes(pinned) ? [pinned, ...speaking] : speaking
}

/** Whether what is tried is another than what holds. */
export const isAnother = ({ guide, schools }: Tried, kase: Case, area: AreaInSeason, by: Guide): boolean =>
  (guide !== undefined && guide !== area.guide) ||
  Object.entries(schools).some(([id, option]) => option !== (kase.schools[id] ?? firstOption(by, id)))

const firstOption = ({ schools }: Guide, id: string) => schools.find((school) => school.id === id)?.options[0]?.id

/** The case with the area alone, as it would be read by what is tried. */
export function trialOf(whole: Case, areaId: string, { guide, schools }: Tried): Case {
  const own = areaIn(whole, areaId)
  return { ...whole, schools: { ...whole.schools, ...schools }, areas: [{ ...own, guide: guide ?? own.guide }] }
}
