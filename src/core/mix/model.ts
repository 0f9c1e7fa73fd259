import { majorNutrients, type MajorNutrient } from '../units/quantity'
import type { SoldBag } from '../shelf/shelf'
import type { MixArea, MixProblem, MixProduct } from './problem'
import { type Aim } from '../case/applications'
import { tolerance, wholeWhereNone } from '../bags/tolerance'
import { leastSpread, unpricedPound, weights } from './weights'

/** A mixed-integer linear program in plain numbers: least Σ cost × column, every row between its bounds. */
export interface Model {
  readonly columns: readonly Column[]
  readonly rows: readonly Row[]
}
export interface Column {
  readonly cost: number
  readonly high: number
  readonly whole: boolean
}
/** What its columns sum to, each with its factor. */
export interface Row {
  readonly low: number
  readonly high: number
  readonly terms: readonly Term[]
}
type Term = readonly [column: number, factor: number]

const atMost = (high: number, ...terms: readonly Term[]): Row => ({ low: -Infinity, high, terms })
const atLeast = (low: number, ...terms: readonly Term[]): Row => ({ low, high: Infinity, terms })

/** Where the columns of a model stand, to read it back. */
export interface Layout {
  /** lb of a product on an area. */
  readonly spread: readonly { readonly product: number; readonly area: number; readonly column: number }[]
  /** Bags of one size of a product. */
  readonly bags: readonly { readonly product: number; readonly bag: number; readonly column: number }[]
  /** lb of a product out of the shed. */
  readonly shed: readonly { readonly product: number; readonly column: number }[]
}

/** Whether an aim lets a product in at all. */
export function serves(product: MixProduct, aim: Aim): boolean {
  if (aim === 'organic') return product.organic
  if (aim === 'no-phosphorus') return !product.phosphorus
  if (aim === 'shed') return product.shed > 0
  if (aim === 'cheapest') return product.shed > 0 || product.bags.some(({ price }) => price !== null)
  return true
}

/** Whether an aim may buy such bags. */
const isBought = ({ price }: SoldBag, aim: Aim) => aim !== 'shed' && !(aim === 'cheapest' && price === null)

/** The needs that an aim is measured by. */
export const counts = (need: number | null, nutrient: MajorNutrient, aim: Aim): need is number =>
  need !== null && !(aim === 'no-phosphorus' && nutrient === 'P₂O₅' && need > 0)

/** More than so many times what the largest need asks for is never put on. */
const muchOver = 1.3

/**
 * The program of what to buy; or, where that is settled, of how to share it out: then each product more on an area costs,
 * and nothing goes on too thin to spread. docs/mix.md has both in formulas.
 *
 * @param settled bags of each size, by product, where they are settled
 */
export function modelOf(
  { areas, products }: MixProblem,
  aim: Aim,
  settled?: (product: number, bag: number) => number,
): { readonly model: Model; readonly layout: Layout } {
  const weight = weights[aim]
  const columns: Column[] = []
  const rows: Row[] = []
  const column = (cost: number, high: number, whole = false) => columns.push({ cost, high, whole }) - 1
  const layout = { spread: [], bags: [], shed: [] } as { -readonly [Key in keyof Layout]: Layout[Key][number][] }
  const chosen: number[] = []
  products.forEach((product, p) => {
    if (!serves(product, aim)) return
    const bags = product.bags.flatMap((bag, b) => (isBought(bag, aim) ? [{ bag, b, count: settled?.(p, b) }] : []))
    if (settled && product.shed === 0 && bags.every(({ count }) => count === 0)) return
    const spots = areas.flatMap((area, a) => {
      const most = mostOn(product, a, area, aim)
      return most > 0 ? [{ area: a, most }] : []
    })
    if (spots.length === 0) return
    // Where a product more costs nothing, nobody counts them.
    const isUsed = weight.product > 0 || aim === 'single' ? column(weight.product, 1, true) : undefined
    if (isUsed !== undefined) chosen.push(isUsed)
    const supply: Term[] = []
    for (const { area, most } of spots) {
      const lb = column(0, most)
      layout.spread.push({ product: p, area, column: lb })
      supply.push([lb, -1])
      const isHere = settled ? column(weight.use, 1, true) : isUsed
      if (isHere === undefined) continue
      rows.push(atMost(0, [lb, 1], [isHere, -most]))
      if (!settled) continue
      if (isUsed !== undefined) rows.push(atMost(0, [isHere, 1], [isUsed, -1]))
      rows.push(atLeast(0, [lb, 1], [isHere, -Math.min((leastSpread * areas[area]!.size) / 1_000, most / 2)]))
    }
    const all = spots.reduce((sum, { most }) => sum + most, 0)
    for (const { bag, b, count } of bags) {
      const cost = weight.cost * (bag.price ?? bag.lb * unpricedPound)
      const number = column(cost, count ?? Math.ceil(all / bag.lb), true)
      if (count !== undefined) rows.push(atLeast(count, [number, 1]))
      layout.bags.push({ product: p, bag: b, column: number })
      supply.push([number, bag.lb])
    }
    if (product.shed > 0) {
      const taken = column(0, product.shed)
      layout.shed.push({ product: p, column: taken })
      supply.push([taken, 1])
    }
    rows.push(atLeast(0, ...supply))
  })
  if (aim === 'single') rows.push(atMost(1, ...chosen.map((one): Term => [one, 1])))
  areas.forEach((area, a) => {
    const here = layout.spread.filter((one) => one.area === a)
    for (const nutrient of majorNutrients) {
      const labelled = here.map((one): Term => [one.column, products[one.product]!.label[nutrient]])
      if (labelled.some(([, share]) => share > 0)) rows.push(atMost(area.most[nutrient], ...labelled))
      const need = area.needs[nutrient]
      if (!counts(need, nutrient, aim)) continue
      const whole = need > 0 ? need : (wholeWhereNone[nutrient] * area.size) / 1_000
      const { short, over } = tolerance[nutrient]
      const off = (side: 1 | -1, share: number): Term[] => [
        ...(share > 0 ? [[column(weight.within / whole, share * need), side] as const] : []),
        [column(weight.beyond / whole, Infinity), side],
      ]
      const fed = here.map((one): Term => [one.column, products[one.product]!.feeds[a]![nutrient]])
      const missing = need > 0 ? [...off(1, short), ...off(-1, over)] : off(-1, 0)
      rows.push({ low: need, high: need, terms: [...fed, ...missing] })
    }
  })
  return { model: { columns, rows }, layout }
}

/** lb of a product that an area could take: a little more than the largest of its needs asks for, and no more than is allowed. */
function mostOn({ feeds, label }: MixProduct, a: number, { needs, most }: MixArea, aim: Aim): number {
  const fed = feeds[a]
  if (!fed) return 0
  const asked = majorNutrients.map((nutrient) => {
    const need = needs[nutrient]
    return counts(need, nutrient, aim) && fed[nutrient] > 0 ? (muchOver * need) / fed[nutrient] : 0
  })
  const allowed = majorNutrients.map((nutrient) => (label[nutrient] > 0 ? most[nutrient] / label[nutrient] : Infinity))
  return Math.min(Math.max(...asked), ...allowed)
}
