import { inSeason, withParts, type AreaInSeason } from '../case/in-season'
import * as fc from 'fast-check'
import { blankApplication, blankArea } from '../case/blank'
import { crops, pottedCrops } from '../guides/crops'
import { houseSampling } from '../guides/sampling'
import { defaultGuide } from '../guides/guides'
import { withSchools } from '../guides/schools'
import { groundOf } from '../ground/plan/plan-size'
import { fromEdge, groundArea, inGround, type Point } from '../geometry/polygon'
import { coresFor, depthFor, testsFor, type Sampled } from './advice'
import { initials, sampleCode } from './codes'
import { compositeSpots, coreSpots, cornerGround, evenness } from './spots'
import { spotSummary } from './spot-check'
import { againstMix, apart, proposed } from './together'

const known = { ...crops, ...pottedCrops }
const ground = (crop: keyof typeof known | null, more: Partial<AreaInSeason> = {}, size?: number): Sampled => ({
  area: inSeason(withParts(blankArea(`${crop} ${JSON.stringify(more)}`, 'A'), '2026', { crop, ...more }), '2026'),
  applied: [],
  crop: crop && known[crop],
  size,
})

describe('how many cores, how deep, which tests (common practice)', () => {
  test.each([
    [99, 6],
    [100, 10],
    [5_000, 10],
    [5_001, 15],
    [undefined, 10],
  ])('%s ft²: %d cores', (sqFt, cores) => expect(coresFor(sqFt, houseSampling)).toBe(cores))
  test.each([
    ['A', 50, 10],
    ['B', 1_000, 12],
    ['B', 9_000, 15],
    ['C', 320, 6],
  ])('school %s, %d ft²: %d cores', (cores, sqFt, expected) =>
    expect(coresFor(sqFt, withSchools(defaultGuide, { cores }).sampling)).toBe(expected),
  )
  test.each([
    ['a vegetable bed', [ground('tomato')], 0, 6],
    ['a lawn', [ground('zoysia')], 0, 4],
    ['mix', [ground('potted-plants')], 0.5, 6],
    ['where children play', [ground('zoysia', { concerns: ['play'] })], 0, 1],
  ])('%s', (_, those, from, to) => expect(depthFor(those, houseSampling)).toEqual({ from, to }))
  test.each([
    ['a lawn', [ground('zoysia')], ['routine']],
    ['vegetables', [ground('tomato')], ['routine', 'nitrate']],
    [
      'burnt vegetables by the road',
      [ground('tomato', { concerns: ['burnt', 'lead'] })],
      ['routine', 'salts', 'lead', 'nitrate'],
    ],
    ['weak roses', [ground('roses', { concerns: ['weak'] })], ['routine', 'micronutrients']],
    ['mix', [ground('potted-vegetables', { concerns: ['weak'] })], ['media']],
  ])('tests for %s', (_, those, tests) => expect(testsFor(those).map(({ test: one }) => one)).toEqual(tests))
})

