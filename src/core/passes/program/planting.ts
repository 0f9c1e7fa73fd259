import type { AreaInSeason } from '../../case/in-season'
import type { Region } from '../../guides/regions'
import { overWinter, sownBy, standing, usualPlanting, type Sown } from '../../guides/timings'
import type { AreaRecommendation } from '../../recommend'
import { dayNumber, monthOf } from '../../calendar/day'
import { monthHere, nextFirstFrost, nextLastFrost } from '../../calendar/season'

/** When something is planted or sown here, and how long it stands then. */
export interface Planting {
  readonly at: number
  /** Nobody typed the day. */
  readonly assumed: boolean
  /** The day on which it is off the ground again; null where it stays. */
  readonly until: number | null
  /** Planted in the fall to stand over the winter: the last frost after it, from which its spring goes. */
  readonly spring: number | null
}

/** The day of planting, where what grows here is planted each year or is still to be planted. */
export function plantingOf(
  area: Pick<AreaInSeason, 'sown' | 'newLawn'>,
  { use, crop, cropId, planted }: Pick<AreaRecommendation, 'use' | 'crop' | 'cropId' | 'planted'>,
  region: Region,
  from: number,
): Planting | null {
  const typed = dayNumber(area.sown)
  if (typed === undefined && (planted || use === 'container')) return null
  const warm = crop !== null && 'season' in crop.nitrogen && crop.nitrogen.season === 'warm-lawn'
  const sown: Sown = sownBy[cropId ?? ''] ?? (use !== 'lawn' ? 'tender' : warm ? 'early-summer' : 'late-summer')
  const at = typed ?? usualDay(sown, region, from)
  const winters =
    [9, 10, 11, 12].includes(monthHere(monthOf(at), region)) || (typed === undefined && sown === 'late-summer')
  const stays = use === 'lawn' || use === 'planting'
  return {
    at,
    assumed: typed === undefined,
    until: stays ? null : winters ? at + standing.overWinter : harvest(at, region),
    spring: winters ? nextLastFrost(at, region) : null,
  }
}

/** The next day, at or after one, on which such a thing is planted as is usual here. */
function usualDay(sown: Sown, region: Region, from: number): number {
  const { frost, days } = usualPlanting[sown]
  return (frost === 'last' ? nextLastFrost : nextFirstFrost)(from - days, region) + days
}

const harvest = (at: number, region: Region): number =>
  region.firstFrost === null ? at + standing.noFrost : nextFirstFrost(at, region)

const year = 365.25

/**
 * Whether something stands on the ground on a day, so that it cannot be dug. A garden whose day nobody typed was planted so
 * the year before too.
 */
export function standsOn(day: number, { at, assumed, until, spring }: Planting): boolean {
  if (until === null) return day > at
  if (day <= at && (!assumed || spring !== null)) return false
  const into = (((day - at) % year) + year) % year
  return into > 0 && into < until - at
}

/** The days between which the first spring dressing of what stands over the winter goes. */
export const firstOfSpring = (spring: number): readonly [number, number] => [
  spring + overWinter.first[0],
  spring + overWinter.first[1],
]
