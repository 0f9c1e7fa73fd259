import { blankArea, blankCase, blankReport, blankSample } from '../../core/case/blank'
import { guideNamed, guideRef } from '../../core/guides/guide'
import { defaultGuide, guides } from '../../core/guides/guides'
import { readLine } from '../../core/report/lines'
import { noManner } from '../../core/report/manners'
import { sampleCases } from '../../demo/sample-cases'
import type { FoundValue } from './read'
import {
  alreadyThere,
  areasFor,
  corrected,
  entriesOf,
  isSettled,
  keptOf,
  placesOf,
  reportOf,
  takeEntries,
} from './take'

const place = { page: 1, box: { x: 0.1, y: 0.1, width: 0.1, height: 0.02 } }
let id = 0
const value = (meaning: FoundValue['meaning'], text: string, more: Partial<FoundValue> = {}): FoundValue => ({
  ...{ id: (id += 1), name: meaning ?? 'Avail. phos', meaning, text, unit: meaning === 'pH' ? '' : 'ppm', sample: '' },
  ...{ crop: '', place, open: null },
  ...more,
})
const about = { laboratory: 'Vale', date: '2026-03-09', manner: { ...noManner, extractant: 'mehlich-3' as const } }

test('of several numbers the chosen one stays, and what somebody said of a value counts', () => {
  const [one, other, unknown, bare] = [
    value('P', '28', { open: 'several' }),
    value('P', '31', { open: 'several' }),
    value(null, '12', { unit: null, open: 'name' }),
    value('K', '140', { unit: null, open: 'unit' }),
  ]
  const said = new Map([
    [other.id, { chosen: true as const }],
    [unknown.id, { meaning: 'S' as const, unit: 'ppm' }],
    [bare.id, { unit: 'lb/acre' }],
  ])
  const values = corrected([one, other, unknown, bare], said)
  expect(values.map(({ meaning, text, unit, open }) => [meaning, text, unit, open])).toEqual([
    ['P', '31', 'ppm', null],
    ['S', '12', 'ppm', null],
    ['K', '140', 'lb/acre', null],
  ])
  expect(corrected([unknown], new Map([[unknown.id, { meaning: null }]])).filter(isSettled)).toEqual([])
  // A number that cannot be so stays open until another is typed.
  const wild = value('pH', '61', { open: 'range' })
  expect(corrected([wild], new Map([[wild.id, { text: '62' }]]))[0]!.open).toBe('range')
  expect(corrected([wild], new Map([[wild.id, { text: '6.1' }]]))[0]!.open).toBeNull()
})

test('a report to each sample and crop, each with what was measured', () => {
  const values = [
    value('pH', '6.1', { sample: 'A' }),
    value('recommends.lime', '50', { sample: 'A', crop: 'Tomatoes', unit: 'lb/1000 ft²' }),
    value('recommends.lime', '25', { sample: 'A', crop: 'Lawn', unit: 'lb/1000 ft²' }),
    value('pH', '6.6', { sample: 'B' }),
  ]
  expect(entriesOf(values).map(({ key, values: own }) => [key, own.map(({ text }) => text)])).toEqual([
    ['A|Tomatoes', ['6.1', '50']],
    ['A|Lawn', ['6.1', '25']],
    ['B|', ['6.6']],
  ])
})

test('an entry is of the area whose code or crop it names; of nothing where two could be meant', () => {
  const kase = sampleCases.find(({ areas, reports }) => areas.length > 1 && reports.some(({ code }) => code))!
  const report = kase.reports.find(({ code, areas }) => code && Object.keys(areas).length === 1)!
  const entry = (sample: string, crop = '') => ({ key: `${sample}|${crop}`, sample, crop, values: [] })
  const none = () => null
  const first = kase.areas[0]!.id
  expect(areasFor([entry(report.code.toLowerCase())], kase, first, none).get(`${report.code.toLowerCase()}|`)).toBe(
    Object.keys(report.areas)[0],
  )
  expect([...areasFor([entry('nobody')], kase, first, none).values()]).toEqual([first])
  expect([...areasFor([entry('nobody'), entry('neither')], kase, first, none)]).toEqual([])
  const crops = kase.areas.map(({ seasons }) => seasons[kase.season]?.crop)
  const only = kase.areas.find((_, i) => crops[i] && crops.filter((one) => one === crops[i]).length === 1)!
  const found = areasFor([entry('', 'said so'), entry('', 'else')], kase, first, (words) =>
    words === 'said so' ? only.seasons[kase.season]!.crop : null,
  )
  expect([...found]).toEqual([['|said so', only.id]])
})

