import polygonClipping, { type MultiPolygon } from 'polygon-clipping'

/** ft to the east and to the north. */
export type Point = readonly [x: number, y: number]
/** A closed edge; its last corner joins its first. */
export type Ring = readonly Point[]
/** Pieces of ground, each an outer edge and the edges of its holes. */
export type Ground = readonly (readonly Ring[])[]

/** A straight piece of a ring, with the box that it lies in. */
interface Edge {
  readonly a: Point
  readonly b: Point
  readonly west: number
  readonly east: number
  readonly south: number
  readonly north: number
  /** Where it stands in its ring. */
  readonly at: number
}

const edgesOf = (ring: Ring): Edge[] =>
  ring.map((a, at) => {
    const b = ring[(at + 1) % ring.length]!
    const [west, east] = a[0] < b[0] ? [a[0], b[0]] : [b[0], a[0]]
    const [south, north] = a[1] < b[1] ? [a[1], b[1]] : [b[1], a[1]]
    return { a, b, west, east, south, north, at }
  })

/**
 * Calls back with every two edges whose boxes overlap, from west to east, until it says true; then that is what comes
 * back.
 */
function anyTwo(edges: Edge[], is: (one: Edge, other: Edge) => boolean): boolean {
  edges.sort((one, other) => one.west - other.west)
  for (let i = 0; i < edges.length; i += 1) {
    const one = edges[i]!
    for (let j = i + 1; j < edges.length && edges[j]!.west <= one.east; j += 1) {
      const other = edges[j]!
      if (other.south <= one.north && one.south <= other.north && is(one, other)) return true
    }
  }
  return false
}

/** Whether two edges of the ring cross or touch, where they are not neighbours. */
export function crossing(ring: Ring): boolean {
  const n = ring.length
  return anyTwo(edgesOf(ring), (one, other) => {
    const [first, second] = one.at < other.at ? [one, other] : [other, one]
    const inOrder = second.at === first.at + 1
    const neighbours = inOrder || (first.at === 0 && second.at === n - 1)
    const { a, b } = first
    return neighbours ? backOnItself(a, b, second.a, second.b, inOrder) : meet(a, b, second.a, second.b)
  })
}

const turn = ([ax, ay]: Point, [bx, by]: Point, [cx, cy]: Point) => (bx - ax) * (cy - ay) - (by - ay) * (cx - ax)
const between = ([ax, ay]: Point, [bx, by]: Point, [px, py]: Point) =>
  Math.min(ax, bx) <= px && px <= Math.max(ax, bx) && Math.min(ay, by) <= py && py <= Math.max(ay, by)

function meet(a: Point, b: Point, c: Point, d: Point): boolean {
  const [t1, t2, t3, t4] = [turn(a, b, c), turn(a, b, d), turn(c, d, a), turn(c, d, b)]
  if (t1 * t2 < 0 && t3 * t4 < 0) return true
  return (
    (t1 === 0 && between(a, b, c)) ||
    (t2 === 0 && between(a, b, d)) ||
    (t3 === 0 && between(c, d, a)) ||
    (t4 === 0 && between(c, d, b))
  )
}

/** Neighbours share a corner; they must not run back over each other. */
function backOnItself(a: Point, b: Point, c: Point, d: Point, inOrder: boolean): boolean {
  const [shared, before, after] = inOrder ? [b, a, d] : [a, b, c]
  return turn(before, shared, after) === 0 && (between(before, shared, after) || between(shared, after, before))
}

/** Clipping is sure of itself to a millionth of a foot. */
const grain = 1e6
const coarse = (v: number) => Math.round(v * grain) / grain
const closed = (ring: Ring): [number, number][] => [...ring, ring[0]!].map(([x, y]) => [coarse(x), coarse(y)])
const opened = (pieces: MultiPolygon): Ground => pieces.map((piece) => piece.map((ring) => ring.slice(0, -1)))
const asPieces = (ground: Ground): MultiPolygon => ground.map((piece) => piece.map(closed))

/** Pieces of ground that cross each other too often to be cut. */
export class Tangled extends Error {}

/** Crossings that are cut, and pairs of edges that are looked at for them: beyond either it would take seconds. */
const [mostCrossings, mostPairs] = [2_000, 4_000_000]

