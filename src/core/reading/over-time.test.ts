import { reportWith, type ReportParts } from '../report/report-with'
import type { Report } from '../report/report'
import { blankArea, blankReport } from '../case/blank'
import { guides } from '../guides/guides'
import { missingTests } from '../compare/missing'
import type { Lime } from '../shelf/product'
import { shippedProducts, usual } from '../shelf/products'
import { answer, choosing, found, oneArea, typed } from '../testing/one-area'
import { recommend } from '../recommend'
import { readingChanges } from '../compare/compare'
import { quantity } from '../units/quantity'
import { againstBalance, baseSaturation, hydrogenShare } from './bases'
import { trendOf, wantedIn } from './trend'

const area = blankArea('a', 'A')
const report = (date: string, more: ReportParts): Report =>
  reportWith(blankReport(date), { date, areas: { a: true }, ...more })
const shape = (series: ReturnType<typeof trendOf>) =>
  series.map(({ by, unit, points }) => [by.en, unit, points.map(({ v }) => Number(v.toFixed(3)))])

describe('earlier reports', () => {
  test('values of different extractants are different series, and those of one are in order of their dates', () => {
    const reports = [
      report('2026-10-01', { extractant: 'mehlich-3', P: typed('70', 'ppm') }),
      report('2020-10-01', { extractant: 'bray-1', P: typed('19', 'ppm') }),
      // lb/acre of the furrow slice are twice the ppm.
      report('2023-10-01', { extractant: 'mehlich-3', P: typed('96 lb/ac', 'ppm') }),
      report('2024-10-01', { extractant: null, P: typed('50', 'ppm') }),
      report('2025-10-01', { extractant: 'mehlich-3', P: typed('55', 'index') }),
      { ...report('2022-10-01', { extractant: 'mehlich-3', P: typed('1', 'ppm') }), areas: { b: true as const } },
    ]
    expect(shape(trendOf('P', area, reports))).toEqual([
      ['Bray P1, K by ammonium acetate', 'ppm', [19]],
      ['Mehlich-3', 'ppm', [48, 70]],
      ['Mehlich-3', 'index', [55]],
    ])
  })
  test('pH in salt, of a kit and by another buffer stand apart; organic matter does not', () => {
    const reports = [
      report('2021-01-01', { pH: typed('5.8'), buffer: 'SMP', bufferPH: typed('6.5'), organicMatter: typed('3', '%') }),
      report('2022-01-01', { pH: typed('5.4'), pHIn: 'salt', buffer: 'Mehlich', bufferPH: typed('6.1') }),
      report('2023-01-01', { pH: typed('6.2'), kind: 'kit', organicMatter: typed('3.4', '%') }),
    ]
    expect(trendOf('pH', area, reports).map(({ by }) => by.en)).toEqual(['in water', 'in salt', 'kit'])
    expect(trendOf('bufferPH', area, reports)).toHaveLength(2)
    expect(shape(trendOf('organicMatter', area, reports))).toEqual([
      ['', '%', [3]],
      ['kit', '%', [3.4]],
    ])
  })
})

/** A lime of the office's own, twice as strong as the usual one (made up). */
const strong: Lime = { ...usual.calcitic, id: 'own-lime', liming: { ...usual.calcitic.liming, effectiveness: 1.8 } }
const products = [...shippedProducts, strong]

