import { poundsIn } from '../units/factors'
import { accept, refuse, type Outcome } from '../sentence/sentence'
import type { SoldBag } from './shelf'

/** lb in a bag that nobody carries, or nobody sells. */
const [leastBag, mostBag] = [0.05, 10_000]
export const number = String.raw`(\d+(?:[.,]\d+)?)`
export const weightOf = new RegExp(String.raw`${number}\s*(lbs?|pounds?|kg|oz|ounces?)(?![a-z])`, 'i')
export const priceOf = new RegExp(String.raw`\$\s*${number}|${number}\s*(?:\$|dollars?|usd)(?![a-z])`, 'i')

export const read = (text: string) => Number(text.replace(',', '.'))
/** `pounds`, `Kg` as the unit that it is. */
const unitOf = (word: string) => (/^k/i.test(word) ? 'kg' : /^o/i.test(word) ? 'oz' : 'lb')

/**
 * A bag with its price, as people say it: `40 lb $22.50`, `$24 for 50 lb`, `10 kg`. A price needs a size.
 *
 * @example readBag('40 lb $22.50') // { ok: true, value: { lb: 40, price: 22.5 } }
 */
export function readBag(text: string): Outcome<Pick<SoldBag, 'lb' | 'price'>> {
  const [weight, price] = [weightOf.exec(text), priceOf.exec(text)]
  if (!weight) return price ? refuse('label.price-without-size', { text }) : refuse('label.bag-unread', { text })
  const lb = read(weight[1]!) * poundsIn[unitOf(weight[2]!)]!
  if (!(lb >= leastBag && lb <= mostBag)) return refuse('label.bag-range', { text })
  const left = without(without(text, weight[0]), price?.[0] ?? '').replace(/\b(?:for|a|bag|bags|of)\b|[,@]/gi, '')
  if (left.trim() !== '') return refuse('label.bag-unread', { text: left.trim() })
  return accept({ lb, price: price ? read(price[1] ?? price[2]!) : null })
}

/** Several bags, parted by semicolons. */
export function readBags(text: string): Outcome<readonly Pick<SoldBag, 'lb' | 'price'>[]> {
  const found: Pick<SoldBag, 'lb' | 'price'>[] = []
  for (const part of text
    .split(';')
    .map((one) => one.trim())
    .filter(Boolean)) {
    const bag = readBag(part)
    if (!bag.ok) return bag
    found.push(bag.value)
  }
  return accept(found)
}

export const without = (text: string, part: string) => (part === '' ? text : text.replace(part, ' '))
