import { say } from '../../sentence'
import { quantity } from '../../units/quantity'
import { given } from '../../workings'
import type { LimeInputs } from '../method'
import { adamsEvans } from './adams-evans'
import { smp } from './smp'
import { texture } from './texture'

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
  test('refuses soil that is at the aim, and muck', () => {
    expect(tons(smpAt(6.2, 6.5, 6.5))).toBe('lime.nothing-to-raise')
    expect(tons(smp.compute(at(5, 6.5, { buffer: quantity(6.2, 'SMP buffer pH'), texture: 'muck' })))).toBe(
      'lime.not-on-muck',
    )
  })
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
  test('refuses soil below its first step, and soil at the aim', () => {
    expect(rate('loam', 'cool', 4.4, 6.5)).toBe('lime.pH-low')
    expect(rate('sand', 'cool', 3.4, 6.5)).toBe('lime.pH-low')
    expect(rate('loam', 'cool', 6.5, 6.5)).toBe('lime.nothing-to-raise')
  })
})
