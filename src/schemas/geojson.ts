import { mostCorners } from '../core/shape/limits'
import Joi from 'joi'
import simplify from 'simplify-js'
import type { Case } from '../core/case/case'
import { ringsOf, type Outline } from '../core/case/outline'
import type { PlanShape } from '../core/ground/plan/plan-size'
import type { Point } from '../core/geometry/polygon'
import { feetPerMetre } from '../core/units/factors'
import { outlineShape } from '../core/case/area'
import { fromShape } from './from-shape'
import { readJson } from './json'

const outlineSchema = fromShape(outlineShape)

/**
 * The plan as GeoJSON: a feature for each shape, in metres east and north of the middle of the plan, as the member
 * `agrologos` says. docs/geojson.md tells of it.
 */
export interface PlanFile {
  readonly type: 'FeatureCollection'
  readonly agrologos: { readonly units: 'm'; readonly axes: 'east, north'; readonly north: number }
  readonly features: readonly Feature[]
}

interface Feature {
  readonly type: 'Feature'
  readonly geometry: { readonly type: 'Polygon'; readonly coordinates: readonly (readonly Point[])[] }
  readonly properties: {
    readonly area: string
    readonly name: string
    readonly hole: boolean
    /** The shape by its lengths in ft, so that a circle comes back as one. */
    readonly outline: Outline
  }
}

/** Millimetres are more than anybody measures. */
const metres = (feet: number) => Math.round((feet / feetPerMetre) * 1_000) / 1_000

export function planGeoJson({ areas, plan }: Pick<Case, 'areas' | 'plan'>): PlanFile {
  return {
    type: 'FeatureCollection',
    agrologos: { units: 'm', axes: 'east, north', north: plan.north },
    features: areas.flatMap(({ id, name, shapes }) =>
      shapes.map(({ hole, outline }) => ({
        type: 'Feature' as const,
        geometry: { type: 'Polygon' as const, coordinates: ringsOf(outline).map(coordinatesOf) },
        properties: { area: id, name, hole, outline },
      })),
    ),
  }
}

/** Closed, as GeoJSON has it, and turning left outside and right inside. */
function coordinatesOf(ring: readonly Point[], i: number): readonly Point[] {
  const points = ring.map(([x, y]): Point => [metres(x), metres(y)])
  const left = points.reduce((sum, [x, y], j) => {
    const [nx, ny] = points[(j + 1) % points.length]!
    return sum + x * ny - nx * y
  }, 0)
  const turned = left > 0 === (i === 0) ? points : [...points].reverse()
  return [...turned, turned[0]!]
}

/** An area as it comes from a file: its name and its shapes, whose ids are still to be given. */
export interface PlannedArea {
  readonly name: string
  readonly shapes: readonly Omit<PlanShape, 'id'>[]
}

export type PlanFault = 'not-json' | 'not-geojson' | 'degrees' | 'too-many-points' | 'too-large' | 'outside'
export type OpenedPlan =
  | { readonly ok: true; readonly areas: readonly PlannedArea[] }
  | { readonly ok: false; readonly why: PlanFault; /** What would mend it. */ readonly mend?: Mend }

/** What may be done to a file that cannot be taken as it is. */
export interface Mend {
  readonly degrees?: boolean
  readonly thin?: boolean
}

const isPoint = (value: unknown): boolean =>
  Array.isArray(value) && value.length >= 2 && value.length <= 4 && value.every(Number.isFinite)
