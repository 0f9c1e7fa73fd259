import { productNamed, type Product, type ProductRef } from '@/core/shelf/product'
import { gradeWords } from '@/wording/format'
import { textOf } from '@/wording/render'

/** `46-0-0 urea`. */
export const nameOf = (product: Product): string =>
  [gradeWords(product), textOf(product.label)].filter(Boolean).join(' ')

/** The same by reference; of a product that is not here, the reference. */
export const productNames =
  (products: readonly Product[]) =>
  (ref: ProductRef): string => {
    const product = productNamed(products, ref)
    return product ? nameOf(product) : ref
  }
