import { say } from '../told/sentence'
import { productRef, type Product, type ProductRef } from '../shelf/product'
import { quantity } from '../units/quantity'
import { derive, given, type Derived } from '../workings'
import type { Job } from './job'

/** What the whole job takes of one product in bags of one size. */
export interface Purchase {
  readonly product: Product
  /** lb */
  readonly bagLb: number
  readonly areaIds: readonly string[]
  readonly all: Derived<'lb product'>
  /** lb of it that the client has already. */
  readonly fromShed: number
  readonly bags: Derived<'bags'>
  /** Left in the last bag that is bought. */
  readonly leftOver: Derived<'lb product'>
}

/**
 * Everything that a job takes, each product once: a bag serves several areas, and what is in the shed goes first.
 *
 * @param shed lb of each product that is there already
 */
export function shopping({ areas }: Job, shed: ReadonlyMap<ProductRef, number>): readonly Purchase[] {
  const lines = new Map<string, { product: Product; bagLb: number; areaIds: string[]; amounts: Derived[] }>()
  for (const { product, bagLb, areaId, all } of areas.flatMap(({ treatments }) => treatments)) {
    if (!product || bagLb === null) continue
    const key = `${productRef(product)} ${bagLb}`
    const line = lines.get(key) ?? { product, bagLb, areaIds: [], amounts: [] }
    lines.set(key, line)
    if (!line.areaIds.includes(areaId)) line.areaIds.push(areaId)
    line.amounts.push(all)
  }
  const left = new Map(shed)
  return [...lines.values()].map(({ product, bagLb, areaIds, amounts }): Purchase => {
    const all = sumOf(amounts)
    const ref = productRef(product)
    const fromShed = Math.min(all.value.v, left.get(ref) ?? 0)
    left.set(ref, (left.get(ref) ?? 0) - fromShed)
    const inputs = {
      all,
      shed: given(quantity(fromShed, 'lb product'), say('mix.in-shed'), 'reported'),
      bag: given(quantity(bagLb, 'lb product/bag'), say('material.bag'), 'reported'),
    }
    const bags = derive('bags', `max(0, ceil((all - shed) / bag - ${hair}))`, inputs, say('mix.bags'), 'arithmetic')
    return {
      product,
      bagLb,
      areaIds,
      all,
      fromShed,
      bags,
      leftOver: derive(
        'lb product',
        'max(0, bags * bag + shed - all)',
        { bags, ...inputs },
        say('mix.left-over'),
        'arithmetic',
      ),
    }
  })
}

/** A share of a bag that no scale shows. */
const hair = 1e-6

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
