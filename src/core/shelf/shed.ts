import type { InShed } from '../case/applications'
import { fields, numberIn } from '../report/fields'
import { poundsIn } from '../units/factors'
import type { Typed } from '../units/typed'
import { type Product, type ProductRef } from './product'
import { productNamed } from './product-named'

/**
 * lb of each product that the client has already, part bags included. What cannot be read, or is of a product that is not
 * known, is nothing.
 */
export function lbInShed(shed: readonly InShed[], products: readonly Product[]): ReadonlyMap<ProductRef, number> {
  const found = new Map<ProductRef, number>()
  for (const entry of shed) {
    const weighed = weighedIn(entry, products)
    if (weighed) found.set(entry.product, (found.get(entry.product) ?? 0) + weighed.lb)
  }
  return found
}

/** The product that an entry names, with lb of it; undefined where either cannot be told. */
export function weighedIn(
  { product: ref, amount }: { readonly product: ProductRef | null; readonly amount: Typed },
  products: readonly Product[],
): { readonly product: Product; readonly lb: number } | undefined {
  const product = productNamed(products, ref)
  const lb = product && poundsOf(amount, product)
  return product && lb !== undefined ? { product, lb } : undefined
}

/** lb of a product that is weighed, or counted in its usual bags; undefined where that cannot be read. */
export function poundsOf(amount: Typed, { bagLb }: Pick<Product, 'bagLb'>): number | undefined {
  const count = numberIn(fields.inShed, amount)
  const each = amount.unit === 'bags' ? bagLb : poundsIn[amount.unit]
  return count === undefined || each === undefined ? undefined : count * each
}
