import * as fc from 'fast-check'
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'
import { unitNamed } from '../../core/report/names'
import type { KeptMapping } from '../layout'
import { drawn, put, severalCrops, sidewaysPaper, table, tablePaper, twoColumns, twoPages } from './made-up'
import { readPaper, type FoundValue, type PaperRead } from './read'
import { turnedBox, wordsOf, type PageWords, type TextItem } from './words'

async function pagesOf(bytes: Uint8Array): Promise<readonly PageWords[]> {
  const pdf = await getDocument({ data: bytes.slice(), verbosity: 0 }).promise
  const pages: PageWords[] = []
  for (let n = 1; n <= pdf.numPages; n += 1) {
    const page = await pdf.getPage(n)
    const { items } = await page.getTextContent()
    pages.push(wordsOf(items as TextItem[], page.getViewport({ scale: 1 })))
  }
  return pages
}
const read = async (bytes: Uint8Array, kept?: (signature: string) => KeptMapping | undefined): Promise<PaperRead> =>
  readPaper(await pagesOf(bytes), kept)

const shown = ({ meaning, text, unit, open }: FoundValue) =>
  `${meaning ?? '?'} ${[text, unit].filter(Boolean).join(' ')}${open ? ` (${open})` : ''}`
const of = ({ values }: PaperRead, sample: string, crop?: string) =>
  values.filter((one) => one.sample === sample && (crop === undefined || one.crop === crop)).map(shown)

describe('papers, each built another way', () => {
  test('a table with what would be right beside the result, and what to do beneath', async () => {
    const paper = await read(await tablePaper())
    expect(paper).toMatchObject({ laboratory: 'Vale Soil Room', date: '2026-03-09', turns: [0] })
    expect(paper.manner).toMatchObject({ extractant: 'mehlich-3', buffer: 'Sikora' })
    expect(of(paper, 'HM-07', '')).toEqual([
      ...['pH 5.4', 'bufferPH 6.52', 'P 28 ppm', 'K 1,140 ppm', 'Ca 612 ppm', 'Mg 88 ppm', 'Zn <0.5 ppm'],
      ...['organicMatter 3.4 %', 'cec 7.9 meq/100 g'],
    ])
    expect(of(paper, 'HM-07', 'vegetables')).toEqual([
      ...['recommends.lime 75 lb/1000 ft²', 'recommends.N 3 lb/1000 ft²', 'recommends.P₂O₅ 2 lb/1000 ft²'],
      'recommends.K₂O 0 lb/1000 ft²',
    ])
    expect(paper.values).toHaveLength(13)
  })

  test('two columns of names and numbers in one line, in letters of one breadth', async () => {
    const paper = await read(await twoColumns())
    expect(paper).toMatchObject({ laboratory: 'LOW MEADOW TESTING SERVICE', date: '2026-04-04' })
    expect(paper.manner).toMatchObject({ extractant: 'bray-1', buffer: 'SMP' })
    expect(of(paper, '40417').sort()).toEqual(
      [
        ...['pH 6.9', 'bufferPH 7.0', 'P 14 ppm', 'K 210 ppm', 'Mg 95 ppm', 'organicMatter 2.1 %', 'salts 0.4 dS/m'],
        ...['recommends.lime 0 lb/1000 ft²', 'recommends.N 2.5 lb/1000 ft²', 'recommends.P₂O₅ 1 lb/1000 ft²'],
        'recommends.K₂O 0.5 lb/1000 ft²',
      ].sort(),
    )
    expect(paper.values).toHaveLength(11)
  })

  test('several crops of one sample, names over their numbers in two lines', async () => {
    const paper = await read(await severalCrops())
    expect(paper).toMatchObject({ laboratory: 'Brook End Soils', date: '2026-04-14' })
    expect(paper.manner).toMatchObject({ extractant: 'olsen', boron: 'hot-water', buffer: null })
    expect(of(paper, 'B 12', '')).toEqual([
      ...['pH 7.4', 'bufferPH 7.1', 'organicMatter 4.0 %', 'P 9 ppm', 'K 310 lb/acre', 'Ca 4200 lb/acre'],
      ...['Mg 520 lb/acre', 'B 0.8 ppm'],
    ])
    const wanted = (sulfur: number, n: number, p: number, k: number) => [
      `recommends.sulfur ${sulfur} lb/1000 ft²`,
      `recommends.N ${n} lb/1000 ft²`,
      `recommends.P₂O₅ ${p} lb/1000 ft²`,
      `recommends.K₂O ${k} lb/1000 ft²`,
    ]
    expect(of(paper, 'B 12', 'Tomatoes')).toEqual(wanted(12, 2, 4, 0))
    expect(of(paper, 'B 12', 'Sweet corn')).toEqual(wanted(12, 3.5, 4, 1))
    expect(of(paper, 'B 12', 'Bluegrass lawn')).toEqual(wanted(0, 4, 2, 1.5))
    expect(paper.values).toHaveLength(20)
  })

  test('a broad table printed sideways, a sample to a row, its unit said once', async () => {
    const paper = await read(await sidewaysPaper())
    expect(paper).toMatchObject({ laboratory: 'Fen Lane Laboratory', date: '2026-05-04' })
    expect(paper.manner.extractant).toBe('mehlich-3')
    const row = (pH: string, ...rest: string[]) => [
      `pH ${pH}`,
      ...['P', 'K', 'Ca', 'Mg', 'S', 'Mn'].map((element, i) => `${element} ${rest[i]} lb/acre`),
      `cec ${rest[6]} meq/100 g`,
    ]
    expect(of(paper, 'North bed')).toEqual(row('6.1', '88', '240', '1900', '210', '22', '31', '9.1'))
    expect(of(paper, 'South bed')).toEqual(row('5.8', '102', '198', '1720', '180', '19', '28', '8.4'))
    expect(of(paper, 'Herbs')).toEqual(row('6.6', '140', '305', '2610', '260', '25', '19', '12.2'))
    expect(paper.values).toHaveLength(24)
  })

  test('two pages: columns called their own way, and what to do in sentences', async () => {
    const paper = await read(await twoPages())
    expect(paper).toMatchObject({ laboratory: 'Upper Farm Soil Clinic', date: '2025-10-21' })
    expect(paper.manner).toMatchObject({ extractant: 'mehlich-1', buffer: 'Adams–Evans' })
    expect(of(paper, 'UF-221')).toEqual([
      ...['pH 5.1', 'bufferPH 7.62', 'P 34 ppm', 'K 61 ppm', 'Mg 45 ppm', 'nitrate 12 ppm'],
      ...['recommends.lime 90 lb/1000 ft²', 'recommends.N 1.5 lb/1000 ft²'],
    ])
    expect(paper.values.map(({ place }) => place.page)).toEqual([1, 1, 1, 1, 2, 2, 2, 2])
  })
})

