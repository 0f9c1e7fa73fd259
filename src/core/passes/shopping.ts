import type { Case } from '../case/case'
import { lbInShed } from '../shelf/shed'
import { productRef, type Product } from '../shelf/product'
import { bagsOf, type Shelf } from '../shelf/shelf'
import { say } from '../sentence/sentence'
import { quantity } from '../units/quantity'
import { derive, given, type Derived, type Working } from '../units/workings'
import { leftIn, type Job } from './job'

/** What all that is still to do takes of one product. */
export interface Purchase {
  readonly product: Product
  readonly areaIds: readonly string[]
  readonly all: Derived<'lb product'>
  /** lb of it that the client has already. */
  readonly fromShed: number
  /** Bags to buy, by their weight in lb; none where the shed has enough. */
  readonly bags: readonly { readonly lb: number; readonly count: Working<'bags'> }[]
  /** They were chosen with a mix. */
  readonly chosen: boolean
  /** Left in the last bag that is bought. */
  readonly leftOver: Derived<'lb product'>
  /** What all of the bags cost, in the office's money; null where a price is not known. */
  readonly cost: number | null
}

/**
 * Everything that a job takes, each product once: a bag serves several areas, and what is in the shed goes first. Bags
 * that were chosen with a mix are those; elsewhere they are as few of the usual or typed size as will do.
 */
export function shopping(
  { areas, staleMix }: Job,
  { mix, shed }: Pick<Case, 'mix' | 'shed'>,
  products: readonly Product[],
  shelf: Shelf = {},
): readonly Purchase[] {
  const lines = new Map<string, { product: Product; bagLb: number; areaIds: string[]; amounts: Derived[] }>()
  for (const { product, need, bagLb, areaId, all } of areas.flatMap(leftIn)) {
    if (!product || bagLb === null) continue
    const ref = productRef(product)
    const key = need === ref ? ref : `${ref} ${bagLb}`
    const line = lines.get(key) ?? { product, bagLb, areaIds: [], amounts: [] }
    lines.set(key, line)
    if (!line.areaIds.includes(areaId)) line.areaIds.push(areaId)
    line.amounts.push(all)
  }
  const left = new Map(lbInShed(shed, products))
  return [...lines].map(([key, { product, bagLb, areaIds, amounts }]): Purchase => {
    const all = sumOf(amounts)
    const ref = productRef(product)
    const there = Math.min(all.value.v, left.get(ref) ?? 0)
    left.set(ref, (left.get(ref) ?? 0) - there)
    const fromShed = given(quantity(there, 'lb product'), say('mix.in-shed'), 'reported')
    const chosen = key === ref && !staleMix ? (mix?.bags.filter((bag) => bag.product === ref) ?? []) : undefined
    const bags = chosen
      ? chosen.map(({ lb, count }) => ({ lb, count: given(quantity(count, 'bags'), say('mix.bags'), 'practice') }))
      : [{ lb: bagLb, count: enoughOf(bagLb, all, fromShed) }].filter(({ count }) => count.value.v > 0)
    return {
      product,
      areaIds,
      all,
      fromShed: there,
      bags,
      chosen: chosen !== undefined,
      leftOver: leftOf(bags, all, fromShed),
      cost: priceOf(product, bags, shelf),
    }
  })
}

function priceOf(product: Product, bags: Purchase['bags'], shelf: Shelf): number | null {
  const sold = bagsOf(product, shelf)
  const prices = bags.map(({ lb, count }) => {
    const price = sold.find((bag) => bag.lb === lb)?.price ?? null
    return price === null ? null : price * count.value.v
  })
  return bags.length === 0 || prices.includes(null) ? null : (prices as number[]).reduce((sum, one) => sum + one, 0)
}

/** A share of a bag that no scale shows. */
const hair = 1e-6

const enoughOf = (bagLb: number, all: Working, shed: Working): Derived<'bags'> =>
  derive(
    'bags',
    `max(0, ceil((all - shed) / bag - ${hair}))`,
    { all, shed, bag: given(quantity(bagLb, 'lb product/bag'), say('material.bag'), 'reported') },
    say('mix.bags'),
    'arithmetic',
  )

function leftOf(bags: Purchase['bags'], all: Working, shed: Working): Derived<'lb product'> {
  const inputs = bags.flatMap(({ lb, count }, i) => [
    [`bags_${i + 1}`, count] as const,
    [`bag_${i + 1}`, given(quantity(lb, 'lb product/bag'), say('material.bag'), 'reported')] as const,
  ])
  const bought = bags.map((_, i) => `bags_${i + 1} * bag_${i + 1}`).join(' + ') || '0'
  return derive(
    'lb product',
    `max(0, ${bought} + shed - all)`,
    { ...Object.fromEntries(inputs), all, shed },
    say('mix.left-over'),
    'arithmetic',
  )
}

function sumOf(amounts: readonly Derived[]): Derived<'lb product'> {
  const names = amounts.map((_, i) => `amount_${i + 1}`)
  return derive(
    'lb product',
    names.join(' + '),
    Object.fromEntries(names.map((name, i) => [name, amounts[i]!])),
    say('mix.all-areas'),
    'arithmetic',
  )
}
