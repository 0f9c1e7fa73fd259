import { graded } from './graded'
import { productRef, type Product, type ProductRef } from './product'

const byRef = new WeakMap<readonly Product[], ReadonlyMap<string, Product>>()

/** The product of a list, which never changes, by its reference; one of three numbers on a bag is known without. */
export function productNamed(products: readonly Product[], ref: ProductRef | null): Product | undefined {
  if (ref === null) return undefined
  let known = byRef.get(products)
  if (!known) byRef.set(products, (known = new Map([...products].reverse().map((one) => [productRef(one), one]))))
  return known.get(ref) ?? graded(ref)
}
