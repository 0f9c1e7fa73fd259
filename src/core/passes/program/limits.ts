import type { Case } from '../../case/case'
import type { AreaInSeason } from '../../case/in-season'
import type { AreaRecommendation } from '../../recommend'
import { fields, numberIn } from '../../report/fields'
import type { Product } from '../../shelf/product'
import { say, type Sentence } from '../../told/sentence'
import { feetPerMetre } from '../../units/factors'
import type { AreaJob } from '../job'
import { ledger } from '../ledger'
import { passesOf, type Pass } from '../pass'
import { yearOf } from './day'
import { readMost, type Rules, type WaterStrip, type YearLimit } from './rule'

/** What an area may get of a nutrient in a calendar year, and what it got. */
export interface Yearly {
  readonly name: string
  readonly what: YearLimit['what']
  /** lb per 1,000 ft². */
  readonly most: number
  /** lb on all of it. */
  readonly lb: number
  /** lb by year, of what was logged and what is dated so far. */
  readonly got: Map<number, number>
}

/** lb that no scale shows. */
const hair = 1e-6

/** The limits that bind an area, with what it got so far in each year. */
export function yearlyOf(
  { applications }: Pick<Case, 'applications'>,
  { id }: AreaInSeason,
  { use, size }: AreaRecommendation,
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

/** With this pass more than the year's limit would have gone on. */
export const isOver = ({ what, lb, got }: Yearly, pass: Pass, day: number): boolean =>
  inPass(pass, what) > 0 && (got.get(yearOf(day)) ?? 0) + inPass(pass, what) > lb + hair

/** Counts a pass into its year. */
export function count(pass: Pass, day: number, limits: readonly Yearly[]): void {
  for (const { what, got } of limits) got.set(yearOf(day), (got.get(yearOf(day)) ?? 0) + inPass(pass, what))
}

/** A limit that a pass alone is over, in any year. */
export const overAlone = (limits: readonly Yearly[], pass: Pass): Yearly | undefined =>
  limits.find(({ what, lb }) => inPass(pass, what) > lb + hair)

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