test('in prose: the code, the day, and a list of what is recommended', async () => {
  const paper = await read(
    await drawn((pdf) => {
      put(pdf, 'Vale soil room', 50, 40, 16)
      put(pdf, 'Sample LOH-S, south lawn. Reported 20 October 2026.', 50, 70)
      table(pdf, [50, 200], 100, [
        ['pH in water', '5.2'],
        ['Phosphorus, Mehlich-3', '143 ppm'],
      ])
      put(pdf, 'We recommend, per 1,000 sq ft: lime 110 lb, nitrogen 2.5 lb, phosphate none, potash 2', 50, 180)
      put(pdf, 'lb. Do not lime and plant on one day, and see the 3 leaflets.', 50, 193)
    }),
  )
  expect(paper).toMatchObject({ laboratory: 'Vale soil room', date: '2026-10-20' })
  expect(of(paper, 'LOH-S')).toEqual([
    ...['pH 5.2', 'P 143 ppm', 'recommends.lime 110 lb/1000 ft²', 'recommends.N 2.5 lb/1000 ft²'],
    ...['recommends.P₂O₅ 0 lb/1000 ft²', 'recommends.K₂O 2 lb/1000 ft²'],
  ])
})

test('a mark lies on the number that it is of, on a page that is looked at as it is', async () => {
  for (const bytes of [await tablePaper(), await sidewaysPaper(), await twoPages()]) {
    const [pages, paper] = [await pagesOf(bytes), await read(bytes)]
    for (const { place, text } of paper.values) {
      const page = pages[place.page - 1]!
      const box = turnedBox(place.box, page.turn)
      const under = page.words.filter(
        ({ x, y, width, height }) =>
          x + width / 2 > box.x * page.width &&
          x + width / 2 < (box.x + box.width) * page.width &&
          y + height / 2 > box.y * page.height &&
          y + height / 2 < (box.y + box.height) * page.height,
      )
      const said = under.map((word) => word.text).join(' ')
      expect([text, '0']).toContain(said.startsWith(text) || said === 'none' ? text : said)
    }
  }
})

