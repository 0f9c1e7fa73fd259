import 'fake-indexeddb/auto'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { IDBFactory } from 'fake-indexeddb'
import { blankArea } from '../core/case/blank'
import { caseSchemaNumber } from '../core/case/schema'
import { openCaseFile } from '../schemas/case-file'
import { toCaseFile } from './case-file'
import { openPage, type Page } from './open-page'

/** What a newer version of the app does when it opens: raises the database, and brings the cases to its own schema. */
const raise = (machine: IDBFactory, to: number, schema?: number): Promise<IDBDatabase> =>
  new Promise((resolve, reject) => {
    const request = machine.open('agrologos', to)
    request.onupgradeneeded = () => {
      if (schema === undefined) return
      const cases = request.transaction!.objectStore('cases')
      cases.getAll().onsuccess = (event) => {
        for (const kase of (event.target as IDBRequest<object[]>).result) cases.put({ ...kase, schema, newer: true })
      }
    }
    request.onsuccess = () => resolve(request.result)
    request.onerror = () => reject(request.error!)
    request.onblocked = () => reject(new Error('the old page does not let go'))
  })
const rows = (opened: IDBDatabase): Promise<Record<string, unknown>[]> =>
  new Promise((resolve) => {
    opened.transaction('cases').objectStore('cases').getAll().onsuccess = (event) =>
      resolve((event.target as IDBRequest<Record<string, unknown>[]>).result)
  })

const newerSchema = caseSchemaNumber + 1
/** As the browser counts: ten times the version that the app declares. */
const newerDatabase = (openPage(new IDBFactory()).db.verno + 1) * 10

/** A page with a case that is looked at, on a machine of its own. */
async function looking(): Promise<{ machine: IDBFactory; page: Page; id: string }> {
  const machine = new IDBFactory()
  const page = openPage(machine)
  const { id, written } = page.createCase({ client: 'Kept', areas: [blankArea('a', 'Bed')] })
  await written
  page.follow(id, () => undefined)
  return { machine, page, id }
}

test('a page of yesterday lets a newer one raise the database, and writes nothing into it from then on', async () => {
  const { machine, page, id } = await looking()
  const newer = await raise(machine, newerDatabase, newerSchema)
  expect(page.isOutdated()).toBe(true)
  await page.editCase(id, (draft) => void (draft.client = 'Typed in the old page'))
  expect(page.front(id)).toMatchObject({ keeping: 'outdated', kase: { client: 'Typed in the old page' } })
  await page.retry(id)
  expect(await page.undo(id)).toBe(false)
  expect(await rows(newer)).toMatchObject([{ client: 'Kept', schema: newerSchema, newer: true }])
  // What was typed can be had as a file all the same.
  const file = openCaseFile(toCaseFile(await page.versionOf(page.front(id).kase!), [], []))
  expect(file.ok && file.kase.client).toBe('Typed in the old page')
})

test('a page of yesterday that is opened beside newer data does not write into it', async () => {
  const { machine, page, id } = await looking()
  page.db.close()
  const newer = await raise(machine, newerDatabase)
  const old = openPage(machine)
  old.follow(id, () => undefined)
  await old.db.open()
  expect(old.isOutdated()).toBe(true)
  await expect(old.db.cases.put({ id: 'x' } as never)).rejects.toThrow()
  expect(await rows(newer)).toHaveLength(1)
})

test('a case of a newer schema in a database of today is shown and never written over', async () => {
  const { page, id } = await looking()
  await page.db.cases.update(id, { schema: newerSchema } as never)
  await page.editCase(id, (draft) => void (draft.client = 'Over it'))
  expect(page.front(id).keeping).toBe('outdated')
  expect(await page.db.cases.get(id)).toMatchObject({ client: 'Kept', schema: newerSchema })
})

test('a case of an older schema in a database of today is brought to today’s as it is read', async () => {
  const file = readFileSync(join(__dirname, '../schemas/samples/case-5.json'), 'utf8')
  const { case: five } = JSON.parse(file) as { case: { id: string; client: string; schema: number } }
  expect(five.schema).toBe(5)
  const page = openPage(new IDBFactory())
  await page.db.cases.put(five as never)
  const read = new Promise<void>((resolve) => {
    const look = () => page.front(five.id).kase && resolve()
    page.follow(five.id, look)
  })
  await read
  expect(page.front(five.id).kase).toMatchObject({ schema: caseSchemaNumber, client: five.client })
})
