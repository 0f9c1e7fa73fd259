import { polygonArea, polygonContains } from 'd3-polygon'
import * as fc from 'fast-check'
import { evaluate } from 'mathjs'
import { areasGround } from '../area-ground'
import { readSize } from '../size'
import { areaError } from '../sure'
import { boxOf, outlineArea, ringsOf, type Outline } from '../../case/outline'
import { groundOf, planSize, shapeFaults, withTheirHoles, type PlanShape } from './plan-size'
import { crossing, fromEdge, groundArea, inGround, ringArea, untied, type Point } from '../../geometry/polygon'

const number = (min: number, max: number) =>
  fc.integer({ min: min * 1_000, max: max * 1_000 }).map((thousandths) => thousandths / 1_000)
/** A polygon that goes once around its middle, and so does not cross itself. */
const around = fc
  .record({ x: number(-500, 500), y: number(-500, 500), out: fc.array(number(5, 80), { minLength: 3, maxLength: 24 }) })
  .map(({ x, y, out }): readonly Point[] =>
    out.map((r, i) => {
      const turn = (i / out.length) * 2 * Math.PI
      return [x + r * Math.cos(turn), y + r * Math.sin(turn)]
    }),
  )
const areaOf = (outline: Outline) => {
  const found = outlineArea(outline)
  return found.ok ? found.value.value.v : found.refusal.key
}
const shape = (outline: Outline, hole = false, id = JSON.stringify(outline) + hole): PlanShape => ({
  id,
  hole,
  outline,
})
const at = { x: 3, y: -7 }

describe('areas of outlines', () => {
  test('a polygon is what d3-polygon says, however it is written', () => {
    fc.assert(
      fc.property(around, (points) => {
        const found = outlineArea({ kind: 'polygon', points })
        const theirs = Math.abs(polygonArea(points as [number, number][]))
        if (!found.ok) return crossing(points)
        const { expression, inputs, value } = found.value
        const scope = Object.fromEntries(Object.entries(inputs).map(([name, one]) => [name, one.value.v]))
        return (
          Math.abs(value.v / theirs - 1) < 1e-6 &&
          Math.abs((evaluate(expression, scope) as number) / value.v - 1) < 1e-9
        )
      }),
      { numRuns: 500 },
    )
  })
  test.each<[string, Outline, number]>([
    ['a rectangle, turned', { kind: 'rectangle', ...at, width: 12, length: 18, angle: 33 }, 216],
    ['a circle', { kind: 'circle', ...at, diameter: 10 }, Math.PI * 25],
    ['an ellipse', { kind: 'ellipse', ...at, width: 20, length: 12, angle: 5 }, Math.PI * 60],
    ['a ring', { kind: 'ring', ...at, outside: 12, inside: 4 }, Math.PI * (36 - 4)],
    ['rows', { kind: 'rows', ...at, length: 40, spacing: 3, count: 5, angle: 0 }, 600],
    ['a plant', { kind: 'plant', ...at, across: 8 }, Math.PI * 16],
  ])('%s (closed form)', (_, outline, expected) => {
    expect(areaOf(outline)).toBeCloseTo(expected, 9)
    const [edge, ...inner] = ringsOf(outline)
    // A circle is drawn with 96 sides, which cover 99.93 % of it.
    expect((ringArea(edge!) - inner.reduce((sum, one) => sum + ringArea(one), 0)) / expected).toBeCloseTo(1, 2)
  })
  test.each<[string, Outline, string]>([
    [
      'a bow tie',
      {
        kind: 'polygon',
        points: [
          [0, 0],
          [10, 10],
          [10, 0],
          [0, 10],
        ],
      },
      'plan.crosses',
    ],
    [
      'an edge that turns back',
      {
        kind: 'polygon',
        points: [
          [0, 0],
          [10, 0],
          [4, 0],
          [4, 6],
        ],
      },
      'plan.crosses',
    ],
    [
      'two corners',
      {
        kind: 'polygon',
        points: [
          [0, 0],
          [10, 10],
        ],
      },
      'plan.corners',
    ],
    ['no width', { kind: 'rectangle', ...at, width: 0, length: 4, angle: 0 }, 'plan.no-size'],
    ['a ring without ground', { kind: 'ring', ...at, outside: 4, inside: 4 }, 'size.ring'],
  ])('%s is refused', (_, outline, key) => expect(areaOf(outline)).toBe(key))
  test('a bow tie untied keeps its larger half', () => {
    const mended = untied([
      [0, 0],
      [12, 12],
      [12, 0],
      [0, 6],
    ])!
    expect(crossing(mended)).toBe(false)
    // The edges cross at (4, 4); the half with the corners (12, 12) and (12, 0) is 12 × 8 ÷ 2.
    expect(ringArea(mended)).toBeCloseTo(48, 6)
  })
})

