import type { Region } from '../../guides/regions'
import type { Guide } from '../../guides/guide'
import type { Use } from '../../guides/crop'
import { coldest, standingMonths, warmTurf } from '../../guides/timings'
import type { Months } from '../../guides/windows'
import { feeds } from '../../shelf/product'
import { say, type Sentence } from '../../sentence/sentence'
import type { Treatment } from '../pass'
import { dayAt } from '../../calendar/day'
import type { Closing } from '../../calendar/rule'
import { growingSeason, inMonths, soilOn } from '../../calendar/season'

/** The ground whose passes are dated. */
export interface DatedGround {
  readonly use: Use
  /** Established turf by its season; null elsewhere, and on a new lawn. */
  readonly turf: { readonly kind: 'cool' | 'warm'; readonly months: readonly Months[] } | null
  readonly region: Region
  /** What the guide says of the dates of its dressings. */
  readonly windows: Guide['windows']['dates']
  readonly closings: readonly Closing[]
}

/** What the calendar asks of a treatment. */
export type Sort = 'lime' | 'sulfur' | 'feeding' | 'other'

type Sorted = Pick<Treatment, 'need' | 'product' | 'nutrient' | 'withNitrogen'>

export function sortOf({ need, product, nutrient, withNitrogen }: Sorted): Sort {
  if (need === 'lime' || need === 'sulfur') return need
  if (withNitrogen) return 'feeding'
  const nitrogen = product ? feeds(product) && product.feeding.grade.N > 0 : nutrient === 'N'
  return nitrogen ? 'feeding' : 'other'
}

/** It brings phosphorus, as a product or as such. */
export const holdsPhosphate = ({ product, nutrient }: Pick<Treatment, 'product' | 'nutrient'>) =>
  product ? feeds(product) && product.feeding.grade['P₂O₅'] > 0 : nutrient === 'P₂O₅'

/** Why nothing of a treatment goes on that day; undefined where it may. */
export function closedOn(day: number, treatment: Treatment, ground: DatedGround): Sentence | undefined {
  const { region, turf, use } = ground
  const sort = sortOf(treatment)
  const soil = soilOn(region, day)
  if (soil < coldest.frozen) return say('program.frozen')
  const rule = ground.closings.find((one) => closes(one, day, treatment, ground))
  if (rule) return say('program.rule', { name: rule.name })
  if (sort === 'sulfur' && soil < coldest.sulfur) return say('program.cold-sulfur', { least: coldest.sulfur })
  // Turf bears sulfur in cool weather alone (common practice).
  if (sort === 'sulfur' && use === 'lawn' && inMonths(day, [6, 8], region)) return say('program.hot')
  if (sort === 'lime' || sort === 'sulfur') return undefined
  if (soil < coldest.feeding) return say('program.dormant')
  if (turf) return turfClosed(day, turf, region, sort)
  if (sort !== 'feeding') return undefined
  if (use === 'planting' && !windowed(treatment) && !inMonths(day, standingMonths, region))
    return say('program.after-midsummer')
  return undefined
}

/** A crop that names the months of its dressings goes by them, also after midsummer. */
const late: ReadonlySet<string> = new Set(['late-summer', 'after-harvest', 'renovation', 'six-weeks-on', 'again'])
const windowed = ({ passes }: Treatment) =>
  passes?.dressings.some(({ window }) => window && late.has(window.id)) ?? false

/** Potash and phosphate may go on cool turf in any month in which it grows. */
function turfClosed(
  day: number,
  turf: NonNullable<DatedGround['turf']>,
  region: Region,
  sort: Sort,
): Sentence | undefined {
  if (turf.kind === 'warm') {
    const season = growingSeason(day, region)
    const open = season !== null && day >= season[0] + warmTurf.greenUp && day <= season[1] - warmTurf.lastFeeding
    return open ? undefined : say('program.turf-dormant')
  }
  if (sort !== 'feeding' || turf.months.some((span) => inMonths(day, span, region))) return undefined
  return say(inMonths(day, [6, 8], region) ? 'program.hot' : 'program.turf-season')
}

/** Whether an office's closed time covers the day, and speaks of what is put on there. */
function closes({ from, to, what, where }: Closing, day: number, treatment: Treatment, { use }: DatedGround): boolean {
  const yearDay = dayAt(day).slice(5)
  const covered = from <= to ? yearDay >= from && yearDay <= to : yearDay >= from || yearDay <= to
  if (!covered || (where === 'lawn' && use !== 'lawn')) return false
  return what === 'all' || (what === 'N' ? sortOf(treatment) === 'feeding' : holdsPhosphate(treatment))
}

/** Days on end on which nothing of a treatment goes on, both included. */
export interface ClosedSpan {
  readonly from: number
  readonly to: number
  readonly why: Sentence
}

/** What is closed for a treatment between two days, to be drawn. */
export function closedSpans(
  treatment: Treatment,
  ground: DatedGround,
  from: number,
  to: number,
): readonly ClosedSpan[] {
  const spans: ClosedSpan[] = []
  for (let day = from; day <= to; day += 1) {
    const why = closedOn(day, treatment, ground)
    const last = spans.at(-1)
    if (!why) continue
    if (last && last.to === day - 1 && last.why.key === why.key) spans[spans.length - 1] = { ...last, to: day }
    else spans.push({ from: day, to: day, why })
  }
  return spans
}
