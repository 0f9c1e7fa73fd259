import type { Point } from '../geometry/polygon'
import type { Picture } from '../case/case'
import type { Act } from './act'

/** Lays a picture under the plan, in the place of the one before; null: none. */
export const setPicture =
  (picture: Picture | null): Act =>
  (kase) => ({ ...kase, plan: { ...kase.plan, picture } })

/**
 * Sizes the picture under the plan by a length that somebody knows; the first of the two points stays where it is.
 *
 * @param from first point, ft on the plan as it is
 * @param to second point, likewise
 * @param feet how far apart they are in truth
 */
export const scalePicture =
  ([x, y]: Point, to: Point, feet: number): Act =>
  (kase) => {
    const { picture } = kase.plan
    const apart = Math.hypot(to[0] - x, to[1] - y)
    if (!picture || !(apart > 0) || !(feet > 0)) return kase
    const factor = feet / apart
    return setPicture({
      ...picture,
      feetPerPixel: picture.feetPerPixel * factor,
      x: x + (picture.x - x) * factor,
      y: y + (picture.y - y) * factor,
    })(kase)
  }