describe('tests that the report lacks', () => {
  const missing = (...of: Parameters<typeof oneArea>) => {
    const kase = oneArea(...of)
    return missingTests(kase, kase.areas[0]!, guides, products)
  }
  const ids = (tests: ReturnType<typeof missing>, changing: boolean) =>
    tests.filter(({ changes }) => changes.length > 0 === changing).map(({ id }) => id)
  test('the office’s own product is tried as what it is: half the weight of one half as strong (arithmetic)', () => {
    const limed = (materials: Parameters<typeof choosing>[0]) =>
      missing({ crop: 'tomato', texture: 'loam', ...choosing(materials) }, { pH: typed('5.2') })
        .find(({ id }) => id === 'bufferPH')!
        .changes.find(({ what }) => what === 'lime')!
    expect(limed({ lime: 'own-lime@1' }).high / limed({ lime: 'pelletized-calcitic@1' }).high).toBeCloseTo(0.5, 9)
  })
  test('pH alone: the buffer, P and K could change the answer', () => {
    const tests = missing({ crop: 'tomato', texture: 'loam' }, { pH: typed('5.2') })
    expect(ids(tests, true)).toEqual(expect.arrayContaining(['bufferPH', 'P', 'K', 'nitrate']))
    // Between very low and above optimum, gardens: 4 lb P₂O₅ and none (common practice).
    expect(tests.find(({ id }) => id === 'P')!.changes).toEqual([{ what: 'P₂O₅', low: 0, high: 4 }])
  })
  test('where phosphorus is banned the test changes nothing, and says so', () => {
    const tests = missing({ crop: 'tall-fescue', texture: 'loam', phosphorusBanned: true }, { pH: typed('6.4') })
    expect(ids(tests, false)).toContain('P')
  })
  test.each([
    ['plot-corn', 'bray-1-midwest@1'],
    ['bermuda', 'mlsn-turf@1'],
  ] as const)('%s wants numbers, and P and K could change its answer', (crop, guide) => {
    const asked = missing({ crop, guide, texture: 'loam' }, { pH: typed('6.4') })
    expect(ids(asked, true)).toEqual(expect.arrayContaining(['P', 'K']))
  })
  test('a kit’s range of pH: lime at one end and none at the other', () => {
    const [narrow] = missing(
      { crop: 'tomato', texture: 'loam' },
      { pH: typed('5.5–6.5'), P: typed('high'), K: typed('high') },
    )
    expect(narrow).toMatchObject({ id: 'narrowPH', changes: [{ what: 'lime', low: 0 }] })
  })
  test('salts decide what comes first, and whether anything is fed', () => {
    const salts = missing({ crop: 'beans', concerns: ['burnt'] }, { pH: typed('6.5') }).find(({ id }) => id === 'salts')
    expect(salts!.decides).toBe(true)
    expect(salts!.changes).toContainEqual(expect.objectContaining({ what: 'N', low: 0 }))
  })
  test('no buffer is asked for where no lime is, none of a laboratory whose own figure leads, and none of mix', () => {
    expect(missing({ crop: 'tomato' }, { pH: typed('6.5') }).map(({ id }) => id)).not.toContain('bufferPH')
    const led = { pH: typed('5.2'), recommends: { ...blankReport('').recommends, lime: typed('2', 'tons/acre') } }
    expect(missing({ crop: 'tomato', texture: 'loam' }, led).map(({ id }) => id)).not.toContain('bufferPH')
    expect(
      missing({ crop: 'potted-vegetables', guide: 'soilless-mix@1' }, { pH: typed('5') }).map(({ id }) => id),
    ).not.toContain('bufferPH')
  })
  test('lead is asked for where somebody fears it, and 600 ppm would end all feeding', () => {
    const asked = missing({ crop: 'leafy-greens', concerns: ['lead'] }, { pH: typed('6.5') }).find(
      ({ id }) => id === 'lead',
    )
    expect(asked!.changes).toContainEqual(expect.objectContaining({ what: 'N', low: 0 }))
  })
})

describe('another guide or school', () => {
  test('Olsen potassium: 180 ppm is optimum by 150, medium by 200, and asks for potash then', () => {
    const kase = oneArea({ crop: 'tomato', guide: 'olsen-west@1' }, { extractant: 'olsen', K: typed('180', 'ppm') })
    const other = { ...kase, schools: { 'potassium-west': '200' } }
    const [before, after] = [kase, other].map((one) => recommend(one, guides).areas[0]!)
    const { lines, amounts } = readingChanges(before!, after!)
    expect(lines.map(({ id, before: was, after: is }) => [id, was!.className, is!.className])).toEqual([
      ['K', 'optimum', 'medium'],
    ])
    // Gardens: 0.5 lb at optimum, 2 at medium (common practice).
    expect(amounts).toEqual([{ what: 'K₂O', before: 0.5, after: 2 }])
  })
  test('what stays the same is not told', () => {
    const one = found({ crop: 'tomato' }, { pH: typed('6.4') })
    expect(readingChanges(one, one)).toEqual({ lines: [], amounts: [] })
  })
})

describe('what matters most', () => {
  const keys = (...of: Parameters<typeof answer>) => answer(...of).headline.map(({ key }) => key)
  const well = { extractant: 'mehlich-3' as const, pH: typed('6.4'), P: typed('70', 'ppm'), K: typed('210', 'ppm') }
  test('pH far off comes before buying phosphorus', () =>
    expect(keys({ crop: 'tomato', texture: 'loam' }, { ...well, pH: typed('5.2'), P: typed('12', 'ppm') })).toEqual([
      'headline.lime',
      'headline.pH-before-P',
    ]))
  test('where nothing is wrong and things grow weakly, look elsewhere', () => {
    expect(keys({ crop: 'tomato', concerns: ['weak'] }, well)).toEqual(['headline.look-elsewhere'])
    expect(keys({ crop: 'tomato' }, well)).not.toContain('headline.look-elsewhere')
    // Beans bear 1.0 dS/m (Maas & Hoffman 1977, recalled).
    const salty = { ...well, salts: typed('3', 'dS/m'), saltsBy: 'saturated-paste' } as const
    expect(keys({ crop: 'beans', concerns: ['weak'] }, salty)[0]).toBe('headline.salts')
    expect(keys({ crop: 'tomato', concerns: ['weak'] }, { ...well, P: typed('12', 'ppm') })).not.toContain(
      'headline.look-elsewhere',
    )
    expect(keys({ crop: 'tomato', concerns: ['weak'] }, { ...well, B: typed('0.2', 'ppm') })).not.toContain(
      'headline.look-elsewhere',
    )
  })
})

