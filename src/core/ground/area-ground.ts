import type { Area } from '../case/area'
import { boxOf } from '../case/outline'
import { groundOf, type PlanShape } from './plan/plan-size'
import type { Ground } from '../geometry/polygon'
import type { Size } from './sized'

/** ft between beds of which only the number and the size are known. */
const path = 3

/**
 * The outline of an area: as drawn; else as its size tells, around the middle of the plan. Ground of which only the
 * area is known is drawn as a square, and `true` is false.
 */
export function areaGround(area: Pick<Area, 'shapes'>, size: Size | undefined): { ground: Ground; true: boolean } {
  if (area.shapes.some(({ hole }) => !hole)) return { ground: groundOf(area.shapes), true: true }
  if (!size) return { ground: [], true: false }
  const { shape, count } = size
  if (shape.kind === 'outline') return { ground: shape.ground, true: true }
  const side = shape.kind === 'plain' ? Math.sqrt(shape.area) : 0
  const [width, length] =
    shape.kind === 'rectangle'
      ? [shape.width, shape.length]
      : shape.kind === 'circle'
        ? [shape.diameter, shape.diameter]
        : [side, side]
  const shapes = Array.from({ length: Math.min(count, 100) }, (_, i): PlanShape => {
    const x = (i - (count - 1) / 2) * (width + path)
    return {
      id: String(i),
      hole: false,
      outline:
        shape.kind === 'circle'
          ? { kind: 'circle', x, y: 0, diameter: width }
          : { kind: 'rectangle', x, y: 0, width, length, angle: 0 },
    }
  })
  return { ground: groundOf(shapes), true: shape.kind !== 'plain' }
}

/** One of several areas on one drawing. */
export interface Outlined {
  readonly areaId: string
  readonly ground: Ground
  /** Its true outline, not a square of its size. */
  readonly true: boolean
}

/** Areas as they lie on the plan; those that nobody drew stand beside them, one after the other. */
export function areasGround(
  areas: readonly { readonly area: Pick<Area, 'id' | 'shapes'>; readonly size?: Size }[],
): readonly Outlined[] {
  const all = areas.map(({ area, size }) => ({
    areaId: area.id,
    drawn: area.shapes.some(({ hole }) => !hole),
    ...areaGround(area, size),
  }))
  let east = boxOf(all.filter(({ drawn }) => drawn).flatMap(({ ground }) => ground.flat(2)))[2]
  return all.map(({ areaId, drawn, ground, true: known }) => {
    if (drawn || ground.length === 0) return { areaId, ground, true: known }
    const [from, , to] = boxOf(ground.flat(2))
    const shift = Number.isFinite(east) ? east + path - from : 0
    east = to + shift
    return {
      areaId,
      true: known,
      ground: ground.map((piece) => piece.map((ring) => ring.map(([x, y]) => [x + shift, y] as const))),
    }
  })
}
