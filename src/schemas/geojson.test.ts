import * as fc from 'fast-check'
import { blankArea, blankCase } from '../core/case/blank'
import type { Outline } from '../core/case/outline'
import { planSize, type PlanShape } from '../core/ground/plan/plan-size'
import { openPlan, planGeoJson } from './geojson'

const number = (min: number, max: number) =>
  fc.integer({ min: min * 100, max: max * 100 }).map((hundredths) => hundredths / 100)
const place = { x: number(-200, 200), y: number(-200, 200) }
const turned = { ...place, width: number(1, 80), length: number(1, 80), angle: number(0, 359) }
const outline: fc.Arbitrary<Outline> = fc.oneof(
  fc.record({ kind: fc.constant('rectangle' as const), ...turned }),
  fc.record({ kind: fc.constant('ellipse' as const), ...turned }),
  fc.record({ kind: fc.constant('circle' as const), ...place, diameter: number(1, 80) }),
  fc.record({ kind: fc.constant('plant' as const), ...place, across: number(1, 10) }),
  fc.record({
    kind: fc.constant('polygon' as const),
    points: fc.array(fc.tuple(number(0, 50), number(0, 50)), { minLength: 3, maxLength: 8 }),
  }),
)
const caseWith = (areas: readonly (readonly PlanShape[])[]) => ({
  ...blankCase('c', '2026-01-01T00:00:00.000Z'),
  areas: areas.map((shapes, i) => ({ ...blankArea(`a${i}`, `Area ${i}`), shapes })),
})
const sizeOf = (shapes: readonly Omit<PlanShape, 'id'>[]) => {
  const size = planSize(shapes.map((shape, i) => ({ ...shape, id: String(i) })))
  return size.ok ? size.value.area.value.v : size.refusal.key
}

test('a plan goes out and comes back the same, shape by shape', () => {
  fc.assert(
    fc.property(
      fc.array(fc.array(fc.tuple(fc.boolean(), outline), { minLength: 1, maxLength: 4 }), {
        minLength: 1,
        maxLength: 4,
      }),
      (areas) => {
        const shapes = areas.map((those) => those.map(([hole, one], i) => ({ id: String(i), hole, outline: one })))
        const opened = openPlan(JSON.stringify(planGeoJson(caseWith(shapes))))
        expect(opened.ok && opened.areas).toEqual(
          shapes.map((those, i) => ({
            name: `Area ${i}`,
            shapes: those.map(({ hole, outline: one }) => ({ hole, outline: one })),
          })),
        )
      },
    ),
    { numRuns: 200 },
  )
})

test('rings are closed, the outer turning left and the inner right, in metres (RFC 7946; 1 ft is 0.3048 m)', () => {
  const ring = { id: 'r', hole: false, outline: { kind: 'ring' as const, x: 0, y: 0, outside: 20, inside: 4 } }
  const [outer, inner] = planGeoJson(caseWith([[ring]])).features[0]!.geometry.coordinates
  const twice = (those: typeof outer & object) =>
    those.slice(1).reduce((sum, [x, y], i) => sum + those[i]![0] * y - x * those[i]![1], 0)
  expect([outer![0], twice(outer!) > 0, twice(inner!) < 0]).toEqual([outer!.at(-1), true, true])
  expect(Math.max(...outer!.map(([x]) => x))).toBeCloseTo(10 * 0.3048, 2)
})

const polygon = (...coordinates: number[][][]) => JSON.stringify({ type: 'Polygon', coordinates })
const square = (side: number) => [
  [0, 0],
  [side, 0],
  [side, side],
  [0, side],
  [0, 0],
]

describe('plans from elsewhere', () => {
  test('a polygon in metres with a hole: 400 m² less 25', () => {
    const opened = openPlan(
      polygon(
        square(20),
        square(5).map(([x, y]) => [x! + 3, y! + 3]),
      ),
    )
    expect(opened.ok && sizeOf(opened.areas[0]!.shapes)).toBeCloseTo((400 - 25) * 10.7639, 1)
  })
  test('degrees are refused, and turned into metres where that is asked for: a thousandth of latitude is 111.2 m', () => {
    const north = 44
    const [dx, dy] = [0.001 / Math.cos((north * Math.PI) / 180), 0.001]
    const text = polygon([
      [-71, north],
      [-71 + dx, north],
      [-71 + dx, north + dy],
      [-71, north + dy],
      [-71, north],
    ])
    expect(openPlan(text)).toEqual({ ok: false, why: 'degrees', mend: { degrees: true } })
    const opened = openPlan(text, { degrees: true })
    // The earth's mean radius: 6,371,008.8 m × π ÷ 180 ÷ 1,000.
    expect(opened.ok && Number(sizeOf(opened.areas[0]!.shapes)) / (111.195 / 0.3048) ** 2).toBeCloseTo(1, 3)
  })
  test('50,000 corners are thinned to fewer than 2,000 and cover the same', () => {
    const round = Array.from({ length: 50_001 }, (_, i) => [
      20 * Math.cos((i / 50_000) * 2 * Math.PI),
      20 * Math.sin((i / 50_000) * 2 * Math.PI),
    ])
    round[50_000] = round[0]!
    expect(openPlan(polygon(round))).toMatchObject({ ok: false, why: 'too-many-points', mend: { thin: true } })
    const opened = openPlan(polygon(round), { thin: true })
    const shape = opened.ok && opened.areas[0]!.shapes[0]!.outline
    expect(shape && shape.kind === 'polygon' && shape.points.length).toBeLessThan(2_000)
    expect(opened.ok && Number(sizeOf(opened.areas[0]!.shapes)) / (Math.PI * 400 * 10.7639)).toBeCloseTo(1, 2)
  })
  test.each([
    ['not JSON', 'a letter', 'not-json'],
    ['something else', '{"type":"Topology"}', 'not-geojson'],
    ['nothing drawn', '{"type":"FeatureCollection","features":[]}', 'not-geojson'],
    ['a line', '{"type":"LineString","coordinates":[[0,0],[1,1]]}', 'not-geojson'],
    ['words for numbers', '{"type":"Polygon","coordinates":[[["a",0],[1,1],[2,2],[0,0]]]}', 'not-geojson'],
    ['ground two hundred miles wide', polygon(square(320_000)), 'outside'],
    ['nine megabytes', `"${'x'.repeat(9_000_000)}"`, 'too-large'],
  ])('%s', (_, text, why) => expect(openPlan(text)).toMatchObject({ ok: false, why }))
  test('no text ever throws', () => {
    fc.assert(
      fc.property(fc.json({ maxDepth: 5 }), (text) => void openPlan(text, { degrees: true, thin: true })),
      { numRuns: 500 },
    )
  })
})
