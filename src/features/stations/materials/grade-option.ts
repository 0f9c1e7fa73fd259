import { graded, gradedRef } from '@/core/shelf/graded'
import { feeds, type Product, type ProductRef } from '@/core/shelf/product'
import { gradeWords, productWords } from '@/wording/format'

/** The product of three numbers that were typed, where none on the Shelf has them. */
export function gradeOption(
  query: string,
  products: readonly Product[],
): { readonly value: ProductRef; readonly label: string; readonly group: string } | undefined {
  const ref = /^\s*[\d.]+-[\d.]+-[\d.]+\s*$/.test(query) ? gradedRef(query) : undefined
  const product = ref && graded(ref)
  if (!ref || !product || products.some((one) => feeds(one) && gradeWords(one) === gradeWords(product)))
    return undefined
  return { value: ref, label: productWords(product), group: '' }
}
