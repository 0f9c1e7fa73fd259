import type { Supply } from '@/core/bags/supply'
import { weight, type Measures } from '@/wording/format'
import { en } from './messages'

/** `met`, `2 oz over`, `1 lb short`: what a product leaves of one need. */
export function balance({ supplied, wanted, over }: Supply, measures: Measures): string {
  const brings = supplied.value.v
  if (wanted === 'unknown') return brings > 0 ? en.notKnown(weight(brings, measures)) : '–'
  const left = over!.value.v
  const scale = wanted === 'none' ? brings : wanted.value.v
  if (Math.abs(left) <= 0.005 * scale) return wanted === 'none' ? en.none : en.met
  return left > 0 ? en.over(weight(left, measures)) : en.short(weight(-left, measures))
}