/** Analytic: a parabola is exact by Simpson’s rule; a half sine comes to 2 ÷ π of its box. */
describe('irregular edges by offsets', () => {
  const widths = (f: (x: number) => number, steps: number, digits: number) =>
    Array.from({ length: steps + 1 }, (_, i) => Number(f(i / steps).toFixed(digits)))
  const size = (those: readonly number[], step: number) => {
    const read = readSize(`offsets ${those.join(', ')} every ${step}`, 'feet')
    return read.ok ? read.value.area.value.v : NaN
  }
  test('a parabola', () =>
    expect(
      size(
        widths((x) => 40 * x * (1 - x), 6, 9),
        5,
      ),
    ).toBeCloseTo((30 * 40) / 6, 6))
  test('a half sine', () =>
    expect(
      size(
        widths((x) => 20 * Math.sin(Math.PI * x), 12, 3),
        5,
      ),
    ).toBeCloseTo((60 * 20 * 2) / Math.PI, 1))
})

/** Two lengths that err apart: √2 of the error of one. Tape 1 % and paces 5 % are common practice. */
test.each([
  ['taped', 0.01 * Math.SQRT2],
  ['paced', 0.05 * Math.SQRT2],
  ['told', null],
] as const)('an area that is %s', (how, error) => expect(areaError(how)).toBe(error))

describe('the outline of an area', () => {
  const outline = (size: string, shapes: PlanShape[] = []) => {
    const read = readSize(size, 'feet')
    return areasGround([{ area: { id: 'a', shapes }, size: read.ok ? read.value : undefined }])[0]!
  }
  test.each<[string, string, number, boolean]>([
    ['beds side by side', '4 @ 4x8', 128, true],
    ['a square for ground of unknown outline', '400 sq ft', 400, false],
    ['offsets', 'offsets 0, 4, 4, 0 every 5', 40, true],
    ['nothing without a size', '', 0, false],
  ])('%s', (_, size, area, known) => {
    expect(groundArea(outline(size).ground)).toBeCloseTo(area, 6)
    expect(outline(size).true).toBe(known)
  })
  test('what is drawn comes first; what is not stands beside it', () => {
    const drawn = shape({ kind: 'rectangle', x: 0, y: 0, width: 10, length: 10, angle: 0 })
    const sized = readSize('5x5', 'feet')
    const both = areasGround([
      { area: { id: 'a', shapes: [drawn] } },
      { area: { id: 'b', shapes: [] }, size: sized.ok ? sized.value : undefined },
    ])
    // 10 ft from −5 to 5, a path of 3 ft, then 5 ft.
    expect(boxOf(both.flatMap(({ ground }) => ground.flat(2)))).toEqual([-5, -5, 13, 5])
  })
})

