import { pH as pHTest } from '../report/tests/pH'
import * as fc from 'fast-check'
import { evaluate as mathEvaluate, unit } from 'mathjs'
import { MF } from 'mf-parser'
import { type Product } from '../shelf/product'
import { productNamed } from '../shelf/product-named'
import { shippedProducts } from '../shelf/products'
import {
  caCO3PerSulfur,
  cmPerInch,
  elementInCompound,
  furrowSliceInches,
  gramsPerPound,
  gypsumPerMeqSodium,
  lbPerAcrePerPpmInch,
  mLPerCup,
  ppmPerMeq,
  sqFtPerAcre,
  sqFtPerHectare,
  sqFtPerSqMetre,
  sulfurPerFreeLime,
} from './factors'
import { evaluate } from './expression'
import { poundsAndOunces, scoop, weigh } from './kitchen'
import { fromPrinted, rateUnits, rateUnitWords, soilUnitWords, type RateUnit } from './rates'
import { check, readNumber, readTyped } from './typed'

const mass = (formula: string): number => (new MF(formula).getInfo() as { mass: number }).mass

describe('factors', () => {
  test.each([
    ['acre', sqFtPerAcre, unit('1 acre').toNumber('sqft')],
    ['hectare', sqFtPerHectare, unit('1 hectare').toNumber('sqft')],
    ['m²', sqFtPerSqMetre, unit('1 m^2').toNumber('sqft')],
    ['pound', gramsPerPound, unit('1 lbm').toNumber('g')],
    ['US cup', mLPerCup, unit('1 cup').toNumber('mL')],
    ['inch', cmPerInch, unit('1 in').toNumber('cm')],
  ])('%s is what mathjs says', (_, ours, theirs) => expect(ours / theirs).toBeCloseTo(1, 4))

  test.each([
    ['P in P₂O₅', (2 * mass('P')) / mass('P2O5')],
    ['K in K₂O', (2 * mass('K')) / mass('K2O')],
    ['Ca in CaO', mass('Ca') / mass('CaO')],
    ['Mg in MgO', mass('Mg') / mass('MgO')],
    ['N in NO₃', mass('N') / mass('NO3')],
    ['S in SO₄', mass('S') / mass('SO4')],
  ] as const)('%s to 0.1 %% of the molar masses of mf-parser', (name, theirs) =>
    expect(Math.abs(elementInCompound[name] / theirs - 1)).toBeLessThan(0.001),
  )

  const acreFoot = 4_000_000
  const product = (id: string): Product => productNamed(shippedProducts, `${id}@1`)!
  test.each([
    ['lb CaCO₃ per lb S', caCO3PerSulfur, mass('CaCO3') / mass('S')],
    ['ppm Ca per meq', ppmPerMeq.Ca, (mass('Ca') / 2) * 10],
    ['ppm Mg per meq', ppmPerMeq.Mg, (mass('Mg') / 2) * 10],
    ['ppm K per meq', ppmPerMeq.K, mass('K') * 10],
    ['ppm Na per meq', ppmPerMeq.Na, mass('Na') * 10],
    ['lb S/acre per % free lime', sulfurPerFreeLime, 20_000 / (mass('CaCO3') / mass('S')), 0.002],
    ['tons of gypsum per meq Na', gypsumPerMeqSodium, ((mass('CaSO4(H2O)2') / 2) * 1e-5 * acreFoot) / 2_000, 0.002],
    [
      'aluminum sulfate per S',
      1 / product('aluminum-sulfate').acidifying!.strength,
      mass('Al2(SO4)3(H2O)18') / mass('S') / 3,
    ],
    ['ferrous sulfate per S', 1 / product('ferrous-sulfate').acidifying!.strength, mass('FeSO4(H2O)7') / mass('S')],
    ['hydrated lime', Number(product('hydrated-lime').liming!.effectiveness), mass('CaCO3') / mass('Ca(OH)2'), 0.002],
    ['Mg in Epsom salt', product('epsom-salt').feeding!.also!.Mg!, (mass('Mg') / mass('MgSO4(H2O)7')) * 100, 0.007],
    ['B in borax', product('borax').feeding!.also!.B!, ((mass('B') * 4) / mass('Na2B4O7(H2O)10')) * 100, 0.04],
    ['Zn in zinc sulfate', product('zinc-sulfate').feeding!.also!.Zn!, (mass('Zn') / mass('ZnSO4(H2O)')) * 100, 0.02],
  ])('%s by molar mass', (_, ours, theirs, within = 0.001) => expect(Math.abs(ours / theirs - 1)).toBeLessThan(within))
  test('ppm × 2 is lb/acre at 6⅔ in (acre furrow slice, by definition)', () =>
    expect(lbPerAcrePerPpmInch * furrowSliceInches).toBeCloseTo(2, 12))
})

