import 'fake-indexeddb/auto'
import * as fc from 'fast-check'
import { blankArea } from '../core/case/blank'
import { patched, putting, valueAt, type Path } from '../core/case/changes'
import { tallied } from '../core/testing/tally'
import { openPage } from './open-page'

/** Two pages of one browser, with one database. */
const pages = [openPage(indexedDB), openPage(indexedDB)] as const
const wait = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms))

const paths: readonly Path[] = [['client'], ['place'], ['letter', 'note'], ['areas', 'a', 'name']]

interface Step {
  readonly page: 0 | 1
  readonly field: number
  readonly pause: number
}
const steps = fc.array(
  fc.record<Step>({
    page: fc.constantFrom(0, 1),
    field: fc.nat({ max: paths.length - 1 }),
    pause: fc.constantFrom(0, 0, 0, 1, 4),
  }),
  { minLength: 2, maxLength: 10 },
)

/** What a schedule of edits to a case of its own lost, and whether the pages met in a field. */
async function play(schedule: readonly Step[]): Promise<{ lost: string[]; clashed: boolean }> {
  const { id, written } = pages[0].createCase({ areas: [blankArea('a', 'start')] })
  await written
  const stops = pages.map((page) => page.follow(id, () => undefined))
  while (pages.some((page) => !page.front(id).kase)) await wait(1)
  const saw = new Map<string, unknown>()
  for (const [i, { page, field, pause }] of schedule.entries()) {
    const path = paths[field]!
    const value = `${i}: page ${page}`
    saw.set(value, valueAt(pages[page].front(id).kase!, path))
    void pages[page].act(id, (kase) => patched(kase, [putting(path, value)]))
    if (pause > 0) await wait(pause)
  }
  while (pages.some((page) => page.front(id).keeping === 'saving')) await wait(1)
  stops.forEach((stop) => stop())
  const stored = (await pages[0].db.cases.get(id))!
  const conflicts = await pages[0].db.conflicts.where('caseId').equals(id).toArray()
  const reached = new Set<unknown>()
  for (const path of paths) {
    const shown = conflicts.filter((one) => one.path.join() === path.join()).map((one) => one.other)
    for (let value of [valueAt(stored, path), ...shown])
      while (saw.has(value as string)) {
        reached.add(value)
        value = saw.get(value as string)
      }
  }
  return { lost: [...saw.keys()].filter((value) => !reached.has(value)), clashed: conflicts.length > 0 }
}

/** So many cases are edited at the same time. */
const together = 10

/**
 * Every value typed must be found by walking back from what stands, or from what is shown as a conflict, along what the
 * typist saw when typing over it. A value that cannot be reached was lost without being shown.
 */
test('over 300 schedules of two pages, no change is lost without being shown', async () => {
  let clashing = 0
  await fc.assert(
    fc.asyncProperty(
      fc.array(steps, { minLength: together, maxLength: together }),
      tallied(
        `6. ${together} cases in two pages at once, nothing lost unseen`,
        async (schedules: readonly (readonly Step[])[]) => {
          const played = await Promise.all(schedules.map(play))
          expect(played.flatMap(({ lost }) => lost)).toEqual([])
          clashing += played.filter(({ clashed }) => clashed).length
          // A small database is a quick one.
          await Promise.all(pages[0].db.tables.map((table) => table.clear()))
        },
      ),
    ),
    { numRuns: 300 / together },
  )
  // The schedules are of use only if some of them collide, and not all.
  expect(clashing).toBeGreaterThan(30)
  expect(clashing).toBeLessThan(270)
}, 600_000)

test('two pages that type on in one field leave one thing to choose, not one for every key', async () => {
  const { id, written } = pages[0].createCase({})
  await written
  const stops = pages.map((page) => page.follow(id, () => undefined))
  while (pages.some((page) => !page.front(id).kase)) await wait(1)
  for (let n = 1; n <= 15; n += 1) {
    for (const [i, page] of pages.entries())
      void page.act(id, (kase) => patched(kase, [putting(['client'], `page ${i}`.padEnd(6 + n, '.'))]))
    await wait(3)
  }
  while (pages.some((page) => page.front(id).keeping === 'saving')) await wait(1)
  const left = await pages[0].db.conflicts.where('caseId').equals(id).toArray()
  const stands = (await pages[0].db.cases.get(id))!.client
  expect([stands, ...left.map(({ other }) => other)].sort()).toEqual([
    'page 0'.padEnd(21, '.'),
    'page 1'.padEnd(21, '.'),
  ])
  await pages[1].settle(left[0]!.id, 'other')
  expect(await pages[0].db.conflicts.where('caseId').equals(id).count()).toBe(0)
  expect((await pages[0].db.cases.get(id))!.client).toBe(left[0]!.other)
  stops.forEach((stop) => stop())
})

test('a database that does not open at first is opened again, and says that it cannot be read meanwhile', async () => {
  const machine = new IDBFactory()
  const [open, state] = [machine.open.bind(machine), { held: true }]
  machine.open = (...of) => {
    if (state.held) throw new DOMException('Internal error opening backing store', 'UnknownError')
    return open(...of)
  }
  const page = openPage(machine)
  const seen: string[] = []
  await new Promise<void>((resolve) => {
    const stop = page.follow('any', () => {
      const { kase, keeping } = page.front('any')
      seen.push(kase === null ? 'none' : keeping)
      if (keeping === 'unreadable') state.held = false
      if (kase !== null) return
      stop()
      resolve()
    })
  })
  expect([...new Set(seen)]).toEqual(['unreadable', 'none'])
})