test('a report that is begun keeps what was typed; a new one has the lines of the paper', () => {
  const entry = {
    key: '|',
    sample: 'A7',
    crop: '',
    values: [value('pH', '6.1'), value('P', '28'), value('K', 'x', { open: 'unit', unit: null })],
  }
  const fresh = reportOf(blankReport('r'), entry, about)
  expect(fresh).toMatchObject({ code: 'A7', laboratory: 'Vale', date: '2026-03-09', extractant: 'mehlich-3' })
  expect(fresh.lines).toEqual([
    { field: 'pH', unit: '' },
    { field: 'P', unit: 'ppm' },
  ])
  expect([fresh.measured.pH?.value, fresh.measured.P?.value, fresh.measured.K]).toEqual([6.1, 28, undefined])
  const begun = { ...blankReport('r'), code: 'mine', measured: { P: readLine('P', '27', 'ppm') } }
  const filled = reportOf(begun, entry, about)
  expect([filled.code, filled.measured.P?.text, filled.measured.pH?.text]).toEqual(['mine', '27', '6.1'])
  expect(alreadyThere({ ...sampleCases[0]!, reports: [fresh] }, entry, about)).toBe(fresh)
  expect(alreadyThere({ ...sampleCases[0]!, reports: [fresh] }, entry, { ...about, date: '' })).toBeUndefined()
})

test('taken into a case: a new report is of all that its bag holds, one that is begun is filled, and the paper is named', () => {
  const area = (id: string) => ({ ...blankArea(id, id), guide: guideRef(defaultGuide) })
  const kase = {
    ...blankCase('c', '2026-01-01T00:00:00.000Z'),
    areas: [area('a'), { ...area('b'), reportId: 'begun' }, area('c')],
    samples: [{ ...blankSample('s', 1), code: 'A7', areas: ['a', 'c'] }],
    reports: [{ ...blankReport('begun'), areas: { b: true as const }, measured: { pH: readLine('pH', '5.9', '') } }],
  }
  const entry = (sample: string) => ({ key: sample, sample, crop: '', values: [value('pH', '6.1'), value('P', '28')] })
  const taken = [
    { entry: entry('A7'), reportId: 'new', areaId: 'a' },
    { entry: entry('B1'), reportId: 'begun', areaId: 'b' },
  ]
  const original = { id: 'o', name: 'paper.pdf', type: 'application/pdf' }
  const after = takeEntries(
    taken,
    { ...about, manner: { ...noManner, extractant: 'mehlich-1' } },
    original,
    guides,
  )(kase)
  const [begun, fresh] = after.reports
  expect(fresh).toMatchObject({ id: 'new', areas: { a: true, c: true }, originals: [original] })
  expect([begun!.measured.pH?.text, begun!.measured.P?.text, begun!.originals]).toEqual(['5.9', '28', [original]])
  expect(after.areas.map(({ reportId }) => reportId)).toEqual(['new', 'begun', 'new'])
  // A guide that speaks for the extractant rates each of them.
  expect(after.areas.every(({ guide }) => guideNamed(guides, guide)!.extractant === 'mehlich-1')).toBe(true)
  expect(placesOf(taken)).toContainEqual({ ...place, report: 'begun', field: 'P' })
  // Taken once more it makes no second of them, and names the paper once.
  const again = takeEntries(taken, about, original, guides)(after)
  expect(again.reports.map(({ originals }) => originals.length)).toEqual([1, 1])
})

test('what is remembered is what was said, under the name on the paper', () => {
  const unknown = value(null, '12', { unit: null, open: 'name' })
  const said = new Map([[unknown.id, { meaning: 'S' as const, unit: 'ppm' }]])
  const read = {
    laboratory: '',
    dates: 'month-first' as const,
    date: '',
    values: [unknown],
    manner: about.manner,
    signature: 'paper|vale',
    turns: [0],
  }
  const kept = keptOf(read, corrected([unknown], said), said, about.manner, undefined)
  expect(kept.columns).toEqual([{ name: 'Avail. phos', meaning: 'S', unit: 'ppm' }])
  expect(keptOf(read, [unknown], new Map(), about.manner, kept).columns).toEqual(kept.columns)
})
