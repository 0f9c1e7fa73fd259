import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import * as fc from 'fast-check'
import { blankArea } from '../core/case/blank'
import { openCaseFile } from '../schemas/case-file'
import type { Version } from './ancestry'
import { toCaseFile } from './case-file'
import type { KnownArrival } from './exchange'
import { differences, patched, putting, type Path } from '../core/case/changes'
import { openPage, type Page } from './open-page'

/** Two people on two machines, who have nothing in common but the files they hand over. */
const [ann, bo] = [openPage(new IDBFactory()), openPage(new IDBFactory())] as const
const handOver = async (from: Page, id: string): Promise<Version> => {
  const opened = openCaseFile(toCaseFile(await from.versionOf((await from.db.cases.get(id))!), [], []))
  if (!opened.ok) throw new Error(opened.details.map((one) => one.message).join())
  return opened
}
const edit = async (page: Page, id: string, path: Path, value: unknown) => {
  page.follow(id, () => undefined)
  while (!page.front(id).kase) await new Promise((resolve) => setTimeout(resolve, 1))
  await page.act(id, (kase) => patched(kase, [putting(path, value)]))
}
const known = async (page: Page, file: Version) => (await page.arrival(file)) as KnownArrival
/** A case that both have. */
async function sharedCase(): Promise<string> {
  const { id, written } = ann.createCase({ areas: [blankArea('a', 'Bed')] })
  await written
  await edit(ann, id, ['client'], 'start')
  await bo.takeIn(await handOver(ann, id), 'merge')
  return id
}
const content = async (page: Page, id: string) => (await page.db.cases.get(id))!

test('what the other went on with comes in as it was made, edit by edit', async () => {
  const id = await sharedCase()
  await edit(bo, id, ['place'], 'theirs')
  const file = await handOver(bo, id)
  expect(await known(ann, file)).toMatchObject({ standing: 'newer', clashes: [] })
  await ann.takeIn(file, 'merge')
  expect(await content(ann, id)).toMatchObject({ place: 'theirs' })
  expect((await ann.logOf(id)).map((one) => one.id)).toEqual((await bo.logOf(id)).map((one) => one.id))
  expect(await ann.undo(id)).toBe(true)
  expect(await content(ann, id)).toMatchObject({ place: '' })
  // An old file again has nothing to add.
  expect(await known(bo, await handOver(ann, id))).toMatchObject({ standing: 'newer' })
  expect(await known(ann, file)).toMatchObject({ standing: 'older' })
})

test('parted versions merge by field; what was chosen goes back without being asked again', async () => {
  const id = await sharedCase()
  await edit(ann, id, ['client'], 'Ann')
  await edit(ann, id, ['areas', 'a', 'name'], 'Long bed')
  await edit(bo, id, ['client'], 'Bo')
  await edit(bo, id, ['place'], 'theirs')
  const file = await handOver(bo, id)
  expect(await known(ann, file)).toMatchObject({
    standing: 'parted',
    clashes: [{ path: ['client'], mine: 'Bo', theirs: 'Ann' }],
  })
  await ann.takeIn(file, 'merge', new Set(['client']))
  expect(await content(ann, id)).toMatchObject({ client: 'Bo', place: 'theirs', areas: [{ name: 'Long bed' }] })
  expect(await known(ann, file)).toMatchObject({ standing: 'older' })
  const back = await handOver(ann, id)
  expect(await known(bo, back)).toMatchObject({ standing: 'newer', clashes: [] })
  await bo.takeIn(back, 'merge')
  expect(differences(await content(ann, id), await content(bo, id))).toEqual([])
})

