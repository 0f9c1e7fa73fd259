import type { ReportParts } from '../../../report/report-with'
import { blankSeason } from '../../../case/blank'
import type { Fertilizer } from '../../../shelf/product'
import { shippedProducts } from '../../../shelf/products'
import { minorsOf } from '../../need'
import type { AreaInSeason } from '../../../case/in-season'
import type { CropId } from '../../../guides/crops'
import type { ExtractantId } from '../../../guides/guide'
import { guideFor } from '../../../guides/guides'
import { fields } from '../../../report/fields'
import { readTyped } from '../../../units/typed'
import { amounts, answer, found, printed, typed } from '../../../testing/one-area'

/** One area of exactly 1,000 ft², so that amounts are lb per 1,000 ft². Expected values worked by hand. */
function needs(
  crop: CropId,
  extractant: ExtractantId | null,
  tests: Partial<Record<'pH' | 'P' | 'K' | 'organicMatter' | 'cec', string>>,
  area: Partial<AreaInSeason> = {},
  unit: 'ppm' | 'lb/acre' = guideFor(extractant ?? 'mehlich-3')?.unit ?? 'ppm',
) {
  const read = Object.fromEntries(
    Object.entries(tests).map(([name, text]) => [name, typed(text, name === 'P' || name === 'K' ? unit : '')]),
  )
  return amounts(answer({ crop, ...area }, { extractant, ...read }))
}

describe('P₂O₅ and K₂O by class (house guide, common practice, recalled), lb/1,000 ft²', () => {
  test.each([
    ['vegetables, P very low at its upper bound', 'mixed-vegetables', 'mehlich-3', { P: '15', K: '45' }, 4, 4],
    ['vegetables, just above it', 'mixed-vegetables', 'mehlich-3', { P: '15.1', K: '45.1' }, 3, 3],
    ['vegetables, optimum', 'mixed-vegetables', 'mehlich-3', { P: '100', K: '200' }, 0, 0.5],
    ['vegetables, above', 'mixed-vegetables', 'mehlich-3', { P: '101', K: '201' }, 0, 0],
    ['lawn, medium', 'tall-fescue', 'bray-1', { P: '30', K: '140' }, 0.5, 1],
    ['blueberry, low', 'highbush-blueberry', 'olsen', { P: '10', K: '120' }, 1, 1.5],
    ['Mehlich-1 on loam, lb/acre', 'bermuda', 'mehlich-1', { P: '25', K: '90', cec: '6' }, 1.5, 2],
    ['Mehlich-1 on clay, lb/acre', 'bermuda', 'mehlich-1', { P: '25', K: '90', cec: '12' }, 0.5, 2],
    ['Mehlich-1 on sand, lb/acre', 'bermuda', 'mehlich-1', { P: '60', K: '90', cec: '3' }, 0, 1],
  ] as const)('%s', (_, crop, extractant, tests, p, k) =>
    expect(needs(crop, extractant, { pH: '6.2', ...tests })).toMatchObject({ 'P₂O₅': p, 'K₂O': k }),
  )

  test('lb/acre of the furrow slice are halved into ppm (definition)', () =>
    expect(needs('mixed-vegetables', 'mehlich-3', { P: '30', K: '90' }, {}, 'lb/acre')).toMatchObject({
      'P₂O₅': 4,
      'K₂O': 4,
    }))
  test.each([
    ['across extractants', 'mixed-vegetables', 'morgan', { P: '20', K: '80' }, 'reading.no-guide', 'reading.no-guide'],
    [
      'without an extractant',
      'mixed-vegetables',
      null,
      { P: '20', K: '80' },
      'reading.no-extractant',
      'reading.no-extractant',
    ],
    ['Mehlich-1 without a CEC', 'bermuda', 'mehlich-1', { P: '20', K: '80' }, 'reading.needs-cec', 'reading.needs-cec'],
    [
      'Bray P1 on calcareous soil',
      'mixed-vegetables',
      'bray-1',
      { P: '20', K: '80', pH: '7.8' },
      'reading.calcareous',
      3,
    ],
    ['what was not tested', 'mixed-vegetables', 'bray-1', { P: '20' }, 3, 'nutrient.not-tested'],
    ['their potash without a CEC', 'clover', 'bray-1', { P: '60', K: '80' }, 0, 'tri-state.needs-cec'],
  ] as const)('refuses %s', (_, crop, extractant, tests, p, k) =>
    expect(needs(crop, extractant, tests)).toMatchObject({ 'P₂O₅': p, 'K₂O': k }),
  )
  test('a phosphorus ban comes before the table and the laboratory', () =>
    expect(needs('tall-fescue', 'mehlich-3', { P: '5', K: '5' }, { phosphorusBanned: true })).toMatchObject({
      'P₂O₅': 0,
      'K₂O': 3,
    }))
})

