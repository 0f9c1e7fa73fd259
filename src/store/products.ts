import { liveQuery } from 'dexie'
import { productsNamed } from '../core/shelf/named'
import { productRef, type Product } from '../core/shelf/product'
import { isShipped, shippedProducts } from '../core/shelf/products'
import { db } from './db'

/** The products that can be named here: those that ship, and the office's own, of which none is ever changed. */
let all: readonly Product[] = shippedProducts
const listeners = new Set<() => void>()

export const allProducts = (): readonly Product[] => all

/** Calls back whenever the products change, on this page or another. */
export function followProducts(listener: () => void): () => void {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

/** No case is read from the database before the office's own products are known. */
db.on('ready', async (ready) => {
  use(await (ready as typeof db).products.toArray())
  liveQuery(() => db.products.toArray()).subscribe({ next: use, error: () => undefined })
})

function use(own: readonly { readonly product: Product }[]) {
  const next = [...shippedProducts, ...own.map(({ product }) => product)]
  if (next.map(productRef).join() === all.map(productRef).join()) return
  all = next
  listeners.forEach((listener) => listener())
}

export const ownProducts = (products: readonly Product[] = all): readonly Product[] =>
  products.filter((one) => !isShipped(productRef(one)))

/** The office's own products that a case names. */
export const ownProductsOf = (
  kase: Parameters<typeof productsNamed>[0],
  products: readonly Product[] = all,
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
