import * as fc from 'fast-check'
import { lineField, readLine } from '../../core/report/lines'
import { named } from '../../core/report/names'
import { decoded } from './decode'
import { decimalOf, proposed, signatureOf, type Mapping } from './mapping'
import { listResults, openResults, takeResults } from './open'
import { rowsOf, tableLimits } from './rows'
import { inPoints, isoDate, taken, type ImportedSample } from './take'

const bytes = (text: string) => new TextEncoder().encode(text)
/** Windows-1252 of letters that lie where Latin-1 has them. */
const latin = (text: string) => Uint8Array.from(text, (letter) => letter.charCodeAt(0))
const read = (
  file: Uint8Array,
  change: Partial<Mapping> = {},
): { mapping: Mapping; samples: readonly ImportedSample[] } => {
  const { mapping } = openResults(file)
  const final = { ...mapping, ...change }
  return { mapping: final, samples: taken(rowsOf(decoded(file).text), final).samples }
}
const values = ({ values: found }: ImportedSample) =>
  Object.fromEntries(found.map(({ field, text, unit }) => [field, `${text} ${unit}`.trim()]))

describe('the names of columns', () => {
  test.each([
    ['P (ppm)', { meaning: 'P', unit: 'ppm' }],
    ['Mehlich-3 K, lb/ac', { meaning: 'K', unit: 'lb/acre', extractant: 'mehlich-3' }],
    ['M3-Zn [mg/kg]', { meaning: 'Zn', unit: 'ppm', micronutrients: 'mehlich-3' }],
    ['Bray P1', { meaning: 'P', extractant: 'bray-1' }],
    ['SMP pH', { meaning: 'bufferPH', buffer: 'SMP' }],
    ['pH (1:1)', { meaning: 'pH' }],
    ['pH CaCl2', { meaning: 'pH', pHIn: 'salt' }],
    ['Organic Matter (%)', { meaning: 'organicMatter', unit: '%' }],
    ['CEC meq/100g', { meaning: 'cec', unit: 'meq/100 g' }],
    ['NO3-N ppm', { meaning: 'nitrate', unit: 'ppm' }],
    ['EC (mmhos/cm)', { meaning: 'salts', unit: 'dS/m' }],
    ['P2O5 rec lb/1000 sq ft', { meaning: 'recommends.P₂O₅', unit: 'lb/1000 ft²' }],
    ['Lime (tons/acre)', { meaning: 'recommends.lime', unit: 'tons/acre' }],
    ['B hot water', { meaning: 'B', boron: 'hot-water' }],
    ['Sample ID', { meaning: 'code' }],
  ])('%s', (name, expected) => expect(named(name)).toMatchObject(expected))
  /** Another quantity than the one it looks like: an oxide, NO₃, a share of the exchange, a total digest, ten buffer pH. */
  test.each([
    'K2O',
    'P2O5 lb/acre',
    'NO3',
    'Nitrate',
    'Ca %',
    '% K',
    'Ca meq/100g',
    'Total P',
    'Lime index',
    'PO4',
    'N',
    'P CaCl2',
    'Salt',
    'Bray P2',
  ])('%s is left to the person', (name) => expect(named(name).meaning).toBeUndefined())
  test('a column of salt says nothing of the pH, nor the strong Bray of the mild one', () =>
    expect([named('Salt (dS/m)').pHIn, named('Strong Bray P').extractant]).toEqual([undefined, 'other']))
  test.each(['Mg (mg/L)', 'K kg/ha', 'P ppb', 'Ca mg/dm3', 'K mg/100g'])('the unit of %s is not one of ours', (name) =>
    expect(named(name).unit).toBeNull(),
  )
})

