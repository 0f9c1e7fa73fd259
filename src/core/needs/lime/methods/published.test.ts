import { say } from '../../../sentence/sentence'
import { quantity } from '../../../units/quantity'
import { given } from '../../../units/workings'
import type { LimeInputs } from '../method'
import { limeMethods } from '.'
import { acidity } from './acidity'
import { adamsEvans } from './adams-evans'
import { mehlich } from './mehlich'
import { smp } from './smp'
import { texture } from './texture'
import { triStateLime } from './tri-state-lime'

/** Every expected value was worked by hand from the named source, which was recalled and not copied from its pages. */
const at = (pH: number, aim: number, more: Partial<LimeInputs>): LimeInputs => ({
  pH: given(quantity(pH, 'pH in water'), say('report.pH')),
  aim: given(quantity(aim, 'pH in water'), say('report.pH')),
  climate: 'cool',
  ...more,
})
const smpAt = (buffer: number, aim: number, pH = 5.0) =>
  smp.compute(at(pH, aim, { buffer: quantity(buffer, 'SMP buffer pH') }))
const tons = (outcome: ReturnType<typeof smp.compute>) =>
  outcome.ok ? outcome.value.rate.value.v : outcome.refusal.key

describe('SMP buffer (Shoemaker, McLean & Pratt 1961, NCR Publication 221; recalled)', () => {
  test.each([
    ['a row, to 7.0', 6.4, 7.0, 5.5],
    ['a row, to 6.5', 6.0, 6.5, 8.1],
    ['a row, to 6.0', 5.2, 6.0, 12.3],
    ['the lowest row', 4.8, 6.5, 18.6],
    ['half way between two rows', 6.55, 6.5, (3.8 + 2.9) / 2],
    ['over the gap from 5.0 to 5.2', 5.1, 6.0, (13.7 + 12.3) / 2],
    ['between two columns', 6.2, 6.4, 5.2 + 0.8 * (6.4 - 5.2)],
    ['above the last row, on the line to nothing at 7.0', 6.9, 6.0, 0.5],
    ['at the upper edge', 7.0, 6.5, 0],
    ['an aim below the table: the share of the way to 6.0', 6.2, 5.2, 5.2 * ((5.2 - 4.0) / (6.0 - 4.0)), 4.0],
  ])('%s', (_, buffer, aim, expected, pH = 5.0) => {
    expect(tons(smpAt(buffer, aim, pH))).toBeCloseTo(expected, 9)
  })
  test.each([
    ['below its range', 4.7, 6.5, 'lime.buffer-range'],
    ['above its range', 7.1, 6.5, 'lime.buffer-range'],
    ['an aim above its columns', 6.2, 7.2, 'lime.aim-range'],
  ])('refuses %s', (_, buffer, aim, key) => {
    expect(tons(smpAt(buffer, aim))).toBe(key)
  })
  test('refuses soil that is at the aim', () => expect(tons(smpAt(6.2, 6.5, 6.5))).toBe('lime.nothing-to-raise'))
  const onMuck = (buffer: number, aim = 5.3, pH = 4.8) =>
    tons(smp.compute(at(pH, aim, { buffer: quantity(buffer, 'SMP buffer pH'), texture: 'muck' })))
  test.each([
    ['a row', onMuck(6.0), 5.1],
    ['between rows', onMuck(6.4, 5.2), 2.9],
    ['its lower edge', onMuck(5.5), 7.8],
    ['its upper edge', onMuck(7.0), 0],
    ['a buffer below its rows', onMuck(5.4), 'lime.buffer-range'],
    ['an aim for mineral soil', onMuck(6.2, 6.5), 'lime.organic-aim'],
    ['soil at the aim', onMuck(6.2, 5.3, 5.3), 'lime.nothing-to-raise'],
  ])('organic soil: %s', (_, found, expected) =>
    typeof expected === 'number' ? expect(found).toBeCloseTo(expected, 9) : expect(found).toBe(expected),
  )
})

