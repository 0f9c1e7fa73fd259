import 'fake-indexeddb/auto'
import { blankArea, blankCase, blankReport } from '../core/case/blank'
import { createCase } from './cases'
import { db } from './db'
import { takeHomes, type TakenHome } from './intake'

const pile = (id: string, caseIds: readonly string[]) => ({
  id,
  name: 'monday.csv',
  at: '2026-11-26',
  caseIds,
  seen: [],
})
const fresh = (id: string): TakenHome => ({
  kind: 'new',
  kase: { ...blankCase(id, '2026-11-26T10:00:00Z'), client: id },
})
const adds = (id: string, reports: number): TakenHome => ({
  kind: 'known',
  id,
  reports,
  act: (kase) =>
    kase.reports.some((one) => one.id === 'r') ? kase : { ...kase, reports: [...kase.reports, blankReport('r')] },
})

test('a pile says what was there already, and which cases were gone', async () => {
  const { id, written } = createCase({ areas: [blankArea('a', 'A')] })
  await written
  await takeHomes([fresh('one'), adds(id, 1), adds('nowhere', 1)], pile('p', ['one', id, 'nowhere']))
  expect(await db.piles.get('p')).toMatchObject({ caseIds: ['one', id], known: 0, gone: 1 })
  const { rev } = (await db.cases.get(id))!
  await takeHomes([adds(id, 1)], pile('q', [id]))
  expect(await db.piles.get('q')).toMatchObject({ caseIds: [id], known: 1, gone: 0 })
  expect((await db.cases.get(id))!.rev).toBe(rev)
})

test('stopped in the midst of it, nothing of the file is written', async () => {
  const stop = new AbortController()
  const ids = Array.from({ length: 120 }, (_, i) => `home-${i}`)
  const homes = ids.map(fresh)
  const there = async () => [
    ...(await db.cases.bulkGet(ids)).filter(Boolean),
    ...(await db.summaries.bulkGet(ids)).filter(Boolean),
  ]
  const seen: number[] = []
  const taking = takeHomes(
    homes,
    pile('stopped', []),
    (share) => {
      seen.push(share)
      if (share > 0.4) stop.abort()
    },
    stop.signal,
  )
  await expect(taking).rejects.toThrow()
  expect(seen.length).toBeGreaterThan(1)
  expect(seen).not.toContain(1)
  expect(await there()).toEqual([])
  expect(await db.piles.get('stopped')).toBeUndefined()
  // The same homes, not stopped, are all there.
  await takeHomes(homes, pile('whole', ids))
  expect(await there()).toHaveLength(2 * ids.length)
})