/** Whether the edges cross so often that cutting would take long. */
function isTangled(grounds: readonly Ground[]): boolean {
  const edges = grounds.flatMap((pieces) => pieces.flat().flatMap(edgesOf))
  // Neighbours meet in the corner that they share.
  const most = edges.length + mostCrossings
  let [crossings, pairs] = [0, 0]
  return anyTwo(edges, ({ a, b }, other) => {
    pairs += 1
    if (meet(a, b, other.a, other.b)) crossings += 1
    return crossings > most || pairs > mostPairs
  })
}

/** Throws Tangled for what cannot be cut in good time, or not at all. */
function cut(grounds: readonly Ground[], by: () => MultiPolygon): Ground {
  if (isTangled(grounds)) throw new Tangled()
  try {
    return opened(by())
  } catch {
    throw new Tangled()
  }
}

/** All of the pieces as one ground, overlaps once; rings of one piece cut each other out. Throws Tangled. */
export const joined = (...grounds: readonly Ground[]): Ground => {
  const [first, ...rest] = grounds.map(asPieces)
  return first ? cut(grounds, () => polygonClipping.union(first, ...rest)) : []
}
/** Throws Tangled. */
export const without = (ground: Ground, holes: Ground): Ground =>
  holes.length === 0 || ground.length === 0
    ? ground
    : cut([ground, holes], () => polygonClipping.difference(asPieces(ground), asPieces(holes)))
/** Throws Tangled. */
export const common = (a: Ground, b: Ground): Ground =>
  a.length === 0 || b.length === 0 ? [] : cut([a, b], () => polygonClipping.intersection(asPieces(a), asPieces(b)))

/** What comes of cutting, or what stands for it where it cannot be done. */
export function untangled<Of>(cutting: () => Of, otherwise: Of): Of {
  try {
    return cutting()
  } catch (error) {
    if (error instanceof Tangled) return otherwise
    throw error
  }
}

/**
 * Area of one ring, ft².
 * Source: the shoelace formula.
 */
export function ringArea(ring: Ring): number {
  const [ox, oy] = ring[0] ?? [0, 0]
  let twice = 0
  for (let i = 0; i < ring.length; i += 1) {
    const [[x, y], [nx, ny]] = [ring[i]!, ring[(i + 1) % ring.length]!]
    twice += (x - ox) * (ny - oy) - (nx - ox) * (y - oy)
  }
  return Math.abs(twice) / 2
}

/** Area of ground, its holes left out, ft². */
export const groundArea = (ground: Ground): number =>
  ground.reduce(
    (sum, [edge, ...holes]) => sum + ringArea(edge!) - holes.reduce((all, one) => all + ringArea(one), 0),
    0,
  )

/** Whether a point lies in the ring, its edge included or not as it falls. */
export function inRing(ring: Ring, [px, py]: Point): boolean {
  let inside = false
  for (let i = 0, j = ring.length - 1; i < ring.length; j = i, i += 1) {
    const [[x, y], [bx, by]] = [ring[i]!, ring[j]!]
    if (y > py !== by > py && px < ((bx - x) * (py - y)) / (by - y) + x) inside = !inside
  }
  return inside
}

export const inGround = (ground: Ground, point: Point): boolean =>
  ground.some(([edge, ...holes]) => inRing(edge!, point) && !holes.some((hole) => inRing(hole, point)))

/** How far a point is from the nearest edge of the ground, ft. */
export function fromEdge(ground: Ground, [px, py]: Point): number {
  let least = Infinity
  for (const ring of ground.flat())
    for (let i = 0; i < ring.length; i += 1) {
      const [[ax, ay], [bx, by]] = [ring[i]!, ring[(i + 1) % ring.length]!]
      const along = (bx - ax) ** 2 + (by - ay) ** 2
      const t = along === 0 ? 0 : Math.min(1, Math.max(0, ((px - ax) * (bx - ax) + (py - ay) * (by - ay)) / along))
      least = Math.min(least, Math.hypot(px - ax - t * (bx - ax), py - ay - t * (by - ay)))
    }
  return least
}

/**
 * A ring whose edge crosses itself, untied: the largest of the pieces that it draws. The same ring where it does not
 * cross; undefined where nothing is left.
 */
export function untied(ring: Ring): Ring | undefined {
  if (ring.length >= 3 && !crossing(ring)) return ring
  const pieces = ring.length < 3 ? [] : joined([[ring]])
  return pieces.map(([edge]) => edge!).sort((a, b) => ringArea(b) - ringArea(a))[0]
}