describe('Adams–Evans (Adams & Evans 1962; recalled), worked points in lb CaCO₃/acre', () => {
  const rate = (pH: number, buffer: number, aim: number) =>
    tons(adamsEvans.compute(at(pH, aim, { buffer: quantity(buffer, 'Adams–Evans buffer pH') })))
  test.each([
    [5.0, 7.7, 6.5, 2276],
    [5.5, 7.8, 6.5, 1212],
    [4.8, 7.5, 6.0, 3138],
    [5.0, 8.0, 6.5, 0],
  ])('pH %d, buffer %d, to %d', (pH, buffer, aim, lbPerAcre) => {
    expect(Math.round(Number(rate(pH, buffer, aim)) * 2000)).toBe(lbPerAcre)
  })
  test.each([
    ['buffer below its range', 5, 6.9, 6.5, 'lime.buffer-range'],
    ['buffer above its range', 5, 8.1, 6.5, 'lime.buffer-range'],
    ['soil below the curve', 4.5, 7.5, 6.5, 'lime.pH-low'],
    ['an aim beyond the curve', 5, 7.5, 7.79, 'lime.aim-range'],
  ])('refuses %s', (_, pH, buffer, aim, key) => {
    expect(rate(pH, buffer, aim)).toBe(key)
  })
})

describe('texture table (USDA Soil Survey Manual 1951; recalled), tons/acre for 7 in', () => {
  const rate = (texture_: LimeInputs['texture'], climate: 'cool' | 'warm', pH: number, aim: number) =>
    tons(texture.compute(at(pH, aim, { texture: texture_, climate })))
  test.each([
    ['a step: loam, cool', 'loam', 'cool', 5.5, 6.5, 1.7],
    ['a step: clay loam, warm', 'clay-loam', 'warm', 4.5, 5.5, 1.5],
    ['the step below 4.5 on sand, warm', 'sand', 'warm', 3.5, 4.5, 0.3],
    ['the step below 4.5 on muck, cool', 'muck', 'cool', 3.5, 4.5, 2.9],
    ['part of a step', 'loam', 'cool', 5.6, 6.4, 1.7 * 0.8],
    ['over two steps', 'silt-loam', 'cool', 5.2, 6.0, 1.5 * 0.3 + 2.0 * 0.5],
    ['clay borrows clay loam', 'clay', 'cool', 5.5, 6.5, 2.3],
    ['an aim past the end is served to the end', 'loam', 'cool', 5.5, 6.6, 1.7],
  ] as const)('%s', (_, soil, climate, pH, aim, expected) => {
    expect(rate(soil, climate, pH, aim)).toBeCloseTo(expected, 9)
  })
  test('below its first step gives the amount from there up (common practice); refuses an aim below it, and soil at the aim', () => {
    expect(rate('loam', 'cool', 4.4, 6.5)).toBeCloseTo(1.2 + 1.7, 9)
    expect(rate('sand', 'cool', 3.4, 6.5)).toBeCloseTo(0.4 + 0.5 + 0.6, 9)
    expect(rate('loam', 'cool', 4.2, 4.5)).toBe('lime.pH-low')
    expect(rate('loam', 'cool', 6.5, 6.5)).toBe('lime.nothing-to-raise')
  })
})

/** Hand arithmetic on the equations as printed: LTI is ten times the buffer pH. */
describe('Tri-State equations (Vitosh, Johnson & Mengel 1995, E-2567; recalled)', () => {
  const at_ = (buffer: number, aim: number, pH = 5.0, more: Partial<LimeInputs> = {}) =>
    tons(triStateLime.compute(at(pH, aim, { buffer: quantity(buffer, 'SMP buffer pH'), ...more })))
  test.each([
    ['to 6.8, LTI 65', 6.5, 6.8, 71.4 - 66.95],
    ['to 6.5, LTI 62', 6.2, 6.5, 60.4 - 53.94],
    ['to 6.0, LTI 68', 6.8, 6.0, 49.3 - 48.28],
    ['half way between 6.0 and 6.5', 6.2, 6.25, (49.3 - 44.02 + 60.4 - 53.94) / 2],
    ['a third of the way from 6.5 to 6.8', 6.5, 6.6, 3.85 + (4.45 - 3.85) / 3],
    ['never below nothing', 7.0, 6.5, 0],
    ['at the lower edge', 4.8, 6.5, 60.4 - 41.76],
  ])('%s', (_, buffer, aim, expected) => expect(at_(buffer, aim)).toBeCloseTo(expected, 9))
  test.each([
    ['a buffer below its range', at_(4.7, 6.5), 'lime.buffer-range'],
    ['a buffer above its range', at_(7.1, 6.5), 'lime.buffer-range'],
    ['an aim above its lines', at_(6.2, 6.9), 'lime.aim-range'],
    ['an aim below its lines', at_(6.2, 5.5), 'lime.aim-low'],
    ['muck', at_(6.2, 6.5, 5, { texture: 'muck' }), 'lime.not-on-muck'],
    ['soil at the aim', at_(6.2, 6.5, 6.5), 'lime.nothing-to-raise'],
  ])('refuses %s', (_, found, key) => expect(found).toBe(key))
  /** Two publications of one body of data: the 7.0 column of the table is these equations' 6.8. */
  test.each([
    [5.6, 7.0, 6.8],
    [6.0, 6.5, 6.5],
    [6.4, 6.0, 6.0],
  ])('lands within 3 %% of the SMP table, buffer %d', (buffer, column, aim) =>
    expect(Number(at_(buffer, aim)) / Number(tons(smpAt(buffer, column)))).toBeCloseTo(1, 1),
  )
})

