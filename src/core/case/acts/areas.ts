import type { Area, PutOn } from '../case'
import type { PlanShape } from '../../ground/plan/plan-size'
import type { GuideRef } from '../../guides/guide'
import { withAreas, withEntry, withoutEntry, type Act } from './act'

export const addAreas =
  (areas: readonly Area[]): Act =>
  (kase) => ({ ...kase, areas: [...kase.areas, ...areas] })

/** Takes an area out; reports and samples go on speaking of the others. */
export const removeArea =
  (id: string): Act =>
  (kase) => ({ ...kase, areas: withoutEntry(kase.areas, id) })

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

/** Adds what was put on in an earlier year, to be filled in. */
export const addPutOn = (areaId: string, entry: PutOn): Act =>
  changeArea(areaId, (area) => ({ ...area, putOn: [...area.putOn, entry] }))

export const removePutOn = (areaId: string, id: string): Act =>
  changeArea(areaId, (area) => ({ ...area, putOn: withoutEntry(area.putOn, id) }))
