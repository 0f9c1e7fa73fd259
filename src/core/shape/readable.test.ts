import * as fc from 'fast-check'
import { sampleCases } from '../../demo/sample-cases'
import { blankCase } from '../case/blank'
import { caseShape, type Case } from '../case/case'
import { knownOnly, readable } from './readable'
import { misfitIn } from './shape'

const { id: _id, ...blank } = blankCase('', '2026-03-01T10:00:00.000Z')
const partOf = (value: unknown) => readable<Case>(caseShape, value, blank as Case)

/** What a fault of ours, or of a disk, might leave in the place of a value. */
const rubbish = fc.constantFrom<unknown>(null, undefined, 7, -1e300, NaN, '', 'x'.repeat(5_000), [], [null], {}, true)

/** A value with rubbish in some of its places, by the order in which they are walked through. */
function damaged(value: unknown, places: ReadonlyMap<number, unknown>): unknown {
  let at = 0
  const walk = (one: unknown): unknown => {
    at += 1
    if (places.has(at)) return places.get(at)
    if (Array.isArray(one)) return one.map(walk)
    if (typeof one !== 'object' || one === null) return one
    return Object.fromEntries(Object.entries(one).map(([key, inner]) => [key, walk(inner)]))
  }
  return walk(value)
}

test('whatever is damaged in a case, what is read of it fits', () =>
  fc.assert(
    fc.property(
      fc.constantFrom(...sampleCases),
      fc.array(fc.tuple(fc.integer({ min: 2, max: 400 }), rubbish), { minLength: 1, maxLength: 6 }),
      (kase, places) => {
        const part = partOf(damaged(kase, new Map(places)))
        if (part) expect(misfitIn(caseShape, part.value)).toBeUndefined()
      },
    ),
    { numRuns: 400 },
  ))

test.each(sampleCases.map((kase) => [kase.id, kase] as const))('%s, which is whole, is read whole', (_, kase) => {
  expect(partOf(kase)).toEqual({ value: kase, left: 0 })
  expect(knownOnly(caseShape, kase)).toBe(kase)
})

const [whole] = sampleCases
test.each<[string, object, Partial<Case>, number]>([
  ['a text too long is cut', { client: 'x'.repeat(203) }, { client: 'x'.repeat(200) }, 1],
  ['a choice that is none is the usual one', { measures: 'yards' }, { measures: 'feet' }, 1],
  ['an entry that is none is left out', { areas: [null, ...whole!.areas] }, { areas: whole!.areas }, 1],
  [
    'an entry that is there twice is left out once',
    { areas: [...whole!.areas, whole!.areas[0]] },
    { areas: whole!.areas },
    1,
  ],
  ['a key that means something to the language is left out', { schools: { constructor: 'A' } }, { schools: {} }, 1],
  ['a field of elsewhere is left out', { colour: 'red' }, {}, 1],
])('%s', (_, change, expected, left) =>
  expect(partOf({ ...whole!, ...change })).toEqual({ value: { ...whole!, ...expected }, left }),
)

test('a case without an id is none', () => expect(partOf({ ...whole!, id: '' })).toBeUndefined())

test('a stray field goes, and what has none stays the very same', () => {
  const [area, ...rest] = whole!.areas
  const known = knownOnly(caseShape, { ...whole!, areas: [{ ...area!, feeding: 'usual' }, ...rest] } as Case)
  expect(known).toEqual(whole)
  expect(known.reports).toBe(whole!.reports)
})
