import { blankReport } from '../case/blank'
import type { Report } from './report'
import type { LineField } from './line-fields'
import { measuredFields } from '../report/tests'
import { typed } from '../testing/one-area'
import { betweenPatches, dropRange } from './kit'
import { layoutFor, layoutOf, linesOf, onPaper, shippedLayouts } from './layout'
import { lineField, lineUnit, readLine, recommendedIn, typedIn, withLine, withLineUnit } from './lines'
import { remedied, remedyFor } from './remedy'
import { check } from '../units/typed'
import { oxideIn, readReport } from '../reading/soil'
import { reportWith } from './report-with'

const blank = blankReport('r')
const [routine, index] = shippedLayouts
const filled = (texts: Readonly<Record<string, string>>, report: Report = blank): Report =>
  Object.entries(texts).reduce(
    (now, [field, text]) => withLine(now, field as 'P', readLine(field as 'P', text, lineUnit(now, field as 'P'))),
    report,
  )

describe('papers', () => {
  test('a paper kept from a report gives the next one its order, units and manner', () => {
    const first = {
      ...onPaper(blank, { ...routine!, limeMeans: 'ENM' }),
      laboratory: 'Vale soil room',
      extractant: 'mehlich-1' as const,
      lines: [
        { field: 'K' as const, unit: 'lb/acre' },
        { field: 'pH' as const, unit: '' },
      ],
    }
    const next = filled({ K: '120', pH: '6.1' }, onPaper(blank, layoutOf(first, 'own', 'Garden test')))
    expect([next.laboratory, next.extractant, next.measured.K?.unit, next.measured.K?.value]).toEqual([
      'Vale soil room',
      'mehlich-1',
      'lb/acre',
      120,
    ])
    expect(next.recommends.limeMeans).toBe('ENM')
    expect(linesOf(next).map(({ field }) => field)).toEqual(['K', 'pH'])
  })
  test('what is typed stays when the paper changes, in its unit; a unit that was typed wins', () => {
    const report = onPaper(filled({ P: '23', K: '90 ppm', Zn: '1.2' }), index!)
    expect([typedIn(report, 'P').text, typedIn(report, 'P').unit, typedIn(report, 'K').unit]).toEqual([
      '23',
      'index',
      'ppm',
    ])
    expect(linesOf(report).at(-1)).toEqual({ field: 'Zn', unit: 'ppm' })
  })
  test('every shipped line has a unit that its field knows', () => {
    for (const { lines } of shippedLayouts)
      for (const { field, unit } of lines) {
        const { units } = lineField(field)
        // The unit of what a laboratory recommends is asked of every paper.
        const open = units.length === 0 || recommendedIn(field) !== undefined
        expect(open ? unit === '' : units.some((one) => one.unit === unit)).toBe(true)
      }
  })
  test('of a blank report nothing was measured', () =>
    expect(measuredFields.filter((field) => typedIn(blank, field).text !== '')).toEqual([]))
})

