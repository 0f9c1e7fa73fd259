import { productRef, type Product, type ProductRef } from './product'

/** A bag as it is sold here. */
export interface SoldBag {
  /** lb */
  readonly lb: number
  /** In the office's money; null while nobody has typed it. */
  readonly price: number | null
  /** When the price was seen, `YYYY-MM-DD`. */
  readonly on: string
}

/** What an office knows of a product in its shops. */
export interface Sold {
  /** None: in the product's usual bag, at a price that is not known. */
  readonly bags: readonly SoldBag[]
  /** It cannot be had here. */
  readonly away: boolean
}

export type Shelf = Readonly<Record<ProductRef, Sold>>

/** Whether the price of anything that can be had is known. */
export const hasPrices = (shelf: Shelf): boolean =>
  Object.values(shelf).some(({ bags, away }) => !away && bags.some(({ price }) => price !== null))

const usualBag = ({ bagLb }: Product): SoldBag => ({ lb: bagLb, price: null, on: '' })

const soldHere = (product: Product, shelf: Shelf): Sold | undefined => {
  const ref = productRef(product)
  return Object.hasOwn(shelf, ref) ? shelf[ref] : undefined
}

/** The bags in which a product can be bought here; none where it cannot be had. */
export function bagsOf(product: Product, shelf: Shelf): readonly SoldBag[] {
  const sold = soldHere(product, shelf)
  if (sold?.away) return []
  return sold && sold.bags.length > 0 ? sold.bags : [usualBag(product)]
}

/** Small bags in whose place the usual one is bought. */
const mostSmall = 2

/** The bag in which so many lb are bought here: the cheapest, else the smallest that holds them all, else the largest. */
export function bagFor(product: Product, lb: number, shelf: Shelf): SoldBag {
  const sold = soldHere(product, shelf)
  if (!sold || sold.away || sold.bags.length === 0) {
    // What cannot be had here is bought elsewhere, as it usually comes.
    const { smallLb = 0 } = product
    return lb <= mostSmall * smallLb ? { ...usualBag(product), lb: smallLb } : usualBag(product)
  }
  const bySize = [...sold.bags].sort((a, b) => a.lb - b.lb)
  return costOf(lb, sold.bags)?.bag ?? bySize.find((bag) => bag.lb >= lb) ?? bySize.at(-1)!
}

/** The cheapest way to buy so many lb in whole bags of one size; null where no price is known. */
export function costOf(lb: number, bags: readonly SoldBag[]): { readonly bag: SoldBag; readonly cost: number } | null {
  const priced = bags.flatMap((bag) =>
    bag.price === null ? [] : [{ bag, cost: Math.ceil(lb / bag.lb - 1e-6) * bag.price }],
  )
  return priced.sort((a, b) => a.cost - b.cost)[0] ?? null
}