/** Checked by hand: tens of thousands of corners are no work for a schema. */
const point = Joi.any().custom((value: unknown, helpers) => (isPoint(value) ? value : helpers.error('any.invalid')))
const ring = Joi.any().custom((value: unknown, helpers) =>
  Array.isArray(value) && value.length >= 4 && value.every(isPoint) ? value : helpers.error('any.invalid'),
)
const geometry = Joi.alternatives().conditional('.type', {
  switch: [
    {
      is: 'Polygon',
      then: Joi.object({ type: Joi.string(), coordinates: Joi.array().items(ring).min(1).required() }).unknown(),
    },
    {
      is: 'MultiPolygon',
      then: Joi.object({
        type: Joi.string(),
        coordinates: Joi.array().items(Joi.array().items(ring).min(1)).required(),
      }).unknown(),
    },
    { is: 'Point', then: Joi.object({ type: Joi.string(), coordinates: point.required() }).unknown() },
  ],
  otherwise: Joi.object({ type: Joi.string().required() }).unknown(),
})
const feature = Joi.object({
  type: Joi.string().valid('Feature').required(),
  geometry: geometry.allow(null).required(),
  properties: Joi.object().unknown().allow(null),
}).unknown()
const collection = Joi.object({
  type: Joi.string().valid('FeatureCollection').required(),
  agrologos: Joi.object({ units: Joi.string().valid('m') }).unknown(),
  features: Joi.array().items(feature).required(),
}).unknown()

interface Read {
  readonly geometry: { readonly type: string; readonly coordinates: unknown } | null
  readonly properties?: Readonly<Record<string, unknown>> | null
}

const largest = 8_000_000
/** ft that no plan of one property spans. */
const widest = 100 * 5_280
/** ft across a plant that a file gives as a point. */
const plantAcross = 3
/** Corners nearer to a straight line than this are not noticed with a spade, ft. */
const noticed = 0.25

/**
 * Reads a plan. A file in degrees, and shapes of too many corners, are refused with what would mend them, and taken
 * when that is asked for.
 */
export function openPlan(text: string, mend: Mend = {}): OpenedPlan {
  const read = readJson(text, { largest, deepest: 12 })
  if (!read.ok) {
    const why = read.why === 'too-large' || read.why === 'not-json' ? read.why : 'not-geojson'
    return { ok: false, why }
  }
  const whole = asCollection(read.value)
  if (collection.validate(whole, { convert: false }).error) return { ok: false, why: 'not-geojson' }
  const { features, agrologos } = whole as { features: Read[]; agrologos?: unknown }
  const pieces = features.flatMap(piecesOf)
  if (pieces.length === 0) return { ok: false, why: 'not-geojson' }
  const all = pieces.flatMap(({ rings }) => rings.flat())
  const inDegrees =
    agrologos === undefined && all.every(([x, y]) => Math.abs(x) <= 180 && Math.abs(y) <= 90) && !spansMetres(all)
  if (inDegrees && !mend.degrees) return { ok: false, why: 'degrees', mend: { ...mend, degrees: true } }
  const place = inDegrees ? fromDegrees(all) : ([x, y]: Point): Point => [x * feetPerMetre, y * feetPerMetre]
  if (pieces.some(({ rings }) => rings.some((one) => one.length > mostCorners)) && !mend.thin)
    return { ok: false, why: 'too-many-points', mend: { ...mend, thin: true } }
  const placed = pieces.map((piece) => ({ ...piece, rings: piece.rings.map((one) => thinned(one.map(place))) }))
  const middle =
    inDegrees || agrologos !== undefined ? ([0, 0] as const) : middleOf(placed.flatMap(({ rings }) => rings.flat()))
  const there = placed.flatMap(({ rings }) => rings.flat())
  if (Math.max(...spanOf(there)) > widest) return { ok: false, why: 'outside' }
  return {
    ok: true,
    areas: areasOf(
      placed.map((piece) => ({
        ...piece,
        rings: piece.rings.map((one) => one.map(([x, y]): Point => [x - middle[0], y - middle[1]])),
      })),
    ),
  }
}

const isRecord = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null

/** A single feature or geometry counts as a collection of one. */
function asCollection(value: unknown): unknown {
  if (!isRecord(value) || value.type === 'FeatureCollection') return value
  const one = value.type === 'Feature' ? value : { type: 'Feature', geometry: value, properties: null }
  return { type: 'FeatureCollection', features: [one] }
}

