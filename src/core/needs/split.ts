import { quantity, type Substance } from '../units/quantity'
import { derive, given, type Derived, type Working } from '../units/workings'
import { say, type Sentence } from '../sentence/sentence'
import type { Text } from '../sentence/text'

/** An amount parted into equal, undated passes. */
export interface Passes<S extends Substance = Substance> {
  readonly count: number
  readonly each: Derived<`lb ${S}`>
  /** What is broadcast before planting, where side-dressings by the row may not be as much: so many, of so much. */
  readonly firsts?: { readonly count: number; readonly each: Derived<`lb ${S}`> }
  /** The derivation of the count. */
  readonly why: Derived<'passes'>
  readonly cap: Cap
  readonly interval: Interval
  /** So many in one preparation of the ground: half before it is turned, half after. Common practice for lime. */
  readonly together?: 2
  /** At most so many passes in one year, where a yearly cap says so. */
  readonly perYear: number | null
  /** One for each pass, in order; of very many the first. */
  readonly dressings: readonly Dressing[]
}

/** One of the passes, undated. */
export interface Dressing {
  /** The same while its need and its number stay: `N/2`. With the area's id before it, it names a pass of the case. */
  readonly id: string
  /** When it is due, where the crop says: a window of the guide; otherwise the interval alone rules. */
  readonly window: Window | null
}

