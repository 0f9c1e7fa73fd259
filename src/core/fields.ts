import type { BufferKind } from './units/quantity'
import { check, type Field, type Typed } from './units/typed'
import { rateUnitWords, soilUnitWords } from './units/rates'

const percent = [{ unit: '%', words: ['%', 'percent'] }]
const pounds = [{ unit: 'lb', words: ['lb', 'lbs', 'pounds', '#'] }]
const inches = [
  { unit: 'in', words: ['in', 'inch', 'inches', '"'] },
  { unit: 'cm', words: ['cm'] },
]
const soilTest = (high: number, example: string): Field => ({ units: soilUnitWords, low: 0, high, example })
const printedRate = (high: number, example: string): Field => ({ units: rateUnitWords, low: 0, high, example })

/** The ranges outside which a number is not believed, whatever the method. Source: common practice. */
export const fields = {
  pH: { units: [], low: 3, high: 10, example: '6.1' },
  organicMatter: { units: percent, low: 0, high: 100, example: '3.2' },
  cec: {
    units: [{ unit: 'meq/100 g', words: ['meq', 'meq/100 g', 'meq/100g', 'cmol/kg', 'cmol(c)/kg'] }],
    low: 0.1,
    high: 200,
    example: '11.5',
  },
  acidity: {
    units: [{ unit: 'meq/100 g', words: ['meq', 'meq/100 g', 'meq/100g', 'cmol/kg', 'cmol(c)/kg'] }],
    low: 0,
    high: 40,
    example: '2.4',
  },
  P: soilTest(3_000, '28'),
  K: soilTest(10_000, '140'),
  Mg: soilTest(10_000, '95'),
  depth: { units: inches, low: 1, high: 24, example: '6' },
  limeEffective: { units: percent, low: 5, high: 110, example: '88' },
  bag: { units: pounds, low: 0.25, high: 3_000, example: '40' },
  lime: printedRate(100_000, '2 tons/acre'),
  sulfur: printedRate(10_000, '1.5 lb/100 ft2'),
  nutrient: printedRate(2_000, '3 lb/1000'),
} as const satisfies Record<string, Field>

/** Each buffer has a range of its own. SMP and Adams–Evans as their methods were published; Mehlich's low end is common practice. */
export const bufferFields: Readonly<Record<BufferKind, Field>> = {
  SMP: { units: [], low: 4.8, high: 7.0, example: '6.5' },
  Sikora: { units: [], low: 4.8, high: 7.0, example: '6.5' },
  'Adams–Evans': { units: [], low: 7.0, high: 8.0, example: '7.7' },
  'Moore–Sikora': { units: [], low: 7.0, high: 8.0, example: '7.7' },
  Mehlich: { units: [], low: 4.0, high: 6.6, example: '6.1' },
}

/** The number in a field, undefined where there is none or none that can be used. */
export function numberIn(field: Field, typed: Typed): number | undefined {
  const read = check(field, typed)
  return read.ok ? read.value : undefined
}
