import type { YieldUnit } from '../guides/crop'
import type { LimeScaleId } from './lime-scales'
import { check, type Field, type Typed } from '../units/typed'
import { rateUnitWords } from '../units/rates'
import { bagsWords, bushels, feet, inches, kilograms, ounces, percent, pounds, tonsPerAcre } from './unit-words'

const printedRate = (high: number, example: string): Field => ({ units: rateUnitWords, low: 0, high, example })

/** The ranges outside which a number is not believed, whatever the method. Source: common practice. */
export const fields = {
  pace: { units: feet, low: 1, high: 6, example: '2.5' },
  /** A crop's own is one of these: `yieldFields`. */
  expectedYield: { units: [...bushels, ...tonsPerAcre], low: 0.5, high: 400, example: '60' },
  toWater: { units: feet, low: 0, high: 5_280, example: '40' },
  cores: { units: [], low: 1, high: 60, example: '10' },
  plants: { units: [], low: 1, high: 100_000, example: '6' },
  age: { units: [{ unit: 'years', words: ['year', 'years', 'yr', 'y'] }], low: 0, high: 200, example: '4' },
  shoots: { units: inches, low: 0, high: 240, example: '14' },
  rowLength: { units: feet, low: 1, high: 1_000_000, example: '120' },
  rowSpacing: { units: [...feet, ...inches], low: 0.1, high: 200, example: '3' },
  slowNitrogen: { units: percent, low: 0, high: 100, example: '50' },
  depth: { units: inches, low: 1, high: 24, example: '6' },
  bag: { units: pounds, low: 0.25, high: 3_000, example: '40' },
  swath: { units: feet, low: 0.5, high: 60, example: '8' },
  setting: { units: [], low: 0, high: 1_000, example: '12' },
  strip: { units: feet, low: 5, high: 5_000, example: '50' },
  hopper: { units: [...pounds, ...ounces, ...kilograms], low: 0, high: 2_000, example: '20 lb' },
  inShed: { units: [...pounds, ...ounces, ...kilograms, ...bagsWords], low: 0.01, high: 50_000, example: '12 lb' },
  lime: printedRate(100_000, '2 tons/acre'),
  sulfur: printedRate(10_000, '1.5 lb/100 ft2'),
  nutrient: printedRate(2_000, '3 lb/1000'),
  cap: printedRate(100_000, '35 lb/1000'),
  overruled: {
    units: [...rateUnitWords, ...pounds, ...ounces, ...kilograms],
    low: 0,
    high: 1_000_000,
    example: '2 lb/1000',
  },
  aim: { units: [], low: 3.5, high: 8.5, example: '6.5' },
} as const satisfies Record<string, Field>

/** What a plot may be hoped to yield, in the unit that its crop goes by. Source: common practice. */
export const yieldFields = {
  'bu/acre': { units: bushels, low: 5, high: 400, example: '60' },
  'tons/acre': { units: tonsPerAcre, low: 0.5, high: 15, example: '2' },
} as const satisfies Record<YieldUnit, Field>

/** What a bag of lime prints, by the scale it prints it on; sieves go by percent. */
export const limeFields: Readonly<Record<LimeScaleId, Field>> = {
  effective: { units: percent, low: 5, high: 178, example: '88' },
  ecce: { units: percent, low: 5, high: 178, example: '72' },
  enp: { units: [{ unit: 'lb/ton', words: ['lb/ton'] }], low: 100, high: 3_560, example: '1650' },
  enm: { units: [{ unit: 'lb/ton', words: ['lb/ton'] }], low: 40, high: 1_424, example: '640' },
  'sieves-ohio': { units: percent, low: 0, high: 178, example: '95' },
  'sieves-iowa': { units: percent, low: 0, high: 178, example: '95' },
  'sieves-half': { units: percent, low: 0, high: 178, example: '95' },
  'sieves-enm': { units: percent, low: 0, high: 178, example: '95' },
}
export const sieveField: Field = { units: percent, low: 0, high: 100, example: '80' }
export const cceField: Field = { units: percent, low: 5, high: 178, example: '95' }
export const moistureField: Field = { units: percent, low: 0, high: 60, example: '5' }

/** The number in a field, undefined where there is none or none that can be used. */
export function numberIn(field: Field, typed: Typed): number | undefined {
  const read = check(field, typed)
  return read.ok ? read.value : undefined
}
