import { groundOf } from '../ground/plan/plan-size'
import { common, fromEdge, groundArea, inGround, type Ground, type Point, untangled } from '../geometry/polygon'
import { boxOf } from '../case/outline'

/** Cores keep off edges: so much of the width of the ground, and at most so many ft. Source: common practice. */
const edgeShare = 0.12
const edgeMost = 2
/** Points of the grid that spots are chosen from, for each spot. */
const perSpot = 60
const rounds = 25

/** A repeatable run of numbers from 0 to 1 (mulberry32). */
function numbersFrom(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = Math.imul(state ^ (state >>> 15), 1 | state)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296
  }
}

/**
 * Where to take the cores of some ground: spread evenly, off its edges and out of its holes, in the order of a zigzag
 * walk. The same ground, number and seed give the same spots.
 * Even by Lloyd's relaxation on a grid of points inside; each spot is such a point.
 *
 * @param count how many, above nothing
 * @returns fewer than asked only where the ground has no size
 * @example coreSpots([[[[0, 0], [20, 0], [20, 10], [0, 10]]]], 6, 1) // six points inside
 */
export function coreSpots(ground: Ground, count: number, seed: number): readonly Point[] {
  const area = groundArea(ground)
  if (!(area > 0) || count < 1) return []
  const inner = gridIn(ground, area, count, seed)
  return zigzag(relaxed(inner, Math.min(count, inner.length), seed), ground)
}

/** Points inside, as far from the edge as the ground is wide enough for. */
function gridIn(ground: Ground, area: number, count: number, seed: number): readonly Point[] {
  const [west, south, east, north] = boxOf(ground.flat(2))
  const random = numbersFrom(seed)
  for (let dense = perSpot; dense <= perSpot * 64; dense *= 4) {
    const step = Math.sqrt(area / (count * dense))
    const [dx, dy] = [random() * step, random() * step]
    const all: [Point, number][] = []
    for (let x = west + dx; x < east; x += step)
      for (let y = south + dy; y < north; y += step)
        if (inGround(ground, [x, y])) all.push([[x, y], fromEdge(ground, [x, y])])
    const widest = all.reduce((most, [, off]) => Math.max(most, off), 0)
    const keep = Math.min(edgeMost, widest * 2 * edgeShare)
    const inner = all.filter(([, off]) => off >= keep).map(([point]) => point)
    if (inner.length >= count * 4) return inner
  }
  return []
}

const apart2 = ([ax, ay]: Point, [bx, by]: Point) => (ax - bx) ** 2 + (ay - by) ** 2

function nearest(point: Point, those: readonly Point[]): number {
  let [best, least] = [0, Infinity]
  for (let i = 0; i < those.length; i += 1) {
    const off = apart2(point, those[i]!)
    if (off < least) [best, least] = [i, off]
  }
  return best
}

/** Starts far from each other, then every spot moves to the middle of what it stands for, until they rest. */
function relaxed(points: readonly Point[], count: number, seed: number): readonly Point[] {
  const random = numbersFrom(seed + 1)
  let spots: Point[] = [points[Math.floor(random() * points.length)]!]
  while (spots.length < count) spots.push(farthest(points, spots))
  for (let round = 0; round < rounds; round += 1) {
    const sums = spots.map(() => [0, 0, 0] as [number, number, number])
    for (const point of points) {
      const sum = sums[nearest(point, spots)]!
      sum[0] += point[0]
      sum[1] += point[1]
      sum[2] += 1
    }
    const middles = sums.map(([x, y, n], i): Point => (n === 0 ? spots[i]! : [x / n, y / n]))
    const next = middles.map((middle) => points[nearest(middle, points)]!)
    if (next.every((point, i) => point === spots[i])) break
    spots = next
  }
  return [...new Set(spots)]
}

function farthest(points: readonly Point[], from: readonly Point[]): Point {
  let [best, most] = [points[0]!, -1]
  for (const point of points) {
    const off = Math.min(...from.map((one) => apart2(point, one)))
    if (off > most) [best, most] = [point, off]
  }
  return best
}

/** Up one strip and down the next, strips running across the longer side. */
function zigzag(spots: readonly Point[], ground: Ground): readonly Point[] {
  const [west, south, east, north] = boxOf(ground.flat(2))
  const wide = east - west >= north - south
  const [along, across] = wide ? ([0, 1] as const) : ([1, 0] as const)
  const [from, to] = wide ? [west, east] : [south, north]
  const strips = Math.max(
    1,
    Math.round(Math.sqrt((spots.length * (to - from)) / Math.max(wide ? north - south : east - west, 1e-9))),
  )
  const stripOf = (point: Point) => Math.min(strips - 1, Math.floor(((point[along] - from) / (to - from)) * strips))
  return [...spots].sort((a, b) => {
    const [sa, sb] = [stripOf(a), stripOf(b)]
    if (sa !== sb) return sa - sb
    return sa % 2 === 0 ? a[across] - b[across] : b[across] - a[across]
  })
}

/**
 * How evenly spots are spread: the mean distance to the nearest other, as a share of what chance would give. 1 is by
 * chance, above it more even, and 2.15 as even as can be. Undefined for fewer than two.
 * Source: Clark & Evans 1954, Distance to nearest neighbor as a measure of spatial relationships in populations;
 * recalled.
 *
 * @param area ft² that the spots lie on
 */
export function evenness(spots: readonly Point[], area: number): number | undefined {
  if (spots.length < 2) return undefined
  const sum = spots.reduce(
    (all, point, i) =>
      all + Math.sqrt(Math.min(...spots.filter((_, j) => j !== i).map((other) => apart2(point, other)))),
    0,
  )
  return sum / spots.length / (0.5 * Math.sqrt(area / spots.length))
}

/** A core of a composite, in the order in which it is walked. */
export interface CoreSpot {
  readonly areaId: string
  readonly at: Point
}

/**
 * The cores of a composite of one or more areas, each with its share by size and one at least.
 *
 * @param count cores in all
 */
export function compositeSpots(
  areas: readonly { readonly areaId: string; readonly ground: Ground }[],
  count: number,
  seed: number,
): readonly CoreSpot[] {
  const sized = areas.filter(({ ground }) => groundArea(ground) > 0)
  if (sized.length === 0) return []
  const whole = sized.reduce((sum, { ground }) => sum + groundArea(ground), 0)
  const wish = sized.map(({ ground }) => (groundArea(ground) / whole) * count)
  const shares = wish.map((share) => Math.max(1, Math.floor(share)))
  const byRest = wish.map((share, i) => ({ i, rest: share - Math.floor(share) })).sort((a, b) => b.rest - a.rest)
  for (let left = count - shares.reduce((a, b) => a + b, 0), k = 0; left > 0; left -= 1, k += 1)
    shares[byRest[k % byRest.length]!.i]! += 1
  return sized.flatMap(({ areaId, ground }, i) => coreSpots(ground, shares[i]!, seed + i).map((at) => ({ areaId, at })))
}

/** Of an area, the share that a bad corner takes up where nobody said how far it goes. Source: common practice. */
const cornerShare = 1 / 6

/** The ground around a marked spot of an area that counts as its corner. */
export function cornerGround(ground: Ground, [x, y]: Point): Ground {
  const diameter = 2 * Math.sqrt((groundArea(ground) * cornerShare) / Math.PI)
  const around = groundOf([{ id: 'corner', hole: false, outline: { kind: 'circle', x, y, diameter } }])
  return untangled(() => common(ground, around), ground)
}