describe('what is left open', () => {
  const paper = (draw: (pdf: PDFKit.PDFDocument) => void) => drawn(draw).then((bytes) => read(bytes))
  const list = (rows: readonly (readonly string[])[]) =>
    paper((pdf) => {
      put(pdf, 'Soil test results', 50, 60)
      table(pdf, [50, 200, 280, 360], 80, rows)
    })

  test.each<[string, readonly (readonly string[])[], readonly string[]]>([
    [
      'an element without a unit',
      [
        ['Phosphorus', '28'],
        ['pH', '6.1'],
      ],
      ['P 28 (unit)', 'pH 6.1'],
    ],
    [
      'two numbers, and no word on which is the result',
      [['K', '140', '160', 'ppm']],
      ['K 140 ppm (several)', 'K 160 ppm (several)'],
    ],
    [
      'a test that is there twice',
      [
        ['P', '28', 'ppm'],
        ['Mg', '90', 'ppm'],
        ['P', '31', 'ppm'],
      ],
      ['P 28 ppm (several)', 'Mg 90 ppm', 'P 31 ppm (several)'],
    ],
    [
      'the same twice is one',
      [
        ['P', '28', 'ppm'],
        ['P', '28', 'ppm'],
      ],
      ['P 28 ppm'],
    ],
    ['what can hardly be so', [['pH', '61']], ['pH 61 (range)']],
    ['a name that is not known', [['Avail. phos', '28', 'ppm']], ['? 28 ppm (name)'.replace(' ppm', '')]],
    ['an oxide is another quantity', [['P2O5', '64', 'ppm']], ['? 64 (name)']],
    ['its share of the exchange is no calcium', [['Ca', '62', '%']], ['? 62 (name)']],
    [
      'a date, a telephone number, a grade, a ratio',
      [
        ['Lime', '3/4/2026'],
        ['P', '555-0134'],
        ['N', '10-10-10'],
        ['pH', '1:1'],
      ],
      [],
    ],
  ])('%s', async (_, rows, wanted) => {
    expect((await list(rows)).values.map(shown)).toEqual(wanted)
  })

  test('two extractants on one paper are asked about', async () => {
    const found = await list([
      ['Bray P1', '28', 'ppm'],
      ['Mehlich-3 K', '140', 'ppm'],
    ])
    expect(found.manner.extractant).toBeNull()
  })

  test('a paper without words has nothing', async () => {
    const found = await paper((pdf) => void pdf.rect(50, 50, 100, 100).fill())
    expect(found).toMatchObject({ values: [], laboratory: '', date: '' })
  })
})

test('what was put right once is right on the next paper of the laboratory', async () => {
  const bytes = (phosphorus: string) =>
    drawn((pdf) => {
      put(pdf, 'Hazel Row Laboratory', 50, 30, 16)
      table(pdf, [50, 200, 280], 80, [
        ['pH', '6.1', ''],
        ['Avail. phos', phosphorus, 'ppm'],
        ['K', '140', ''],
      ])
    })
  const first = await read(await bytes('28'))
  expect(first.values.map(shown)).toEqual(['pH 6.1', '? 28 (name)', 'K 140 (unit)'])
  const kept: KeptMapping = {
    signature: first.signature,
    columns: [
      { name: 'Avail. phos', meaning: 'P', unit: 'ppm' },
      { name: 'K', meaning: 'K', unit: 'lb/acre' },
    ],
    decimal: 'point',
    dates: 'month-first',
    manner: { ...first.manner, extractant: 'mehlich-3' },
  }
  const next = await read(await bytes('35'), (signature) => (signature === kept.signature ? kept : undefined))
  expect(next.values.map(shown)).toEqual(['pH 6.1', 'P 35 ppm', 'K 140 lb/acre'])
  expect(next.manner.extractant).toBe('mehlich-3')
})

