import type { Case } from '../case/case'
import type { ProductRef } from './product'

/** Every product that a case names, in whichever year. */
export function productsNamed(
  kase: Pick<Case, 'areas' | 'applications' | 'shed' | 'mix' | 'spreaders'>,
): ReadonlySet<ProductRef> {
  const seasons = kase.areas.flatMap((area) => Object.values(area.seasons))
  const named = [
    ...seasons.flatMap(({ materials, past }) => [materials.lime, materials.sulfur, materials.fertilizer, past.manure]),
    ...kase.applications.map(({ product }) => product),
    ...kase.spreaders.map(({ product }) => product),
    ...kase.shed.map(({ product }) => product),
    ...(kase.mix?.takes.map(({ product }) => product) ?? []),
  ]
  return new Set(named.filter((ref) => ref !== null))
}
