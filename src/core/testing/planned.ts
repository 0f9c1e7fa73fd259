import type { Case } from '../case/case'
import { guides } from '../guides/guides'
import { localOf, type Local } from '../calendar/local'
import { noRules } from '../calendar/rule'
import { houseGroups, type House } from '../shelf/house'
import { planOf, type AreaPlan, type Around, type Plan } from '../plan/plan'
import { recommend } from '../recommend'
import { shippedProducts } from '../shelf/products'

/** For tests: the plan of a case by what ships, of the day on which its sample letters are written. */
export const plan = (kase: Case, today = '2026-11-26', around: Partial<Around> & { house?: House } = {}): Plan =>
  planOf(kase, recommend(kase, around.guides ?? guides, around.products ?? shippedProducts, localIn(around)), {
    guides,
    today,
    ...around,
  })

const localIn = ({ rules = noRules, house = {} }: Partial<Around> & { house?: Partial<House> }) =>
  localOf({ ...rules, house })

/** An office that names no fertilizer: what nobody chose one for is planned as bare nutrients. */
export const noHouse = Object.fromEntries(houseGroups.map((group) => [group, []])) as unknown as House
export const withoutHouse: Local = { bans: [], house: noHouse }

/** The plan of its only area. */
export const planned = (...of: Parameters<typeof plan>): AreaPlan => plan(...of).areas[0]!