describe('five files, each of another shape', () => {
  test('commas, units in the head, several samples', () => {
    const { samples, mapping } = read(
      bytes(
        'Sample ID,Date,pH,SMP buffer pH,OM %,P (ppm),K (ppm)\nA-1,10/14/2026,5.6,6.5,3.1,22,"1,140"\nA-2,10/14/2026,6.2,,2.4,<5,98\n',
      ),
    )
    expect(mapping.manner.buffer).toBe('SMP')
    expect(samples.map(({ code, date }) => [code, date])).toEqual([
      ['A-1', '2026-10-14'],
      ['A-2', '2026-10-14'],
    ])
    expect(values(samples[0]!)).toEqual({
      pH: '5.6',
      bufferPH: '6.5',
      organicMatter: '3.1 %',
      P: '22 ppm',
      K: '1,140 ppm',
    })
    expect(readLine('K', '1,140', 'ppm').value).toBe(1140)
    expect(values(samples[1]!)).toMatchObject({ P: '<5 ppm' })
  })
  test('semicolons and decimal commas, a byte order mark, thousands with a point', () => {
    const { samples, mapping } = read(
      bytes('\ufeffProbe;Sample;pH;P [mg/kg];Ca [mg/kg]\n1;B-7;5,4;18,5;1.250,0\n2;B-8;6,1;7;980\n'),
    )
    expect([mapping.decimal, mapping.columns[1]!.meaning]).toEqual(['comma', 'code'])
    expect(values(samples[0]!)).toEqual({ pH: '5.4', P: '18.5 ppm', Ca: '1250.0 ppm' })
  })
  test('tabs in Windows-1252, units in a row of their own, stray rows around', () => {
    const file = latin(
      'Vale soil room\t\t\t\nPrinted for: Café Möller\t\t\t\n\t\t\t\nSample\tpH\tPhosphorus\tOrganic matter\n\t\tlb/acre\t%\nC-1 é\t6.0\t44\t3.9\n\t\t\t\nC-2\t5.1\t12\t2.2\nEnd of report\t\t\t\n',
    )
    const { samples } = read(file)
    expect(openResults(file).encoding).toBe('Windows-1252')
    expect(samples.map(({ code }) => code)).toEqual(['C-1 é', 'C-2'])
    expect(values(samples[0]!)).toEqual({ pH: '6.0', P: '44 lb/acre', organicMatter: '3.9 %' })
    expect(listResults(file, openResults(file).mapping).stray).toBe(1)
  })
  test('a row for every result, units in a column', () => {
    const file = bytes(
      'Sample ID;Analyte;Result;Units\nD-1;pH;6.4;\nD-1;Phosphorus;30;mg/kg\nD-1;Potassium;210;lb/ac\nD-2;pH;5.5;\nD-2;Phosphorus;9;mg/L\nD-2;Silicon;3;ppm\n',
    )
    const { samples, mapping } = read(file)
    expect(mapping.shape).toBe('long')
    expect(samples.map(values)).toEqual([{ pH: '6.4', P: '30 ppm', K: '210 lb/acre' }, { pH: '5.5' }])
    expect(listResults(file, mapping)).toMatchObject({ withoutUnit: 1, stray: 1 })
  })
  test('bars, tests down the side, samples across', () => {
    const { samples, mapping } = read(
      bytes('Sample|E-1|E-2\npH|5.9|6.6\nP, lb/acre|60|22\nCEC|11|7.5\nTexture|loam|sand\n'),
    )
    expect(mapping.shape).toBe('down')
    expect(samples.map((one) => [one.code, values(one)])).toEqual([
      ['E-1', { pH: '5.9', P: '60 lb/acre', cec: '11 meq/100 g' }],
      ['E-2', { pH: '6.6', P: '22 lb/acre', cec: '7.5 meq/100 g' }],
    ])
  })
})

describe('what is not known is asked', () => {
  test('an element without a unit is not taken until somebody says it', () => {
    const file = bytes('Sample,pH,P,K\nA,6,20,90\n')
    const { mapping, samples } = read(file)
    expect(values(samples[0]!)).toEqual({ pH: '6' })
    expect(listResults(file, mapping).withoutUnit).toBe(2)
    const columns = mapping.columns.map((one) => (one.meaning === 'P' ? { ...one, unit: 'lb/acre' } : one))
    expect(values(read(file, { columns }).samples[0]!)).toEqual({ pH: '6', P: '20 lb/acre' })
  })
  test('a cell that names its unit needs no other', () => {
    const { samples } = read(bytes('pH   6.1\nP   22 ppm\nK   180 lb/ac\nMg   90\nOrganic matter   3.4 %\n'))
    expect(samples.map(values)).toEqual([
      { pH: '6.1', P: '22 ppm ppm', K: '180 lb/ac lb/acre', organicMatter: '3.4 % %' },
    ])
  })
  test.each([
    [[['5,3']], ';', 'comma'],
    [[['1,250']], ';', null],
    [[['1,250'], ['6.5']], ';', 'point'],
    [[['5,3'], ['6.5']], ';', null],
    [[['1,250']], ',', 'point'],
    [[['0,250']], ';', 'comma'],
    [[['12'], ['7']], ';', 'point'],
  ] as const)('decimals in %j', (rows, separator, expected) => expect(decimalOf(rows, separator)).toBe(expected))
  test('what a file leaves open is as the office writes it, and only that', () => {
    const of = (text: string) => proposed(rowsOf(text), { dates: 'day-first', decimal: 'comma' })
    expect(of('Sample;Date;Ca\nA;3/4/2026;1,250\n')).toMatchObject({ dates: 'day-first', decimal: 'comma' })
    expect(of('Sample;Date;Ca\nA;3/4/2026;12.5\n')).toMatchObject({ decimal: 'point' })
  })
  test.each([
    ['1.250,5', 'comma', '1250.5'],
    ['<0,3 mg/kg', 'comma', '<0.3 mg/kg'],
    ['1.250', 'comma', '1250'],
    ['1,250', 'point', '1,250'],
  ] as const)('%s with a decimal %s', (cell, decimal, expected) => expect(inPoints(cell, decimal)).toBe(expected))
  test.each([
    ['3/4/2026', 'month-first', '2026-03-04'],
    ['3/4/2026', 'day-first', '2026-04-03'],
    ['14.10.2026', 'day-first', '2026-10-14'],
    ['2026-10-14T09:00', 'month-first', '2026-10-14'],
    ['2/30/2026', 'month-first', ''],
    ['soon', 'month-first', ''],
  ] as const)('the date %s, %s', (text, dates, expected) => expect(isoDate(text, dates)).toBe(expected))
})