describe('shapes of one area', () => {
  const lawn = shape({ kind: 'rectangle', x: 0, y: 0, width: 100, length: 60, angle: 0 })
  const house = shape({ kind: 'rectangle', x: 10, y: 5, width: 30, length: 20, angle: 15 }, true)
  const tree = shape({ kind: 'circle', x: -30, y: 10, diameter: 6 }, true)
  const area = (...shapes: PlanShape[]) => {
    const found = planSize(shapes)
    return found.ok ? found.value.area.value.v : found.refusal.key
  }
  test('holes are left out, each by its own formula', () =>
    expect(area(lawn, house, tree)).toBeCloseTo(6_000 - 600 - Math.PI * 9, 9))
  test('what two shapes cover together counts once', () =>
    expect(area(lawn, shape({ kind: 'rectangle', x: 50, y: 0, width: 20, length: 10, angle: 0 }))).toBeCloseTo(
      6_100,
      6,
    ))
  test('a hole half outside is cut as far as it lies inside; one outside cuts nothing, and is told of', () => {
    const half = shape({ kind: 'rectangle', x: 50, y: 0, width: 20, length: 10, angle: 0 }, true)
    const far = shape({ kind: 'rectangle', x: 500, y: 0, width: 20, length: 10, angle: 0 }, true)
    expect(area(lawn, half)).toBeCloseTo(5_900, 6)
    expect(area(lawn, far)).toBeCloseTo(6_000, 6)
    expect(shapeFaults([lawn, half, far]).map(({ shapeId, sentence }) => [shapeId, sentence.key])).toEqual([
      [far.id, 'plan.hole-outside'],
    ])
  })
  test('each hole is told with the shape that it is cut from, one that is in none by itself', () => {
    const bed = shape({ kind: 'rectangle', x: 200, y: 0, width: 20, length: 10, angle: 0 })
    const far = shape({ kind: 'rectangle', x: 500, y: 0, width: 20, length: 10, angle: 0 }, true)
    expect(withTheirHoles([house, bed, far, lawn, tree])).toEqual([
      { shape: bed, holes: [] },
      { shape: lawn, holes: [house, tree] },
      { shape: far, holes: [] },
    ])
  })
  test('nothing drawn, or only holes, is no size', () => {
    expect(area()).toBe('size.empty')
    expect(area(house)).toBe('plan.no-size')
  })
  test('ground and its holes: the area, what lies inside, and how far the edge is', () => {
    fc.assert(
      fc.property(around, number(-90, 90), number(-90, 90), (points, dx, dy) => {
        if (crossing(points)) return
        const ground = groundOf([shape({ kind: 'polygon', points })])
        expect(groundArea(ground) / Math.abs(polygonArea(points as [number, number][]))).toBeCloseTo(1, 5)
        const point: Point = [points[0]![0] + dx, points[0]![1] + dy]
        if (fromEdge(ground, point) > 1e-3)
          expect(inGround(ground, point)).toBe(polygonContains(points as [number, number][], point as [number, number]))
      }),
      { numRuns: 300 },
    )
  })
})

/** Two combs across each other meet 4 n² times. */
test('shapes that cross each other thousands of times are refused with a sentence, and soon', () => {
  const comb = (teeth: number, upright: boolean): PlanShape['outline'] => {
    const along = Array.from({ length: teeth }, (_, i) => 2 * i).flatMap((at): [number, number][] => [
      [at, -5],
      [at, 2 * teeth],
      [at + 1, 2 * teeth],
      [at + 1, -5],
    ])
    const points = [...along, [2 * teeth, -9] as const, [0, -9] as const]
    return { kind: 'polygon', points: upright ? points : points.map(([x, y]) => [y, x] as const) }
  }
  const crossed = (teeth: number): PlanShape[] => [
    { id: 'a', hole: false, outline: comb(teeth, true) },
    { id: 'b', hole: false, outline: comb(teeth, false) },
  ]
  expect(planSize(crossed(5)).ok).toBe(true)
  expect(planSize(crossed(400))).toMatchObject({ ok: false, refusal: { key: 'plan.tangled' } })
  expect(shapeFaults(crossed(400))).toMatchObject([{ shapeId: 'b', sentence: { key: 'plan.tangled' } }])
  expect(groundOf(crossed(400))).toEqual([])
})
