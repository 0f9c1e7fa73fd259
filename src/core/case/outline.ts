import { accept, refuse, say, type Outcome } from '../sentence/sentence'
import { quantity } from '../units/quantity'
import { derive, given, type Derived } from '../units/workings'
import { short } from '../units/size-tokens'
import { crossing, ringArea, type Point, type Ring } from '../geometry/polygon'

/**
 * A shape on the plan: ft, x to the east and y to the north, angles in degrees counter-clockwise. All but a polygon
 * stand by their middle.
 */
export type Outline =
  | {
      readonly kind: 'rectangle'
      readonly x: number
      readonly y: number
      readonly width: number
      readonly length: number
      readonly angle: number
    }
  | { readonly kind: 'circle'; readonly x: number; readonly y: number; readonly diameter: number }
  | {
      readonly kind: 'ellipse'
      readonly x: number
      readonly y: number
      readonly width: number
      readonly length: number
      readonly angle: number
    }
  | {
      readonly kind: 'ring'
      readonly x: number
      readonly y: number
      readonly outside: number
      readonly inside: number
    }
  | { readonly kind: 'polygon'; readonly points: readonly Point[] }
  | {
      readonly kind: 'rows'
      readonly x: number
      readonly y: number
      readonly length: number
      readonly spacing: number
      readonly count: number
      readonly angle: number
    }
  | { readonly kind: 'plant'; readonly x: number; readonly y: number; readonly across: number }

export type OutlineKind = Outline['kind']
export type OutlineOf<K extends OutlineKind> = Extract<Outline, { readonly kind: K }>

/** What is known of one kind of outline. */
interface Kind<K extends OutlineKind> {
  /** The lengths that one types, ft, in the order in which they are asked for. */
  readonly lengths: readonly (keyof OutlineOf<K> & string)[]
  /** Its area as an expression. */
  readonly area: (outline: OutlineOf<K>) => string
  /** Its edge, and the edges of what is left out of it. */
  readonly rings: (outline: OutlineOf<K>) => readonly Ring[]
}

/** Sides of the polygon that stands for a circle where shapes are cut out of each other. */
const sides = 96
/** Corners beyond which nobody would read the arithmetic. */
const shown = 8

const box = (width: number, length: number): Ring => [
  [-width / 2, -length / 2],
  [width / 2, -length / 2],
  [width / 2, length / 2],
  [-width / 2, length / 2],
]
const oval = (width: number, length: number): Ring =>
  Array.from({ length: sides }, (_, i) => {
    const turn = (i / sides) * 2 * Math.PI
    return [(width / 2) * Math.cos(turn), (length / 2) * Math.sin(turn)]
  })
const placed = (ring: Ring, { x, y, angle = 0 }: { x: number; y: number; angle?: number }): Ring => {
  const [cos, sin] = [Math.cos((angle * Math.PI) / 180), Math.sin((angle * Math.PI) / 180)]
  return ring.map(([px, py]) => [x + px * cos - py * sin, y + px * sin + py * cos])
}
const round = (across: number) => `pi / 4 * ${short(across)}^2`

export const outlineKinds: { readonly [K in OutlineKind]: Kind<K> } = {
  rectangle: {
    lengths: ['width', 'length'],
    area: ({ width, length }) => `${short(width)} * ${short(length)}`,
    rings: (one) => [placed(box(one.width, one.length), one)],
  },
  circle: {
    lengths: ['diameter'],
    area: ({ diameter }) => round(diameter),
    rings: (one) => [placed(oval(one.diameter, one.diameter), one)],
  },
  ellipse: {
    lengths: ['width', 'length'],
    area: ({ width, length }) => `pi / 4 * ${short(width)} * ${short(length)}`,
    rings: (one) => [placed(oval(one.width, one.length), one)],
  },
  ring: {
    lengths: ['outside', 'inside'],
    area: ({ outside, inside }) => `pi / 4 * (${short(outside)}^2 - ${short(inside)}^2)`,
    rings: (one) => [placed(oval(one.outside, one.outside), one), placed(oval(one.inside, one.inside), one)],
  },
  polygon: {
    lengths: [],
    area: ({ points }) => `abs(${shoelace(points)}) / 2`,
    rings: ({ points }) => [points],
  },
  rows: {
    lengths: ['length', 'spacing', 'count'],
    area: ({ length, spacing, count }) => `${short(count)} * ${short(spacing)} * ${short(length)}`,
    rings: (one) => [placed(box(one.spacing * one.count, one.length), one)],
  },
  plant: {
    lengths: ['across'],
    area: ({ across }) => round(across),
    rings: (one) => [placed(oval(one.across, one.across), one)],
  },
}

