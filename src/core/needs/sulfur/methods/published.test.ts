import { doseOf } from '../../../needs/reaction'
import type { TextureId } from '../../../guides/soils'
import { say } from '../../../sentence/sentence'
import { caCO3PerSulfur, poundsPerTon, sqFtPerAcre } from '../../../units/factors'
import { quantity } from '../../../units/quantity'
import { given } from '../../../units/workings'
import { limeByTexture } from '../../../guides/lime-tables'
import { sulfurTo45 } from '../../../guides/sulfur-tables'
import type { CropId } from '../../../guides/crops'
import type { ProductRef } from '../../../shelf/product'
import { answer, choosing, typed } from '../../../testing/one-area'
import { chemistry } from './chemistry'
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

/** tons/acre × 2000 × 0.9 × 6/7 ÷ 435.6 ÷ 3.12, by hand. */
describe('sulfur by chemistry, from the lime table (molar masses; USDA 1951, recalled), lb S/100 ft²', () => {
  test.each([
    ['loam 6.5 to 5.5: 1.7 tons', 6.5, 5.5, 'loam', 1.7],
    ['across two steps: 0.6 + 0.85', 6.0, 5.0, 'loam', 1.45],
    ['past the table’s end its last step goes on', 7.0, 6.0, 'loam', 1.7],
    ['sand', 6.5, 5.5, 'sand', 0.6],
  ] as const)('%s', (_, from, to, texture, tons) =>
    expect(rate(chemistry, from, to, texture)).toBeCloseTo((tons * 2000 * 0.9 * 6) / 7 / 435.6 / 3.12, 9),
  )
  test('lands within 40 % of the sulfur table on cool sand and loam: a check, not an equality (its lowest step on loam alone is 43 % below)', () => {
    for (const texture of ['sand', 'loam'] as const)
      for (const [from, to] of [
        [6.5, 5.5],
        [6.5, 4.5],
      ] as const)
        expect(
          Math.abs(Number(rate(chemistry, from, to, texture)) / Number(rate(table, from, to, texture)) - 1),
        ).toBeLessThan(0.4)
  })
  test('never leads, though it alone has a row for muck', () =>
    expect(answer({ crop: 'rhododendron', texture: 'muck' }, { pH: typed(6.6) }).reaction.outcome).toBe('unknown'))
})

describe('acidifying salts (equivalents by molar mass; caps common practice)', () => {
  const of = (sulfur: ProductRef, pH: number, crop: CropId = 'rhododendron') => {
    const dose = doseOf(answer({ crop, texture: 'sand', ...choosing({ sulfur }) }, { pH: typed(pH) }).reaction)
    return [dose!.product.material.label.en, dose!.amount.value.v, dose!.remarks[0]?.key] as const
  }
  test('6.93 times the sulfur, while 5 lb per 100 ft² are not passed', () => {
    // Sand, 6.2 to 5.2: 1.2 + 0.12 − 0.56 = 0.76 lb S per 100 ft², 52.7 lb of aluminum sulfate: over; 6.1: 0.7 lb, 48.5 lb.
    expect(of('aluminum-sulfate@1', 6.1)[1]).toBeCloseTo(0.7 * 10 * 6.93, 6)
    expect(of('aluminum-sulfate@1', 6.2)).toMatchObject([
      'sulfur prills, 90%',
      expect.closeTo(7.6 / 0.9, 6),
      'sulfur.salt-over',
    ])
  })
  test('aluminum never where food grows', () =>
    expect(of('aluminum-sulfate@1', 5.7, 'highbush-blueberry')[2]).toBe('sulfur.not-on-food'))
  test('ferrous sulfate: 8.67 times', () => {
    const [label, lb] = of('ferrous-sulfate@1', 6.05)
    expect(label).toBe('sulfur prills, 90%')
    expect(lb).toBeGreaterThan(0)
  })
})

describe('free lime', () => {
  test('6,400 lb S/acre for each %, before the pH moves: not here, with the absurd figure behind (molar masses)', () => {
    const at = (freeLime: string) =>
      answer({ crop: 'rhododendron', texture: 'loam' }, { pH: typed(7), freeLime: typed(freeLime, '%') }).reaction
    expect([at('').outcome, at('1').outcome]).toEqual(['sulfur', 'not-here'])
    const more = at('1').need!.checks[0]!.amount!.value.v - at('').need!.amount!.value.v
    expect(more).toBeCloseTo(6_400 / 43.56 / 0.9, 6)
  })
})
