import { reportWith, type ReportParts } from '../report/report-with'
import { blankReport } from '../case/blank'
import type { Report } from '../report/report'
import type { CropId } from '../guides/crops'
import { answer, found, typed } from '../testing/one-area'
import { classOfWord } from '../report/class-words'
import type { Text } from '../sentence/text'
import { readReport } from './soil'
import type { ReadingLine } from './lines'

const lines = (crop: CropId, report: ReportParts, area = {}): Record<string, ReadingLine> =>
  Object.fromEntries(answer({ crop, ...area }, report).reading.map((line) => [line.id, line]))
const tests = (of: Record<string, string>): ReportParts =>
  Object.fromEntries(Object.entries(of).map(([name, text]) => [name, typed(text, 'ppm')]))

describe('salts in the saturated paste (USDA Handbook 60; thresholds Maas & Hoffman 1977; recalled), dS/m', () => {
  test.each([
    ['2', 'negligible', 'salts.negligible'],
    ['2.1', 'very-sensitive', 'salts.very-sensitive'],
    ['4', 'very-sensitive', 'salts.very-sensitive'],
    ['8', 'many-crops', 'salts.many-crops'],
    ['16', 'only-tolerant', 'salts.only-tolerant'],
    ['16.1', 'very-few', 'salts.very-few'],
  ])('%s for a crop without a threshold', (text, className, key) =>
    expect(lines('roses', { salts: typed(text, 'dS/m'), saltsBy: 'saturated-paste' }).salts).toMatchObject({
      className,
      meaning: { key },
    }),
  )
  test.each([
    ['strawberry', '1.0', 0],
    ['strawberry', '1.1', 0.1],
    // With the pepper, the most sensitive of its group.
    ['tomato', '1.5', 0],
    ['asparagus', '5', 0.9],
    ['bermuda', '6.9', 0],
  ] as const)('%s at %s', (crop, text, over) =>
    expect(lines(crop, { salts: typed(text, 'dS/m'), saltsBy: 'saturated-paste' }).salts!.distance).toBeCloseTo(
      over,
      9,
    ),
  )
  test.each(['1:1', '1:2', 'pour-through', 'saturated-media'] as const)('a %s reading has no band', (saltsBy) => {
    const line = lines('strawberry', { salts: typed('3', 'dS/m'), saltsBy }).salts!
    expect([line.className, line.meaning.key, line.distance]).toEqual([undefined, 'salts.not-paste', undefined])
  })
  test('ppm by the factor of its kind of report: 640 and 700 (common practice)', () => {
    const read = (saltsBy: Report['saltsBy']) =>
      lines('roses', { salts: typed('1400', 'ppm'), saltsBy }).salts!.value!.value.v
    expect([read('saturated-paste'), read('saturated-media')]).toEqual([1400 / 640, 2])
  })
  test('sodic from 15 % of the exchange, an adsorption ratio of 13, or above pH 8.5 (Handbook 60)', () => {
    // 345 ppm ÷ 229.9 = 1.5007 meq, in 10 meq 15.0 %; gypsum 1.72 × 1.5007 = 2.58 tons an acre-foot.
    const sodic = (report: ReportParts) =>
      lines('roses', { pH: typed('8'), cec: typed('10', 'meq/100 g'), ...report }).sodium
    expect(sodic(tests({ Na: '345' }))).toMatchObject({ className: 'sodic' })
    expect(sodic(tests({ Na: '345' }))!.meaning.args.tons).toBeCloseTo(2.581, 3)
    expect(sodic(tests({ Na: '344' }))).toMatchObject({ className: 'not-sodic' })
    expect(sodic({ sar: typed('13') })).toMatchObject({ className: 'sodic' })
    expect(sodic({ sar: typed('12.9') })).toMatchObject({ className: 'not-sodic' })
    expect(answer({ crop: 'roses' }, { pH: typed('8.6') }).reaction).toMatchObject({
      outcome: 'do-not',
      why: { key: 'reaction.sodic' },
    })
  })
})

