import { blankApplication, blankArea, blankReport, blankSample, blankSeason } from './blank'
import { caseShape, type Case } from './case'
import { changeBetween, patched, type Path } from './changes'
import { sampleCases } from '../../demo/sample-cases'
import { oneArea, typed as typedText } from '../testing/one-area'
import { blank } from '../units/typed'
import { misfitOf, mostCornersInAll } from './fits'
import { misfitIn, shapeAt, typedLimits, type Shape } from '../shape/shape'

/** A case with one of everything that a list or record may hold. */
const one = oneArea({})
const at = '2026-03-01T10:00:00.000Z'
const inputs = 'a'.repeat(64)
const signed = { reason: '', by: '', at }
const full: Case = {
  ...one,
  plan: {
    ...one.plan,
    picture: { attachment: 'p', name: '', width: 1, height: 1, x: 0, y: 0, feetPerPixel: 1 },
  },
  samples: [{ ...blankSample('s', 1), cornerAt: [0, 0], tests: [] }],
  reports: [{ ...blankReport('r'), originals: [{ id: 'o', name: '', type: '' }], areas: { a: true } }],
  applications: [{ ...blankApplication('x', 'a', '2026'), pass: 'a/N/1' }],
  decisions: {
    overrulings: { 'a/N/amount': { ...signed, of: 'amount', is: blank('lb'), replaced: blank('lb') } },
    confirmations: { 'a/N': { ...signed, figure: blank('lb') } },
    moves: { 'a/N/1': { to: '', planned: '', by: '', at } },
    settled: { ground: { by: '', at, inputs } },
  },
  shed: [{ id: 'h', product: 'urea@1', amount: blank('lb') }],
  mix: { core: '', at, aim: 'cheapest', takes: [], bags: [], fromShed: [], needs: [] },
  spreaders: [
    {
      id: 's',
      name: '',
      kind: null,
      swath: blank('ft'),
      setting: blank(''),
      product: null,
      trials: [{ id: 't', setting: blank(''), distance: blank('ft'), before: blank('lb'), after: blank('lb') }],
    },
  ],
  ownRegion: { id: 'r', name: '', hemisphere: 'north', lastFrost: '', firstFrost: '', soil: '' },
  letters: [{ id: 'l', at, by: '', checkedBy: '', language: 'en', inputs, core: '', handed: null, document: '' }],
}

/** Every text, list and record of a case with its limit, by the paths of the case above. */
function* limits(shape: Shape, value: unknown, path: Path): Generator<{ path: Path; shape: Shape }> {
  if (shape.is === 'optional') yield* limits(shape.of, value, path)
  else if (shape.is === 'text' || shape.is === 'typed' || shape.is === 'list' || shape.is === 'record')
    yield { path, shape }
  if (shape.is === 'fields')
    for (const [key, of] of Object.entries(shape.of)) yield* limits(of, (value as never)?.[key], [...path, key])
  if ((shape.is === 'list' || shape.is === 'record') && value && typeof value === 'object')
    for (const [key, one] of Object.entries(value)) {
      const id = (one as { id?: string } | null)?.id ?? key
      if (shapeAt(caseShape, [...path, id])) yield* limits(shape.of, one, [...path, id])
    }
}
const all = [...limits(caseShape, full, [])].filter(
  ({ path }) => !['id', 'rev', 'schema', 'updatedAt'].includes(path[0]!),
)
const putting = (path: Path, value: unknown): [Case, ReturnType<typeof misfitOf>] => {
  const made = patched(full, [{ op: 'replace', path, value }])
  return [made, misfitOf(made, [{ op: 'replace', path, value }])]
}

test.each([full, ...sampleCases].map((kase) => [kase.id, kase] as const))('the case %s fits', (_, kase) =>
  expect(misfitIn(caseShape, kase)).toBeUndefined(),
)

test.each(
  all.flatMap(({ path, shape }) =>
    shape.is === 'text' && !shape.form ? [[path.join('/'), path, shape.most] as const] : [],
  ),
)('%s holds its most and not one more', (_, path, most) => {
  expect(putting(path, 'x'.repeat(most))[1]).toBeUndefined()
  expect(putting(path, 'x'.repeat(most + 1))[1]).toEqual({ path, why: 'long', most, is: most + 1 })
})

