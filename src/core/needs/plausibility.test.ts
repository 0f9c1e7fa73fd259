import type { ReportParts } from '../report/report-with'
import { blankReport } from '../case/blank'
import { found, typed } from '../testing/one-area'
import { quantity } from '../units/quantity'
import type { ReadReport } from '../reading/soil'
import { baseSaturation } from '../reading/bases'
import { implausible } from './plausibility'

/** meq by hand from the equivalent weights: K 391 ppm, Mg 121.5 ppm for each meq/100 g. */
const warned = (soil: Partial<Record<'cec' | 'matter', number>>, tests: ReadReport['tests']) =>
  implausible(
    {
      soil: {
        cec: soil.cec === undefined ? undefined : quantity(soil.cec, 'meq/100 g'),
        organicMatter: soil.matter === undefined ? undefined : quantity(soil.matter, '% organic matter'),
      },
      tests,
      unnamed: {},
      bases: baseSaturation(tests, soil.cec === undefined ? undefined : quantity(soil.cec, 'meq/100 g')),
    },
    null,
    null,
  ).map(({ sentence }) => sentence.key)
const ppm = (K: number, Mg: number) => ({ K: quantity(K, 'ppm K'), Mg: quantity(Mg, 'ppm Mg') })

test.each([
  ['1 meq K and 2 of Mg in 3', { cec: 3 }, ppm(391, 243), []],
  ['the same in a CEC of 2.9, which rounding may explain', { cec: 2.9 }, ppm(391, 243), []],
  ['the same in a CEC of 2.8: half would fit', { cec: 2.8 }, ppm(391, 243), ['plausible.bases-halved']],
  ['more than twice the CEC', { cec: 1.4 }, ppm(391, 243), ['plausible.bases']],
  ['lb/acre are twice the ppm', { cec: 3 }, { K: quantity(782, 'lb/acre K'), Mg: quantity(486, 'lb/acre Mg') }, []],
  ['no CEC, no sum', {}, ppm(9_000, 9_000), []],
  ['organic matter of 20 %', { matter: 20 }, {}, []],
  ['organic matter of 21 %', { matter: 21 }, {}, ['plausible.organic-matter']],
] as const)('%s', (_, soil, tests, keys) => expect(warned(soil, tests)).toEqual(keys))

const full = (report: ReportParts, crop = 'tomato') => found({ crop, texture: 'loam' }, report).doubts
describe('doubts with a remedy', () => {
  test('bases in lb/acre: Ca 3000 and Mg 400 are 18.3 meq, half of them 9.1 of a CEC of 10', () => {
    const report = { cec: typed('10'), Ca: typed('3000', 'ppm'), Mg: typed('400', 'ppm') }
    expect(full(report)).toMatchObject([
      { field: 'cec', remedy: { kind: 'unit', unit: 'lb/acre', elements: ['Ca', 'Mg'] } },
    ])
  })
  test('a buffer reading by another buffer; one that no buffer gives has no remedy', () => {
    expect(full({ buffer: 'SMP', bufferPH: typed('7.7') })).toMatchObject([
      { field: 'bufferPH', remedy: { kind: 'buffer', buffer: 'Adams–Evans' } },
    ])
    expect(full({ buffer: 'Adams–Evans', bufferPH: typed('6.4') })).toMatchObject([{ remedy: { buffer: 'SMP' } }])
    expect(full({ buffer: 'SMP', bufferPH: typed('9') })).toEqual([])
    expect(full({ buffer: 'Sikora', bufferPH: typed('6.4') })).toEqual([])
  })
  test('the laboratory’s lime more than a quarter off our method is doubted, within it is not', () => {
    // SMP 6.5 to 6.4: 3.66 tons, of which 6 of 8 in, × 0.65 ÷ 0.9: 91 lb/1,000 ft² (worked by hand).
    const led = (lime: string) => {
      const { recommends } = blankReport('')
      return full({
        pH: typed('5.6'),
        buffer: 'SMP',
        bufferPH: typed('6.5'),
        recommends: { ...recommends, lime: typed(lime, 'lb/1000 ft²') },
      })
    }
    expect(led('95')).toEqual([])
    expect(led('60')).toMatchObject([{ field: 'recommends.lime', sentence: { key: 'plausible.dose-apart' } }])
    expect(led('160')).toHaveLength(1)
  })
})