interface Piece {
  readonly key: string
  readonly name: string
  readonly hole: boolean
  readonly outline?: Outline
  readonly point: boolean
  readonly rings: readonly (readonly Point[])[]
}

function piecesOf({ geometry: of, properties }: Read, i: number): Piece[] {
  const text = (name: string) => (typeof properties?.[name] === 'string' ? String(properties[name]).slice(0, 120) : '')
  const outline = outlineSchema.validate(properties?.outline, { convert: false, presence: 'required' })
  const base = {
    key: text('area') || `feature ${i}`,
    name: text('name'),
    hole: properties?.hole === true,
    outline: outline.error ? undefined : (outline.value as Outline),
    point: of?.type === 'Point',
  }
  const flat = (ring_: readonly (readonly number[])[]) => ring_.slice(0, -1).map(([x, y]): Point => [x!, y!])
  if (of?.type === 'Polygon') return [{ ...base, rings: (of.coordinates as number[][][]).map(flat) }]
  if (of?.type === 'MultiPolygon')
    return (of.coordinates as number[][][][]).map((one) => ({ ...base, outline: undefined, rings: one.map(flat) }))
  if (of?.type === 'Point') {
    const [x, y] = of.coordinates as [number, number]
    return [{ ...base, rings: [[[x, y]]] }]
  }
  return []
}

const spanOf = (points: readonly Point[]): readonly [number, number] => {
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)]
  const span = (those: number[]) =>
    those.reduce((a, b) => Math.max(a, b), -Infinity) - those.reduce((a, b) => Math.min(a, b), Infinity)
  return [span(xs), span(ys)]
}

/** A garden in metres lies within the range of degrees too, but is metres wide. */
const spansMetres = (points: readonly Point[]): boolean => Math.max(...spanOf(points)) > 1

function middleOf(points: readonly Point[]): Point {
  const sum = points.reduce<Point>(([sx, sy], [x, y]) => [sx + x, sy + y], [0, 0])
  return [sum[0] / points.length, sum[1] / points.length]
}

/** Mean radius of the earth, ft. */
const earth = 6_371_008.8 * feetPerMetre

/** Degrees as ft around their own middle, flat over a property. */
function fromDegrees(points: readonly Point[]): (point: Point) => Point {
  const [east, north] = middleOf(points)
  const rad = Math.PI / 180
  return ([x, y]) => [(x - east) * rad * earth * Math.cos(north * rad), (y - north) * rad * earth]
}

/** Fewer corners, as long as there are too many: first what nobody would notice, then more. */
function thinned(points: readonly Point[]): readonly Point[] {
  let now = points
  for (let off = noticed; now.length > mostCorners; off *= 2)
    now = simplify(
      points.map(([x, y]) => ({ x, y })),
      off,
      true,
    ).map(({ x, y }): Point => [x, y])
  return now
}

/** Features of one area belong together; their own outline comes first. */
function areasOf(pieces: readonly Piece[]): readonly PlannedArea[] {
  const byKey = new Map<string, { name: string; shapes: Omit<PlanShape, 'id'>[] }>()
  for (const { key, name, hole, outline, point: isPoint, rings } of pieces) {
    const one = byKey.get(key) ?? { name, shapes: [] }
    byKey.set(key, one)
    const [edge, ...inner] = rings
    if (outline) one.shapes.push({ hole, outline })
    else if (isPoint)
      one.shapes.push({ hole, outline: { kind: 'plant', x: edge![0]![0], y: edge![0]![1], across: plantAcross } })
    else {
      one.shapes.push({ hole, outline: { kind: 'polygon', points: edge! } })
      for (const points of inner) one.shapes.push({ hole: true, outline: { kind: 'polygon', points } })
    }
  }
  return [...byKey.values()]
}