describe('lead (federal guidance, recalled, under revision): total lead only, ppm', () => {
  test.each([
    ['100', 'total', 'below-precaution'],
    ['101', 'total', 'precaution'],
    ['200', 'total', 'precaution'],
    ['201', 'total', 'screening'],
    ['400', 'total', 'screening'],
    ['401', 'total', 'no-food'],
    ['500', 'extractable', undefined],
    ['500', null, undefined],
  ] as const)('%s %s', (text, leadBy, className) =>
    expect(lines('leafy-greens', { lead: typed(text, 'ppm'), leadBy }).lead!.className).toBe(className),
  )
  test('comes before everything else that is said', () => {
    const { headline, cautions, needs } = answer(
      { crop: 'tomato' },
      { lead: typed('450', 'ppm'), leadBy: 'total', pH: typed(5) },
    )
    expect(headline.map(({ key }) => key)).toEqual(['headline.lead-no-food'])
    expect(cautions[0]!.key).toBe('caution.lead-no-food')
    // Food is not fed there; a lawn is.
    expect(needs.slice(0, 3).map(({ outcome }) => outcome)).toEqual(['none', 'none', 'none'])
    const lead = { lead: typed('450', 'ppm'), leadBy: 'total' as const }
    expect(answer({ crop: 'tall-fescue' }, lead).needs[0]!.outcome).toBe('apply')
  })
})

/** E-1736 as recalled; a bound belongs to the class it opens. */
describe('soilless mix by the saturated media extract (Warncke & Krauskopf, E-1736; recalled)', () => {
  const mix = { guide: 'soilless-mix@1' } as const
  const media = { extractant: 'saturated-media', saltsBy: 'saturated-media' } as const
  const of = (report: ReportParts, crop: CropId = 'potted-plants') => lines(crop, { ...media, ...report }, mix)
  test.each([
    ['P', '2', 'low', -4],
    ['P', '3', 'acceptable', -3],
    ['P', '6', 'optimum', 0],
    ['P', '10.9', 'optimum', 0],
    ['P', '19', 'very-high', 8],
    ['K', '150', 'optimum', 0],
    ['nitrate', '99', 'acceptable', -1],
    ['nitrate', '300', 'very-high', 100],
    ['Ca', '500', 'optimum', 0],
    ['Mg', '69', 'acceptable', -1],
  ] as const)('%s %s ppm is %s', (id, text, className, distance) =>
    expect(of(tests({ [id]: text }))[id]).toMatchObject({ className, distance }),
  )
  test.each([
    ['0.74', 'low'],
    ['0.75', 'acceptable'],
    ['2', 'optimum'],
    ['3.5', 'high'],
    ['5', 'very-high'],
  ])('salts %s dS/m are %s', (text, className) =>
    expect(of({ salts: typed(text, 'dS/m') }).EC!.className).toBe(className),
  )
  test('vegetables in mix have spans of their own (common practice)', () =>
    expect(of(tests({ nitrate: '110', P: '12' }), 'potted-vegetables')).toMatchObject({
      nitrate: { wanted: [120, 200], distance: -10 },
      P: { wanted: [10, 15], distance: 0 },
    }))
  test('short of everything is fed by the bed of mix, never by a rate for field soil', () => {
    const report = {
      ...media,
      ...tests({ nitrate: '20', P: '1', K: '20' }),
      pH: typed('5'),
      salts: typed('0.2', 'dS/m'),
    }
    const { reaction, needs } = answer({ crop: 'potted-vegetables', ...mix }, report)
    expect([reaction.need, reaction.outcome]).toEqual([undefined, 'unknown'])
    // Common practice, lb/1,000 ft² of a bed 10 in deep: N 0.34 lb/100 ft² twice, P₂O₅ and K₂O ½ lb.
    expect(needs.map(({ of, rate, passes }) => [of, rate!.value.v, passes!.count])).toEqual([
      ['N', 6.8, 2],
      ['P₂O₅', 5, 1],
      ['K₂O', 5, 1],
    ])
    // 200 ppm from 20-20-20 is 13.4 oz in 100 gal (exact).
    expect(needs[0]!.remarks[0]!.args.ounces).toBeCloseTo(1.335, 3)
    const deep = answer({ crop: 'potted-vegetables', ...mix, depth: typed('20', 'in') }, report)
    expect(deep.needs[0]!.rate!.value.v).toBeCloseTo(13.6, 9)
  })
  /** Common practice: 1 lb Epsom salt (9.8 % Mg), 2 lb gypsum (22 % Ca) on 100 ft²; below pH 5.6 dolomitic lime. */
  test.each([
    ['7.1', { Mg: ['apply', 0.98], Ca: ['apply', 4.4] }],
    ['5.3', { Mg: ['apply', 0.98], Ca: ['by-label', undefined] }],
  ])('at pH %s it gets magnesium and calcium without lime of the field', (pH, expected) => {
    const { needs } = answer(
      { crop: 'potted-vegetables', ...mix },
      { ...media, pH: typed(pH), ...tests({ Mg: '20', Ca: '70' }) },
    )
    expect(
      Object.fromEntries(
        needs.slice(3).map(({ of, outcome, rate }) => [of, [outcome, rate && Number(rate.value.v.toFixed(9))]]),
      ),
    ).toEqual(expected)
  })
  test('salts alone never become a feeding', () =>
    expect(
      answer({ crop: 'potted-plants', ...mix }, { ...media, salts: typed('0.2', 'dS/m') }).needs.map(
        ({ why }) => why.key,
      ),
    ).toEqual(Array(3).fill('soilless.not-tested')))
  test('a case with field soil and a bench keeps both apart', () => {
    const field = found({ crop: 'tomato' }, { extractant: 'mehlich-3', ...tests({ P: '12' }) })
    const bench = found({ crop: 'potted-plants', ...mix }, { ...media, ...tests({ P: '12' }) })
    expect([field.answer!.needs[1]!.outcome, bench.answer!.needs[1]!.outcome]).toEqual(['apply', 'none'])
  })
})

