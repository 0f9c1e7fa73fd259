import 'fake-indexeddb/auto'
import * as fc from 'fast-check'
import type { Act } from '../core/acts/act'
import { tallied } from '../core/testing/tally'
import { addApplication, addAreas, addShape, changeArea, openSeason, removeArea } from '../core/acts/areas'
import { followSchool } from '../core/acts/choices'
import { setPace } from '../core/acts/measuring'
import { addReport, fillLine } from '../core/acts/reports'
import { addSamples, changeSample, tickCore } from '../core/acts/samples'
import { blankApplication, blankArea, blankReport, blankSample } from '../core/case/blank'
import type { Case } from '../core/case/case'
import { guides } from '../core/guides/guides'
import { readSize } from '../core/ground/size'
import { fields } from '../core/report/fields'
import { hostileTexts } from '../core/testing/hostile'
import { readTyped } from '../core/units/typed'
import { openCaseFile } from '../schemas/case-file'
import { rereadCase } from '../schemas/case'
import { collectBackup, restore } from './backup'
import { openBackup, packBackup } from './backup-file'
import { act, createCase, editCase, front, undo, versionOf } from './cases'
import { toCaseFile } from './case-file'
import { db } from './db'

const hostile = fc.oneof(
  fc.constantFrom(...hostileTexts),
  fc.string({ unit: 'binary', maxLength: 12 }),
  fc.nat({ max: 5_000 }).map((length) => 'x'.repeat(length)),
  fc.constantFrom('20266-01-01', '0000-00-00', '2026-02-31', '2026-05-01T10:00'),
)

/** What is done with a text as the interface does it: by its own parsers and acts. */
const doings: readonly ((text: string, n: number) => Act | ((draft: Case) => object))[] = [
  (text) => (kase) => ({ ...kase, client: text }),
  (text) => (kase) => ({ ...kase, place: text, draftedBy: text }),
  (text) => (kase) => ({ ...kase, letter: { ...kase.letter, note: text, date: text } }),
  (text) => addAreas([{ ...blankArea(text || 'n', text), depth: readTyped(text, 'in', fields.depth.units) }]),
  (text) =>
    changeArea('a', (area) => {
      const size = readSize(text.slice(0, 200), 'feet')
      return { ...area, size: { text, unit: 'ft²', value: size.ok ? size.value.area.value.v : null } }
    }),
  (text) => setPace(readTyped(text, 'ft', fields.pace.units)),
  (text) => openSeason(text),
  (text, n) => openSeason(String(1_900 + n)),
  (text) => addApplication({ ...blankApplication(`x${text}`, 'a', text), note: text }),
  (text) => addApplication({ ...blankApplication(`n-${text.length}`, 'a', text), note: text }),
  (text, n) =>
    addReport({ ...blankReport(`r${n}`), code: text, laboratory: text, date: text, areas: { [text]: true } }, guides),
  (text, n) => fillLine(`r${n % 3}`, n % 2 ? 'pH' : 'recommends.lime', text),
  (text) => followSchool(text, text),
  (text, n) => addSamples([{ ...blankSample(`s${n}`, n), code: text, areas: [text], sent: text }]),
  (text, n) => tickCore('s', n, true),
  (text) => changeSample('s', (sample) => ({ ...sample, ticket: text, taken: { ...sample.taken, weather: text } })),
  (text, n) => addShape('a', { id: `h${n}`, hole: false, outline: { kind: 'circle', x: n ** 5, y: 0, diameter: n } }),
  (text, n) => removeArea(n % 5 ? text : 'a'),
  (text, n) => addAreas(Array.from({ length: n * 20 }, (_, i) => blankArea(`m${n}-${i}`, ''))),
]

/** What two cases must agree in: everything but numbers, which are read from their texts again. */
const content = (kase: Case) => rereadCase(kase)

test('whatever is done with hostile texts, what is shown is in the file and in the backup, and undoing works', async () => {
  let [taken, refused] = [0, 0]
  await fc.assert(
    fc.asyncProperty(
      fc.array(fc.tuple(fc.nat({ max: doings.length - 1 }), hostile, fc.nat({ max: 60 })), {
        minLength: 2,
        maxLength: 10,
      }),
      tallied('1. Hostile acts, filed, backed up, restored and equal', async (all) => {
        await Promise.all(db.tables.map((table) => table.clear()))
        const { id, written } = createCase({ areas: [blankArea('a', 'A')], samples: [blankSample('s', 1)] })
        await written
        for (const [which, text, n] of all) {
          const before = front(id).kase
          await act(id, doings[which]!(text, n) as Act)
          if (front(id).untaken) refused += 1
          else if (front(id).kase !== before) taken += 1
        }
        const shown = front(id).kase!
        const opened = openCaseFile(toCaseFile(await versionOf(shown), [], []))
        if (!opened.ok) throw new Error(JSON.stringify(opened.details))
        expect(opened.kase).toEqual(content(shown))
        const { file, unchecked } = packBackup((await collectBackup()).backup)
        expect(unchecked).toEqual([])
        const backup = openBackup(file)
        if (!backup.ok) throw new Error(backup.why)
        await Promise.all(db.tables.map((table) => table.clear()))
        await restore(backup.backup, { how: 'merge', office: true })
        expect(await db.cases.get(id)).toEqual(content(shown))
      }),
    ),
    { numRuns: Number(process.env.HOSTILE_ACTS ?? 60) },
  )
  // It is of use only if much of it is taken, and much is not.
  expect(Math.min(taken, refused)).toBeGreaterThan(20)
}, 300_000)

test('a case that came here with a text too long can still be undone elsewhere', async () => {
  const { id, written } = createCase({ client: 'x'.repeat(300) })
  await written
  await editCase(id, (draft) => void (draft.place = 'here'))
  expect(await undo(id)).toBe(true)
  expect(front(id).kase).toMatchObject({ place: '' })
})
