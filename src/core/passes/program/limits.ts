import type { Case } from '../../case/case'
import type { AreaInSeason } from '../../case/in-season'
import type { AreaRecommendation } from '../../recommend'
import { readMost, type YearLimit } from '../../calendar/ban'
import { fields, numberIn } from '../../report/fields'
import type { Product } from '../../shelf/product'
import { say, type Sentence } from '../../sentence/sentence'
import { feetPerMetre } from '../../units/factors'
import { quantity } from '../../units/quantity'
import { derive, given, type Derived } from '../../units/workings'
import type { AreaJob } from '../job'
import { ledger } from '../ledger'
import { passesOf, type Pass, type Treatment } from '../pass'
import type { Standing } from '../standing'
import { isOpen, type Dated } from './dated'
import { dayNumber, yearOf } from '../../calendar/day'
import type { Rules, WaterStrip } from '../../calendar/rule'

/** What an area may get of a nutrient in a calendar year, and what it got. */
export interface Yearly {
  readonly name: string
  readonly what: YearLimit['what']
  /** lb per 1,000 ft². */
  readonly most: number
  /** lb on all of it. */
  readonly lb: number
  /** lb by year, of what was logged. */
  readonly got: ReadonlyMap<number, number>
}

/** lb that no scale shows. */
const hair = 1e-6

/** The limits that bind an area, with what it got so far in each year. */
export function yearlyOf(
  { applications }: Pick<Case, 'applications'>,
  { id }: Pick<AreaInSeason, 'id'>,
  { use, size }: Pick<AreaRecommendation, 'use' | 'size'>,
  { yearLimits }: Rules,
  products: readonly Product[],
): readonly Yearly[] {
  if (yearLimits.length === 0 || !size.ok) return []
  const { years } = ledger({ areas: [{ id }], applications }, products)[0]!
  return yearLimits.flatMap(({ name, what, where, most: text }): Yearly[] => {
    const most = readMost(text)
    if (most === undefined || (where === 'lawn' && use !== 'lawn')) return []
    const got = new Map(years.map(({ year, lb }) => [Number(year), lb[what]]))
    return [{ name, what, most, lb: (most * size.value.area.value.v) / 1_000, got }]
  })
}

/** lb of a nutrient in a pass, of a product or as such. */
const inPass = ({ product, nutrient, amount, carries }: Pass, what: YearLimit['what']): number =>
  product ? (carries[what] ?? 0) : nutrient === what ? amount.value.v : 0

/** What a year's limits leave of a plan, and what they hold back. */
export interface Limited {
  readonly passes: readonly Dated[]
  readonly standings: ReadonlyMap<string, Standing>
  readonly limited: readonly Sentence[]
}

/**
 * Scales what is over a limit: all passes of a treatment alike, so that no year gets more than it may and no pass is thrown
 * into another year. What may not go on at all goes.
 */
export function withinLimits(
  passes: readonly Dated[],
  standings: ReadonlyMap<string, Standing>,
  limits: readonly Yearly[],
): Limited {
  const shares = new Map<string, number>()
  const limited: Sentence[] = []
  for (const { name, what, most, lb, got } of limits) {
    const mine = passes.filter((one) => isOpen(one) && one.day !== null && inPass(one.pass, what) > 0)
    const yearIn = ({ day }: Dated) => yearOf(dayNumber(day!)!)
    const planned = new Map<number, number>()
    for (const one of mine) planned.set(yearIn(one), (planned.get(yearIn(one)) ?? 0) + inPass(one.pass, what))
    const shareIn = (year: number) => Math.max(0, lb - (got.get(year) ?? 0)) / planned.get(year)!
    const over = mine.filter((one) => shareIn(yearIn(one)) < 1 - hair)
    if (over.length === 0) continue
    const before = mine.reduce((sum, one) => sum + inPass(one.pass, what), 0)
    for (const one of over) {
      const { key } = one.treatment
      shares.set(key, Math.min(shares.get(key) ?? 1, shareIn(yearIn(one))))
    }
    const after = mine.reduce((sum, one) => sum + inPass(one.pass, what) * (shares.get(one.treatment.key) ?? 1), 0)
    limited.push(say('program.year-limit', { name, most, what, held: before - after }))
  }
  if (shares.size === 0) return { passes, standings, limited }
  const kept = [...standings].map(([key, standing]): [string, Standing] => {
    const share = shares.get(key) ?? 1
    const { left } = standing
    return [key, { ...standing, left: left && (share > 0 ? scaled(left, share) : null) }]
  })
  return { passes: passes.flatMap((one) => scaledPass(one, shares)), standings: new Map(kept), limited }
}

const withShare = <Of extends string>(amount: Derived<Of>, share: number): Derived<Of> =>
  derive(
    amount.value.of,
    'amount * share',
    { amount, share: given(quantity(share, 'of it'), say('program.share'), 'reported') },
    say('program.share'),
    'arithmetic',
  )

function scaled(left: Treatment, share: number): Treatment {
  const { passes, first } = left
  const each = withShare(left.each as Derived<'lb product'>, share)
  const before = first && withShare(first as Derived<'lb product'>, share)
  return {
    ...left,
    all: withShare(left.all, share),
    each,
    first: before,
    passes: passes && {
      ...passes,
      each,
      ...(passes.firsts && before && { firsts: { ...passes.firsts, each: before } }),
    },
  }
}

function scaledPass(one: Dated, shares: ReadonlyMap<string, number>): readonly Dated[] {
  const share = shares.get(one.treatment.key) ?? 1
  if (share === 1 || !isOpen(one)) return [one]
  if (share === 0) return []
  const { amount, carries } = one.pass
  const less = Object.fromEntries(Object.entries(carries).map(([nutrient, lb]) => [nutrient, lb * share]))
  return [{ ...one, pass: { ...one.pass, amount: withShare(amount, share), carries: less } }]
}

/** Strips beside water that run over this ground. */
export function stripsOf({ lie }: AreaInSeason, { treatments }: AreaJob, { waterStrips }: Rules): readonly Sentence[] {
  const away = numberIn(fields.toWater, lie.toWater)
  if (away === undefined) return []
  const feet = lie.toWater.unit === 'm' ? away * feetPerMetre : away
  const puts = (what: WaterStrip['what']) =>
    treatments.some((one) => what === 'all' || passesOf(one).some((pass) => inPass(pass, what) > 0))
  return waterStrips.flatMap(({ name, what, width: text }) => {
    const width = readMost(text)
    return width !== undefined && feet < width && puts(what)
      ? [say('program.strip', { name, what, width, away: feet })]
      : []
  })
}