describe('an index, a word, a pH in salt, an oxide (common practice)', () => {
  const phosphate = (P: string, unit = 'ppm', extractant: Report['extractant'] = 'mehlich-3') =>
    answer({ crop: 'mixed-vegetables' }, { extractant, P: typed(P, unit) }).needs[1]!
  test.each([
    ['51', 0],
    ['50', 1.5],
    ['100', 0],
    ['25', 3],
    ['10', 4],
  ])('index %s: 50 and 100 bound the optimum, whatever the extractant', (text, rate) =>
    expect(phosphate(text, 'index', 'other').rate!.value.v).toBe(rate),
  )
  test.each([
    ['very low', 4],
    ['VL', 4],
    ['L', 3],
    ['medium', 1.5],
    ['optimum', 0],
    ['High', 0],
  ])('the word %s', (text, rate) => expect(phosphate(text, 'ppm', 'other').rate!.value.v).toBe(rate))
  test('words that are none are told of', () => {
    expect(classOfWord('lowish')).toBeUndefined()
    expect(found({ crop: 'tomato' }, { P: typed('lowish', 'ppm') }).problems).toMatchObject([{ field: 'P' }])
  })
  test('pH 5.6 in salt is about 6.15 in water, and lime goes by that', () => {
    const salt = answer({ crop: 'mixed-vegetables', texture: 'loam' }, { pH: typed('5.6'), pHIn: 'salt' })
    expect(salt.pH).toBeCloseTo(6.15, 9)
    expect(salt.reaction.outcome).toBe('leave')
    expect(answer({ crop: 'mixed-vegetables', texture: 'loam' }, { pH: typed('5.6') }).reaction.outcome).toBe('lime')
  })
  test('P₂O₅ typed for P is not taken; 45 ppm of it are 19.6 ppm P (molar mass)', () => {
    const { problems } = found({ crop: 'tomato' }, { P: typed('45 ppm P2O5', 'ppm') })
    expect(problems).toMatchObject([{ field: 'P', sentence: { key: 'field.oxide' } }])
    expect(problems[0]!.sentence.args.share).toBeCloseTo(19.638, 3)
  })
})

