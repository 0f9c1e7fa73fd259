import type { InShed } from '../case/applications'
import { fields, numberIn } from '../report/fields'
import { poundsIn } from '../units/factors'
import type { Typed } from '../units/typed'
import { productNamed, type Product, type ProductRef } from './product'

/**
 * lb of each product that the client has already, part bags included. What cannot be read, or is of a product that is not
 * known, is nothing.
 */
export function lbInShed(shed: readonly InShed[], products: readonly Product[]): ReadonlyMap<ProductRef, number> {
  const found = new Map<ProductRef, number>()
  for (const { product: ref, amount } of shed) {
    const product = productNamed(products, ref)
    const lb = product && poundsOf(amount, product)
    if (lb !== undefined) found.set(ref, (found.get(ref) ?? 0) + lb)
  }
  return found
}

/** lb of a product that is weighed, or counted in its usual bags; undefined where that cannot be read. */
export function poundsOf(amount: Typed, { bagLb }: Pick<Product, 'bagLb'>): number | undefined {
  const count = numberIn(fields.inShed, amount)
  const each = amount.unit === 'bags' ? bagLb : poundsIn[amount.unit]
  return count === undefined || each === undefined ? undefined : count * each
}
