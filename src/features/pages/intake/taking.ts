import { v4 as newId } from 'uuid'
import { blankCase, blankReport } from '@/core/case/blank'
import type { Case } from '@/core/case/case'
import type { Guide } from '@/core/guides/guide'
import type { Home } from '@/core/intake/match'
import { takeReports, type Begins, type IncomingReport } from '@/core/intake/take-in'
import { filled, kindBy } from '@/schemas/results-file/filled'
import type { Mapping } from '@/schemas/results-file/mapping'
import type { ImportedSample } from '@/schemas/results-file/take'
import type { Pile } from '@/store/db'
import type { TakenHome } from '@/store/intake'
import { cropFinder } from '../../shared/crop-finder'

/** What somebody said of a home: the case it is of, a new one, or none. */
export type Decision =
  { readonly kind: 'case'; readonly id: string } | { readonly kind: 'new' } | { readonly kind: 'leave' }

/** As the file alone decides; undefined where somebody has to say. */
export const decisionOf = ({ caseId, couldBe }: Home): Decision | undefined =>
  caseId ? { kind: 'case', id: caseId } : couldBe.length > 0 ? undefined : { kind: 'new' }

export interface Office {
  readonly kase: Partial<Case>
  readonly area: Begins
}

/** What a file does to the cases: new ones, and acts on those that are there. */
export function takenHomes(
  homes: readonly (Home & { readonly decision: Decision })[],
  samples: readonly ImportedSample[],
  mapping: Mapping,
  guides: readonly Guide[],
  office: Office,
): readonly TakenHome[] {
  const cropOf = cropFinder(guides, office.area.guide)
  const at = new Date().toISOString()
  return homes.flatMap(({ decision, samples: places, client, place }): readonly TakenHome[] => {
    const incoming = places.map((one) => incomingOf(samples[one]!, mapping, cropOf))
    const act = takeReports(incoming, guides, office.area)
    if (decision.kind === 'leave') return []
    if (decision.kind === 'case') return [{ kind: 'known', id: decision.id, act, reports: incoming.length }]
    const blank: Case = { ...blankCase(newId(), at), ...office.kase, client, place, sampling: false }
    return [{ kind: 'new', kase: act(blank) }]
  })
}

function incomingOf(
  sample: ImportedSample,
  mapping: Mapping,
  cropOf: (words: string) => string | null,
): IncomingReport {
  const begun = { ...blankReport(newId()), lines: sample.values.map(({ field, unit }) => ({ field, unit })) }
  return {
    report: { ...filled(begun, sample, mapping), kind: kindBy(mapping) },
    areaId: newId(),
    area: sample.area,
    crop: cropOf(sample.crop),
    cropWords: sample.crop,
    size: sample.size,
  }
}

export const pileOf = (name: string, taken: readonly TakenHome[]): Pile => ({
  id: newId(),
  name,
  at: new Date().toISOString(),
  caseIds: [...new Set(taken.map((one) => (one.kind === 'new' ? one.kase.id : one.id)))],
  seen: [],
})