/** Twice the signed area of a polygon, from its first corner so that no digits are lost far from the middle. */
function shoelace(points: readonly Point[]): string {
  const [ox, oy] = points[0]!
  const rest = points.slice(1).map(([x, y]) => [x - ox, y - oy] as const)
  const terms = rest.slice(0, -1).map(([x, y], i) => {
    const [nx, ny] = rest[i + 1]!
    return `(${short(x)}) * (${short(ny)}) - (${short(nx)}) * (${short(y)})`
  })
  return terms.join(' + ')
}

const kindOf = <K extends OutlineKind>(kind: K) => outlineKinds[kind]

export const lengthsOf = ({ kind }: Outline): readonly string[] => kindOf(kind).lengths

/** Edge first, then the edges of what is left out. */
export const ringsOf = (outline: Outline): readonly Ring[] =>
  (kindOf(outline.kind).rings as (one: Outline) => readonly Ring[])(outline)

/**
 * The area of an outline by its own formula.
 * Refuses lengths that are not above nothing, a ring whose inside is no smaller, a polygon of fewer than three corners
 * or of no size, and one whose edge crosses itself.
 * Source: plane geometry; of a polygon, the shoelace formula.
 */
export function outlineArea(outline: Outline): Outcome<Derived<'ft²'>> {
  const fault = outlineFault(outline)
  if (fault) return fault
  const rule = say(`plan.${outline.kind}`)
  const area =
    outline.kind === 'polygon' && outline.points.length > shown
      ? derive(
          'ft²',
          'corners',
          { corners: given(quantity(ringArea(outline.points), 'ft²'), say('plan.corners-area'), 'arithmetic') },
          rule,
          'arithmetic',
        )
      : derive('ft²', (kindOf(outline.kind).area as (one: Outline) => string)(outline), {}, rule, 'arithmetic')
  return area.value.v > 0 ? accept(area) : refuse('plan.no-size')
}

/** A polygon with an edge that crosses another. */
export const crossesItself = (outline: Outline): boolean =>
  outline.kind === 'polygon' && outline.points.length >= 3 && crossing(outline.points)

function outlineFault(outline: Outline): ReturnType<typeof refuse> | undefined {
  if (outline.kind === 'polygon') {
    if (outline.points.length < 3) return refuse('plan.corners')
    return crossesItself(outline) ? refuse('plan.crosses') : undefined
  }
  const those = lengthsOf(outline).map((name) => outline[name as keyof Outline] as unknown as number)
  if (outline.kind !== 'ring' ? those.some((v) => !(v > 0)) : !(outline.outside > 0 && outline.inside >= 0))
    return refuse('plan.no-size')
  return outline.kind === 'ring' && outline.inside >= outline.outside ? refuse('size.ring') : undefined
}

/** The outline moved by so many ft. */
export const moved = <O extends Outline>(outline: O, dx: number, dy: number): O =>
  outline.kind === 'polygon'
    ? { ...outline, points: outline.points.map(([x, y]) => [x + dx, y + dy]) }
    : { ...outline, x: outline.x + dx, y: outline.y + dy }

/** The middle by which it is moved and turned. */
export function middleOf(outline: Outline): Point {
  if (outline.kind !== 'polygon') return [outline.x, outline.y]
  const [west, south, east, north] = boxOf(outline.points)
  return [(west + east) / 2, (south + north) / 2]
}

/** West, south, east and north ends of a run of points. */
export function boxOf(points: readonly Point[]): readonly [number, number, number, number] {
  let [west, south, east, north] = [Infinity, Infinity, -Infinity, -Infinity]
  for (const [x, y] of points) {
    west = Math.min(west, x)
    east = Math.max(east, x)
    south = Math.min(south, y)
    north = Math.max(north, y)
  }
  return [west, south, east, north]
}
