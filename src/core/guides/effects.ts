import type { Case } from '../case/case'
import { isApplied, type What } from '../needs/need'
import { recommend } from '../recommend'
import type { Product } from '../shelf/product'
import { guideRef, type Guide } from './guide'

/** One amount of one area that another guide would change. */
export interface Effect {
  readonly caseId: string
  readonly client: string
  readonly area: string
  readonly cropId: string | null
  readonly of: What
  /** lb for the area in a year, 0 where nothing is put on; null where there is no figure. */
  readonly before: number | null
  readonly after: number | null
}

/** Amounts that differ by less are the same. */
const alike = 0.01

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
  const rated = kase.areas.filter(({ guide }) => guide.slice(0, guide.lastIndexOf('@')) === from)
  if (rated.length === 0) return []
  const other = rated.map((area) => ({ ...area, guide: guideRef(to) }))
  const now = recommend({ ...kase, areas: rated }, guides, products).areas
  const then = recommend({ ...kase, areas: other }, [to], products).areas
  return rated.flatMap((area, i) => {
    const [before, after] = [amountsOf(now[i]!.answer?.needs ?? []), amountsOf(then[i]!.answer?.needs ?? [])]
    return [...new Set([...before.keys(), ...after.keys()])].flatMap((of): Effect[] => {
      // What is not asked for there is not put on.
      const [a, b] = [before, after].map((one) => (one.has(of) ? one.get(of)! : 0)) as [number | null, number | null]
      const same = a === b || (a !== null && b !== null && Math.abs(a - b) <= alike * Math.max(a, b))
      if (same) return []
      return [
        { caseId: kase.id, client: kase.client, area: area.name, cropId: now[i]!.cropId, of, before: a, after: b },
      ]
    })
  })
}

const amountsOf = (needs: readonly Parameters<typeof isApplied>[0][]): ReadonlyMap<What, number | null> =>
  new Map(
    needs.flatMap((need) =>
      need ? [[need.of, isApplied(need) ? need.amount.value.v : need.outcome === 'none' ? 0 : null] as const] : [],
    ),
  )
