import { blankArea, blankSeason } from './blank'
import type { Area } from './area'
import type { Season, Year } from './season'

/** An area with one of its seasons: what can be answered for. */
export type AreaInSeason = Area & Season

const blank: AreaInSeason = { ...blankArea('', ''), ...blankSeason }
const areaKeys = Object.keys(blankArea('', '')) as (keyof Area)[]
const seasonKeys = Object.keys(blankSeason) as (keyof Season)[]

/** An area as it is in one year; a year of which nothing is said is blank. */
export function inSeason(area: Area, year: Year): AreaInSeason {
  // Key by key into a clone: of ten thousand areas, two spreads would take a tenth of the time.
  const made: Record<string, unknown> = { ...blank }
  for (const key of areaKeys) made[key] = area[key]
  const season = area.seasons[year] ?? blankSeason
  for (const key of seasonKeys) made[key] = season[key]
  return made as unknown as AreaInSeason
}

/**
 * An area with parts of its ground and of one of its seasons put in their places.
 *
 * @example withParts(blankArea('a', 'Bed'), '2026', { crop: 'tomato' }).seasons['2026'].crop // 'tomato'
 */
export function withParts(area: Area, year: Year, parts: Partial<AreaInSeason>): Area {
  const ofSeason = (name: string) => Object.hasOwn(blankSeason, name)
  const entries = Object.entries(parts)
  const season = Object.fromEntries(entries.filter(([name]) => ofSeason(name)))
  return {
    ...area,
    ...Object.fromEntries(entries.filter(([name]) => !ofSeason(name))),
    seasons: { ...area.seasons, [year]: { ...(area.seasons[year] ?? blankSeason), ...season } },
  }
}
