import * as fc from 'fast-check'
import { blankArea } from './blank'
import type { Case } from './case'
import { sampleCases } from '../../demo/sample-cases'
import { changeBetween, differences, merge, patched, putting, valueAt, type Path } from './changes'

const base: Case = { ...sampleCases[0]!, areas: ['a', 'b', 'c'].map((id) => blankArea(id, id.toUpperCase())) }
const typed = (text: string) => ({ text, unit: 'ft²', value: null })
const to = (kase: Case, ...changes: (readonly [Path, unknown])[]): Case =>
  changes.reduce(
    (now, [path, value]) => (valueAt(now, path.slice(0, -1)) ? patched(now, [putting(path, value)]) : now),
    kase,
  )
const merged = (mine: Case, theirs: Case): Case =>
  to(theirs, ...merge(base, mine, theirs).changes.map(({ path, after }) => [path, after] as const))

const textAt = (kase: Case, path: Path) => (valueAt(kase, path) as { text?: string })?.text ?? valueAt(kase, path)

const shape = (id: string) => ({ id, hole: false, outline: { kind: 'circle', x: 0, y: 0, diameter: 5 } })
const size = ['areas', 'a', 'size']
const areaA = ['areas', 'a']
test.each<[string, [Path, unknown][], [Path, unknown][], [Path, unknown, unknown][]]>([
  ['different fields', [[['client'], 'M']], [[['place'], 'T']], []],
  ['the same field, alike', [[size, typed('3x4')]], [[size, { ...typed('3x4'), value: 12 }]], []],
  ['the same field, differently', [[size, typed('3x4')]], [[size, typed('5x6')]], [[size, typed('3x4'), typed('5x6')]]],
  ['two fields of one area', [[size, typed('3x4')]], [[['areas', 'a', 'crop'], 'garlic']], []],
  ['both removed', [[areaA, undefined]], [[areaA, undefined]], []],
  ['each added one', [[['areas', 'm'], blankArea('m', 'M')]], [[['areas', 't'], blankArea('t', 'T')]], []],
  [
    'each added a shape to one area',
    [[['areas', 'a', 'shapes', 'm'], shape('m')]],
    [[['areas', 'a', 'shapes', 't'], shape('t')]],
    [],
  ],
  ['I removed what they left alone', [[areaA, undefined]], [[['client'], 'T']], []],
  [
    'I removed what they changed',
    [[areaA, undefined]],
    [[size, typed('5x6')]],
    [[areaA, undefined, { ...base.areas[0], size: typed('5x6') }]],
  ],
  [
    'they removed what I changed in two fields',
    [
      [size, typed('3x4')],
      [['areas', 'a', 'name'], 'New'],
    ],
    [[areaA, undefined]],
    [[areaA, { ...base.areas[0], name: 'New', size: typed('3x4') }, undefined]],
  ],
])('%s', (_, myChanges, theirChanges, clashes) => {
  const [mine, theirs] = [to(base, ...myChanges), to(base, ...theirChanges)]
  const found = merge(base, mine, theirs)
  expect(found.clashes.map((one) => [one.path, one.mine, one.theirs])).toEqual(clashes)
  const result = merged(mine, theirs)
  for (const [path] of myChanges) expect(textAt(result, path)).toEqual(textAt(mine, path))
  for (const [path] of theirChanges)
    if (!clashes.some(([met]) => met.every((key, i) => path[i] === key)))
      expect(valueAt(result, path)).toEqual(valueAt(theirs, path))
})

const ids = ['a', 'b', 'c', 'new']
const anyChange: fc.Arbitrary<readonly [Path, unknown]> = fc.oneof(
  fc.tuple(fc.constantFrom<Path>(['client'], ['letter', 'note']), fc.string({ maxLength: 3 })),
  fc.tuple(
    fc.constantFrom(...ids).map((id) => ['areas', id, 'size']),
    fc.string({ maxLength: 3 }).map(typed),
  ),
  fc.constantFrom(...ids).map((id) => [['areas', id], undefined] as const),
  fc.constantFrom(...ids).map((id) => [['areas', id], blankArea(id, id)] as const),
)
const anyVersion = fc.array(anyChange, { maxLength: 6 }).map((changes) => to(base, ...changes))

test('merging: with nothing of mine it is theirs, with nothing of theirs mine, and no change of either is lost unnamed', () =>
  fc.assert(
    fc.property(anyVersion, anyVersion, (mine, theirs) => {
      expect(differences(merged(base, theirs), theirs)).toEqual([])
      expect(differences(merged(mine, base), mine)).toEqual([])
      const { clashes } = merge(base, mine, theirs)
      const result = merged(mine, theirs)
      for (const { path } of differences(base, mine)) expect(valueAt(result, path)).toEqual(valueAt(mine, path))
      for (const { path, after } of differences(base, theirs)) {
        const clash = clashes.find((one) => one.path.every((key, i) => path[i] === key))
        expect(valueAt(clash ? theirs : result, path)).toEqual(after)
        if (clash) expect(clash.theirs).toEqual(valueAt(theirs, clash.path))
      }
    }),
    { numRuns: 500 },
  ))

/** Areas put in any order, some of them gone, some new, and fields of them changed. */
const anyOrder = fc
  .tuple(anyVersion, fc.shuffledSubarray(['a', 'b', 'c', 'new'], { minLength: 0 }))
  .map(([kase, order]): Case => ({
    ...kase,
    areas: order.flatMap((id) => kase.areas.find((one) => one.id === id) ?? (id === 'new' ? blankArea(id, id) : [])),
    schools: order.includes('a') ? { 'pH-aim': order[0]! } : {},
  }))

test('a change leads from one version to the other and back, to the order of its lists', () =>
  fc.assert(
    fc.property(anyOrder, anyOrder, (one, other) => {
      const { patches, inverse } = changeBetween(one, other)
      expect(patched(one, patches)).toEqual(other)
      expect(patched(other, inverse)).toEqual(one)
    }),
    { numRuns: 1_000 },
  ))

test('what a change does not touch stays the very same object, and a change that does not fit is an error', () => {
  const named = patched(base, [putting(['areas', 'b', 'name'], 'New')])
  expect(named.areas.map((area, i) => area === base.areas[i])).toEqual([true, false, true])
  expect(() => patched(base, [putting(['areas', 'gone', 'name'], 'New')])).toThrow(RangeError)
})
