import type { Area } from '../../case'
import type { CropId } from '../../guides/crops'
import type { ExtractantId } from '../../guides/guide'
import { guideFor } from '../../guides/guides'
import { amounts, answer, typed } from '../../one-area'

/** One area of exactly 1,000 ft², so that amounts are lb per 1,000 ft². Expected values worked by hand. */
function needs(
  crop: CropId,
  extractant: ExtractantId | null,
  tests: Partial<Record<'pH' | 'P' | 'K' | 'organicMatter' | 'cec', string>>,
  area: Partial<Area> = {},
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
    [
      'the plot equations with another extractant',
      'clover',
      'mehlich-3',
      { P: '20', K: '80', cec: '10' },
      'tri-state.extractant',
      'tri-state.extractant',
    ],
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