/** Tests as papers may print them: a name, a number, a unit. */
const printable = [
  ['pH', ['pH', 'Soil pH', 'pH (water)', 'Water pH'], '6.3', ['']],
  ['P', ['P', 'Phosphorus', 'Phosphorus (P)', 'Mehlich-3 P'], '27', ['ppm', 'mg/kg', 'lb/acre']],
  ['K', ['K', 'Potassium', 'Potassium (K)'], '143', ['ppm', 'lbs/A']],
  ['Ca', ['Ca', 'Calcium (Ca)'], '1,210', ['ppm', 'lb/acre']],
  ['Mg', ['Mg', 'Magnesium'], '96', ['ppm']],
  ['Zn', ['Zn', 'Zinc (Zn)'], '1.8', ['ppm']],
  ['organicMatter', ['Organic matter', 'OM', '% organic matter'], '3.4', ['%']],
  ['cec', ['CEC', 'Cation exchange capacity'], '8.8', ['meq/100 g']],
] as const

test('of any paper built of names, numbers and units every value is right, or left open', async () => {
  const anyPaper = fc.record({
    tests: fc.shuffledSubarray([...printable], { minLength: 3 }),
    pick: fc.array(fc.nat(11), { minLength: 8, maxLength: 8 }),
    shape: fc.constantFrom('down', 'two abreast', 'across', 'joined'),
    head: fc.boolean(),
    units: fc.constantFrom('beside', 'in the name', 'with the number'),
    beside: fc.constantFrom('nothing', 'optimum', 'rating'),
    font: fc.constantFrom('Helvetica', 'Courier', 'Times-Roman'),
    size: fc.integer({ min: 7, max: 10 }),
    step: fc.integer({ min: 15, max: 24 }),
    left: fc.integer({ min: 20, max: 90 }),
    turned: fc.boolean(),
  })
  let right = 0
  let all = 0
  await fc.assert(
    fc.asyncProperty(anyPaper, async (how) => {
      const lines = how.tests.map(([field, names, number, units], i) => ({
        field,
        name: names[how.shape === 'across' ? 0 : how.pick[i]! % names.length]!,
        number,
        unit: units[how.pick[i]! % units.length]!,
      }))
      const bytes = await drawn(
        (pdf) => {
          if (how.turned) pdf.rotate(90, { origin: [0, 0] }).translate(0, -612)
          const at = (text: string, x: number, y: number) => text && put(pdf, text, x, y, how.size, how.font)
          at('Moor Side Laboratory', 50, 20)
          lines.forEach(({ name, number, unit }, i) => {
            const inName = how.units === 'in the name' && unit ? `${name} (${unit})` : name
            const withNumber = how.units === 'with the number' && unit ? `${number} ${unit}` : number
            if (how.shape === 'across') {
              at(inName, 20 + i * 95, 80)
              if (how.units === 'beside') at(unit, 20 + i * 95, 80 + how.size + 3)
              at(withNumber, 20 + i * 95, 80 + how.size + 3 + how.step)
              return
            }
            const [column, row] = how.shape === 'two abreast' ? [i % 2, Math.floor(i / 2)] : [0, i]
            const [x, y] = [how.left + column * 370, 100 + row * how.step]
            if (how.shape === 'joined') return void at(`${inName}: ${number}${unit ? ` ${unit}` : ''}`, x, y)
            if (i === 0 && how.head && how.shape === 'down') {
              at('Test', x, 80)
              at('Result', x + 235, 80)
              if (how.units === 'beside') at('Unit', x + 290, 80)
              if (how.beside === 'optimum') at('Optimum', x + 340, 80)
            }
            at(inName, x, y)
            at(withNumber, x + 235, y)
            if (how.units === 'beside') at(unit, x + 290, y)
            if (how.shape === 'down' && how.beside === 'optimum') at('20 - 60', x + 340, y)
            if (how.shape === 'down' && how.beside === 'rating') at('Medium', x + 340, y)
          })
        },
        { layout: how.turned ? 'portrait' : 'landscape' },
      )
      const { values } = await read(bytes)
      const there = lines.map(({ field }) => field as string)
      expect(values.filter(({ meaning, open }) => open === null && !there.includes(meaning!))).toEqual([])
      for (const { field, number, unit } of lines) {
        const found = values.filter(({ meaning }) => meaning === field)
        const wanted = unitNamed(field, unit) ?? (field === 'organicMatter' ? '%' : unit)
        const sure = found.filter(({ open }) => open === null)
        all += 1
        expect(sure.map(({ text, unit: said }) => [text, said])).toEqual(sure.length > 0 ? [[number, wanted]] : [])
        right += sure.length
      }
    }),
    { numRuns: 120, seed: 7 },
  )
  // Open is honest, and of no use where it is most of a paper.
  expect(right / all).toBeGreaterThan(0.95)
}, 120_000)
