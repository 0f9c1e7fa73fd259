import 'fake-indexeddb/auto'
import * as fc from 'fast-check'
import { blankApplication, blankArea, blankReport, blankSample } from '../core/case/blank'
import { addApplication, addAreas, removeArea } from '../core/acts/areas'
import { addReport, addSpotCheck, removeReport, setCovers } from '../core/acts/reports'
import { tickCore } from '../core/acts/samples'
import type { Act } from '../core/acts/act'
import { guides } from '../core/guides/guides'
import { attachmentOf } from './attachments'
import { openPage, type Page } from './open-page'
import { v4 as newId } from 'uuid'

const pages = [openPage(indexedDB), openPage(indexedDB)] as const
const wait = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms))
const pH = { text: '6.1', unit: '', value: 6.1 }

/** What a person can do, on what the page shows then; ids are made as the page makes them. */
const doings: readonly (() => Act)[] = [
  () => addAreas([blankArea(newId(), 'New')]),
  () => addApplication(blankApplication(newId(), 'a', '')),
  // Typing into what was added a moment ago.
  () => (kase) => ({ ...kase, applications: kase.applications.map((one) => ({ ...one, note: `${one.note}x` })) }),
  () => addReport({ ...blankReport(newId()), areas: { a: true } }, guides),
  () => (kase) => ({ ...kase, reports: kase.reports.map((one) => ({ ...one, code: `${one.code}y` })) }),
  () => (kase) => setCovers('a', kase.reports.at(-1)?.id ?? '', true, guides)(kase),
  () => (kase) => removeReport(kase.reports[0]?.id ?? '', guides)(kase),
  () => addSpotCheck({ id: newId(), areaId: 'a', x: null, y: null, pH, at: '2026-05-01T10:00:00.000Z', by: 'MV' }),
  () => tickCore('s', Math.floor(Math.random() * 5), true),
  () => (kase) => removeArea(kase.areas.find(({ id }) => id !== 'a')?.id ?? '')(kase),
]

const step = fc.record({
  page: fc.constantFrom<0 | 1>(0, 1),
  does: fc.nat({ max: doings.length - 1 }),
  refused: fc.boolean(),
  pause: fc.constantFrom(0, 0, 1, 5),
})

/** The clock stands still, as it does for two pages that write within one millisecond; nothing else does. */
const stopClock = () => jest.spyOn(Date.prototype, 'toISOString').mockReturnValue('2026-05-01T10:00:00.000Z')

const idsIn = (value: unknown): string[] =>
  typeof value !== 'object' || value === null
    ? []
    : [...('id' in value ? [String(value.id)] : []), ...Object.values(value).flatMap(idsIn)]

/** The database of a page takes no case while it is refused. */
function refusing(page: Page) {
  const original = page.db.cases.put.bind(page.db.cases)
  let refused = false
  jest.spyOn(page.db.cases, 'put').mockImplementation((...args) => {
    if (refused) throw new DOMException('no room', 'QuotaExceededError')
    return original(...args)
  })
  return (now: boolean) => (refused = now)
}

afterEach(() => jest.restoreAllMocks())

test('whatever is done, refused or slow, on two pages: what is shown as kept is in the database, with the ids on screen', async () => {
  const refuse = pages.map(refusing)
  await fc.assert(
    fc.asyncProperty(fc.array(step, { minLength: 3, maxLength: 14 }), async (steps) => {
      const { id, written } = pages[0].createCase({ areas: [blankArea('a', 'A')], samples: [blankSample('s', 1)] })
      await written
      const stops = pages.map((page) => page.follow(id, () => undefined))
      while (pages.some((page) => !page.front(id).kase)) await wait(1)
      for (const { page, does, refused, pause } of steps) {
        refuse[page]!(refused)
        void pages[page].act(id, doings[does]!())
        if (pause > 0) await wait(pause)
      }
      refuse.forEach((one) => one(false))
      for (const page of pages) await page.retry(id)
      while (pages.some((page) => page.front(id).keeping !== 'kept')) await wait(1)
      const stored = (await pages[0].db.cases.get(id))!
      while (pages.some((page) => page.front(id).kase!.rev !== stored.rev)) await wait(1)
      for (const page of pages) {
        expect(page.front(id).kase).toEqual(stored)
        expect(idsIn(page.front(id).kase)).toEqual(idsIn(stored))
      }
      // Whatever was done can be taken back, each at a time.
      const log = await pages[0].logOf(id)
      for (let i = 0; i < log.length; i++) expect(await pages[0].undo(id)).toBe(true)
      expect((await pages[0].db.cases.get(id))!.areas).toEqual([blankArea('a', 'A')])
      stops.forEach((stop) => stop())
    }),
    { numRuns: 60 },
  )
}, 300_000)