/** Tri-State (Vitosh, Johnson & Mengel 1995, E-2567, recalled): corn, 15 ppm Bray P1; K 75 + 2.5 × CEC. */
test.each([
  ['P', '14', 'build-up', 15, 30],
  ['P', '15', 'maintain', 15, 30],
  ['P', '31', 'draw-down', 15, 30],
  ['K', '99', 'build-up', 100, 130],
  ['K', '130', 'maintain', 100, 130],
] as const)('a field crop reads %s %s ppm as %s', (element, text, className, low, high) => {
  const line = answer(
    { crop: 'plot-corn', guide: 'bray-1-midwest@1' },
    { extractant: 'bray-1', cec: typed('10'), [element]: typed(text, 'ppm') },
  ).reading.find(({ id }) => id === element)!
  expect([line.className, line.wanted]).toEqual([className, [low, high]])
})

describe('mix without soil', () => {
  const mix = { crop: 'potted-vegetables', guide: 'soilless-mix@1' } as const
  test('salts alone never become a feeding recommendation', () => {
    for (const salts of ['0.2', '1.5', '2.8', '6']) {
      const report = { extractant: 'saturated-media', salts: typed(salts, 'dS/m'), saltsBy: 'saturated-media' } as const
      const { needs, fertilizer, cautions } = answer(mix, report)
      expect(cautions.map(({ key }) => key)).toContain('caution.mix')
      expect([needs.some(({ outcome, amount }) => outcome === 'apply' || amount), needs.length, fertilizer]).toEqual([
        false,
        3,
        null,
      ])
    }
  })
  test('its report gives a field crop no answer at all', () => {
    const report = { extractant: 'saturated-media', P: typed('4', 'ppm'), K: typed('80', 'ppm') } as const
    expect(found({ crop: 'tomato', guide: 'soilless-mix@1' }, report).answer).toBeNull()
    const rated = found({ crop: 'tomato', guide: 'mehlich-3-humid-east@1' }, report).answer!
    expect(rated.needs.slice(1).map(({ outcome, why }) => [outcome, why.key])).toEqual([
      ['unknown', 'reading.no-guide'],
      ['unknown', 'reading.no-guide'],
    ])
  })
})

/** The exchange is bases and acidity (equivalent weights): 1,002 ppm Ca are 5 meq, 243 Mg 2, 391 K 1, of a CEC of 10. */
describe('hydrogen on the exchange', () => {
  const cec = quantity(10, 'meq/100 g')
  const three = baseSaturation(
    { Ca: quantity(1_002, 'ppm Ca'), Mg: quantity(243, 'ppm Mg'), K: quantity(391, 'ppm K') },
    cec,
  )
  test.each([
    [three, undefined, 10, 20],
    [three, 2.5, 10, 25],
    [three.slice(1), undefined, 10, undefined],
    [three, 2.5, undefined, undefined],
  ] as const)('%#', (bases, acidity, of, share) => {
    const found = hydrogenShare(bases, acidity, of)
    expect(found === undefined ? found : Number(found.toFixed(9))).toBe(share)
  })
  test.each([
    ['K', 1.9, 'below'],
    ['K', 2, 'within'],
    ['Ca', 80.1, 'above'],
  ] as const)('%s at %s %% (common practice)', (base, percent, where) =>
    expect(againstBalance(base, percent)).toBe(where),
  )
})

test('what a guide wants in lb/acre is half of it in ppm, and is not told of an index', () => {
  const line = answer(
    { crop: 'tomato', guide: 'mehlich-1-southeast@1' },
    { extractant: 'mehlich-1', cec: typed('6'), P: typed('40', 'ppm') },
  ).reading.find(({ id }) => id === 'P')!
  // Mehlich-1, CEC up to 9: optimum 50 to 100 lb/acre (common practice).
  expect([wantedIn(line, 'ppm'), wantedIn(line, 'lb/acre'), wantedIn(line, 'index')]).toEqual([
    [25, 50],
    [50, 100],
    undefined,
  ])
})

test('boron is never fed to beans or peas, however low the test (common practice)', () => {
  const meaning = (crop: string) =>
    answer({ crop }, { extractant: 'mehlich-3', B: typed('0.2', 'ppm') }).reading.find(({ id }) => id === 'B')!.meaning
      .key
  expect([meaning('beans'), meaning('tomato')]).toEqual(['meaning.boron-harms', 'meaning.element-low'])
})

/** USDA Soil Survey Manual, recalled: strongly acid to 5.5, moderately to 6.0. Salt pH reads 0.55 lower (common practice). */
test.each([
  ['5.3–5.7', 'water', ['strongly acid', 'moderately acid']],
  ['5.2–5.4', 'water', undefined],
  ['4.8–5.2', 'salt', ['strongly acid', 'moderately acid']],
] as const)('pH %s in %s may be in %s', (text, pHIn, between) =>
  expect(answer({ crop: 'tomato' }, { pH: typed(text), pHIn }).reading.find(({ id }) => id === 'pH')!.between).toEqual(
    between,
  ),
)
