import { blankSeason } from './blank'
import type { Area } from './case'
import type { Season, Year } from './season'

/** An area with one of its seasons: what can be answered for. */
export type AreaInSeason = Area & Season

/** An area as it is in one year; a year of which nothing is said is blank. */
export function inSeason(area: Area, year: Year): AreaInSeason {
  const { crop, otherCrops, feeding, newLawn, sown, plants, rows, past, materials } = area.seasons[year] ?? blankSeason
  const { id, name, size, texture, shapes, lie, concerns, ground, depth, phosphorusBanned, guide, reportId, seasons } =
    area
  // One by one: of ten thousand areas, spreads would take a tenth of the time.
  return {
    id,
    name,
    size,
    texture,
    shapes,
    lie,
    concerns,
    ground,
    depth,
    phosphorusBanned,
    guide,
    reportId,
    seasons,
    crop,
    otherCrops,
    feeding,
    newLawn,
    sown,
    plants,
    rows,
    past,
    materials,
  }
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