describe('food plots (Vitosh, Johnson & Mengel 1995, E-2567; recalled), lb/acre, clover at 2 tons: removal 26 P₂O₅ and 100 K₂O', () => {
  test.each([
    ['build-up', '17', '92', '10.4', (25 - 17) * 5 + 26, (101 - 92) * (1 + 0.05 * 10.4) + 120],
    ['at the critical level', '25', '100', '10', 26, 120],
    ['end of replacement', '40', '130', '10', 26, 120],
    ['half way down', '45', '140', '10', 13, 60],
    ['nothing more', '50', '150', '10', 0, 0],
    ['far above', '90', '400', '10', 0, 0],
  ])('%s', (_, P, K, cec, p, k) => {
    const found = needs('clover', 'bray-1', { pH: '6.4', P, K, cec })
    expect(Number(found['P₂O₅']) * 43.56).toBeCloseTo(p, 6)
    expect(Number(found['K₂O']) * 43.56).toBeCloseTo(k, 6)
  })
  /** Build-up (15 − 10) × 5 and removals of corn 0.37 and 0.27 lb a bushel (E-2567, recalled); potash adds 20. */
  test.each<[string, string, number, number]>([
    ['blank: the guide’s 60 bushels', '', 25 + 60 * 0.37, 60 * 0.27 + 20],
    ['150 bushels, as hoped for', '150', 25 + 150 * 0.37, 150 * 0.27 + 20],
    ['with its unit', '150 bu', 25 + 150 * 0.37, 150 * 0.27 + 20],
    ['in the unit of another crop: the guide’s', '4 tons', 25 + 60 * 0.37, 60 * 0.27 + 20],
    ['more than anybody harvests: the guide’s', '4000', 25 + 60 * 0.37, 60 * 0.27 + 20],
  ])('a yield %s', (_, text, p, k) => {
    const expectedYield = readTyped(text, 'bu/acre', fields.expectedYield.units)
    const found = needs('plot-corn', 'bray-1', { pH: '6.4', P: '10', K: '110', cec: '10' }, { expectedYield })
    expect(Number(found['P₂O₅']) * 43.56).toBeCloseTo(p, 6)
    expect(Number(found['K₂O']) * 43.56).toBeCloseTo(k, 6)
  })
})

describe('nitrogen (common practice), lb/1,000 ft² a year', () => {
  test.each([
    ['mixed vegetables', 'mixed-vegetables', {}, {}, 3],
    ['tall fescue, usual: the middle of 2 to 3', 'tall-fescue', {}, {}, 2.5],
    ['tall fescue, lean', 'tall-fescue', {}, { feeding: 'lean' }, 2],
    ['bermuda, generous', 'bermuda', {}, { feeding: 'generous' }, 5],
    ['clover', 'clover', {}, {}, 0],
    ['no credit up to 3 % organic matter', 'mixed-vegetables', { organicMatter: '3' }, {}, 3],
    ['20 lb/acre for the fourth %', 'mixed-vegetables', { organicMatter: '4' }, {}, 3 - 20 / 43.56],
    ['at most 40 lb/acre', 'mixed-vegetables', { organicMatter: '9' }, {}, 3 - 40 / 43.56],
    ['no credit on turf', 'tall-fescue', { organicMatter: '9' }, {}, 2.5],
    ['rhododendron in rich soil', 'rhododendron', { organicMatter: '6' }, {}, 0],
    ['blueberry in ordinary soil', 'highbush-blueberry', { organicMatter: '2.5' }, {}, 1.4],
  ] as const)('%s', (_, crop, tests, area, expected) =>
    expect(needs(crop, null, tests, area).N).toBeCloseTo(expected, 9),
  )
})

