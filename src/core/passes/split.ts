import { quantity, type Substance } from '../units/quantity'
import { derive, given, type Derived, type Working } from '../workings'
import { say, type Sentence, type Text } from '../told/sentence'

/** An amount parted into equal, undated passes. */
export interface Passes<S extends Substance = Substance> {
  readonly count: number
  readonly each: Derived<`lb ${S}`>
  /** The derivation of the count. */
  readonly why: Derived<'passes'>
  readonly cap: Cap
  readonly interval: Interval
  /** At most so many passes in one year, where a yearly cap says so. */
  readonly perYear: number | null
  /** When each is due, where the crop says; otherwise the interval alone rules. */
  readonly when: readonly Text[]
}

export type Interval = { readonly months: number } | { readonly days: number } | null

export interface Cap {
  /** lb per 1,000 ft² in one pass. */
  readonly perPass: number
  /** lb per 1,000 ft² in one year. */
  readonly perYear?: number | null
  readonly interval: Interval
  readonly rule: Sentence
}

/** Passes beyond those that the crop asks for follow after some weeks. */
const again = { en: 'again three to four weeks later' }

/**
 * Parts an amount into the fewest equal passes that keep to the cap.
 *
 * @param rate lb per 1,000 ft² of what the cap speaks of
 * @param amount lb for the whole area, of what is to be parted
 * @param when the passes that the crop itself asks for, which are the fewest
 */
export function split<S extends Substance, C extends Substance>(
  substance: S,
  amount: Working<`lb ${S}`>,
  rate: Working<`lb ${C}/1000 ft²`>,
  cap: Cap,
  when: readonly Text[] = [],
): Passes<S> {
  const capped = given(quantity(cap.perPass, rate.value.of), cap.rule, 'practice')
  const least = Math.max(when.length, 1)
  const why = derive(
    'passes',
    `max(${least}, ceil(rate / cap))`,
    { rate, cap: capped },
    say('passes.count', { cap: cap.perPass, unit: rate.value.of }),
    'practice',
  )
  const count = why.value.v
  const each = derive(
    `lb ${substance}`,
    'amount / passes',
    { amount, passes: why },
    say('passes.each', { count }),
    'arithmetic',
  )
  const perYear = cap.perYear ? Math.max(1, Math.floor((cap.perYear * count) / rate.value.v)) : null
  return {
    count,
    each,
    why,
    cap,
    interval: count > 1 ? cap.interval : null,
    perYear: perYear !== null && perYear < count ? perYear : null,
    when: when.length > 0 ? [...when, ...Array.from({ length: count - when.length }, () => again)] : [],
  }
}
