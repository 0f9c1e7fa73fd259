import * as fc from 'fast-check'
import { sizeOfPlants, sizeOfRows } from './counted'
import { readSize } from './size'
import { volume } from './volume'

const ft2 = (text: string, measures: 'feet' | 'metres' = 'feet') => {
  const read = readSize(text, measures)
  return read.ok ? read.value.area.value.v : read.refusal.key
}

test('four raised beds of 4 by 8 ft, 12 in deep, hold 128 ft³; 6 in deep half of it', () => {
  const beds = readSize('4 @ 4x8', 'feet')
  if (!beds.ok) throw new Error(beds.refusal.key)
  expect([12, 6].map((depth) => volume(beds.value.area, depth).value.v)).toEqual([128, 64])
})

describe('sizes as people write them (areas by definition of the units)', () => {
  test.each([
    ['12x18', 216],
    ['12 × 18 ft', 216],
    ["12' 6\" x 8'", 100],
    ['2 @ 4x8', 64],
    ['4 of 4x8', 128],
    ['30 ft circle', Math.PI * 225],
    ['circle 30', Math.PI * 225],
    ['radius 15 ft', Math.PI * 225],
    ['0.25 ac', 10_890],
    ['½ acre', 21_780],
    ['450', 450],
    ['450 sq ft', 450],
    ['30+12 x 10', 150],
    ['(30+12) x 10', 420],
    ['48x70 - 12x15', 3180],
    ['3 yd x 4 yd', 108],
    ['2,333', 2333],
    ['12 by 18', 216],
    ['ellipse 20x12', Math.PI * 60],
    ['20 ft x 12 ft oval', Math.PI * 60],
    ['triangle 20 x 12', 120],
    ['triangle 13, 14, 15', 84],
    ['trapezoid 10, 14 x 6', 72],
    ['ring 12 ft, 3 ft', (Math.PI / 4) * 135],
    // Simpson is exact for a parabola: x (4 − x) from 0 to 4 is 32 ÷ 3; the trapezoid rule on 3 steps of y = x is exact.
    ['offsets 0, 3, 4, 3, 0 every 1', 32 / 3],
    ['offsets 0, 1, 2, 3 every 1', 4.5],
    ['7 plants 4 ft wide', 7 * Math.PI * 4],
    ['7 blueberry bushes, each 4 ft across', 7 * Math.PI * 4],
    ['1 tree 12 ft wide', Math.PI * 36],
    ['7 shrubs, 20 sq ft each', 140],
    ['10 rows of 25 ft, 3 ft apart', 750],
    ['10 rows 25 ft long, 30 in apart', 625],
    ['40 ft of row, 3 ft apart', 120],
    ['a 40 ft row 3 ft apart', 120],
  ])('%s', (text, area) => expect(ft2(text)).toBeCloseTo(area, 6))
  test.each([
    ['3.5 m x 2 m', 'feet', 7],
    ['3.5x2', 'metres', 7],
    ['40 m2', 'feet', 40],
    ['40', 'metres', 40],
    ['0.1 ha', 'feet', 1000],
    ['2 m circle', 'metres', Math.PI],
  ] as const)('%s in %s', (text, measures, m2) => expect(Number(ft2(text, measures)) * 0.09290304).toBeCloseTo(m2, 6))
  test.each([
    ['', 'size.empty'],
    ['12 x', 'size.ends'],
    ['7 bushes', 'size.plant-width'],
    ['7 plants 2 ft apart', 'size.plant-width'],
    ['0 plants 2 ft wide', 'size.count'],
    ['10 rows of 25 ft', 'size.rows-apart'],
    ['10 rows', 'size.rows-how'],
    ['12 ft', 'size.length'],
    ['abc', 'size.unexpected'],
    ['0x5', 'size.zero'],
    ['5x0', 'size.zero'],
    ['4x8x2', 'size.three-factors'],
    ['12x18 y', 'size.unexpected'],
    ['10x10 - 20x20', 'size.zero'],
    ['-5x4', 'size.unexpected'],
    ['(12x18', 'size.bracket'],
    ['1.5 @ 4x8', 'size.count'],
    ['200000 ac', 'size.huge'],
    ['circle', 'size.no-diameter'],
    ['triangle 3, 4, 8', 'size.no-triangle'],
    ['triangle 3', 'size.shape-needs'],
    ['ring 3, 12', 'size.ring'],
    ['offsets 4, 5', 'size.shape-needs'],
    ['ellipse big', 'size.shape-needs'],
  ])('“%s” is refused with %s', (text, key) => expect(ft2(text)).toBe(key))
  test('whatever is typed, the area is finite and above nothing, or there is a sentence', () => {
    fc.assert(
      fc.property(
        fc.string({
          unit: fc.constantFrom(
            '1',
            '2',
            '0',
            '.',
            ' ',
            'x',
            '@',
            '+',
            '-',
            '(',
            ')',
            'ft',
            'm',
            'ac',
            "'",
            '"',
            '½',
            'circle',
            'by',
            ',',
            ' plants ',
            ' rows ',
            ' apart',
          ),
        }),
        fc.constantFrom('feet', 'metres'),
        (text, measures) => {
          const read = readSize(text, measures)
          return read.ok
            ? Number.isFinite(read.value.area.value.v) && read.value.area.value.v > 0
            : read.refusal.key.startsWith('size.')
        },
      ),
      { numRuns: 5_000 },
    )
  })
})