test('keeping both, and replacing, which can be undone', async () => {
  const id = await sharedCase()
  await edit(ann, id, ['client'], 'Ann')
  await edit(bo, id, ['client'], 'Bo')
  await edit(bo, id, ['areas', 'b'], blankArea('b', 'New'))
  const file = await handOver(bo, id)
  const copy = await ann.takeIn(file, 'both')
  expect(copy).not.toBe(id)
  expect(await content(ann, copy)).toMatchObject({ client: 'Bo' })
  expect(await content(ann, id)).toMatchObject({ client: 'Ann' })
  await ann.takeIn(file, 'replace')
  expect(differences(await content(ann, id), file.kase)).toEqual([])
  await ann.undo(id)
  expect(await content(ann, id)).toMatchObject({ client: 'Ann', areas: [{ id: 'a' }] })
})

test('a file without a log, or with one that does not fit, merges by choosing every field', async () => {
  const id = await sharedCase()
  await edit(ann, id, ['client'], 'Ann')
  const { kase } = await handOver(bo, id)
  const nonsense = [{ op: 'replace', path: ['areas', 'gone', 'name'], value: 'x' }] as const
  const unfit = { id: 'x', by: '', at: kase.updatedAt, kind: 'edit', patches: nonsense, inverse: nonsense } as const
  for (const log of [[], [unfit]])
    expect(await known(ann, { kase, log })).toMatchObject({
      standing: 'unrelated',
      clashes: [{ path: ['client'], mine: 'start', theirs: 'Ann' }],
    })
})

test('a counter sheet that was saved as a file comes in as a case, and the sheet stays as it is', async () => {
  const { kase } = await handOver(ann, await sharedCase())
  await bo.createCase({ client: 'at the counter' }, 'counter').written
  const file = { kase: { ...kase, id: 'counter' }, log: [] }
  expect(await bo.arrival(file)).toEqual({ standing: 'new' })
  expect(await bo.takeIn(file, 'merge')).not.toBe('counter')
  expect(await content(bo, 'counter')).toMatchObject({ client: 'at the counter' })
})

test('replacing by the same leaves no trace', async () => {
  const id = await sharedCase()
  const before = await bo.logOf(id)
  await bo.takeIn(await handOver(ann, id), 'replace')
  expect(await bo.logOf(id)).toEqual(before)
})

test('a log that came in a file cannot undo a case into something that is none', async () => {
  const { kase } = await handOver(ann, await sharedCase())
  const harm = [{ op: 'replace', path: ['areas'], value: 'none' }] as const
  const log = [{ id: 'x', by: '', at: kase.updatedAt, kind: 'edit', patches: harm, inverse: harm }] as const
  const id = await bo.takeIn({ kase, log }, 'both')
  await edit(bo, id, ['client'], 'mine')
  expect(await bo.undo(id)).toBe(true)
  expect(await bo.undo(id)).toBe(false)
  expect(await bo.goBackTo(id, 0)).toBe(false)
  expect(await content(bo, id)).toMatchObject({ client: 'start' })
})

const moves = fc.array(
  fc.record({
    who: fc.constantFrom(ann, bo),
    what: fc.oneof(
      {
        weight: 3,
        arbitrary: fc.constantFrom<Path>(['client'], ['place'], ['areas', 'a', 'name'], ['letter', 'note']),
      },
      { weight: 1, arbitrary: fc.constant('takes' as const) },
    ),
    chooses: fc.boolean(),
  }),
  { maxLength: 10 },
)

test(
  'however they edit and hand over, two people end with the same case after a file each way',
  () =>
    fc.assert(
      fc.asyncProperty(moves, async (all) => {
        const id = await sharedCase()
        const take = async (who: Page, chooses: boolean) => {
          const file = await handOver(who === ann ? bo : ann, id)
          const { standing, clashes } = await known(who, file)
          if (standing === 'unrelated') throw new Error('they began alike')
          await who.takeIn(file, 'merge', new Set(chooses ? (clashes ?? []).map((one) => one.path.join('/')) : []))
        }
        for (const [i, { who, what, chooses }] of all.entries())
          await (what === 'takes' ? take(who, chooses) : edit(who, id, what, `${i}`))
        await take(ann, false)
        await take(bo, true)
        expect(differences(await content(ann, id), await content(bo, id))).toEqual([])
      }),
      { numRuns: 50 },
    ),
  300_000,
)
