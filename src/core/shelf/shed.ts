import type { InShed } from '../case/applications'
import { fields, numberIn } from '../report/fields'
import { poundsIn } from '../units/factors'
import { productNamed, type Product, type ProductRef } from './product'

/**
 * lb of each product that the client has already, part bags included. What cannot be read, or is of a product that is not
 * known, is nothing.
 */
export function lbInShed(shed: readonly InShed[], products: readonly Product[]): ReadonlyMap<ProductRef, number> {
  const found = new Map<ProductRef, number>()
  for (const { product: ref, amount } of shed) {
    const product = productNamed(products, ref)
    const count = numberIn(fields.inShed, amount)
    if (!product || count === undefined) continue
    const each = amount.unit === 'bags' ? product.bagLb : (poundsIn[amount.unit] ?? 0)
    found.set(ref, (found.get(ref) ?? 0) + count * each)
  }
  return found
}
