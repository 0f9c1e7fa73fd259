import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { blankArea } from '../core/case/blank'
import { defaultGuide } from '../core/guides/guides'
import { packBackup } from './backup-file'
import { isSoundGuide, isSoundProduct } from './damage'
import { soundSummary } from './summary'
import { openPage } from './open-page'

const row = {
  id: 'a',
  client: 'Ann',
  place: '',
  areas: ['Bed'],
  codes: [],
  waitsFor: 'ground',
  updatedAt: '2026-03-01T10:00:00.000Z',
  sample: false,
}

test('a row of the Desk that is sound stays as it is', () => expect(soundSummary(row)).toEqual(row))
test.each<[string, unknown]>([
  ['null', null],
  ['a text', 'row'],
  ['no areas', { ...row, areas: undefined }],
  ['areas that are no texts', { ...row, areas: [1, null, { en: 'x' }] }],
  ['a client that is an object', { ...row, client: { text: 'Ann' } }],
  ['a station that there is not', { ...row, waitsFor: 'harvest' }],
  ['a day that is none', { ...row, updatedAt: 'yesterday' }],
  ['codes that are a number', { ...row, codes: 7 }],
  ['a trash that is true', { ...row, trashedAt: true }],
])('%s is shown as far as it can be, as damaged', (_, damaged) => {
  const shown = soundSummary(damaged)
  expect(shown).toMatchObject({ damaged: true })
  expect([shown.client, shown.place, ...shown.areas, ...shown.codes].every((one) => typeof one === 'string')).toBe(true)
})

test.each<[string, unknown, boolean]>([
  ['a guide', defaultGuide, true],
  ['nothing', null, false],
  ['one without crops', { ...defaultGuide, crops: undefined }, false],
  ['one whose limits are a text', { ...defaultGuide, limits: 'none' }, false],
])('%s', (_, guide, sound) => expect(isSoundGuide(guide)).toBe(sound))
test('a product without words is none', () => expect(isSoundProduct({ id: 'x', version: 1 })).toBe(false))

/** Written past every guard. */
test('one damaged case is told of and mended, and hurts no other', async () => {
  const machine = new IDBFactory()
  const page = openPage(machine)
  const [good, bad] = [page.createCase({ client: 'Good' }), page.createCase({ areas: [blankArea('a', 'Bed')] })]
  await Promise.all([good.written, bad.written])
  await page.db.cases.put({
    ...(await page.db.cases.get(bad.id))!,
    client: 7,
    areas: [null, blankArea('b', 'B')],
  } as never)
  await page.db.guides.put({ ref: 'bad@1', guide: { id: 'bad' } } as never)
  await page.db.products.put({ ref: 'bad@1', product: { id: 'bad', version: 1 } } as never)
  const later = openPage(machine)
  for (const id of [good.id, bad.id]) later.follow(id, () => undefined)
  const settled = async (is: () => boolean) => {
    while (!is()) await new Promise((resolve) => setTimeout(resolve, 5))
  }
  await settled(() => later.front(bad.id).keeping === 'damaged' && later.front(good.id).kase !== undefined)
  expect(later.front(good.id).kase).toMatchObject({ client: 'Good' })
  expect(await later.rawCase(bad.id)).toContain('"client": 7')
  expect(await later.repairCase(bad.id)).toBe(true)
  await settled(() => later.front(bad.id).kase !== undefined)
  expect(later.front(bad.id).kase).toMatchObject({ client: '', areas: [{ id: 'b', name: 'B' }] })
  expect(later.allGuides().every((guide) => guide.crops)).toBe(true)
  expect(later.allProducts().every((product) => product.label)).toBe(true)
})

/** As the counter once made them: a field of the season beside the season. */
test('a stray field is no damage: the case opens without it, and so does its file', async () => {
  const machine = new IDBFactory()
  const page = openPage(machine)
  const { id, written } = page.createCase({
    client: 'Kept',
    areas: [{ ...blankArea('a', 'Bed'), feeding: 'usual' } as never],
  })
  await written
  const { backup } = await page.collectBackup()
  expect(packBackup(backup).unchecked).toEqual([])
  const later = openPage(machine)
  await new Promise<void>((resolve) => later.follow(id, () => later.front(id).kase && resolve()))
  expect(later.front(id).kase!.areas[0]).not.toHaveProperty('feeding')
})

test('the Desk is told what a case waits for, and keeps what a later version of it says', async () => {
  const page = openPage(new IDBFactory())
  const { id, written } = page.createCase({ client: 'Before' })
  await written
  const before = (await page.db.cases.get(id))!
  await page.editCase(id, (draft) => void (draft.client = 'After'))
  await page.judge(before)
  expect(await page.db.summaries.get(id)).toMatchObject({ client: 'After' })
  await page.db.summaries.update(id, { areas: 7, trashedAt: '2026-03-01T10:00:00.000Z' } as never)
  await page.judge((await page.db.cases.get(id))!)
  const mended = await page.db.summaries.get(id)
  expect(mended).toMatchObject({ client: 'After', areas: [], trashedAt: '2026-03-01T10:00:00.000Z' })
  expect(soundSummary(mended)).not.toHaveProperty('damaged')
})
