import { type Product, type ProductRef } from '@/core/shelf/product'
import { productNamed } from '@/core/shelf/product-named'
import { productWords } from '@/wording/format'

/** How the product of a reference is called; of one that is not here, the reference. */
export const productNames =
  (products: readonly Product[]) =>
  (ref: ProductRef): string => {
    const product = productNamed(products, ref)
    return product ? productWords(product) : ref
  }
