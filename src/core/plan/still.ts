import type { Need } from '../needs/need'
import { contentOf } from '../passes/ledger'
import { lineOf, type Standing } from '../passes/standing'
import { say } from '../sentence/sentence'
import { quantity, type MajorNutrient } from '../units/quantity'
import { derive, given, type Derived } from '../units/workings'
import type { AreaPlan } from './plan'

/** How what a need asks for stands, where some of it was put on or is held back. */
export interface Still extends Pick<Standing, 'days'> {
  /** lb that were planned. */
  readonly planned: Derived
  /** lb of it that were put on. */
  readonly put: number
  /** lb that are still to be put on. */
  readonly left: Derived | null
}

/** One treatment of a plan by its need; undefined where nothing of it was put on or is held back. */
export function treatmentStill(
  { areaId, treatments, standings }: AreaPlan,
  need: string,
): (Still & { readonly treatment: Standing['left'] }) | undefined {
  const planned = treatments.find(({ key }) => key === `${areaId}/${need}`)
  const standing = planned && standings.get(planned.key)
  if (!standing || standing.left === planned) return undefined
  const { put, days, left } = standing
  return { planned: planned.all, put, days, left: left && left.all, treatment: left }
}

/** A nutrient, whichever bags bring it: as much of its need is still to do as of what brings it. */
export function nutrientStill(
  { treatments, standings }: AreaPlan,
  { of, amount }: Need<MajorNutrient>,
): Still | undefined {
  const bringing = treatments.flatMap(({ key, need, product, nutrient, all }) => {
    // What lime of ash brings is off the need already.
    if (need === 'lime' || need === 'sulfur') return []
    const each = product ? contentOf(product, 1)[lineOf(of)] : nutrient === of ? 1 : 0
    return each > 0 ? [{ each, all: all.value.v, ...standings.get(key)! }] : []
  })
  if (!amount || bringing.every(({ all, left }) => left?.all.value.v === all)) return undefined
  const sum = (lb: (one: (typeof bringing)[number]) => number) =>
    bringing.reduce((lbs, one) => lbs + one.each * lb(one), 0)
  const left = sum((one) => one.left?.all.value.v ?? 0)
  const inputs = {
    need: amount,
    open: given(quantity(left, amount.value.of), say('passes.open'), 'arithmetic'),
    planned: given(
      quantity(
        sum(({ all }) => all),
        amount.value.of,
      ),
      say('passes.planned'),
      'arithmetic',
    ),
  }
  return {
    planned: amount,
    put: sum(({ put }) => put),
    days: [...new Set(bringing.flatMap(({ days }) => days))].sort(),
    left: left > 0 ? derive(amount.value.of, 'need * open / planned', inputs, say('passes.share'), 'arithmetic') : null,
  }
}
