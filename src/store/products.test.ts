import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { blankArea } from '../core/case/blank'
import { withParts } from '../core/case/in-season'
import { choosing } from '../core/testing/one-area'
import type { Fertilizer } from '../core/shelf/product'
import { productNamed } from '../core/shelf/product-named'
import { shippedProducts } from '../core/shelf/products'
import { openCaseFile } from '../schemas/case-file'
import { openBackup, packBackup } from './backup-file'
import { toCaseFile } from './case-file'
import { openPage, type Page } from './open-page'

const urea = productNamed(shippedProducts, 'urea@1') as Fertilizer
const own: Fertilizer = { ...urea, id: 'own-mix', label: { en: 'Our mix' } }
const area = withParts(blankArea('a', 'Bed'), '2026', choosing({ fertilizer: 'own-mix@1' }))

test('a product of the office’s own goes with a case that names it, in its file and in a backup', async () => {
  const [here, elsewhere, restored] = [0, 1, 2].map(() => openPage(new IDBFactory())) as [Page, Page, Page]
  await here.addProducts([own, { ...urea, label: { en: 'a shipped one is not replaced' } }, { ...own, id: 'unused' }])
  const { id, written } = here.createCase({ areas: [area], season: '2026' })
  await written
  const products = (await here.db.products.toArray()).map(({ product }) => product)
  expect(products.map((one) => one.id)).toEqual(['own-mix', 'unused'])
  const file = openCaseFile(toCaseFile(await here.versionOf((await here.db.cases.get(id))!), [], products))
  if (!file.ok) throw new Error(file.details.map(({ message }) => message).join())
  expect(file.products).toEqual([own])
  await elsewhere.takeIn(file, 'merge')
  expect(await elsewhere.db.products.toCollection().primaryKeys()).toEqual(['own-mix@1'])
  const opened = openBackup(packBackup((await here.collectBackup()).backup).file)
  if (!opened.ok) throw new Error(opened.at)
  await restored.restore(opened.backup, { how: 'merge', office: true })
  expect(await restored.db.products.toCollection().primaryKeys()).toEqual(['own-mix@1', 'unused@1'])
})

test('a script that comes when the database is open already knows the office’s own products all the same', async () => {
  const machine = new IDBFactory()
  await openPage(machine).addProducts([own])
  globalThis.indexedDB = machine
  await jest.isolateModulesAsync(async () => {
    const { db } = await import('./db')
    await db.open()
    const { registry } = await import('./registry')
    const { all, follow } = registry([urea], async ({ products }) =>
      (await products.toArray()).map((row) => row.product),
    )
    await new Promise<void>((resolve) => follow(resolve))
    expect(all().map(({ id }) => id)).toEqual(['urea', 'own-mix'])
  })
})
