import * as fc from 'fast-check'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { blankArea, blankCase, blankReport, blankSeason } from '../core/case/blank'
import { caseShape, type Case } from '../core/case/case'
import { caseSchemaNumber } from '../core/case/schema'
import { membersOf } from '../core/case/members'
import { misfitIn } from '../core/shape/shape'
import { hostileCase } from '../core/testing/hostile'
import { sampleCases } from '../demo/sample-cases'
import { before } from '../store/history'
import { caseFileName, toCaseFile } from '../store/case-file'
import { caseSchema } from './case'
import { openCaseFile } from './case-file'

const file = (kase: Case): string => toCaseFile({ kase, log: [] }, [], [])

describe('case files', () => {
  test.each(sampleCases.map((kase) => [kase.client, kase] as const))('%s goes out and comes back the same', (_, kase) =>
    expect(openCaseFile(file(kase))).toEqual({ ok: true, kase, log: [], guides: [], products: [] }),
  )
  test('a blank case with a blank area and report is in order', () => {
    const kase = {
      ...blankCase('c', '2026-01-01T00:00:00.000Z'),
      areas: [blankArea('a', '')],
      reports: [blankReport('r')],
    }
    expect(caseSchema.validate(kase, { convert: false }).error).toBeUndefined()
  })
  /** The first sample's file with one value put in at a path. */
  const broken = (...changes: readonly (readonly [path: string, value: unknown])[]) => {
    const whole: unknown = JSON.parse(file(sampleCases[0]!))
    for (const [path, value] of changes) {
      const keys = path.split('.')
      const holder = keys.slice(0, -1).reduce((inner, key) => (inner as Record<string, unknown>)[key], whole)
      ;(holder as Record<string, unknown>)[keys.at(-1)!] = value
    }
    return openCaseFile(JSON.stringify(whole))
  }
  test.each([
    ['text that is not JSON', openCaseFile('a letter'), 'not-json'],
    ['something else', openCaseFile('[]'), 'not-a-case'],
    ['a newer schema', broken(['schema', caseSchemaNumber + 1]), 'newer'],
    ['a crop that is no id', broken(['case.areas.0.crop', 'Man drake']), 'not-a-case'],
    ['a guide that breaks its form', broken(['guides', [{ id: 'own' }]]), 'not-a-case'],
    ['a field too many', broken(['case.extra', 1]), 'not-a-case'],
    ['a number for a text', broken(['case.reports.0.measured.pH.text', 6]), 'not-a-case'],
    [
      'a prototype key',
      openCaseFile(file(sampleCases[0]!).replace('"rev"', '"__proto__": { "polluted": 1 }, "rev"')),
      'not-a-case',
    ],
    ['a name of 10,000 letters', broken(['case.client', 'x'.repeat(10_000)]), 'not-a-case'],
    [
      '501 areas',
      broken(['case.areas', Array.from({ length: 501 }, (_, i) => blankArea(String(i), ''))]),
      'not-a-case',
    ],
    [
      'a season of no year',
      broken(['case.areas', [{ ...blankArea('a', ''), seasons: { soon: blankSeason } }]]),
      'not-a-case',
    ],
    ['two areas of one id', broken(['case.areas', [blankArea('a', ''), blankArea('a', '')]]), 'not-a-case'],
    ['a nest 500 deep', openCaseFile(`${'['.repeat(500)}${']'.repeat(500)}`), 'not-a-case'],
    ['nine megabytes', openCaseFile('x'.repeat(9_000_000)), 'too-large'],
  ])('%s is refused', (_, opened, why) => expect(opened).toMatchObject({ ok: false, why }))
  /** A file of each schema there ever was, as it was saved then. None is ever changed; a new schema adds one. */
  test.each([1, 2, 3, 4, 5, 6, 7, 8, 9, 10])('a file of schema %i opens', (version) => {
    const text = readFileSync(join(__dirname, `samples/case-${version}.json`), 'utf8')
    const opened = openCaseFile(text)
    if (!opened.ok) throw new Error(opened.details.map((one) => one.message).join())
    expect(opened.kase).toMatchObject({ schema: caseSchemaNumber, client: `Kept sample, schema ${version}` })
    expect(opened.kase.areas[0]).toMatchObject({ name: 'In-ground strip', size: { text: '9x31', value: 279 } })
    // Every report speaks of the areas in which it is in force, from before that was said of it.
    for (const { id, areas } of opened.kase.reports)
      expect(areas).toEqual(
        membersOf(opened.kase.areas.filter(({ reportId }) => reportId === id).map((area) => area.id)),
      )
    expect(opened.log).toHaveLength(version === 1 ? 0 : 2)
    // What was done before can still be taken back.
    if (version > 1) expect(before(opened.kase, opened.log)).not.toEqual(opened.kase)
    expect(opened.guides.map(({ id }) => id)).toEqual(version < 3 ? [] : ['own-sample'])
  })
  test('what was done to a report of schema 10 is taken back in today’s', () => {
    const file = JSON.parse(readFileSync(join(__dirname, 'samples/case-10.json'), 'utf8')) as {
      case: { reports: { id: string; pH: object }[] }
      log: object[]
    }
    const [report] = file.case.reports
    const was = { text: '4.9', unit: '', value: 4.9 }
    const path = ['reports', report!.id, 'pH']
    const typed = { op: 'replace', path, value: report!.pH }
    const added = { op: 'add', path: path.slice(0, 2), value: { ...report, pH: was }, behind: null }
    const of = { by: 'MV', at: '2026-11-03T10:00:00.000Z', kind: 'edit' }
    const log = [
      { ...of, id: 'add', patches: [added], inverse: [{ op: 'remove', path: path.slice(0, 2) }] },
      { ...of, id: 'type', patches: [typed], inverse: [{ ...typed, value: was }] },
    ]
    const opened = openCaseFile(JSON.stringify({ ...file, log }))
    if (!opened.ok) throw new Error(opened.details.map((one) => one.message).join())
    expect(opened.kase.reports[0]!.measured.pH).toEqual(report!.pH)
    const then = before(opened.kase, opened.log.slice(1))
    expect(then.reports[0]!.measured.pH).toEqual(was)
    expect(opened.log[0]!.patches[0]!.value).toEqual(then.reports[0])
  })
  test('a nest too deep to read is refused all the same', () =>
    expect(openCaseFile(`${'['.repeat(500_000)}${']'.repeat(500_000)}`).ok).toBe(false))
  test('markup in a name stays text', () => {
    const opened = broken(['case.client', '<img src=x onerror=alert(1)>'])
    expect(opened.ok && opened.kase.client).toBe('<img src=x onerror=alert(1)>')
    expect(({} as { polluted?: number }).polluted).toBeUndefined()
  })
  test('every faulty field is named', () => {
    const opened = broken(['case.climate', 'hot'], ['case.areas.1.feeding', 'much'])
    expect(!opened.ok && opened.details.map((one) => one.field)).toEqual(['case.climate', 'case.areas[1].feeding'])
  })
  test('numbers are read from the text again, not believed', () => {
    const opened = broken(['case.reports.0.measured.pH.value', 3.3])
    expect(opened.ok && opened.kase.reports[0]!.measured.pH).toEqual({ text: '5.5', unit: '', value: 5.5 })
  })
  test('the file’s name tells whose it is', () =>
    expect(caseFileName({ ...sampleCases[2]!, client: 'Ænne d’Été / Ltd' })).toBe(
      'nne-d-e-te-ltd-lakeside-cottage-ossian-narrows-2026-11-03.json',
    ))
})

