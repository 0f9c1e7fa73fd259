import 'fake-indexeddb/auto'
import { blankCase } from '../core/case/blank'
import { sampleCases } from '../demo/sample-cases'
import { createCase, editCase, follow, front, logOf, retry } from './cases'
import { db } from './db'
import { addSamples, removeSamples, seedOnce, setTrashed } from './desk'
import { emptyOldTrash } from './upkeep'

beforeEach(async () => {
  jest.restoreAllMocks()
  await Promise.all([db.cases.clear(), db.summaries.clear(), db.settings.clear()])
})

const rest = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms))
async function until(is: () => boolean) {
  while (!is()) await rest(1)
}

test('every keystroke is on screen at once, and in the database with its summary; what waited is written together', async () => {
  const { id, written } = createCase()
  await written
  const edits = ['A', 'An', 'Ann'].map((client) => editCase(id, (draft) => void (draft.client = client)))
  expect(front(id)).toMatchObject({ kase: { client: 'Ann' }, keeping: 'saving' })
  await Promise.all(edits)
  expect(front(id).keeping).toBe('kept')
  expect(await db.cases.get(id)).toMatchObject({ client: 'Ann', rev: 3 })
  expect(await db.summaries.get(id)).toMatchObject({ client: 'Ann', waitsFor: 'ground' })
})

test('an edit lands on what another tab has stored meanwhile', async () => {
  const { id, written } = createCase()
  await written
  const stored = (await db.cases.get(id))!
  await db.cases.put({ ...stored, place: 'typed in another tab', rev: stored.rev + 1 })
  await editCase(id, (draft) => void (draft.client = 'typed here'))
  expect(await db.cases.get(id)).toMatchObject({ place: 'typed in another tab', client: 'typed here', rev: 2 })
})

test('what another tab stores is shown here', async () => {
  const { id, written } = createCase()
  await written
  const stop = follow(id, () => undefined)
  await db.cases.update(id, { client: 'from elsewhere', rev: 1 })
  await until(() => front(id).kase?.client === 'from elsewhere')
  stop()
})

test('a refused write keeps the text on the page, says so, and is made good later', async () => {
  const { id, written } = createCase({ client: 'before' })
  await written
  const refusal = jest.spyOn(db.cases, 'put').mockRejectedValue(new DOMException('no room', 'QuotaExceededError'))
  await editCase(id, (draft) => void (draft.client = 'while refused'))
  expect(front(id)).toMatchObject({ kase: { client: 'while refused' }, keeping: 'refused' })
  expect(await db.cases.get(id)).toMatchObject({ client: 'before' })
  refusal.mockRestore()
  await retry(id)
  expect(front(id).keeping).toBe('kept')
  expect(await db.cases.get(id)).toMatchObject({ client: 'while refused' })
})

test('samples are added, seeded once only, and thrown away without touching other cases, and put back', async () => {
  const mine = createCase({ client: 'mine' })
  await mine.written
  await seedOnce(() => addSamples(sampleCases))
  await seedOnce(() => addSamples(sampleCases))
  expect(await db.cases.count()).toBe(sampleCases.length + 1)
  const onDesk = async () => (await db.summaries.filter(({ trashedAt }) => !trashedAt).primaryKeys()).sort()
  const all = await onDesk()
  const back = await removeSamples()
  expect(await onDesk()).toEqual([mine.id])
  await back()
  expect(await onDesk()).toEqual(all)
  // Loaded again they come back as well, with what was typed into them.
  await db.cases.update(sampleCases[0]!.id, { client: 'edited' })
  await removeSamples()
  await addSamples(sampleCases)
  expect(await onDesk()).toEqual(all)
  expect((await db.cases.get(sampleCases[0]!.id))!.client).toBe('edited')
})

test('the trash keeps a case for 30 days, gives it back, and takes its log along when it is emptied', async () => {
  const { id, written } = createCase({ client: 'thrown away' })
  await written
  await editCase(id, (draft) => void (draft.place = 'somewhere'))
  await setTrashed(id, true)
  const looks = async (...days: number[]) => {
    for (const n of days) await emptyOldTrash(new Date(Date.now() + n * 24 * 3_600_000))
  }
  await looks(0, 6, 12, 18, 24, 29)
  expect(await db.summaries.get(id)).toHaveProperty('trashedAt')
  await setTrashed(id, false)
  await looks(36, 43)
  expect(await db.cases.get(id)).toMatchObject({ client: 'thrown away' })
  await rest(20)
  await setTrashed(id, true)
  await looks(44, 51, 58, 65, 72)
  expect(await db.cases.get(id)).toMatchObject({ client: 'thrown away' })
  await looks(75)
  expect(await db.cases.get(id)).toBeUndefined()
  expect(await logOf(id)).toEqual([])
})

test.each([
  ['a year forward, and back', [0, 365, 1, 2]],
  ['a year back, and forth', [0, -365, 1, 2]],
  ['forward for good', [0, 10_000]],
])('a clock that is set %s empties no trash', async (_how, days) => {
  const { id, written } = createCase({ client: 'thrown away' })
  await written
  await setTrashed(id, true)
  for (const n of days) await emptyOldTrash(new Date(Date.now() + n * 24 * 3_600_000))
  expect(await db.cases.get(id)).toMatchObject({ client: 'thrown away' })
})

test('a database that cannot be read is not a case that is gone; what is typed meanwhile joins what it holds', async () => {
  const blocked = jest.spyOn(db.cases, 'get').mockRejectedValue(new DOMException('blocked', 'UnknownError'))
  const stop = follow('blocked', () => undefined)
  await until(() => front('blocked').keeping !== 'kept')
  expect(front('blocked')).toEqual({ kase: undefined, keeping: 'unreadable' })
  await createCase({ place: 'typed meanwhile' }, 'blocked').written
  await editCase('blocked', (draft) => void (draft.client = 'typed meanwhile'))
  expect(front('blocked').keeping).toBe('refused')
  blocked.mockRestore()
  await db.cases.put({ ...blankCase('blocked', '2026-01-01T00:00:00.000Z'), place: 'from before', rev: 9 })
  await retry('blocked')
  expect(await db.cases.get('blocked')).toMatchObject({ client: 'typed meanwhile', place: 'from before' })
  stop()
})

test('a database that is held a moment longer is read as soon as it is free', async () => {
  await db.cases.put({ ...blankCase('held', '2026-01-01T00:00:00.000Z'), place: 'from before' })
  const held = jest.spyOn(db.cases, 'get').mockRejectedValue(new DOMException('held', 'UnknownError'))
  const read = new Promise<void>((resolve) => {
    const stop = follow('held', () => {
      if (!front('held').kase) return held.mockRestore()
      stop()
      resolve()
    })
  })
  await read
  expect(front('held')).toMatchObject({ kase: { place: 'from before' }, keeping: 'kept' })
})