describe('what may share a bag (common practice: managed alike, one soil, one kind of crop)', () => {
  const because = (a: Sampled, b: Sampled) => apart(a, b).map(({ key }) => key)
  const manured = { ...ground('tomato'), applied: [{ ...blankApplication('p', 'a', '2025'), what: 'manure' as const }] }
  test.each<[string, Sampled, Sampled, string[]]>([
    ['two tomato beds', ground('tomato'), ground('tomato'), []],
    ['tomatoes and cabbage', ground('tomato'), ground('cabbage'), []],
    ['a lawn and a bed', ground('zoysia'), ground('tomato'), ['sample.apart-use']],
    ['potatoes and cabbage', ground('potato'), ground('cabbage'), ['sample.apart-aim']],
    ['zoysia and fescue', ground('zoysia'), ground('fine-fescue'), ['sample.apart-crop']],
    ['rhododendrons and roses', ground('rhododendron'), ground('roses'), ['sample.apart-crop', 'sample.apart-acid']],
    [
      'sand and clay',
      ground('tomato', { texture: 'sand' }),
      ground('tomato', { texture: 'clay' }),
      ['sample.apart-texture'],
    ],
    ['clay and who knows', ground('tomato', { texture: 'clay' }), ground('tomato'), []],
    ['a bad corner', ground('tomato', { concerns: ['weak'] }), ground('tomato'), ['sample.apart-trouble']],
    ['one was manured', manured, ground('tomato'), ['sample.apart-past']],
    [
      'level and steep',
      ground('clover', { lie: { ...blankArea('', '').lie, slope: 'steep' } }),
      ground('clover', { lie: { ...blankArea('', '').lie, slope: 'level' } }),
      ['sample.apart-slope'],
    ],
  ])('%s', (_, a, b, keys) => {
    expect(because(a, b)).toEqual(keys)
    expect(because(b, a)).toEqual(keys)
  })
  test('the fewest bags that nothing speaks against', () => {
    const all = [ground('tomato'), ground('zoysia'), ground('cabbage'), ground('rhododendron'), ground(null)]
    expect(proposed(all).map((bag) => bag.map(({ area }) => all.findIndex((one) => one.area === area)))).toEqual([
      [0, 2],
      [1],
      [3],
      [4],
    ])
    expect(againstMix(all.slice(0, 3)).map(({ key }) => key)).toEqual(['sample.apart-use'])
  })
})

describe('where the cores lie', () => {
  const number = (min: number, max: number) => fc.integer({ min: min * 100, max: max * 100 }).map((v) => v / 100)
  const anyGround = fc
    .record({
      width: number(3, 120),
      length: number(3, 120),
      angle: number(0, 180),
      hole: number(0, 0.5),
      L: fc.boolean(),
    })
    .map(({ width, length, angle, hole, L }) => {
      const shape = (id: string, x: number, w: number, l: number, cut = false) => ({
        id,
        hole: cut,
        outline: { kind: 'rectangle' as const, x, y: 0, width: w, length: l, angle },
      })
      return groundOf([
        shape('a', 0, width, length),
        ...(L ? [shape('b', width / 2, width, length / 2)] : []),
        ...(hole > 0.1 ? [shape('h', 0, width * hole, length * hole, true)] : []),
      ])
    })
  test('inside, out of the holes, off the edges, and the same each time', () => {
    fc.assert(
      fc.property(
        anyGround,
        fc.integer({ min: 3, max: 20 }),
        fc.integer({ min: 0, max: 2 ** 31 }),
        (one, count, seed) => {
          const spots = coreSpots(one, count, seed)
          expect(spots).toHaveLength(count)
          expect(coreSpots(one, count, seed)).toEqual(spots)
          for (const spot of spots) {
            expect(inGround(one, spot)).toBe(true)
            expect(fromEdge(one, spot)).toBeGreaterThan(0)
          }
        },
      ),
      { numRuns: 150 },
    )
  })
  test('spread more evenly than chance would (Clark & Evans 1954, recalled: 1 is by chance)', () => {
    const draws = fc.sample(fc.tuple(anyGround, fc.integer({ min: 6, max: 20 }), fc.nat()), { numRuns: 150 })
    const found = draws.map(([one, count, seed]) => evenness(coreSpots(one, count, seed), groundArea(one)) ?? 0)
    // Of a few spots on a crooked ground one draw may by chance be no better than chance.
    expect(found.reduce((sum, one) => sum + one, 0) / found.length).toBeGreaterThan(1.2)
    expect(found.filter((one) => one <= 1).length).toBeLessThan(found.length * 0.05)
  })
  test('evenness of a square grid is 2 (each neighbor one step off, by hand)', () => {
    const grid = Array.from({ length: 100 }, (_, i): Point => [i % 10, Math.floor(i / 10)])
    expect(evenness(grid, 100)).toBeCloseTo(2, 9)
    expect(evenness([[0, 0]], 1)).toBeUndefined()
  })
  test('areas of one composite share its cores by size, one each at least', () => {
    const of = (areaId: string, side: number) => ({
      areaId,
      ground: groundOf([
        { id: areaId, hole: false, outline: { kind: 'rectangle', x: 0, y: 0, width: side, length: side, angle: 0 } },
      ]),
    })
    const spots = compositeSpots([of('large', 30), of('middle', 20), of('small', 3)], 10, 1)
    const counts = ['large', 'middle', 'small'].map((id) => spots.filter(({ areaId }) => areaId === id).length)
    // 900, 400 and 9 of 1,309 ft²: 6.9, 3.1 and 0.07 of ten; the small one still gets its core.
    expect(counts).toEqual([6, 3, 1])
    expect(compositeSpots([], 10, 1)).toEqual([])
    expect(compositeSpots([{ areaId: 'unknown', ground: [] }], 10, 1)).toEqual([])
  })
  test('a bad corner is a sixth of its area around the marked spot, and its cores stay there (common practice)', () => {
    const bed = groundOf([
      { id: 'b', hole: false, outline: { kind: 'rectangle', x: 0, y: 0, width: 60, length: 40, angle: 0 } },
    ])
    const corner = cornerGround(bed, [0, 0])
    expect(groundArea(corner) / 2_400).toBeCloseTo(1 / 6, 2)
    // At an edge less of it lies inside.
    expect(groundArea(cornerGround(bed, [30, 0]))).toBeCloseTo(groundArea(corner) / 2, 0)
    for (const [x, y] of coreSpots(corner, 6, 2)) expect(Math.hypot(x, y)).toBeLessThan(Math.sqrt(400 / Math.PI))
  })
  test('a zigzag walk is far shorter than going at random', () => {
    const field = groundOf([
      { id: 'f', hole: false, outline: { kind: 'rectangle', x: 0, y: 0, width: 120, length: 60, angle: 0 } },
    ])
    const spots = coreSpots(field, 15, 4)
    const walk = spots.slice(1).reduce((sum, [x, y], i) => sum + Math.hypot(x - spots[i]![0], y - spots[i]![1]), 0)
    // Fifteen cells of 7,200 ft² are about 22 ft across; two random points of it lie about 55 ft apart.
    expect(walk / 14).toBeLessThan(40)
  })
})