describe('fruit trees (common practice): 0.1 lb N for each tree and year, at most 1', () => {
  const trees = (count: string, age: string, shoots = '', dwarf = false, crop: CropId = 'apple', more = {}) =>
    answer({ crop, plants: { count: typed(count), age: typed(age), shoots: typed(shoots, 'in'), dwarf }, ...more })
      .needs[0]!
  test.each([
    ['three trees of 4 years', ['3', '4'], 1.2],
    ['one of 25 years: the most', ['1', '25'], 1],
    ['dwarfs take half', ['3', '4', '', true], 0.6],
    ['pears take less, half here', ['2', '6', '', false, 'pear'], 0.6],
    ['young, shoots of 17.9 in: half more', ['1', '3', '17.9'], 0.45],
    ['young, 18 to 30 in: the usual', ['1', '3', '18'], 0.3],
    ['young, over 30 in: none', ['1', '3', '30.5'], 0],
    ['bearing apple, 8 in: the usual', ['1', '8', '8'], 0.8],
    ['half more, and no more than the most', ['1', '8', '7'], 1],
    ['bearing apple, over 15 in: none', ['1', '8', '16'], 0],
    ['bearing peach, 16 in: the usual', ['1', '8', '16', false, 'stone-fruit'], 0.8],
  ] as const)('%s', (_, of, lb) =>
    expect(trees(...(of as unknown as ['1', '2'])).amount?.value.v ?? 0).toBeCloseTo(lb, 9),
  )
  test('in one dressing, whatever a bed may get at once', () =>
    expect(trees('9', '10', '', false, 'apple', { size: typed('10x20'), texture: 'sand' }).passes!.count).toBe(1))
  test('without a count it is asked for', () => expect(trees('', '4').why.key).toBe('nitrogen.needs-trees'))
  test('as much on more ground', () =>
    expect(trees('3', '4', '', false, 'apple', { size: typed('40x100') }).amount!.value.v).toBeCloseTo(1.2, 9))
})

describe('blueberry bushes by the plant (common practice): ounces of ammonium sulfate, 21 % N', () => {
  const bushes = (age: string, feeding: AreaInSeason['feeding'] = 'usual') =>
    answer({
      crop: 'highbush-blueberry',
      size: typed(''),
      feeding,
      plants: { count: typed('10'), age: typed(age), shoots: typed(''), dwarf: false },
    })
  test.each([
    ['0', 'usual', 0],
    ['1', 'usual', 1],
    ['4', 'usual', 4],
    ['6', 'lean', 6],
    ['9', 'lean', 6],
    ['9', 'usual', 7],
    ['9', 'generous', 8],
  ] as const)('%s years, %s', (age, feeding, oz) =>
    expect(bushes(age, feeding).needs[0]!.amount?.value.v ?? 0).toBeCloseTo(((10 * oz) / 16) * 0.21, 9),
  )
  test('ten bushes stand on 500 ft² (about 50 ft² each, common practice)', () =>
    expect(bushes('3').portions[0]).toMatchObject({ of: 'plant', count: { value: { v: 10 } } }))
})

