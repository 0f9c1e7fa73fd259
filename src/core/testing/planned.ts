import type { Case } from '../case/case'
import { guides } from '../guides/guides'
import { bansOf } from '../calendar/ban'
import { noRules } from '../calendar/rule'
import { planOf, type AreaPlan, type Around, type Plan } from '../plan/plan'
import { recommend } from '../recommend'
import { shippedProducts } from '../shelf/products'

/** For tests: the plan of a case by what ships, of the day on which its sample letters are written. */
export const plan = (kase: Case, today = '2026-11-26', around: Partial<Around> = {}): Plan =>
  planOf(kase, recommend(kase, around.guides ?? guides, around.products ?? shippedProducts, bansIn(around)), {
    guides,
    today,
    ...around,
  })

const bansIn = ({ rules = noRules }: Partial<Around>) => bansOf(rules.yearLimits)

/** The plan of its only area. */
export const planned = (...of: Parameters<typeof plan>): AreaPlan => plan(...of).areas[0]!
