import 'fake-indexeddb/auto'
import { blankArea } from '../core/case/blank'
import { attachmentOf } from './attachments'
import { soundSummary } from './summary'
import { act, attach, createCase, undo } from './cases'
import { db } from './db'
import { setLogo } from './office'
import { findDamaged, judgeUnjudged, sweepAttachments } from './upkeep'

const picture = (owner: string) =>
  attachmentOf(owner, 'p.png', new Uint8Array([0x89, 0x50, 0x4e, 0x47, 13, 10, 26, 10]))
const named = (id: string) => (kase: Parameters<Parameters<typeof act>[1]>[0]) => ({
  ...kase,
  client: `names ${id}`,
})

test('files that nothing names are swept up, and no other', async () => {
  const { id, written } = createCase({ areas: [blankArea('a', 'A')] })
  await written
  const [stands, undone, broken, ofNobody, logo, oldLogo] = [id, id, id, 'gone', 'office', 'office'].map(picture)
  await attach(id, named(stands!.id), stands!)
  await attach(id, (kase) => ({ ...kase, place: `names ${undone!.id}` }), undone!)
  await undo(id)
  await setLogo(logo!)
  await db.attachments.bulkPut([broken!, ofNobody!, oldLogo!])
  expect(await sweepAttachments()).toBe(3)
  const left = await db.attachments.toCollection().primaryKeys()
  expect([...left].sort()).toEqual([stands!.id, undone!.id, logo!.id].sort())
})

test('damaged cases are found among all others; a stray field and a newer schema are no damage', async () => {
  await db.cases.clear()
  const ids = await Promise.all(
    Array.from({ length: 90 }, async (_, i) => {
      const { id, written } = createCase({ client: `${i}` })
      await written
      return id
    }),
  )
  await db.cases.update(ids[3]!, { areas: 'none' } as never)
  await db.cases.update(ids[70]!, { reports: [null] } as never)
  await db.cases.update(ids[5]!, { stray: true } as never)
  await db.cases.update(ids[6]!, { schema: 999 } as never)
  let found: ReadonlySet<string> = new Set()
  await findDamaged(
    (all) => (found = all),
    new AbortController().signal,
    async () => undefined,
  )
  expect([...found].sort()).toEqual([ids[3]!, ids[70]!].sort())
})

test('a damaged row of the Desk is made anew in silence from its case; one whose case is gone stays damaged', async () => {
  const { id, written } = createCase({ client: 'Whole' })
  await written
  await db.summaries.put({ id, client: 7, areas: null, updatedAt: '' } as never)
  await db.summaries.put({ id: 'nowhere', updatedAt: '2026-01-01', codes: 'none' } as never)
  await judgeUnjudged(new AbortController().signal, async () => undefined)
  expect(soundSummary(await db.summaries.get(id))).toMatchObject({ client: 'Whole', dues: expect.anything() })
  expect(soundSummary(await db.summaries.get(id))).not.toHaveProperty('damaged')
  expect(soundSummary(await db.summaries.get('nowhere'))).toHaveProperty('damaged', true)
})