/** A window of the guide in force, or the word for what follows the last one that it names. */
export interface Window {
  readonly id: string
  readonly label: Text
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

/** lb per 1,000 ft²: more than anybody would put on at once. */
export const uncapped = 1_000

/** Nothing limits one pass. */
export const noCap: Cap = { perPass: uncapped, interval: null, rule: say('cap.none') }

/** A cap of nothing is none. */
const sound = (cap: Cap): Cap => (cap.perPass > 0 ? cap : { ...cap, perPass: uncapped })

/** Passes beyond those that the crop asks for follow after some weeks. */
const again: Window = {
  id: 'again',
  label: { en: 'again three to four weeks later', es: 'otra vez tres o cuatro semanas después' },
}

/**
 * Parts an amount into the fewest equal passes that keep to the cap; a cap of nothing would take endless passes, and is none.
 *
 * @param rate lb per 1,000 ft² of what the cap speaks of
 * @param amount lb for the whole area, of what is to be parted
 * @param of what it is of, which names the passes
 * @param windows those that the crop itself asks for, which are the fewest
 */
export function split<S extends Substance, C extends Substance>(
  substance: S,
  amount: Working<`lb ${S}`>,
  rate: Working<`lb ${C}/1000 ft²`>,
  cap: Cap,
  of: string = substance,
  windows: readonly Window[] = [],
): Passes<S> {
  const { perPass } = sound(cap)
  const capped = given(quantity(perPass, rate.value.of), cap.rule, 'practice')
  const least = Math.max(windows.length, 1)
  const why = derive(
    'passes',
    countOf(least),
    { rate, cap: capped },
    say('passes.count', { cap: perPass, unit: rate.value.of }),
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
  const perYear = cap.perYear ? Math.max(1, Math.floor((cap.perYear * count) / rate.value.v + hair)) : null
  return {
    count,
    each,
    why,
    cap,
    interval: count > 1 ? cap.interval : null,
    perYear: perYear !== null && perYear < count ? perYear : null,
    dressings: dressingsOf(of, count, windows),
  }
}

/**
 * The passes of a part of what was parted: in the same windows, under the same cap, so that they may be fewer.
 *
 * @param part lb, less than the whole
 */
export function partOf<S extends Substance>(substance: S, whole: Passes<S>, part: Derived<`lb ${S}`>): Passes<S> {
  const { count, each, firsts, cap, why, dressings } = whole
  const early = firsts?.count ?? 0
  const all = early * (firsts?.each.value.v ?? 0) + (count - early) * each.value.v
  const of = { part, whole: given(quantity(all, `lb ${substance}`), say('passes.each', { count }), 'arithmetic') }
  const scaled = <Of extends string>(one: Working<Of>) =>
    derive(one.value.of, 'one * part / whole', { one, ...of }, say('passes.each', { count }), 'arithmetic')
  if (firsts) return { ...whole, each: scaled(each), firsts: { count: early, each: scaled(firsts.each) } }
  const windows = dressings.flatMap(({ window }) => (window && window !== again ? [window] : []))
  const rate = scaled(why.inputs.rate! as Working<`lb ${S}/1000 ft²`>)
  return split(substance, part, rate, cap, substance, windows)
}

/** The caps of a crop in rows: of what is broadcast before planting, and of what goes beside them. */
export interface RowCaps {
  readonly planting: Cap
  readonly beside: Cap
  /** It is side-dressed once and never more. */
  readonly once: boolean
}

/**
 * Parts an amount of a crop in rows: in equal passes where they keep to both caps, else as much beside the rows as they
 * may get, and the rest before planting.
 *
 * @param windows those that the crop asks for, planting first
 */
export function splitInRows<S extends Substance, C extends Substance>(
  substance: S,
  amount: Working<`lb ${S}`>,
  rate: Working<`lb ${C}/1000 ft²`>,
  { planting: broadcastCap, beside: rowCap, once }: RowCaps,
  of: string,
  windows: readonly Window[],
): Passes<S> {
  const [planting, beside] = [sound(broadcastCap), sound(rowCap)]
  const sides = Math.max(1, windows.length - 1)
  const equal = rate.value.v / (sides + 1) <= Math.min(planting.perPass, beside.perPass) + hair
  if (equal || (!once && planting.perPass <= beside.perPass))
    return split(substance, amount, rate, planting, of, windows)
  const capped = {
    rate,
    planting: given(quantity(planting.perPass, rate.value.of), planting.rule, 'practice'),
    beside: given(quantity(beside.perPass, rate.value.of), beside.rule, 'practice'),
  }
  const counted = say('passes.count', { cap: beside.perPass, unit: rate.value.of })
  const broadcasts = once
    ? derive(
        'passes',
        `max(1, ceil((rate - min(beside, rate / 2)) / planting - ${hair}))`,
        capped,
        say('passes.planting'),
        'practice',
      )
    : given(quantity(1, 'passes'), say('passes.planting'), 'practice')
  const why = once
    ? derive('passes', 'broadcasts + 1', { broadcasts, ...capped }, counted, 'practice')
    : derive(
        'passes',
        `broadcasts + max(${sides}, ceil((rate - min(planting, rate / 2)) / beside - ${hair}))`,
        { broadcasts, ...capped },
        counted,
        'practice',
      )
  const count = why.value.v
  const broadcast = derive(
    `lb ${substance}`,
    once ? 'amount * (1 - min(beside / rate, 1 / 2)) / broadcasts' : 'amount * min(planting / rate, 1 / 2)',
    { amount, broadcasts, ...capped },
    say('passes.planting'),
    'arithmetic',
  )
  const early = broadcasts.value.v
  const each = derive(
    `lb ${substance}`,
    '(amount - broadcasts * broadcast) / (passes - broadcasts)',
    { amount, broadcasts, broadcast, passes: why },
    say('passes.each', { count: count - early }),
    'arithmetic',
  )
  const [first, ...rest] = windows
  const dated = [...Array<Window>(Math.min(early, mostListed)).fill(first!), ...rest]
  return {
    count,
    each,
    firsts: { count: early, each: broadcast },
    why,
    cap: beside,
    interval: beside.interval,
    perYear: null,
    dressings: dressingsOf(of, count, dated),
  }
}

/** What a rate may be over a whole number of caps by reckoning alone: a share of a cap that no scale shows. */
const hair = 1e-6

/** Written once for each least number of passes: an expression that is new must be read anew. */
const counts: string[] = []
const countOf = (least: number) => (counts[least] ??= `max(${least}, ceil(rate / cap - ${hair}))`)

/** Passes beyond these are counted and not listed: nobody makes so many, and a slip of the pen may ask for millions. */
const mostListed = 500

/** Windows that say `again` themselves: a dressing more comes before their end, never after. */
const repeated: ReadonlySet<string> = new Set(['before-bulbing'])

function dressingsOf(of: string, count: number, windows: readonly Window[]): readonly Dressing[] {
  const dressings: Dressing[] = []
  const last = windows.at(-1)
  const further = last && repeated.has(last.id) ? last : again
  for (let n = 1; n <= Math.min(count, mostListed); n += 1)
    dressings.push({ id: `${of}/${n}`, window: windows.length > 0 ? (windows[n - 1] ?? further) : null })
  return dressings
}