/** Written from what people mean, beside the reader: a sum of parts, each of them so many ft². */
describe('shapes, sums, differences and counts in one line', () => {
  const length = fc.integer({ min: 1, max: 90 })
  const parts = fc.oneof(
    fc.tuple(length, length).map(([a, b]) => [`${a}x${b}`, a * b] as const),
    fc.tuple(length, length).map(([a, b]) => [`${a} ft by ${b} ft`, a * b] as const),
    length.map((d) => [`${d} ft circle`, (Math.PI * d * d) / 4] as const),
    length.map((d) => [`circle ${d} ft`, (Math.PI * d * d) / 4] as const),
    length.map((r) => [`${r} ft radius`, Math.PI * r * r] as const),
    length.map((d) => [`${d} ft in diameter`, (Math.PI * d * d) / 4] as const),
    length.map((a) => [`${a} sq ft`, a] as const),
    fc
      .tuple(length, length, length)
      .map(([a, b, c]) => [`(${a}x${b} + ${c} ft circle)`, a * b + (Math.PI * c * c) / 4] as const),
  )
  const signed = fc.array(fc.tuple(fc.constantFrom('+', '-'), parts), { maxLength: 4 })
  test('come to what their parts come to, or are refused', () => {
    let read = 0
    fc.assert(
      fc.property(parts, signed, fc.integer({ min: 1, max: 9 }), ([first, area], others, count) => {
        const sum = others.reduce((now, [sign, [, v]]) => (sign === '+' ? now + v : now - v), area)
        const text = `${count > 1 ? `${count} @ ` : ''}${[first, ...others.map(([sign, [words]]) => `${sign} ${words}`)].join(' ')}`
        fc.pre(text.length <= 120)
        const found = ft2(text)
        if (sum <= 1e-9) return expect(found).toBe('size.zero')
        read += 1
        expect(Number(found) / (sum * count)).toBeCloseTo(1, 9)
      }),
      { numRuns: 2_000 },
    )
    expect(read).toBeGreaterThan(1_000)
  })
  test.each([
    ['4 ft circle + 4 ft circle', 8 * Math.PI],
    ['10 ft circle - 4 ft circle', 21 * Math.PI],
    ['4 ft circle + 10x20', 4 * Math.PI + 200],
    ['6 @ 50 sq ft', 300],
    ['3 @ 4 ft circle', 12 * Math.PI],
  ])('“%s”', (text, expected) => expect(ft2(text)).toBeCloseTo(expected, 9))
  test.each([
    ['4 ft circle x 3', 'size.circle-area'],
    ['4x8 circle', 'size.circle-area'],
    ['10x10 + circle', 'size.no-diameter'],
    ['4 ft circle 3', 'size.unexpected'],
  ])('“%s” is refused with %s', (text, key) => expect(ft2(text)).toBe(key))
})

test('plants that were counted in a field of their own are as many as the field takes', () => {
  // 100,000 plants of 50 ft² each (arithmetic).
  expect(sizeOfPlants(100_000, 50).area.value.v).toBe(5_000_000)
  expect(sizeOfRows(1, 40, 3)).toMatchObject({ rows: { length: 40, spacing: 3 }, area: { value: { v: 120 } } })
})

test('what is not said of plants and rows comes from their crop and rows, and is said as assumed', () => {
  // A full-grown highbush blueberry stands on about 50 ft² (common practice).
  const bushes = readSize('7 bushes', 'feet', undefined, { perPlant: 50 })
  expect(bushes).toMatchObject({ value: { count: 7, of: 'plant', assumed: true, area: { value: { v: 350 } } } })
  expect(readSize('10 rows of 25 ft', 'feet', undefined, { spacing: 3 })).toMatchObject({
    value: { rows: { length: 250, spacing: 3 }, area: { value: { v: 750 } } },
  })
})