test.each(all.flatMap(({ path, shape }) => (shape.is === 'typed' ? [[path.join('/'), path] as const] : [])))(
  'what is typed into %s is at most as long as a file takes it',
  (_, path) => {
    const long = (length: number) => putting(path, { ...typedText('x'.repeat(length)), value: null })[1]
    expect(long(typedLimits.text)).toBeUndefined()
    expect(long(typedLimits.text + 1)).toMatchObject({ why: 'long', most: typedLimits.text })
  },
)

test('one more than a full list or record holds is not taken', () => {
  const areas = Array.from({ length: 500 }, (_, i) => blankArea(`n${i}`, ''))
  const filled = { ...full, areas }
  const more = { ...filled, areas: [...areas, blankArea('last', '')] }
  expect(misfitOf(more, changeBetween(filled, more).patches)).toMatchObject({ path: ['areas'], why: 'many', is: 501 })
  const seasons = Object.fromEntries(Array.from({ length: 101 }, (_, i) => [`${1950 + i}`, blankSeason]))
  const years = { ...full, areas: [{ ...full.areas[0]!, seasons }] }
  expect(misfitOf(years, changeBetween(full, years).patches)).toMatchObject({
    path: ['areas', 'a', 'seasons'],
    why: 'many',
  })
})

test.each<[string, Path, unknown]>([
  ['a date of the year 20266', ['letter', 'date'], '20266-01-01'],
  ['a value that is no choice', ['measures'], 'yards'],
  ['a number that is none', ['plan', 'north'], NaN],
  ['a field that there is not', ['areas', 'a', 'colour'], 'red'],
  ['what every write sets', ['rev'], 7],
  ['a year of five figures', ['season'], '20266'],
])('%s is not taken', (_, path, value) =>
  expect(misfitOf(full, [{ op: 'replace', path, value }])).toMatchObject({ path }),
)

test('corners of all shapes together are bounded', () => {
  const points = Array.from({ length: 2_000 }, (_, i): [number, number] => [i, i % 7])
  const shapes = Array.from({ length: 21 }, (_, i) => ({
    id: `s${i}`,
    hole: false,
    outline: { kind: 'polygon', points } as const,
  }))
  const drawn = { ...full, areas: [{ ...full.areas[0]!, shapes }] }
  expect(misfitOf(drawn, changeBetween(full, drawn).patches)).toMatchObject({ why: 'many', most: mostCornersInAll })
})

test('a field cannot be taken out, an entry can', () => {
  expect(misfitOf(full, [{ op: 'remove', path: ['client'] }])).toMatchObject({ path: ['client'] })
  expect(misfitOf(full, [{ op: 'remove', path: ['areas', 'a'] }])).toBeUndefined()
  expect(misfitOf(full, [{ op: 'remove', path: ['reports', 'r', 'measured', 'pH'] }])).toBeUndefined()
})

test('a shape is moved, sized and turned field by field', () => {
  const outline = { kind: 'rectangle', x: 0, y: 0, width: 4, length: 8, angle: 0 } as const
  const drawn = { ...full, areas: [{ ...full.areas[0]!, shapes: [{ id: 's', hole: false, outline }] }] }
  for (const [field, value] of Object.entries({ x: 3.5, width: 12, angle: 45 })) {
    const path = ['areas', 'a', 'shapes', 's', 'outline', field]
    const made = patched(drawn, [{ op: 'replace', path, value }])
    expect(misfitOf(made, changeBetween(drawn, made).patches)).toBeUndefined()
    const far = patched(drawn, [{ op: 'replace', path, value: 1e9 }])
    expect(misfitOf(far, changeBetween(drawn, far).patches)).toMatchObject({ path, why: 'other' })
  }
  const polygon = { kind: 'polygon', points: [[0, 0], [4, 0], [4, 3]] } as const // prettier-ignore
  const changed = { ...drawn, areas: [{ ...drawn.areas[0]!, shapes: [{ id: 's', hole: true, outline: polygon }] }] }
  expect(misfitOf(changed, changeBetween(drawn, changed).patches)).toBeUndefined()
})
