import * as fc from 'fast-check'
import { produce } from 'immer'
import { blankArea } from '../core/blank'
import type { Case } from '../core/case'
import { sampleCases } from '../demo/sample-cases'
import { differences, merge, valueAt, withField, type Path } from './merge'

const base: Case = { ...sampleCases[0]!, areas: ['a', 'b', 'c'].map((id) => blankArea(id, id.toUpperCase())) }
const typed = (text: string) => ({ text, unit: 'ft²', value: null })
const to = (kase: Case, ...changes: (readonly [Path, unknown])[]): Case =>
  produce(kase, (draft) => changes.forEach(([path, value]) => withField(path, value)(draft)))
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
