import type { TextureId } from '../../guides/soils'
import { say } from '../../sentence'
import { caCO3PerSulfur, poundsPerTon, sqFtPerAcre } from '../../units/factors'
import { quantity } from '../../units/quantity'
import { given } from '../../workings'
import { limeByTexture } from '../../guides/lime-tables'
import { sulfurTo45 } from '../../guides/sulfur-tables'
import { table } from './table'
import { tenths } from './tenths'

const pH = (v: number) => given(quantity(v, 'pH in water'), say('report.pH'))
const rate = (method: typeof table, from: number, to: number, texture: TextureId) => {
  const outcome = method.compute({ pH: pH(from), aim: pH(to), texture, climate: 'cool' })
  return outcome.ok ? outcome.value.rate.value.v : outcome.refusal.key
}

describe('sulfur table (Pritts & Hancock, NRAES-55; recalled), lb S/100 ft²', () => {
  test.each([
    ['a row on sand', 6.5, 4.5, 'sand', 1.5],
    ['a row on loam', 7.0, 4.5, 'loam', 5.8],
    ['the last row', 7.5, 4.5, 'loam', 6.9],
    ['a difference of two rows', 6.5, 5.0, 'loam', 4.6 - 1.2],
    ['between rows at both ends', 6.6, 5.2, 'loam', 3.16],
    ['sandy loam borrows sand, the lower', 6.0, 5.0, 'sandy-loam', 0.8],
    ['clay takes half as much again (common practice)', 6.5, 5.0, 'clay', 5.1],
  ] as const)('%s', (_, from, to, texture, expected) => {
    expect(rate(table, from, to, texture)).toBeCloseTo(expected, 9)
  })
  test.each([
    ['above its last row', 7.6, 5.0, 'loam', 'sulfur.pH-high'],
    ['an aim below its first row', 6.0, 4.4, 'loam', 'sulfur.aim-low'],
    ['soil at the aim', 5.0, 5.0, 'loam', 'sulfur.nothing-to-lower'],
    ['muck', 6.0, 5.0, 'muck', 'sulfur.no-row'],
  ] as const)('refuses %s', (_, from, to, texture, key) => {
    expect(rate(table, from, to, texture)).toBe(key)
  })
  test('agrees with the lime table by chemistry, within the 40 % the two sources allow each other', () => {
    // An independent route: the cool lime table's tons of CaCO₃ for one pH unit (× 0.9 effective, 7 in to 6 in), ÷ 3.12.
    const byChemistry =
      (((limeByTexture.cool.loam[1]!.tons * 0.9 * poundsPerTon * 6) / 7 / sqFtPerAcre) * 100) / caCO3PerSulfur
    const byTable = sulfurTo45.loam[4]![1] - sulfurTo45.loam[2]![1]
    expect(Math.abs(byChemistry / byTable - 1)).toBeLessThan(0.4)
  })
})

describe('tenths rule (common practice)', () => {
  test('6.9 to 5.0 is nineteen tenths: 3.8 lb S/100 ft²', () =>
    expect(rate(tenths, 6.9, 5.0, 'loam')).toBeCloseTo(3.8, 9))
  test.each(['sand', 'sandy-loam', 'muck'] as const)('is refused on %s', (texture) =>
    expect(rate(tenths, 6.5, 5, texture)).toBe('sulfur.tenths-not-here'),
  )
})