describe('Mehlich buffer (Mehlich 1976, as used in North Carolina; recalled)', () => {
  const at_ = (pH: number, buffer: number, aim: number) =>
    tons(mehlich.compute(at(pH, aim, { buffer: quantity(buffer, 'Mehlich buffer pH') })))
  test.each([
    ['the worked point: Ac 1.6, pH 5.0 to 6.0', 5.0, 6.2, 6.0, 1.0],
    ['all the way to 6.6', 5.0, 6.2, 6.6, 1.6],
    // Common practice: there is no more acidity to neutralize than the buffer finds.
    ['an aim past 6.6 takes all of it and no more', 6.5, 6.2, 6.8, 1.6],
    ['half the acidity', 5.0, 6.4, 6.0, 0.5],
    ['no acidity, at the upper edge', 5.0, 6.6, 6.0, 0],
    ['at the lower edge: Ac 10.4', 5.0, 4.0, 6.6, 10.4],
  ])('%s', (_, pH, buffer, aim, expected) => expect(at_(pH, buffer, aim)).toBeCloseTo(expected, 9))
  test.each([
    ['a buffer above 6.6', at_(5, 6.7, 6), 'lime.buffer-range'],
    ['a buffer below 4.0', at_(5, 3.9, 6), 'lime.buffer-range'],
    ['soil from pH 6.6', at_(6.6, 6.2, 6.8), 'lime.pH-high'],
    ['soil at the aim', at_(6.0, 6.2, 6.0), 'lime.nothing-to-raise'],
  ])('refuses %s', (_, found, key) => expect(found).toBe(key))
})

/** 1 meq/100 g × 50 mg CaCO₃/meq = 500 ppm; × 2,000,000 lb = 1,000 lb an acre; ÷ 43.56 = 22.96 lb per 1,000 ft². */
describe('neutralizable acidity (chemistry; as a need, common practice)', () => {
  const at_ = (meq: number, pH = 5, aim = 6.5) =>
    tons(acidity.compute(at(pH, aim, { acidity: quantity(meq, 'meq/100 g') })))
  test.each([
    [1, 0.5],
    [2.4, 1.2],
    [0, 0],
  ])('%d meq/100 g is %d tons of pure CaCO₃ an acre', (meq, expected) => expect(at_(meq)).toBeCloseTo(expected, 9))
  test('per 1,000 ft² for each meq', () => expect((Number(at_(1)) * 2000) / 43.56).toBeCloseTo(22.96, 2))
  test('refuses soil at the aim', () => expect(at_(2, 6.5)).toBe('lime.nothing-to-raise'))
})

test.each([
  ['Sikora', smp, triStateLime, 6.2],
  ['Moore–Sikora', adamsEvans, undefined, 7.7],
] as const)(
  'the %s buffer uses the figures of the one it was built to read like, and says so',
  (kind, method, second, reading) => {
    const inputs = at(5, 6.5, { buffer: quantity(reading, `${kind} buffer pH`) })
    expect(limeMethods.filter((one) => one.applies(inputs))).toEqual([method, second].filter(Boolean))
    const found = method.compute(inputs)
    expect(found.ok && found.value.remarks.map((remark) => remark.key)).toEqual(['lime.reads-like'])
  },
)