/** A value somewhere in a case, replaced or taken away. */
function mutated(kase: unknown, at: readonly number[], by: unknown): unknown {
  const [first = 0, ...rest] = at
  if (typeof kase !== 'object' || kase === null || Object.keys(kase).length === 0) return by
  const keys = Object.keys(kase)
  const key = keys[first % keys.length]!
  const inner = (kase as Record<string, unknown>)[key]
  if (rest.length > 0 && typeof inner === 'object' && inner !== null) {
    const other = mutated(inner, rest, by)
    return Array.isArray(kase) ? kase.with(Number(key), other) : { ...kase, [key]: other }
  }
  if (Array.isArray(kase)) return by === undefined ? kase.slice(1) : [...kase, by]
  const { [key]: _gone, ...others } = kase as Record<string, unknown>
  return by === undefined ? others : { ...others, [key]: by }
}

const strange = [null, undefined, 7, -1, 0.5, 1e309, '', 'x', 'x'.repeat(201), '2026-02-30', '2026-3', [], [null], {}]
const stranger = [
  true,
  { id: 'a' },
  { text: '1', unit: 'ft', value: 1, more: 1 },
  { kind: 'circle' },
  '2026-03-01T10:00:00Z',
]

test('what fits the shape the schema takes too, wherever a case is broken, and nearly nothing else', () => {
  let [fits, not, stricter] = [0, 0, 0]
  const cases = fc.tuple(
    hostileCase,
    fc.array(fc.nat({ max: 60 }), { minLength: 1, maxLength: 6 }),
    fc.constantFrom(...strange, ...stranger),
  )
  fc.assert(
    fc.property(cases, ([kase, at, by]) => {
      const broken = mutated(kase, at, by)
      const misfit = misfitIn(caseShape, broken)
      const { error } = caseSchema.validate(broken, { convert: false })
      if (!misfit) expect(error).toBeUndefined()
      if (misfit) not += 1
      else fits += 1
      if (misfit && !error) stricter += 1
    }),
    { numRuns: 2_000 },
  )
  expect(Math.min(fits, not)).toBeGreaterThan(100)
  expect(stricter).toBeLessThan(20)
})
