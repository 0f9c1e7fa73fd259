import { productsNamed } from '../core/shelf/named'
import { productRef, type Product } from '../core/shelf/product'
import { isShipped, shippedProducts } from '../core/shelf/products'
import { isSoundProduct } from './damage'
import { db } from './db'
import { registry } from './registry'

/** The products that can be named here: those that ship, and the office's own, of which none is ever changed. */
export const productRegistry = registry(shippedProducts, async ({ products }) =>
  (await products.toArray()).flatMap((row) => (isSoundProduct(row?.product) ? [row.product] : [])),
)
export const allProducts = productRegistry.all

export const ownProducts = (products: readonly Product[] = allProducts()): readonly Product[] =>
  products.filter((one) => !isShipped(productRef(one)))

/** The office's own products that a case names. */
export const ownProductsOf = (
  kase: Parameters<typeof productsNamed>[0],
  products: readonly Product[] = allProducts(),
): readonly Product[] => {
  const refs = productsNamed(kase)
  return ownProducts(products).filter((one) => refs.has(productRef(one)))
}

/** Puts products from elsewhere beside those here; one whose id and version are here already stays as it is here. */
export async function addProducts(products: readonly Product[]): Promise<void> {
  const here = new Set<string>(await db.products.toCollection().primaryKeys())
  const added = products.filter((one) => !isShipped(productRef(one)) && !here.has(productRef(one)))
  await db.products.bulkPut(added.map((product) => ({ ref: productRef(product), product })))
}