test('what another page wrote within the same millisecond, at the same count of edits, is not written over', async () => {
  stopClock()
  const [here, there] = pages
  const { id, written } = here.createCase({ areas: [blankArea('a', 'A')] })
  await written
  const stops = pages.map((page) => page.follow(id, () => undefined))
  while (!there.front(id).kase) await wait(1)
  const refuse = refusing(here)
  refuse(true)
  await here.act(id, addReport(blankReport('r'), guides))
  await there.act(id, addApplication(blankApplication('theirs', 'a', '')))
  await there.editCase(id, (draft) => void (draft.client = 'Aldous'))
  refuse(false)
  void here.act(id, removeReport('r', guides))
  await here.act(id, addAreas([blankArea('b', 'B')]))
  expect(await here.db.cases.get(id)).toMatchObject({ client: 'Aldous', applications: [{ id: 'theirs' }] })
  expect(here.front(id).kase!.areas.map((area) => area.id)).toEqual(['a', 'b'])
  stops.forEach((stop) => stop())
})

test('text typed into what was just added survives a refused write', async () => {
  const [page] = pages
  const { id, written } = page.createCase({ areas: [blankArea('a', 'A')] })
  await written
  const refuse = refusing(page)
  refuse(true)
  const entry = blankApplication(newId(), 'a', '')
  await page.act(id, addApplication(entry))
  await page.editCase(id, (draft) => void (draft.applications[0]!.note = '40 lb'))
  refuse(false)
  await page.retry(id)
  expect((await page.db.cases.get(id))!.applications).toEqual([{ ...entry, note: '40 lb' }])
})

test('cores that two devices tick off are ticked off on both', async () => {
  const { id, written } = pages[0].createCase({ samples: [blankSample('s', 1)] })
  await written
  const stops = pages.map((page) => page.follow(id, () => undefined))
  while (pages.some((page) => !page.front(id).kase)) await wait(1)
  for (const core of [0, 1, 2]) void pages[0].act(id, tickCore('s', core, true))
  for (const core of [0, 3]) void pages[1].act(id, tickCore('s', core, true))
  while (pages.some((page) => page.front(id).keeping === 'saving')) await wait(1)
  expect((await pages[0].db.cases.get(id))!.samples[0]!.ticked).toEqual({ 0: true, 1: true, 2: true, 3: true })
  expect(await pages[0].db.conflicts.where('caseId').equals(id).count()).toBe(0)
  stops.forEach((stop) => stop())
})

test('a file and the edit that names it are kept together, or neither', async () => {
  const [page] = pages
  const { id, written } = page.createCase({ reports: [blankReport('r')] })
  await written
  const file = attachmentOf(id, 'paper.pdf', new Uint8Array([0x25, 0x50, 0x44, 0x46]))
  const original = { id: file.id, name: file.name, type: file.type }
  const naming: Act = (kase) => ({ ...kase, reports: kase.reports.map((one) => ({ ...one, originals: [original] })) })
  const refusal = jest.spyOn(page.db.attachments, 'bulkPut').mockImplementation((files) => {
    if ((files as unknown[]).length > 0) throw new DOMException('no room', 'QuotaExceededError')
    return Promise.resolve() as never
  })
  const attaching = page.attach(id, naming, file)
  void page.editCase(id, (draft) => void (draft.client = 'typed meanwhile'))
  expect(await attaching).toBe(false)
  expect(page.front(id)).toMatchObject({
    keeping: 'kept',
    kase: { client: 'typed meanwhile', reports: [{ originals: [] }] },
  })
  expect(await page.db.cases.get(id)).toMatchObject({ client: 'typed meanwhile', reports: [{ originals: [] }] })
  refusal.mockRestore()
  expect(await page.attach(id, naming, file)).toBe(true)
  expect(await page.db.attachments.get(file.id)).toBeDefined()
  expect((await page.db.cases.get(id))!.reports[0]!.originals).toEqual([original])
})
