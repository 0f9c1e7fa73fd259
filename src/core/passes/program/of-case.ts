import type { Case } from '../../case/case'
import type { Guide } from '../../guides/guide'
import type { Recommendation } from '../../recommend'
import type { Product } from '../../shelf/product'
import { shippedProducts } from '../../shelf/products'
import { job, type Job } from '../job'
import type { Day } from './day'
import { regionOf } from './own-region'
import { program, type Program } from './program'
import { noRules, type Rules } from './rule'

/** What the days of a case go by beside it. */
export interface Dates {
  readonly guides: readonly Guide[]
  readonly products?: readonly Product[]
  /** The office's. */
  readonly rules?: Rules
}

/**
 * The days of a case's job, in the region that it has.
 *
 * @param from nothing is planned before this day
 * @param done the job, where it is known already
 */
export const programOf = (
  kase: Case,
  found: Recommendation,
  { guides, products = shippedProducts, rules = noRules }: Dates,
  from: Day,
  done: Job = job(kase, found, products),
): Program => program(kase, found, done, guides, regionOf(kase), rules, from, products)
