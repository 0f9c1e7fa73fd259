import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { guideRef, type Guide } from '../core/guides/guide'
import { guides } from '../core/guides/guides'
import { blankArea } from '../core/case/blank'
import { openCaseFile } from '../schemas/case-file'
import { toCaseFile } from './case-file'
import { openPage } from './open-page'

const page = openPage(new IDBFactory())
const own: Guide = { ...guides[0]!, id: 'own-test', version: 1, title: { en: 'Our own' } }

test('a guide of the office’s own: edited in place while unused, the next version once it rates an area, kept while in use', async () => {
  const { keepGuide, dropGuide, guideUses } = page
  expect(guideRef(await keepGuide(own))).toBe('own-test@1')
  expect(guideRef(await keepGuide({ ...own, title: { en: 'Ours' } }))).toBe('own-test@1')
  const { id, written } = page.createCase({ areas: [{ ...blankArea('a', 'Bed'), guide: 'own-test@1' }] })
  await written
  expect((await guideUses()).get('own-test@1')).toBe(1)
  expect(await dropGuide('own-test@1')).toBe(false)
  expect(guideRef(await keepGuide({ ...own, title: { en: 'Ours, later' } }))).toBe('own-test@2')
  expect((await page.db.guides.get('own-test@1'))!.guide.title.en).toBe('Ours')
  expect(await dropGuide('own-test@2')).toBe(true)
  // A case handed over carries the guide it is rated by, and the office it comes to has it then.
  const stored = await page.db.guides.toArray()
  const text = toCaseFile(
    await page.versionOf((await page.db.cases.get(id))!),
    stored.map(({ guide }) => guide),
    [],
  )
  const opened = openCaseFile(text)
  if (!opened.ok) throw new Error(opened.details.map(({ message }) => message).join())
  const other = openPage(new IDBFactory())
  await other.takeIn(opened, 'merge')
  expect(await other.db.guides.toCollection().primaryKeys()).toEqual(['own-test@1'])
})

test('a shipped guide is never changed: what is edited of it becomes a version of its own', async () => {
  expect(guideRef(await page.keepGuide(guides[0]!))).toBe('mehlich-3-humid-east@2')
  expect(guides[0]!.version).toBe(1)
})