describe('rows', () => {
  const rows = (spacing: string, length = '') => ({ spacing: typed(spacing, 'ft'), length: typed(length, 'ft') })
  /** ½ lb N to 100 ft of row, once; broadcast before planting by the bed's cap of 2 lb. lb/1,000 ft², common practice. */
  test.each([
    ['2.5', 'usual', 1.75, 1.75, 1],
    ['3', 'usual', 3.5 - 5 / 3, 5 / 3, 1],
    ['3', 'generous', (4 - 5 / 3) / 2, 5 / 3, 2],
    ['5', 'lean', 2, 1, 1],
  ] as const)('corn %s ft apart, %s: side-dressed once', (spacing, feeding, first, beside, broadcasts) => {
    const { passes } = answer({ crop: 'sweet-corn', rows: rows(spacing), feeding }).needs[0]!
    expect(passes!.count).toBe(broadcasts + 1)
    expect((passes!.firsts?.each ?? passes!.each).value.v).toBeCloseTo(first, 9)
    expect(passes!.each.value.v).toBeCloseTo(beside, 9)
    expect(passes!.dressings.map(({ window }) => window!.id)).toEqual([
      ...Array<string>(broadcasts).fill('before-planting'),
      'side-dress-corn',
    ])
  })
  test('a bag for corn keeps to the rows too: 3.5 lb of nitrogen from urea, 46 %', () => {
    const corn = { crop: 'sweet-corn', rows: rows('3') } as const
    const { mix } = answer({ ...corn, materials: { ...blankSeason.materials, fertilizer: 'urea@1' } }).fertilizer!
    const { passes } = mix.ok ? mix.value : { passes: null }
    expect(passes!.each.value.v * 0.46).toBeCloseTo(5 / 3, 9)
    expect(passes!.firsts!.each.value.v * 0.46).toBeCloseTo(3.5 - 5 / 3, 9)
  })
  test('generous corn 5 ft apart is broadcast twice before planting, and its bag is side-dressed all the same', () => {
    const corn = { crop: 'sweet-corn', rows: rows('5'), feeding: 'generous' } as const
    const { mix } = answer({ ...corn, materials: { ...blankSeason.materials, fertilizer: 'urea@1' } }).fertilizer!
    const { dressings, each } = mix.ok ? mix.value.passes : { dressings: [], each: null }
    expect(dressings.map(({ window }) => window!.id)).toEqual(['before-planting', 'before-planting', 'side-dress-corn'])
    expect(each!.value.v * 0.46).toBeCloseTo(1, 9)
  })
  test('onions 5 ft apart: beside the rows no more than 1 lb at a time, so often as that takes', () => {
    const { passes } = answer({ crop: 'onion', rows: rows('5') }).needs[0]!
    expect(passes!.firsts!.each.value.v).toBeCloseTo(1.75, 9)
    expect([passes!.count, passes!.each.value.v]).toEqual([3, 0.875])
  })
  test('onions on sand get a fourth dressing before they bulb, and none after', () => {
    const { dressings } = answer({ crop: 'onion', texture: 'sand', feeding: 'generous' }).needs[0]!.passes!
    expect(dressings.map(({ window }) => window!.id)).toEqual([
      'at-planting',
      'four-weeks-on',
      'before-bulbing',
      'before-bulbing',
    ])
  })
  test('the size comes from the rows where nobody typed one: 120 ft at 18 in are 180 ft²', () => {
    const one = answer({ crop: 'onion', size: typed(''), rows: { ...rows('', '120'), spacing: typed('18 in', 'ft') } })
    expect(one.needs[0]!.amount!.value.v).toBeCloseTo((3.5 * 180) / 1000, 9)
    expect(one.portions).toMatchObject([{ of: 'row', count: { value: { v: 6 } } }])
  })
})

describe('what lessens the nitrogen (common practice), lb/1,000 ft²', () => {
  const past = (of: Partial<AreaInSeason['past']>): Partial<AreaInSeason> => ({
    past: { manure: null, manureRate: typed('', 'lb/1000 ft²'), legume: null, beansNext: false, ...of },
  })
  const left = (area: Partial<AreaInSeason>, report = {}) =>
    answer({ crop: 'tomato', ...area }, report).needs[0]!.rate!.value.v
  test.each([
    // 10 ppm × 0.3 × 12 in = 36 lb/acre.
    ['nitrate of a foot', {}, { nitrate: typed('10', 'ppm'), sampleDepth: typed('12', 'in') }, 2.5 - 36 / 43.56],
    ['nitrate of the usual 6 in', {}, { nitrate: typed('10', 'ppm') }, 2.5 - 18 / 43.56],
    ['a report that prints lb/acre', {}, { nitrate: typed('40 lb/ac', 'ppm') }, 2.5 - 40 / 43.56],
    // 200 lb × 2 % × 25 %.
    ['poultry litter', past({ manure: 'poultry-litter@1', manureRate: typed('200 lb/1000') }), {}, 1.5],
    ['clover turned under', past({ legume: 'clover' }), {}, 2.5 - 60 / 43.56],
    ['all of it, never below nothing', past({ legume: 'alfalfa' }), { nitrate: typed('60', 'ppm') }, 0],
  ])('%s', (_, area, report, expected) => expect(left(area, report)).toBeCloseTo(expected, 9))
})

