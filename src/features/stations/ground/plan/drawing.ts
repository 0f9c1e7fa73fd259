import { boxOf, moved, ringsOf, type Outline, type OutlineKind } from '@/core/case/outline'
import type { Point } from '@/core/geometry/polygon'

/** What is drawn when one drags from a point to another; undefined while it is too small to be meant. */
export function dragged(kind: Exclude<OutlineKind, 'polygon' | 'plant'>, from: Point, to: Point): Outline | undefined {
  const [width, length] = [Math.abs(to[0] - from[0]), Math.abs(to[1] - from[1])]
  const middle = { x: (from[0] + to[0]) / 2, y: (from[1] + to[1]) / 2 }
  const across = Math.hypot(to[0] - from[0], to[1] - from[1]) * 2
  const centre = { x: from[0], y: from[1] }
  const made: Outline =
    kind === 'circle'
      ? { kind, ...centre, diameter: across }
      : kind === 'ring'
        ? { kind, ...centre, outside: across, inside: across / 4 }
        : kind === 'rows'
          ? {
              kind,
              ...middle,
              length,
              spacing: usualSpacing,
              count: Math.max(1, Math.round(width / usualSpacing)),
              angle: 0,
            }
          : { kind, ...middle, width, length, angle: 0 }
  return (kind === 'circle' || kind === 'ring' ? across : Math.min(width, length)) > 0.2 ? made : undefined
}

/** ft from row to row, and across a plant, where nobody said. */
const usualSpacing = 3
export const usualPlant = 3

/** A new outline of each kind, for those who do not draw. */
export const fresh = (kind: OutlineKind, [x, y]: Point): Outline =>
  kind === 'polygon'
    ? {
        kind,
        points: [
          [x - 5, y - 5],
          [x + 5, y - 5],
          [x + 5, y + 5],
          [x - 5, y + 5],
        ],
      }
    : kind === 'plant'
      ? { kind, x, y, across: usualPlant }
      : dragged(kind, kind === 'circle' || kind === 'ring' ? [x, y] : [x - 5, y - 5], [x + 5, y + 5])!

/** A place where an outline can be taken hold of, and what becomes of it there. */
export interface Handle {
  readonly id: string
  readonly at: Point
  /** `turn` is drawn apart from the others. */
  readonly role: 'size' | 'turn' | 'corner' | 'between'
  readonly to: (point: Point) => Outline
}

const turnBy = ([x, y]: Point, degrees: number): Point => {
  const [cos, sin] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)]
  return [x * cos - y * sin, x * sin + y * cos]
}

type Turned = Extract<Outline, { angle: number }>

const extent = (one: Turned): readonly [number, number] =>
  one.kind === 'rows' ? [one.spacing * one.count, one.length] : [one.width, one.length]

/** The outline with new widths, of rows as whole rows. */
const withExtent = (one: Turned, width: number, length: number): Turned =>
  one.kind === 'rows'
    ? { ...one, length, count: Math.max(1, Math.round(width / one.spacing)) }
    : { ...one, width, length }

/**
 * @param reach ft that the turning handle stands off the edge
 */
export function handlesOf(one: Outline, reach: number): readonly Handle[] {
  switch (one.kind) {
    case 'polygon':
      return polygonHandles(one.points)
    case 'circle':
      return [across('diameter', one, one.diameter, (diameter) => ({ ...one, diameter }))]
    case 'plant':
      return [across('across', one, one.across, (v) => ({ ...one, across: v }))]
    case 'ring':
      return [
        across('outside', one, one.outside, (outside) => ({ ...one, outside: Math.max(outside, one.inside + 0.1) })),
        across('inside', one, one.inside, (inside) => ({ ...one, inside: Math.min(inside, one.outside - 0.1) })),
      ]
    default:
      return boxHandles(one, reach)
  }
}

const across = (id: string, { x, y }: { x: number; y: number }, v: number, to: (v: number) => Outline): Handle => ({
  id,
  at: [x + v / 2, y],
  role: 'size',
  to: ([px, py]) => to(Math.max(0.1, 2 * Math.hypot(px - x, py - y))),
})

function boxHandles(one: Turned, reach: number): readonly Handle[] {
  const [width, length] = extent(one)
  const place = (x: number, y: number): Point => {
    const [dx, dy] = turnBy([x, y], one.angle)
    return [one.x + dx, one.y + dy]
  }
  const corners = (
    [
      [1, 1],
      [-1, 1],
      [-1, -1],
      [1, -1],
    ] as const
  ).map(([sx, sy], i): Handle => {
    const still = place((-sx * width) / 2, (-sy * length) / 2)
    return {
      id: `corner-${i}`,
      at: place((sx * width) / 2, (sy * length) / 2),
      role: 'size',
      // The corner across from it stays where it is.
      to: (point) => {
        const [w, l] = turnBy([point[0] - still[0], point[1] - still[1]], -one.angle)
        const sized = withExtent(one, Math.max(0.1, w * sx), Math.max(0.1, l * sy))
        const [nw, nl] = extent(sized)
        const [dx, dy] = turnBy([(sx * nw) / 2, (sy * nl) / 2], one.angle)
        return { ...sized, x: still[0] + dx, y: still[1] + dy }
      },
    }
  })
  return [
    ...corners,
    {
      id: 'turn',
      at: place(0, length / 2 + reach),
      role: 'turn',
      to: ([x, y]) => ({ ...one, angle: Math.round((Math.atan2(y - one.y, x - one.x) * 180) / Math.PI - 90) }),
    },
  ]
}

function polygonHandles(points: readonly Point[]): readonly Handle[] {
  const with_ = (i: number, point: Point, replaced: number): Outline => ({
    kind: 'polygon',
    points: [...points.slice(0, i), point, ...points.slice(i + replaced)],
  })
  return points.flatMap((at, i): Handle[] => {
    const next = points[(i + 1) % points.length]!
    const between: Point = [(at[0] + next[0]) / 2, (at[1] + next[1]) / 2]
    return [
      { id: `corner-${i}`, at, role: 'corner', to: (point) => with_(i, point, 1) },
      { id: `between-${i}`, at: between, role: 'between', to: (point) => with_(i + 1, point, 0) },
    ]
  })
}

/** The point on the grid, or on a corner that lies near. */
export function snapped([x, y]: Point, step: number, corners: readonly Point[], near: number): Point {
  const corner = corners.find(([cx, cy]) => Math.hypot(cx - x, cy - y) <= near)
  return corner ?? [Math.round(x / step) * step, Math.round(y / step) * step]
}

/** Moved as far as its middle or first corner snaps. */
export function movedSnapped(outline: Outline, dx: number, dy: number, step: number | null): Outline {
  if (step === null) return moved(outline, dx, dy)
  const [x, y] = outline.kind === 'polygon' ? outline.points[0]! : [outline.x, outline.y]
  const [sx, sy] = snapped([x + dx, y + dy], step, [], 0)
  return moved(outline, sx - x, sy - y)
}

/** A grid step that stands about 20 px apart, ft. */
export const gridStep = (pixelsPerFoot: number): number =>
  [0.5, 1, 2, 5, 10, 20, 50, 100, 200, 500, 1_000].find((step) => step * pixelsPerFoot >= 14) ?? 2_000

/** Where everything drawn lies; a usual stretch of ground where nothing is. */
export function extentOf(outlines: readonly Outline[]): readonly [number, number, number, number] {
  const points = outlines.flatMap((one) => ringsOf(one).flat())
  return points.length === 0 ? [-40, -25, 40, 25] : boxOf(points)
}