describe('elements beside P and K (house guide, common practice, recalled)', () => {
  const state = (element: string, report: ReportParts, area = {}) => {
    const line = lines('sweet-corn', report, area)[element]
    return line?.className ?? line?.meaning.key
  }
  const m3 = { extractant: 'mehlich-3' } as const
  const olsen = { extractant: 'olsen', micronutrients: 'DTPA', boron: 'hot-water' } as const
  test.each([
    ['Mehlich-3 Zn just low', 'Zn', { ...m3, ...tests({ Zn: '1.4' }) }, 'low'],
    ['Mehlich-3 Zn at its bound', 'Zn', { ...m3, ...tests({ Zn: '1.5' }) }, 'enough'],
    ['DTPA Zn on a Mehlich-3 report', 'Zn', { ...m3, micronutrients: 'DTPA' as const, ...tests({ Zn: '0.9' }) }, 'low'],
    ['Olsen, Fe by DTPA', 'Fe', { ...olsen, ...tests({ Fe: '4.4' }) }, 'low'],
    [
      'Olsen without its micronutrient method',
      'Fe',
      { extractant: 'olsen' as const, ...tests({ Fe: '4.4' }) },
      'reading.no-micro-method',
    ],
    ['boron by hot water', 'B', { ...olsen, ...tests({ B: '0.4' }) }, 'low'],
    [
      'boron by Mehlich-3 in the western guide',
      'B',
      { ...olsen, boron: 'mehlich-3' as const, ...tests({ B: '0.4' }) },
      'low',
    ],
    [
      'manganese by DTPA on a Mehlich-3 report',
      'Mn',
      { ...m3, micronutrients: 'DTPA' as const, ...tests({ Mn: '0.9' }) },
      'low',
    ],
    [
      'copper by DTPA, in a method of which nothing is known',
      'Cu',
      { extractant: 'mehlich-1' as const, ...tests({ Cu: '0.1' }) },
      'reading.no-minimum',
    ],
    ['manganese where the guide has no figure', 'Mn', { ...m3, ...tests({ Mn: '4' }) }, 'reading.no-minimum'],
    ['sulfur', 'S', { ...m3, ...tests({ S: '9' }) }, 'low'],
  ] as const)('%s', (_, element, report, expected) =>
    expect(state(element, report as ReportParts, report.extractant === 'olsen' ? { guide: 'olsen-west@1' } : {})).toBe(
      expected,
    ),
  )
})

describe('phosphorus where lime is free (common practice): Mehlich-1 and Bray P1 read too low there', () => {
  const P = (guide: 'mehlich-1-southeast@1' | 'bray-1-midwest@1', pH: string, freeLime = '') => {
    const extractant = guide === 'bray-1-midwest@1' ? ('bray-1' as const) : ('mehlich-1' as const)
    const report = { extractant, cec: typed('8'), pH: typed(pH), freeLime: typed(freeLime, '%'), P: typed('20', 'ppm') }
    const { answer: one, doubts } = found({ crop: 'tomato', guide }, report)
    return [
      one!.reading.find(({ id }) => id === 'P')!.className ?? 'not rated',
      doubts.map(({ sentence }) => sentence.key),
    ]
  }
  const doubt = ['plausible.under-read-P']
  test.each([
    [P('mehlich-1-southeast@1', '6.5'), ['medium', []]],
    [P('mehlich-1-southeast@1', '6.6'), ['medium', doubt]],
    [P('mehlich-1-southeast@1', '7.1'), ['not rated', doubt]],
    [P('mehlich-1-southeast@1', '6.4', '1'), ['not rated', []]],
    [P('bray-1-midwest@1', '7.3'), ['low', doubt]],
    [P('bray-1-midwest@1', '7.4'), ['not rated', doubt]],
  ])('%j', (said, expected) => expect(said).toEqual(expected))
})

describe('nitrate, organic matter, CEC, bases', () => {
  test.each([
    ['5', '', 'well-used'],
    ['6', '', 'left-over'],
    // 28 × 0.3 × 12 = 100.8 lb/acre.
    ['28', '12', 'too-much'],
    ['27', '12', 'left-over'],
  ])('nitrate %s ppm in %s in', (text, depth, className) =>
    expect(lines('tomato', { nitrate: typed(text, 'ppm'), sampleDepth: typed(depth, 'in') }).nitrate!.className).toBe(
      className,
    ),
  )
  test('CEC and organic matter (common practice)', () => {
    const classes = (cec: string, matter: string) => {
      const { cec: c, organicMatter: o } = lines('tomato', { cec: typed(cec), organicMatter: typed(matter, '%') })
      return [c!.className, (c!.meaning.args.texture as Text).en, o!.className]
    }
    expect(classes('4.9', '1.9')).toEqual(['sandy', 'sand', 'low'])
    expect(classes('10', '5')).toEqual(['typical', 'loam', 'typical'])
    expect(classes('26', '5.1')).toEqual(['heavy', 'clay, silty clay', 'high'])
  })
  test('base saturation by equivalent weights: 1,002 ppm Ca are 5 meq', () => {
    const report = { ...tests({ Ca: '1002', Mg: '121.5', K: '195.5' }), cec: typed('10') }
    const read = readReport(reportWith(blankReport('r'), report), { texture: null })
    expect(read.bases.map(({ base, percent }) => [base, Math.round(percent! * 1e6) / 1e6])).toEqual([
      ['Ca', 50],
      ['Mg', 10],
      ['K', 5],
    ])
  })
})