describe('the unit of what a laboratory recommends', () => {
  const report = ['lime', 'N', 'K₂O'].reduce(
    (now, name) =>
      withLine(now, `recommends.${name}` as LineField, readLine(`recommends.${name}` as LineField, '2', '')),
    onPaper(blank, layoutFor('laboratory')),
  )
  const read = (one: Report) => readReport(one, { texture: null })
  test('is assumed of no paper: a bare figure is asked about and not used', () => {
    expect(read(report).recommends.N).toBeUndefined()
    expect(read(report).problems.map(({ field, sentence }) => [field, sentence.key])).toEqual([
      ['recommends.lime', 'field.unit-unsaid'],
      ['recommends.N', 'field.unit-unsaid'],
      ['recommends.K₂O', 'field.unit-unsaid'],
    ])
  })
  test('is asked once: what is like it takes it, and lime is not', () => {
    const said = withLineUnit(report, 'recommends.N', 'lb/acre')
    expect([said.recommends.N, said.recommends['K₂O'], said.recommends.lime].map(({ unit }) => unit)).toEqual([
      'lb/acre',
      'lb/acre',
      '',
    ])
    expect(lineUnit(said, 'recommends.P₂O₅')).toBe('lb/acre')
    expect(lineUnit(said, 'recommends.Mg')).toBe('lb/acre')
    expect(read(said).recommends).toMatchObject({ N: 2, 'K₂O': 2 })
    const other = withLineUnit(said, 'recommends.K₂O', 'lb/1000 ft²')
    expect([other.recommends.N.unit, other.recommends['K₂O'].unit]).toEqual(['lb/acre', 'lb/1000 ft²'])
  })
  test.each([
    ['P', '20-30', 'lb/acre', '20-30'],
    ['P', '20-30 ppm', 'lb/acre', '20-30'],
    ['P', '<5 ppm', 'lb/acre', '<5'],
    ['K', '161 M', 'lb/acre', '161 M'],
    ['recommends.N', '120 lb/1000', 'lb/acre', '120'],
  ] as const)('%s, %s, taken in %s stays %s', (field, text, unit, kept) => {
    const typed_ = withLine(blank, field, readLine(field, text, 'ppm'))
    expect(typedIn(withLineUnit(typed_, field, unit), field)).toMatchObject({ text: kept, unit })
  })
  test('typed after the number it is the number’s own', () =>
    expect(read(withLine(report, 'recommends.N', readLine('recommends.N', '90 lb/ac', ''))).recommends.N).toBe(90))
})

describe('remedies', () => {
  test('a lost decimal point', () => {
    const report = filled({ pH: '61' })
    const read = check(lineField('pH'), typedIn(report, 'pH'))
    const remedy = !read.ok && remedyFor('pH', read.refusal)
    expect(remedy && remedied(report, remedy).measured.pH).toEqual({ text: '6.1', unit: '', value: 6.1 })
  })
  test('phosphate typed for phosphorus: 60 lb P₂O₅ hold 26.2 of P (atomic masses)', () => {
    const report = filled({ P: '60 ppm P2O5' })
    const remedy = remedyFor('P', oxideIn('P', typedIn(report, 'P').text)!)
    expect(remedied(report, remedy!).measured.P).toMatchObject({ text: '26.2', unit: 'ppm', value: 26.2 })
  })
  test('bases that are in lb/acre lose the unit that was typed after them', () => {
    const report = filled({ Ca: '3000 ppm', Mg: '400' })
    const mended = remedied(report, { kind: 'unit', elements: ['Ca', 'Mg'], unit: 'lb/acre' })
    expect([mended.measured.Ca, mended.measured.Mg]).toEqual([
      { text: '3000', unit: 'lb/acre', value: 3000 },
      { text: '400', unit: 'lb/acre', value: 400 },
    ])
  })
  test('the buffer that the reading belongs to', () =>
    expect(
      remedied(reportWith(blank, { buffer: 'SMP', bufferPH: typed('7.7') }), { kind: 'buffer', buffer: 'Adams–Evans' })
        .buffer,
    ).toBe('Adams–Evans'))
})

describe('kits', () => {
  test.each([
    [[6, 6.5, 7], [0, 1], '6–6.5'],
    [[6, 6.5, 7], [1], '6.25–6.75'],
    [[6, 6.5, 7], [0], '6–6.25'],
    [[6, 6.5, 7], [0, 2], undefined],
    [[6, 6.5, 7], [], undefined],
    [['low', 'medium', 'optimum'], [0, 1], 'low to medium'],
    [['low', 'medium', 'optimum'], [2], 'optimum'],
  ] as const)('patches %j, marked %j', (patches, marked, expected) =>
    expect(betweenPatches(patches, marked)).toBe(expected),
  )
  test.each([
    [7, 10, '60–70'],
    [1, 0.5, '0–0.5'],
    [0, 10, undefined],
    [2.5, 10, undefined],
    [undefined, 10, undefined],
  ] as const)('%s drops of %s', (drops, each, expected) => expect(dropRange(drops, each)).toBe(expected))
  test('what a kit leaves open is read as a range', () => {
    expect(readLine('pH', betweenPatches([6, 6.5], [0, 1])!, '').value).toBe(6.25)
    expect(readLine('K', dropRange(7, 10)!, 'ppm').value).toBe(65)
  })
})
