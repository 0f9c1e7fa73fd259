import type { Area } from '../case/area'
import type { Application } from '../case/applications'
import { blankSeason } from '../case/blank'
import type { Season, Year } from '../case/season'
import type { PlanShape } from '../ground/plan/plan-size'
import type { GuideRef } from '../guides/guide'
import { withAreas, withEntry, withoutEntry, type Act } from './act'

export const addAreas =
  (areas: readonly Area[]): Act =>
  (kase) => ({ ...kase, areas: [...kase.areas, ...areas] })

/** Takes an area out, with what was put on there; reports and samples go on speaking of the others. */
export const removeArea =
  (id: string): Act =>
  (kase) => {
    const applied = kase.applications.filter(({ areaId }) => areaId !== id)
    const applications = applied.length < kase.applications.length ? applied : kase.applications
    return { ...kase, areas: withoutEntry(kase.areas, id), applications }
  }

export const changeArea =
  (id: string, change: (area: Area) => Area): Act =>
  (kase) => ({ ...kase, areas: withEntry(kase.areas, id, change) })

/** Rates an area by another guide from now on. */
export const pinGuide = (areaId: string, guide: GuideRef): Act => changeArea(areaId, (area) => ({ ...area, guide }))

export const addShape = (areaId: string, shape: PlanShape): Act =>
  changeArea(areaId, (area) => ({ ...area, shapes: [...area.shapes, shape] }))

export const changeShape =
  (shapeId: string, change: Partial<Omit<PlanShape, 'id'>>): Act =>
  (kase) =>
    withAreas(kase, (area) => {
      const shapes = withEntry(area.shapes, shapeId, (shape) => ({ ...shape, ...change }))
      return shapes === area.shapes ? area : { ...area, shapes }
    })

export const removeShape =
  (shapeId: string): Act =>
  (kase) =>
    withAreas(kase, (area) => {
      const shapes = withoutEntry(area.shapes, shapeId)
      return shapes === area.shapes ? area : { ...area, shapes }
    })

/** Logs what was put on, to be filled in. */
export const addApplication =
  (entry: Application): Act =>
  (kase) => ({ ...kase, applications: [...kase.applications, entry] })

/** The same put on a year later; undefined where that is not over yet. */
export function aYearLater(entry: Application, id: string, today: string): Application | undefined {
  const year = Number(entry.date.slice(0, 4))
  // What never was a day in that year was the day before.
  const date = `${year + 1}${entry.date.slice(4)}`.replace(/-02-29$/, '-02-28')
  return year > 0 && date <= today.slice(0, date.length) ? { ...entry, id, date, pass: null } : undefined
}

export const removeApplication =
  (id: string): Act =>
  (kase) => ({ ...kase, applications: withoutEntry(kase.applications, id) })

/**
 * Works on another year from now on. A year that an area has not seen yet begins with the last one before it: the same
 * crops, plants and rows; no new lawn, nothing left by earlier years, no products chosen.
 */
export const openSeason =
  (year: Year): Act =>
  (kase) => ({
    ...withAreas(kase, (area) =>
      area.seasons[year] ? area : { ...area, seasons: { ...area.seasons, [year]: followingOn(area, year) } },
    ),
    season: year,
  })

function followingOn({ seasons }: Area, year: Year): Season {
  const last = Object.keys(seasons)
    .filter((one) => one < year)
    .sort()
    .at(-1)
  if (last === undefined) return blankSeason
  const { crop, otherCrops, feeding, plants, rows } = seasons[last]!
  return { ...blankSeason, crop, otherCrops, feeding, plants, rows }
}