describe('a new lawn (common practice)', () => {
  const of = (newLawn: boolean) =>
    answer({ crop: 'tall-fescue', newLawn }, { extractant: 'mehlich-3', P: typed('60', 'ppm'), K: typed('80', 'ppm') })
  test('1.0 lb N at seeding and again, P₂O₅ at optimum by a row of its own, lime dug in', () => {
    expect(amounts(of(true))).toEqual({ N: 2, 'P₂O₅': 0.5, 'K₂O': 2 })
    const dressings = [{ window: { id: 'at-seeding' } }, { window: { id: 'six-to-eight-weeks-on' } }]
    expect(of(true).needs[0]!.passes).toMatchObject({ count: 2, dressings })
    expect(amounts(of(false))).toEqual({ N: 2.5, 'P₂O₅': 0, 'K₂O': 2 })
  })
  test('a laboratory’s phosphate on turf that has enough is shown, and followed only once it is confirmed', () => {
    const report = {
      extractant: 'mehlich-3' as const,
      P: typed('60', 'ppm'),
      ...printed({ 'P₂O₅': typed('1 lb/1000') }),
    }
    const p = answer({ crop: 'tall-fescue' }, report).needs[1]!
    expect([p.outcome, p.checks[0]!.amount!.value.v]).toEqual(['check', 1])
    expect(answer({ crop: 'tall-fescue', newLawn: true }, report).needs[1]!.amount!.value.v).toBe(1)
  })
})

/** g/m² by hand: (minimum − test) × 0.15 + uptake × N; 2.5 lb N/1,000 ft² are 12.206 g/m². */
describe('minimum levels for turf (PACE Turf & Asian Turfgrass Center; recalled)', () => {
  const of = (P: string, K: string) =>
    amounts(
      answer(
        { crop: 'tall-fescue', guide: 'mlsn-turf@1' },
        { extractant: 'mehlich-3', P: typed(P, 'ppm'), K: typed(K, 'ppm') },
      ),
    )
  test('short of both', () => {
    const found = of('11', '27')
    // P: 1.5 + 0.12 × 12.206 = 2.9647 g/m², ÷ 0.4364 ÷ 4.88243; K: 1.5 + 6.103 = 7.603, ÷ 0.8301 ÷ 4.88243.
    expect(found['P₂O₅']).toBeCloseTo(1.3914, 3)
    expect(found['K₂O']).toBeCloseTo(1.8759, 3)
  })
  test('what stands above the minimum feeds the year’s growth', () => {
    expect(of('21', '37')['K₂O']).toBeCloseTo(6.103 / 0.8301 / 4.88243, 3)
    expect(of('60', '90')).toMatchObject({ 'P₂O₅': 0, 'K₂O': 0 })
  })
  test('another extractant is refused', () =>
    expect(
      answer({ crop: 'tall-fescue', guide: 'mlsn-turf@1' }, { extractant: 'olsen', K: typed('20', 'ppm') }).needs[2]!
        .why.key,
    ).toBe('reading.no-guide'))
})

