import * as fc from 'fast-check'
import { lineField, readLine } from './lines'
import { allFields } from './line-fields'
import { check } from '../units/typed'
import { found } from '../testing/one-area'
import { parseMeasured, printedWord, rangeOf, readMeasured, reckoned } from './measured'
import { spreadOf } from '../reading/uncertainty'
import { soilUnitWords } from '../units/rates'

const read = (text: string) => readMeasured(text, 'ppm', soilUnitWords)

describe('what a report prints for a test', () => {
  test.each([
    ['23', 23, 'ppm', undefined, undefined],
    ['23 lb/ac', 23, 'lb/acre', undefined, undefined],
    ['5,3', 5.3, 'ppm', undefined, undefined],
    ['2,333', 2333, 'ppm', undefined, undefined],
    ['<5', 5, 'ppm', [null, 5], undefined],
    ['< 0.3 mg/kg', 0.3, 'ppm', [null, 0.3], undefined],
    ['below 5', 5, 'ppm', [null, 5], undefined],
    ['>200', 200, 'ppm', [200, null], undefined],
    ['6.0–6.5', 6.25, 'ppm', [6, 6.5], undefined],
    ['40 to 50 lb/acre', 45, 'lb/acre', [40, 50], undefined],
    ['6.3 ± 0.2', 6.3, 'ppm', [6.1, 6.5], undefined],
    ['161 M', 161, 'ppm', undefined, 'medium'],
    ['161 ppm (VH)', 161, 'ppm', undefined, 'excess'],
    ['23 lb/ac very low', 23, 'lb/acre', undefined, 'very-low'],
  ] as const)('%s', (text, value, unit, range, word) => {
    const one = read(text)
    expect([one.text, one.value, one.unit, printedWord(one)]).toEqual([text, value, unit, word])
    expect(rangeOf(one)).toEqual(range && { low: range[0], high: range[1] })
  })
  test.each(['', 'none', '40–30', '<5 mg/L', '23 kg/ha', '=1+2', '1.5e3', '-4', '5 6', '6.0 to', 'M 161', 'ND'])(
    '“%s” is no value',
    (text) => expect(read(text).value).toBeNull(),
  )
  test('“not detected” asks for the least that could have been found', () => {
    const refused = check(lineField('P'), read('n.d.'))
    expect(!refused.ok && refused.refusal.key).toBe('field.not-detected')
  })
  test('a limit is reckoned just beyond itself', () => {
    expect(reckoned(read('<10'))).toBeLessThan(10)
    expect(reckoned(read('>10'))).toBeGreaterThan(10)
    expect(reckoned(read('<10'))).toBeCloseTo(10, 6)
  })
})

/** Mehlich-3 classes of P: 15 / 30 / 50 / 100 ppm, upper bound inclusive (common practice). */
describe('classes where the report leaves the value open', () => {
  const P = (text: string) => {
    const line = found({ crop: 'tomato' }, { extractant: 'mehlich-3', P: read(text) }).answer!.reading.find(
      ({ id }) => id === 'P',
    )!
    return [line.className, line.between, line.printedWord]
  }
  test.each([
    ['<15', 'very-low', undefined, undefined],
    ['<16', 'low', ['very-low', 'low'], undefined],
    ['>100', 'excess', undefined, undefined],
    ['>99', 'optimum', ['optimum', 'excess'], undefined],
    ['20–40', 'low', ['low', 'medium'], undefined],
    ['31–50', 'medium', undefined, undefined],
    ['low to medium', 'medium', ['low', 'medium'], undefined],
    ['40 L', 'medium', undefined, 'low'],
    ['40 M', 'medium', undefined, undefined],
  ] as const)('P %s', (text, ...expected) => expect(P(text)).toEqual(expected))
  test('a limit at a minimum falls short of it: boron below 0.5 ppm is low (common practice)', () => {
    const line = (text: string) =>
      found({ crop: 'tomato' }, { extractant: 'mehlich-3', B: read(text) }).answer!.reading.find(
        ({ id }) => id === 'B',
      )!
    expect([line('<0.5').className, line('<0.5').between]).toEqual(['low', undefined])
    expect(line('<0.7').between).toEqual(['low', 'enough'])
    expect([line('0.5').className, line('>0.5').className]).toEqual(['enough', 'enough'])
  })
})

/** Errors by common practice: laboratory pH sd 0.1 and cores 0.25/√n; nutrients 10 % and 35 %/√n; a meter 0.3. */
test.each([
  ['pH', 6, 'laboratory', 25, 6 - Math.hypot(0.1, 0.05)],
  ['pH', 6, 'meter', 10, 5.7],
  ['pH', 6, 'kit', 10, 5.5],
  ['P', 100, 'laboratory', 49, 100 - 100 * Math.hypot(0.1, 0.05)],
  ['bufferPH', 6.5, 'laboratory', 10, 6.45],
] as const)('%s of %s by %s with %s cores', (field, v, kind, cores, low) =>
  expect(spreadOf(field, v, kind, undefined, cores)!.low).toBeCloseTo(low, 9),
)

describe('anything that may be typed or imported', () => {
  const pieces = [
    '<',
    '>',
    '≤',
    '±',
    '-',
    '–',
    'to',
    ' ',
    '5',
    '0.3',
    '12,5',
    '1,250',
    '½',
    '%',
    'ppm',
    'lb/ac',
    'mg/L',
    'M',
    'very low',
    'ND',
    '=',
    '+',
    'SUM(',
    ')',
    '\t',
    'é',
    '∞',
    'e9',
    '999999999999',
    '.',
    ',',
    '/',
    'kg/ha',
  ]
  const text = fc.oneof(
    fc.string({ maxLength: 30 }),
    fc.string({ unit: 'binary', maxLength: 20 }),
    fc.array(fc.constantFrom(...pieces), { maxLength: 6 }).map((parts) => parts.join('')),
  )
  test('80,000 texts: never a throw, the text stays, a value is a number in a unit that the field has', () => {
    fc.assert(
      fc.property(text, fc.constantFrom(...allFields), (typedText, field) => {
        const { units } = lineField(field)
        const unit = units[0]?.unit ?? ''
        const one = readLine(field, typedText, unit)
        check(lineField(field), one)
        const range = rangeOf(one)
        const inOrder = !range || range.low === null || range.high === null || range.low <= range.high
        const known = one.unit === unit || units.some((those) => those.unit === one.unit)
        return one.text === typedText && inOrder && known && (one.value === null || Number.isFinite(one.value))
      }),
      { numRuns: 80_000 },
    )
  })
  test('a unit that no field has is never taken for one that it has', () => {
    const foreign = ['mg/L', 'kg/ha', 'g/L', 'mg/dm3', 'mg/100 g', 'ppb', 'µS/cm', 'oz', 'kg']
    fc.assert(
      fc.property(
        fc.constantFrom(...allFields),
        fc.double({ min: 0.1, max: 900, noNaN: true }),
        fc.constantFrom(...foreign),
        (field, v, unit) => {
          const { units } = lineField(field)
          if (units.some(({ words }) => words.includes(unit.toLowerCase()))) return
          expect(readLine(field, `${v.toFixed(2)} ${unit}`, units[0]?.unit ?? '').value).toBeNull()
        },
      ),
      { numRuns: 10_000 },
    )
  })
  test('what is parsed ends where its unit begins', () =>
    expect(parseMeasured('12 1/2 lb/ac M')).toEqual({ value: 12.5, unit: 'lb/ac', word: 'medium' }))
})
