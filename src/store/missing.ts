import type { Area } from '../core/case/area'
import type { Case } from '../core/case/case'
import type { Guide } from '../core/guides/guide'
import type { Local } from '../core/calendar/local'
import type { Product } from '../core/shelf/product'
import { missingTests, type MissingTest } from '../core/compare/missing'
import { restOf, sameRest, type Kept } from './remembered'

const missing: Kept<readonly MissingTest[]> = new WeakMap()

/** The tests that an area's report lacks, tried anew only where something changed: each is a recommendation of its own. */
export function missingChanged(
  kase: Case,
  area: Area,
  guides: readonly Guide[],
  products: readonly Product[],
  local: Local,
): readonly MissingTest[] {
  const rest = restOf(kase, area, guides, products, local)
  const known = missing.get(area)
  if (known && sameRest(known.rest, rest)) return known.found
  const found = missingTests(kase, area, guides, products, local)
  missing.set(area, { rest, found })
  return found
}