describe('other nutrients (common practice)', () => {
  const m3 = { extractant: 'mehlich-3' as const, cec: typed('5') }
  const others = (crop: CropId, area: Partial<AreaInSeason>, report: ReportParts) =>
    Object.fromEntries(minorsOf(answer({ crop, ...area }, report)).map((need) => [need.of, need]))
  const ppm = (of: Record<string, string>): ReportParts =>
    Object.fromEntries(Object.entries(of).map(([name, text]) => [name, typed(text, 'ppm')]))
  test('1 lb B/acre is 3.2 to 3.4 oz of borax per 1,000 ft² (from the grade)', () => {
    const { B } = others('roots', {}, { ...m3, ...ppm({ B: '0.3' }) })
    const oz = B!.product!.amount.value.v * 16
    expect(oz).toBeGreaterThan(3.2)
    expect(oz).toBeLessThan(3.4)
  })
  test.each([
    ['beans, never', 'beans', {}, '0.3', undefined],
    [
      'where beans follow',
      'roots',
      { past: { manure: null, manureRate: typed(''), legume: null, beansNext: true } },
      '0.3',
      'none',
    ],
    ['where beans grow beside', 'roots', { otherCrops: ['beans'] }, '0.3', 'none'],
    ['on heavy ground', 'roots', {}, '0.3', 'none'],
    ['with enough', 'roots', {}, '0.5', undefined],
  ] as const)('boron: %s', (name, crop, area, B, outcome) => {
    const cec = typed(name.includes('heavy') ? '15' : '5')
    expect(others(crop, area as Partial<AreaInSeason>, { ...m3, cec, ...ppm({ B }) }).B?.outcome).toBe(outcome)
  })
  test('a laboratory’s boron leads up to 2 lb/acre and is doubted beyond; on beans it is not followed', () => {
    const asked = (text: string, crop: CropId) => others(crop, {}, printed({ B: typed(text) })).B!
    expect(asked('2 lb/ac', 'roots')).toMatchObject({ outcome: 'apply', lead: { id: 'laboratory' } })
    expect(asked('2.1 lb/ac', 'roots').why.key).toBe('other.B-over')
    expect(asked('1 lb/ac', 'beans').why.key).toBe('other.B-harms')
  })
  test('zinc for corn on sand: a tablespoon of zinc sulfate to 100 ft of row', () => {
    const report = { ...m3, ...ppm({ Zn: '1' }) }
    const { Zn } = others('sweet-corn', { rows: { spacing: typed('2.5', 'ft'), length: typed('') } }, report)
    // 1,000 ft² at 2.5 ft are 400 ft of row: 4 tbsp of 0.5 lb/cup.
    expect(Zn!.product!.amount.value.v).toBeCloseTo((4 / 16) * 0.5, 9)
    expect(others('sweet-corn', {}, report).Zn!.why.key).toBe('other.Zn-needs-rows')
    expect(others('tomato', {}, report).Zn!.outcome).toBe('by-label')
  })
  test('sulfur: a tenth of the nitrogen, at most 30 lb/acre', () => {
    expect(others('tomato', {}, { ...m3, ...ppm({ S: '5' }) }).S!.rate!.value.v).toBeCloseTo(0.25, 9)
    expect(others('bermuda', { feeding: 'generous' }, { ...m3, ...ppm({ S: '5' }) }).S!.rate!.value.v).toBeCloseTo(
      0.5,
      9,
    )
  })
  test('low magnesium is the lime’s to bring where lime goes on, Epsom salt’s where none does', () => {
    const of = (pH: string) => others('tomato', { texture: 'loam' }, { ...m3, pH: typed(pH), ...ppm({ Mg: '40' }) }).Mg!
    expect(of('5.5').why.key).toBe('other.Mg-by-lime')
    expect(of('6.5').product!.amount.value.v).toBeCloseTo(0.5 / 0.098, 9)
  })
  test.each([
    ['highbush-blueberry', '6.6', 'other.Fe-pH-first', undefined],
    ['roses', '6.4', 'other.Fe-low', 'EDTA'],
    ['roses', '7.2', 'other.Fe-low', 'DTPA'],
    ['roses', '7.9', 'other.Fe-low', 'EDDHA'],
  ] as const)('iron for %s at pH %s', (crop, pH, key, chelate) => {
    const report = { extractant: 'olsen' as const, micronutrients: 'DTPA' as const, pH: typed(pH), ...ppm({ Fe: '3' }) }
    expect(others(crop, {}, report).Fe!.why).toMatchObject({ key, args: chelate ? { chelate } : {} })
  })
})

describe('several crops in one area', () => {
  test('each is rated by itself, and corn and peas never share an answer', () => {
    const one = found({ crop: 'sweet-corn', otherCrops: ['beans', 'tomato'] })
    expect(one.others.map(({ cropId, answer: of }) => [cropId, of.needs[0]!.rate!.value.v])).toEqual([
      ['beans', 1],
      ['tomato', 2.5],
    ])
    expect(one.answer!.needs[0]!.rate!.value.v).toBe(3.5)
    expect(one.quarrels.map(({ key }) => key)).toEqual(['several.nutrient'])
  })
  test('where one wants lime and the other acid ground, it is said', () =>
    expect(
      found({ crop: 'tomato', otherCrops: ['highbush-blueberry'], texture: 'loam' }, { pH: typed('5') }).quarrels[0]!
        .key,
    ).toBe('several.pH-both'))
})

