import type { Case } from '../case/case'
import { readingChanges, type AmountChange } from './compare'
import { recommend } from '../recommend'
import type { Product } from '../shelf/product'
import { guideRef, type Guide, type GuideRef } from '../guides/guide'

/** One amount of one area that another guide would change. */
export interface Effect extends AmountChange {
  readonly caseId: string
  readonly client: string
  readonly area: string
  readonly cropId: string | null
}

/**
 * What a case would be told otherwise, were its areas that are rated by one guide rated by another. Amounts that a
 * laboratory or an advisor leads stay, and so are not here.
 *
 * @param from its id, whatever the version that an area is pinned to
 */
export function effectsOn(
  kase: Case,
  from: string,
  to: Guide,
  guides: readonly Guide[],
  products: readonly Product[],
): readonly Effect[] {
  const rated = kase.areas.filter(({ guide }) => idOf(guide) === from)
  if (rated.length === 0) return []
  const by = (areas: Case['areas'], those: readonly Guide[]) => recommend({ ...kase, areas }, those, products).areas
  const now = by(rated, guides)
  const then = by(
    rated.map((area) => ({ ...area, guide: guideRef(to) })),
    [to],
  )
  return rated.flatMap(({ name }, i) =>
    readingChanges(now[i]!, then[i]!).amounts.map((change) => ({
      ...change,
      ...{ caseId: kase.id, client: kase.client, area: name, cropId: now[i]!.cropId },
    })),
  )
}

const idOf = (ref: GuideRef): string => ref.slice(0, ref.lastIndexOf('@'))
