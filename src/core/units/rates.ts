import { given, derive, type Derived, type Working } from './workings'
import { say } from '../sentence/sentence'
import {
  ouncesPerPound,
  poundsPerTon,
  sqFtPerAcre,
  gramsPerPound,
  sqFtPerSqMetre,
  sqFtPerSqYard,
  sqFtPerHectare,
} from './factors'
import { quantity, type Substance } from './quantity'
import type { UnitWords } from './typed'

/** Units in which laboratories and leaflets print a rate, as lb per 1,000 ft² of one of them. */
export const rateUnits = {
  'tons/acre': (poundsPerTon * 1000) / sqFtPerAcre,
  'lb/acre': 1000 / sqFtPerAcre,
  'lb/1000 ft²': 1,
  'lb/100 ft²': 10,
  'g/m²': 1000 / sqFtPerSqMetre / gramsPerPound,
  'kg/ha': (1000 * 1000) / sqFtPerHectare / gramsPerPound,
  'kg/are': (100 * 1000 * 1000) / sqFtPerHectare / gramsPerPound,
  'oz/yd²': 1000 / ouncesPerPound / sqFtPerSqYard,
  'lb/100 yd²': 1000 / 100 / sqFtPerSqYard,
} as const

export type RateUnit = keyof typeof rateUnits

/** What turns a rate per acre into one per 1,000 ft². */
export const acre = given(quantity(sqFtPerAcre / 1000, 'thousands of ft² in an acre'), say('unit.acre'), 'arithmetic')

/** A rate per acre as one per 1,000 ft². */
export const perThousand = <S extends Substance>(substance: S, perAcre: Working): Derived<`lb ${S}/1000 ft²`> =>
  derive(
    `lb ${substance}/1000 ft²`,
    'per_acre / acre',
    { per_acre: perAcre, acre },
    say('unit.per-thousand'),
    'arithmetic',
  )

/** What a rate comes to on an area. */
export const onArea = <S extends Substance>(
  substance: S,
  rate: Working<`lb ${S}/1000 ft²`>,
  area: Working<'ft²'>,
): Derived<`lb ${S}`> =>
  derive(`lb ${substance}`, 'rate * area / 1000', { rate, area }, say('area.share'), 'arithmetic')

/** What an amount on an area comes to on 1,000 ft². */
export const overArea = <S extends Substance>(
  substance: S,
  amount: Working<`lb ${S}`>,
  area: Working<'ft²'>,
): Derived<`lb ${S}/1000 ft²`> =>
  derive(
    `lb ${substance}/1000 ft²`,
    'amount * 1000 / area',
    { amount, area },
    say('unit.per-thousand-area'),
    'arithmetic',
  )

const acreWords = ['acre', 'ac', 'a']
const written = (weights: readonly string[], grounds: readonly string[]) =>
  weights.flatMap((weight) =>
    grounds.flatMap((ground) => [`${weight}/${ground}`, `${weight} / ${ground}`, `${weight} per ${ground}`]),
  )
const thousand = [
  '1000',
  '1,000',
  'm',
  'k',
  '1000 ft²',
  '1000 ft2',
  '1000 sq ft',
  '1000 sqft',
  '1,000 ft²',
  '1,000 ft2',
  '1,000 sq ft',
  '1,000 sqft',
]
const squareYard = ['yd²', 'yd2', 'sq yd', 'sq yard', 'square yard']
const hundred = ['100', '100 ft²', '100 ft2', '100 sq ft', '100 sqft']

export const rateUnitWords: readonly (UnitWords & { readonly unit: RateUnit })[] = [
  { unit: 'tons/acre', words: written(['ton', 'tons', 't'], acreWords) },
  { unit: 'lb/acre', words: written(['lb', 'lbs', 'pounds', '#'], acreWords) },
  { unit: 'lb/1000 ft²', words: written(['lb', 'lbs', 'pounds', '#'], thousand) },
  { unit: 'lb/100 ft²', words: written(['lb', 'lbs', 'pounds', '#'], hundred) },
  { unit: 'g/m²', words: ['g/m2', 'g/m²', 'g per m2'] },
  { unit: 'kg/ha', words: ['kg/ha', 'kg per ha'] },
  { unit: 'kg/are', words: written(['kg'], ['are', '100 m²', '100 m2', 'a']) },
  { unit: 'oz/yd²', words: written(['oz', 'ounces'], squareYard) },
  {
    unit: 'lb/100 yd²',
    words: written(
      ['lb', 'lbs', 'pounds'],
      squareYard.map((yard) => `100 ${yard}`),
    ),
  },
]

export const soilUnitWords: readonly UnitWords[] = [
  { unit: 'ppm', words: ['ppm', 'mg/kg'] },
  { unit: 'lb/acre', words: written(['lb', 'lbs', 'pounds', '#'], acreWords) },
  { unit: 'index', words: ['index', 'i'] },
]

/**
 * A printed rate in lb per 1,000 ft².
 *
 * @example fromPrinted('reference lime', 2, 'tons/acre').value.v // 91.83
 */
export function fromPrinted<S extends Substance>(
  substance: S,
  value: number,
  unit: RateUnit,
): Derived<`lb ${S}/1000 ft²`> {
  return derive(
    `lb ${substance}/1000 ft²`,
    'printed * factor',
    {
      printed: given(quantity(value, unit), say('laboratory.printed', { substance }), 'laboratory'),
      factor: given(
        quantity(rateUnits[unit], `lb/1000 ft² in one ${unit}`),
        say('unit.factor', { unit }),
        'arithmetic',
      ),
    },
    say('laboratory.converted', { unit }),
    'laboratory',
  )
}
