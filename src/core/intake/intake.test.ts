import { blankArea, blankCase, blankReport, blankSample } from '../case/blank'
import { withParts } from '../case/in-season'
import { guideRef } from '../guides/guide'
import { defaultGuide, guides } from '../guides/guides'
import { readLine } from '../report/lines'
import { membersOf } from '../case/members'
import { folded, homesOf, type Incoming, type KnownCase } from './match'
import { takeReports, type IncomingReport } from './take-in'

const known = (id: string, client: string, place: string, ...codes: readonly string[]): KnownCase => ({
  id,
  client,
  place,
  codes,
})
const cases = [
  known('aldous', 'Henrike Aldous', 'Lakeside cottage', 'LC-1'),
  known('tamsin', 'Orla Tamsin', 'Old Foundry Street'),
  known('tamsin-2', 'Orla Tamsin', 'Mill Lane'),
]
const sample = (client: string, place = '', code = ''): Incoming => ({ client, place, code })

test.each<[string, Incoming, Partial<ReturnType<typeof homesOf>[number]>]>([
  ['the code on the bag', sample('', '', ' lc-1 '), { by: 'code', caseId: 'aldous' }],
  [
    'name and place, however they are written',
    sample('ALDOUS, Henrike', 'lakeside  Cottage.'),
    { by: 'name-and-place', caseId: 'aldous' },
  ],
  [
    'a name at another place: asked about',
    sample('Henrike Aldous', 'Upper farm'),
    { by: 'name', caseId: null, couldBe: ['aldous'] },
  ],
  [
    'a name that two cases bear: asked about',
    sample('Orla Tamsin'),
    { by: 'name', caseId: null, couldBe: ['tamsin', 'tamsin-2'] },
  ],
  [
    'of two of a name the one at that place',
    sample('Orla Tamsin', 'Mill Lane'),
    { by: 'name-and-place', caseId: 'tamsin-2' },
  ],
  [
    'a code on a bag of somebody else: asked about',
    sample('Ida Brook', '', 'LC-1'),
    { by: 'code', caseId: null, couldBe: ['aldous'] },
  ],
  ['nobody that is known', sample('Ida Brook', 'Weir End'), { by: 'new', caseId: null, couldBe: [] }],
])('a home is known by %s', (_, one, found) => expect(homesOf([one], cases)).toMatchObject([found]))

test('samples of one name and place are one home; of one name at two places two, which is told', () => {
  const homes = homesOf(
    [
      sample('Ida Brook', 'Weir End', '1'),
      sample('Brook Ida', 'weir end', '2'),
      sample('Ida Brook', 'Hill Top', '3'),
      sample('', '', '4'),
      sample('', '', '5'),
    ],
    [],
  )
  expect(homes.map(({ samples, namesake }) => [samples, namesake])).toEqual([
    [[0, 1], true],
    [[2], true],
    [[3], false],
    [[4], false],
  ])
  expect(folded('Çelik, Ömer')).toBe(folded('omer celik'))
})

const report = (code: string, date = '2026-11-01') => ({
  ...blankReport(`r-${code}-${date}`),
  code,
  date,
  laboratory: 'Vale soil room',
  measured: { pH: readLine('pH', '5.8', '') },
})
const incoming = (code: string, parts: Partial<IncomingReport> = {}): IncomingReport => ({
  report: report(code),
  areaId: `a-${code}`,
  area: '',
  crop: null,
  cropWords: '',
  size: '',
  ...parts,
})
const begins = { guide: guideRef(defaultGuide), feeding: 'usual' as const }
const take = (...all: readonly IncomingReport[]) => takeReports(all, guides, begins)
const blank = blankCase('c', '2026-11-26T10:00:00.000Z')
const bed = withParts(blankArea('bed', 'Long bed'), '2026', { crop: 'tomato' })

test('a new home gets an area for each sample, as far as the file tells of it', () => {
  const { areas, reports } = take(
    incoming('1', { area: 'Front lawn', cropWords: 'Grass', size: '2000 sq ft' }),
    incoming('2', { crop: 'tomato', cropWords: 'Tomatoes' }),
  )(blank)
  expect(areas).toMatchObject([
    { name: 'Front lawn, Grass', size: { text: '2000 sq ft', value: 2_000 }, reportId: 'r-1-2026-11-01' },
    { name: 'Tomatoes', seasons: { 2026: { crop: 'tomato' } }, reportId: 'r-2-2026-11-01' },
  ])
  expect(reports.map(({ areas: of }) => Object.keys(of))).toEqual([['a-1'], ['a-2']])
})

test('two samples of one file are of two areas, whatever they are called', () => {
  const twice = { area: 'Garden', crop: 'tomato', cropWords: 'Tomatoes' }
  expect(take(incoming('1', twice), incoming('2', twice))(blank).areas.map(({ name }) => name)).toEqual([
    'Garden',
    'Garden (2)',
  ])
  const alone = { ...blank, areas: [bed] }
  const { areas } = take(incoming('1'), incoming('2'))(alone)
  expect(areas.map(({ id, reportId }) => [id, reportId])).toEqual([
    ['bed', 'r-1-2026-11-01'],
    ['a-2', 'r-2-2026-11-01'],
  ])
})

test('in a case that is there it goes to the ground it is of, and overwrites nothing', () => {
  const old = { ...report('old', '2024-11-01'), areas: membersOf(['bed']) }
  const kase = {
    ...blank,
    areas: [{ ...bed, reportId: old.id }, blankArea('other', 'Roses')],
    reports: [old],
    samples: [{ ...blankSample('s', 1), code: 'BAG-7', areas: ['other'], sent: '2026-10-20' }],
  }
  const after = take(
    incoming('BAG-7'),
    incoming('x', { area: 'long BED', size: '9x9' }),
    incoming('old', { report: report('old', '2024-11-01') }),
    incoming('y', { crop: 'potato', cropWords: 'Potatoes' }),
  )(kase)
  expect(after.areas.map(({ name }) => name)).toEqual(['Long bed', 'Roses', 'Potatoes'])
  expect(after.areas[0]).toMatchObject({ size: bed.size, reportId: 'r-x-2026-11-01' })
  expect(after.areas[1]).toMatchObject({ reportId: 'r-BAG-7-2026-11-01' })
  expect(after.samples[0]).toMatchObject({ reportId: 'r-BAG-7-2026-11-01', back: '2026-11-01' })
  expect(after.reports).toHaveLength(4)
  expect(after.reports[0]).toEqual(old)
  // The same file once more changes nothing.
  expect(take(incoming('BAG-7'), incoming('x', { area: 'Long bed' }))(after)).toBe(after)
})
