import * as fc from 'fast-check'
import { blankArea, blankCase } from '../core/case/blank'
import { changeBetween, differences } from '../core/case/changes'
import type { Case } from '../core/case/case'
import { openCaseFile, type FiledEdit } from '../schemas/case-file'
import { commonBase } from './ancestry'
import { toCaseFile } from './case-file'
import { compacted, historyLimits } from './compact'
import { before, standing } from './history'

const start = { ...blankCase('k', '2026-03-01T10:00:00.000Z'), areas: [blankArea('a', 'Bed')] }
const at = '2026-03-01T10:00:00.000Z'

/** A case and its log: what is typed, `-` for an undo and `+` for a redo. */
function lived(steps: readonly string[], from: Case = start, prefix = 'e'): { kase: Case; log: FiledEdit[] } {
  let kase = from
  const log: FiledEdit[] = []
  for (const [i, step] of steps.entries()) {
    const { done, undone } = standing(log)
    const taken = step === '-' ? done.at(-1) : step === '+' ? undone.at(-1) : undefined
    if ((step === '-' || step === '+') && !taken) continue
    const to = taken ? before(kase, [step === '-' ? taken : { inverse: taken.patches }]) : { ...kase, client: step }
    const kind = step === '-' ? 'undo' : step === '+' ? 'redo' : 'edit'
    log.push({ id: `${prefix}${i}`, by: '', at, kind, ...changeBetween(kase, to) })
    kase = to
  }
  return { kase, log }
}

const steps = fc.array(
  fc.oneof({ weight: 3, arbitrary: fc.stringMatching(/^[a-z]{1,3}$/) }, fc.constantFrom('-', '+')),
  {
    minLength: 12,
    maxLength: 60,
  },
)
const small = { edits: 10, characters: 1e9 }

test('a joined history leads to the same case from the same start, and the edits after it undo as they did', () =>
  fc.assert(
    fc.property(steps, (all) => {
      const { kase, log } = lived(all)
      const short = compacted(kase, log, small)
      expect(differences(before(kase, short), before(kase, log))).toEqual([])
      if (short === log) return
      expect(short.length).toBeLessThan(log.length)
      expect(short.slice(1)).toEqual(log.slice(log.length - short.length + 1))
      // What undo would take is what it would have taken, or nothing where that is among the joined.
      const [now, then] = [standing(short).done.at(-1)?.id, standing(log).done.at(-1)?.id]
      expect([then, undefined]).toContain(now)
    }),
    { numRuns: 300 },
  ))

test('two devices find where they parted, whichever of them joined its history', () =>
  fc.assert(
    fc.property(steps, fc.nat(), steps, steps, (common, cut, mine, theirs) => {
      const shared = lived(common.slice(0, 1 + (cut % common.length)).map((one) => one.replace(/[-+]/, 'x')))
      const grown = (more: readonly string[], who: string) => {
        const { kase, log } = lived(
          more.map((one) => one.replace(/[-+]/, 'y')),
          shared.kase,
          who,
        )
        return { kase, log: [...shared.log, ...log] }
      }
      const [here, there] = [grown(mine, 'm'), grown(theirs, 't')]
      const base = commonBase({ ...here, log: compacted(here.kase, here.log, small) }, there)
      expect(base && differences(base, shared.kase)).toEqual([])
    }),
    { numRuns: 200 },
  ))

test('a polygon of 500 corners moved 400 times is a file that opens', () => {
  const corners = Array.from({ length: 500 }, (_, i): [number, number] => [
    100 * Math.cos(i / 80) + i / 7,
    100 * Math.sin(i / 80),
  ])
  const drawn = (points: readonly (readonly [number, number])[]): Case => ({
    ...start,
    areas: [
      {
        ...start.areas[0]!,
        shapes: [{ id: 's', hole: false, outline: { kind: 'polygon', points: [...points] as never } }],
      },
    ],
  })
  let kase = drawn(corners)
  const log: FiledEdit[] = []
  for (let i = 0; i < 400; i += 1) {
    const to = drawn(corners.map(([x, y], at) => (at === i ? [x + 1.23456789, y] : [x, y])))
    log.push({ id: `e${i}`, by: '', at, kind: 'edit', ...changeBetween(kase, to) })
    kase = to
  }
  expect(JSON.stringify(log).length).toBeGreaterThan(3 * historyLimits.characters)
  const opened = openCaseFile(toCaseFile({ kase, log }, [], []))
  expect(opened.ok && opened.kase.areas).toEqual(kase.areas)
  expect(opened.ok && opened.log[0]!.kind).toBe('joined')
})
