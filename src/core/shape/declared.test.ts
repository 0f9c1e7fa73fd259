import * as fc from 'fast-check'
import { sampleCases } from '../../demo/sample-cases'
import { caseSchema, rereadAt, rereadCase, rereadEdit } from '../../schemas/case'
import { blankArea, blankCase, blankReport, blankSample, blankSeason } from '../case/blank'
import { caseShape } from '../case/case'
import type { Overrulable } from '../case/decisions'
import { caseSchemaNumber } from '../case/schema'
import { readBy } from '../needs/overruled'
import { readTyped } from '../units/typed'
import { blankOf } from './blank'
import { knownOnly } from './readable'
import { fields, flag, list, misfitIn, named, oneOf, record, shapeAt, since, text, typed, usually } from './shape'
import { withFieldsSince } from './since'

const percent = { units: [{ unit: '%', words: ['%'] }] }
const shape = fields({
  name: text(10),
  lead: since(3, named('Leads', flag)),
  share: since(3, typed(percent, '%')),
  inner: list(fields({ id: text(9, 1), kind: since(3, usually('b', oneOf('a', 'b'))) }), 5, 'id'),
  years: record(/^\d{4}$/, fields({ note: since(2, text(9)), more: since(3, text(9)) })),
})

test('what a schema brought is blank in what is older, wherever it stands, and nothing else is touched', () => {
  const old = { name: 'x', stray: 1, inner: [{ id: 'i' }, 'no entry'], years: { 2026: { note: 'n' } } }
  expect(withFieldsSince(3, shape, old)).toEqual({
    ...old,
    lead: false,
    share: { text: '', unit: '%', value: null },
    inner: [{ id: 'i', kind: 'b' }, 'no entry'],
    years: { 2026: { note: 'n', more: '' } },
  })
  expect(withFieldsSince(3, shape, 'no case')).toBe('no case')
  const given = { name: 'x', lead: true, share: { text: '5', unit: '%', value: 5 }, inner: [], years: {} }
  expect(withFieldsSince(3, shape, given)).toEqual(given)
})

test('a blank has all but what somebody must say: ids, moments, numbers', () => {
  expect(blankOf(shape)).toEqual({
    name: '',
    lead: false,
    share: { text: '', unit: '%', value: null },
    inner: [],
    years: {},
  })
  const at = '2026-03-01T10:00:00.000Z'
  const kase = {
    ...blankCase('c', at),
    areas: [{ ...blankArea('a', ''), seasons: { 2026: blankSeason } }],
    samples: [blankSample('s', 1)],
    reports: [blankReport('r')],
  }
  expect(misfitIn(caseShape, kase)).toBeUndefined()
})

test('no field is of a schema that there is not yet', () => {
  const newest = (of: unknown): number =>
    typeof of === 'object' && of !== null
      ? Math.max(0, ...Object.entries(of).map(([key, one]) => (key === 'since' ? Number(one) : newest(one))))
      : 0
  expect(newest(caseShape)).toBeLessThanOrEqual(caseSchemaNumber)
})

test('a test that a later version brought stays as it came, and what is none is refused', () => {
  const later = { text: '0.3 ppm', unit: 'ppm', value: 0.3 }
  const [kase] = sampleCases.filter(({ reports }) => reports.length > 0)
  const withTest = (id: string, value: unknown) => ({
    ...kase!,
    reports: kase!.reports.map((one) => ({ ...one, measured: { ...one.measured, [id]: value } })),
  })
  const known = withTest('selenium', later)
  expect(misfitIn(caseShape, known)).toBeUndefined()
  expect(caseSchema.validate(known, { convert: false }).error).toBeUndefined()
  expect(knownOnly(caseShape, known)).toBe(known)
  expect(rereadCase(known).reports[0]!.measured).toMatchObject({ selenium: later })
  for (const bad of [withTest('a b', later), withTest('selenium', 5), withTest('x'.repeat(41), later)]) {
    expect(misfitIn(caseShape, bad)).toMatchObject({ why: 'other' })
    expect(caseSchema.validate(bad, { convert: false }).error).toBeDefined()
  }
})

/** A number that does not follow from its text, somewhere in a case. */
const lying = (value: unknown): unknown =>
  Array.isArray(value)
    ? value.map(lying)
    : typeof value === 'object' && value !== null
      ? Object.fromEntries(
          Object.entries(value).map(([key, one]) => [key, key === 'value' && 'unit' in value ? 4242 : lying(one)]),
        )
      : value

test('of every number in every sample case the text alone is believed, in the history too', () => {
  const signed = { reason: '', by: 'MV', at: '2026-03-01T10:00:00.000Z' }
  const half = { text: '2.5', unit: 'lb/1000 ft²', value: 2.5 }
  for (const sample of sampleCases) {
    const kase = rereadCase({
      ...sample,
      decisions: {
        ...sample.decisions,
        overrulings: { 'a/N/amount': { ...signed, of: 'amount', is: half, replaced: half } },
        confirmations: { 'a/N': { ...signed, figure: half } },
      },
    })
    expect(rereadCase(lying(kase) as typeof kase)).toEqual(kase)
    const patch = { op: 'replace', path: ['areas', kase.areas[0]!.id], value: lying(kase.areas[0]) } as const
    const edit = { patches: [patch], inverse: [patch] }
    expect(rereadEdit(kase, edit).inverse[0]!.value).toEqual(kase.areas[0])
  }
})

test.each(
  Object.entries(readBy).flatMap(([of, field]) =>
    (field?.units ?? [{ unit: '', words: [''] }]).flatMap(({ unit, words }) =>
      words.map((word) => [of as Overrulable, `3 ${word}`.trim(), unit, field] as const),
    ),
  ),
)('an overruled %s of “%s” is read again as it was typed', (of, text, unit, field) => {
  const [kase] = sampleCases
  const is = readTyped(text, unit, field?.units)
  const word = { reason: '', by: 'MV', at: '2026-03-01T10:00:00.000Z', of, is, replaced: is }
  const overruled = { ...kase!, decisions: { ...kase!.decisions, overrulings: { 'a/N/x': word } } }
  expect(rereadCase(overruled).decisions.overrulings['a/N/x']).toEqual(word)
})

test('what fits nowhere is left as it is, whatever it is', () =>
  fc.assert(
    fc.property(fc.array(fc.string(), { maxLength: 4 }), fc.anything(), (path, value) => {
      if (shapeAt(caseShape, path) === undefined) expect(rereadAt(sampleCases[0]!, path, value)).toBe(value)
      else expect(() => rereadAt(sampleCases[0]!, path, value)).not.toThrow()
    }),
  ))
