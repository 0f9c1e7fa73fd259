import type { Application } from '../core/case/applications'
import { type Product } from '../core/shelf/product'
import { productNamed } from '../core/shelf/product-named'
import { poundsOf } from '../core/shelf/shed'
import { productWords, weight, type Measures } from './format'
import { textOf } from './render'

/** What an entry says was put on: so much of a product, or as it was said. */
export function entryWords(
  { note, product, amount }: Pick<Application, 'note' | 'product' | 'amount'>,
  products: readonly Product[],
  measures: Measures,
): string {
  const named = productNamed(products, product)
  if (!named || amount.value === null) return note
  return `${weight(poundsOf(amount, named) ?? amount.value, measures)} ${productWords(named, textOf)}`
}