describe('codes', () => {
  test.each([
    ['Vale End Primary School', 'VEP'],
    ['Brannoch and Sela Whitlow', 'BSW'],
    ['Élodie', 'EL'],
    ['', 'X'],
    ['1st & 2nd', '12'],
  ])('%s: %s', (name, expected) => expect(initials(name)).toBe(expected))
  test('are never used twice, whatever their case', () => {
    const taken = new Set(['vep-rb-a1', 'VEP-RB-A2'])
    expect(sampleCode('Vale End Primary', 'Raised beds', 'A', taken)).toBe('VEP-RB-A3')
    expect(sampleCode('Vale End Primary', 'Raised beds', 'B', taken)).toBe('VEP-RB-B1')
  })
})

/** Mean and standard deviation by hand; even within 0.5 pH is common practice. */
describe('spot checks', () => {
  test('even ground', () =>
    expect(spotSummary([6.1, 6.3, 6.5], 0.5)).toMatchObject({
      count: 3,
      mean: expect.closeTo(6.3, 9),
      sd: expect.closeTo(0.2, 9),
      low: 6.1,
      high: 6.5,
      even: true,
      oddOne: undefined,
    }))
  test.each([
    ['exactly half a pH', [6.0, 6.5], true, undefined],
    ['a little more', [6.0, 6.51], false, undefined],
    ['one bad corner', [6.2, 5.1, 6.3, 6.4], false, 1],
    ['two of them: no single one', [6.2, 5.1, 6.3, 7.4], false, undefined],
    ['of two that would do, the further from the rest', [6.0, 6.4, 6.9], false, 2],
  ])('%s', (_, readings, even, oddOne) => expect(spotSummary(readings, 0.5)).toMatchObject({ even, oddOne }))
  test('one reading has no spread, none no mean', () => {
    expect(spotSummary([6], 0.5)).toEqual({ count: 1, mean: 6, low: 6, high: 6 })
    expect(spotSummary([], 0.5)).toBeUndefined()
  })
})