test('cells like formulas stay text', () => {
  const { samples } = read(bytes('Sample,pH,P (ppm)\n"=HYPERLINK(""x"")",=1+5,@SUM(1)\n+A,6.1,-2\n'))
  expect(samples.map(({ code, values: found }) => [code, found.map(({ text }) => text)])).toEqual([
    ['=HYPERLINK("x")', ['=1+5', '@SUM(1)']],
    ['+A', ['6.1', '-2']],
  ])
  expect([
    readLine('pH', '=1+5', '').value,
    readLine('P', '@SUM(1)', 'ppm').value,
    readLine('P', '-2', 'ppm').value,
  ]).toEqual([null, null, null])
})

test('the same head has the same mark, whatever rows follow', () => {
  const mark = (text: string) => {
    const table = rowsOf(text)
    return signatureOf(table, proposed(table))
  }
  expect(mark('Sample,pH,P ppm\n1,6,20\n')).toBe(mark('sample,PH,P ppm\nx,5.5,9\ny,6,1\n'))
  expect(mark('Sample,pH,P ppm\n1,6,20\n')).not.toBe(mark('Sample,pH,K ppm\n1,6,20\n'))
})

test('of 10,000 samples a few are taken by their places', () => {
  const rows = Array.from({ length: 10_000 }, (_, i) => `S-${i},${(4 + (i % 50) / 10).toFixed(1)},${i % 200}`)
  const file = bytes(`Sample,pH,P ppm\n${rows.join('\n')}\n`)
  const { mapping } = openResults(file)
  const shares: number[] = []
  expect(listResults(file, mapping, (share) => shares.push(share)).samples).toHaveLength(10_000)
  expect(shares.length).toBeGreaterThan(20)
  expect([...shares].sort((a, b) => a - b)).toEqual(shares)
  expect(takeResults(file, mapping, [9_999]).map(({ code }) => code)).toEqual(['S-9999'])
})

describe('any file', () => {
  const cell = fc.oneof(
    fc.constantFrom(
      'pH',
      'P',
      'P (ppm)',
      'K lb/ac',
      'Ca %',
      'Sample',
      'Test',
      'Result',
      'Units',
      'mg/L',
      'ppm',
      'lb/acre',
      '=A1',
      '<5',
      '1,250',
      '5,3',
      '6.5',
      '',
      '"',
      '\u0000',
      'Buffer pH',
      '10/14/2026',
    ),
    fc.string({ maxLength: 12 }),
    fc.double({ noNaN: true }).map(String),
  )
  const table = fc
    .tuple(fc.constantFrom(',', ';', '\t', '|'), fc.array(fc.array(cell, { maxLength: 7 }), { maxLength: 9 }))
    .map(([separator, rows]) => bytes(rows.map((row) => row.join(separator)).join('\n')))
  const anyFile = fc.oneof({ weight: 5, arbitrary: table }, { weight: 1, arbitrary: fc.uint8Array({ maxLength: 300 }) })
  test('8,000 of them: never a throw; every value is in a unit of its field that the file names', () => {
    fc.assert(
      fc.property(anyFile, (file) => {
        const rows = rowsOf(decoded(file).text)
        const said = rows.rows.flat().join(' ').toLowerCase()
        const { samples } = taken(rows, proposed(rows))
        return samples.every((sample) =>
          sample.values.every(({ field, unit }) => {
            const { units } = lineField(field)
            if (units.length === 0) return unit === ''
            const known = units.find((one) => one.unit === unit)
            // Where there is a choice of units, the file says which.
            return (
              known !== undefined &&
              (units.length === 1 || known.words.some((word) => said.includes(word.split('/')[0]!)))
            )
          }),
        )
      }),
      { numRuns: 8_000 },
    )
  })
})

test('rows beyond those that are read are counted', () => {
  const table = rowsOf(`Sample,pH\n${'1,6\n'.repeat(tableLimits.rows + 4)}`)
  expect([table.rows.length, table.beyond]).toEqual([tableLimits.rows, 5])
})