describe('rates', () => {
  test.each([
    ['lb/acre ÷ 43.56', 43.56, 'lb/acre', 1],
    ['1 ton/acre is 45.91 lb/1,000 ft²', 1, 'tons/acre', 45.91],
    ['lb/1,000 ft² × 4.88243 is g/m²', 4.88243, 'g/m²', 1],
    ['lb/acre × 1.12085 is kg/ha', 1.12085 * 43.56, 'kg/ha', 1],
    ['1 lb/100 ft² is 10 lb/1,000 ft²', 1, 'lb/100 ft²', 10],
  ] as const)('%s (definition)', (_, value, from, expected) =>
    expect(fromPrinted('N', value, from).value.v / expected).toBeCloseTo(1, 3),
  )

  test('every unit reads itself and all its words', () => {
    for (const { unit: name, words } of rateUnitWords)
      for (const word of [name, ...words])
        expect(readTyped(`2 ${word}`, 'lb/acre', rateUnitWords)).toMatchObject({ unit: name, value: 2 })
    expect(Object.keys(rateUnits)).toEqual(rateUnitWords.map((one) => one.unit))
  })
})

describe('what people type', () => {
  test.each([
    ['7.1', 7.1],
    ['5,3', 5.3],
    ['2,333', 2333],
    ['12,000.5', 12000.5],
    ['0,125', 0.125],
    ['.5', 0.5],
    ['1/2', 0.5],
    ['12 1/2', 12.5],
    ['12½', 12.5],
    ['⅔', 2 / 3],
    ['6.', 6],
    ['23 lb', 23],
  ])('%s', (text, value) => expect(readNumber(text)?.value).toBeCloseTo(value, 12))
  test.each(['', 'abc', '-3', 'pH 6', '1/0'])('“%s” is no number', (text) => expect(readNumber(text)).toBeUndefined())
  test('a unit typed wins; an unknown one is not guessed', () => {
    expect(readTyped('23 lb/ac', 'ppm', soilUnitWords)).toEqual({ text: '23 lb/ac', unit: 'lb/acre', value: 23 })
    expect(readTyped('23 bushels', 'ppm', soilUnitWords)).toEqual({ text: '23 bushels', unit: 'ppm', value: null })
  })
  test.each([
    ['71', { key: 'field.range', args: { meant: 7.1 } }],
    ['2.1', { key: 'field.range', args: { meant: null } }],
    ['-6', { key: 'field.negative' }],
    ['sour', { key: 'field.unreadable' }],
  ])('pH %s is refused with a sentence', (text, refusal) =>
    expect(check(pHTest.field, readTyped(text, ''))).toMatchObject({ ok: false, refusal }),
  )
  test('no text ever gives a number that is negative or not finite', () => {
    fc.assert(
      fc.property(fc.string({ unit: fc.constantFrom(...'0123456789.,/ -½⅓xe@') }), (text) => {
        const { value } = readTyped(text, '')
        return value === null || (Number.isFinite(value) && value >= 0)
      }),
      { numRuns: 5_000 },
    )
  })
})

describe('expressions', () => {
  test.each([
    '1 + 2 * 3',
    '2 * 3 ^ 2',
    '-2 ^ 2',
    '2 ^ 3 ^ 2',
    '(1 + 2) * 3 / 4 - 5',
    '10 - 4 - 3',
    '100 / 5 / 2',
    'sqrt(16) + max(1, 2, min(5, 4))',
    'ceil(4.5)',
    '-(2 + 3) * 2',
    'pi / 4 * 30^2',
  ])('%s is what mathjs makes of it', (text) => expect(evaluate(text)).toBeCloseTo(mathEvaluate(text) as number, 10))
  test.each(['1 +', '(1', '1 2', 'nope(1)', '1 $ 2', 'missing'])('“%s” is refused', (text) =>
    expect(() => evaluate(text)).toThrow(),
  )
  test('a number at its cap is one pass, for all the noise of its units', () =>
    expect(evaluate('ceil(rate / 50)', { rate: 50.000000000000014 })).toBe(1))
})

/** By definition: 9 ft² in a square yard, 100 m² in an are. */
test.each([
  ['4 oz/sq yd', 250 / 9],
  ['9 lb per 100 sq yd', 10],
  ['1 kg/are', 1 / 0.45359237 / 1.076391],
])('%s is a rate', (text, expected) => {
  const { value, unit } = readTyped(text, '', rateUnitWords)
  expect(value! * rateUnits[unit as RateUnit]).toBeCloseTo(expected, 3)
})

describe('kitchen measures', () => {
  test.each([
    ['half a pound of 10-10-10 is a cup (density, common practice)', 0.52, 0.52, { kind: 'cups', count: 1 }],
    ['a teaspoon is 1/48 cup (definition)', 0.5 / 48, 0.5, { kind: 'teaspoons', count: 1 }],
    ['five gallons of lime are twenty quarts (80 cups, definition)', 0.4 * 80, 0.4, { kind: 'quarts', count: 20 }],
    ['a hundred cups are a bucket and a quarter', 0.4 * 100, 0.4, { kind: 'buckets', count: 1.25, error: 0 }],
    ['225 lb of lime in 40 lb bags', 225, 0.65, { kind: 'bags', bags: 5, bagLb: 40, restLb: 25 }],
  ])('%s', (_, lb, density, expected) => expect(scoop(lb, density, 40, 'feet')).toEqual(expected))
  test('rounding to a scale stays within 4 % from a quarter ounce up', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1 / 64, max: 20_000, noNaN: true }),
        (lb) => Math.abs(weigh(lb, 'feet').error) < 0.04 && Math.abs(weigh(lb, 'metres').error) < 0.04,
      ),
    )
  })
  test('pounds and ounces carry over', () => expect(poundsAndOunces(2.999)).toEqual({ pounds: 3, ounces: 0 }))
})