/** Common practice: what manure brings counts for phosphate and potash as well. */
test.each([
  ['nothing put on', null, '', [4, 3]],
  ['100 lb of a 2-3-1 litter on 1,000 ft²', 'poultry-litter@1', '100', undefined],
  ['so much that nothing is left', 'poultry-litter@1', '2000', [0, 0]],
] as const)('manure of this season: %s', (_, manure, rate, expected) => {
  const past = { ...blankSeason.past, manure, manureRate: typed(rate, 'lb/1000 ft²') }
  const report = { extractant: 'mehlich-3', P: typed('5', 'ppm'), K: typed('60', 'ppm') } as const
  const found = answer({ crop: 'tomato', texture: 'loam', past }, report)
  const { grade, firstYearK = 1 } = (shippedProducts.find(({ id }) => id === 'poultry-litter') as Fertilizer).feeding
  const [p, k] = [(grade['P₂O₅'] / 100) * Number(rate), (grade['K₂O'] / 100) * firstYearK * Number(rate)]
  const [needP, needK] = [found.needs[1]!, found.needs[2]!]
  const lb = [needP, needK].map((need) => need.amount?.value.v ?? 0)
  expect(lb[0]).toBeCloseTo(expected?.[0] ?? 4 - p, 9)
  expect(lb[1]).toBeCloseTo(expected?.[1] ?? 3 - k, 9)
})

/** Culman et al. 2020, Bulletin 974, recalled: Mehlich-3 P 20–40 (wheat and forage legumes 30–50), K 100–130 below CEC 5, 120–170 from it. */
test.each([
  ['clover', '20', '80', '10', (30 - 20) * 5 + 26, (120 - 80) * (1 + 0.05 * 10) + 120],
  ['clover', '30', '120', '5', 26, 120],
  ['clover', '50', '170', '10', 26, 120],
  ['clover', '50.1', '170.1', '10', 0, 0],
  ['clover', '50', '99', '4.9', 26, (100 - 99) * (1 + 0.05 * 4.9) + 120],
  ['clover', '50', '131', '4.9', 26, 0],
  ['plot-soybean', '19', '119', '10', (20 - 19) * 5 + 0.8 * 20, (120 - 119) * 1.5 + 1.4 * 20 + 20],
  ['plot-soybean', '40.1', '119', '10', 0, (120 - 119) * 1.5 + 1.4 * 20 + 20],
] as const)('%s by Mehlich-3, P %s and K %s ppm at CEC %s, lb/acre', (crop, P, K, cec, p, k) => {
  const found = needs(crop, 'mehlich-3', { P, K, cec })
  expect(Number(found['P₂O₅']) * 43.56).toBeCloseTo(p, 6)
  expect(Number(found['K₂O']) * 43.56).toBeCloseTo(k, 6)
})
test.each([
  ['bray-1', [25, 40]],
  ['mehlich-3', [30, 50]],
  ['olsen', [20, 40]],
] as const)('clover by %s is read on its own levels and on no other extractant’s', (extractant, wanted) =>
  expect(
    answer({ crop: 'clover' }, { extractant, P: typed('22', 'ppm') }).reading.find(({ id }) => id === 'P')!.wanted,
  ).toEqual(wanted),
)

/** Common practice: Mehlich-1 and Olsen by their own classes, lb an acre; potash at most 300, in passes of 150. */
describe('food plots', () => {
  test.each([
    ['olsen', '5', '50', 80, 80],
    ['olsen', '10', '120', 60, 60],
    ['olsen', '20', '150', 40, 40],
    ['olsen', '40', '250', 20, 20],
    ['olsen', '41', '251', 0, 0],
  ] as const)('by %s, P %s and K %s', (extractant, P, K, p, k) => {
    const found = answer({ crop: 'clover', texture: 'loam' }, { extractant, P: typed(P, 'ppm'), K: typed(K, 'ppm') })
    const lb = [found.needs[1]!, found.needs[2]!].map((need) => (need.rate?.value.v ?? 0) * 43.56)
    expect(lb[0]).toBeCloseTo(p, 6)
    expect(lb[1]).toBeCloseTo(k, 6)
  })
  test('potash stops at 300 lb an acre, in two passes', () => {
    const report = { extractant: 'bray-1', K: typed('5', 'ppm'), cec: typed('30') } as const
    const { rate, passes } = answer({ crop: 'clover', texture: 'clay' }, report).needs[2]!
    expect(rate!.value.v * 43.56).toBeCloseTo(300, 6)
    expect(passes!.count).toBe(2)
  })
})
