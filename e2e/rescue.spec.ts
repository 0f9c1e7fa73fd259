import { readFile } from 'node:fs/promises'
import { caseSchemaNumber } from '../src/core/case/schema'
import { expect, kept, loadSamples, test, type } from './app'

test('what is too long stays in its field with a word on it, and nothing of it spoils the backup', async ({
  watched: page,
  elsewhere,
}) => {
  await page.goto('/')
  await page.getByRole('button', { name: 'Start a case' }).click()
  const client = page.getByLabel('Client', { exact: true })
  await client.fill('A')
  await client.fill('x'.repeat(203))
  await expect(page.getByText('3 characters too many: 200 are kept here')).toBeVisible()
  await expect(client).toHaveValue('x'.repeat(203))
  await page.getByRole('button', { name: 'Add an area' }).first().click()
  // A page of text in a size is answered at once.
  await page.getByLabel('Size', { exact: true }).fill('1+'.repeat(60_000))
  await expect(page.getByText('119,880 characters too many')).toBeVisible()
  await page.getByLabel('Size', { exact: true }).fill('12x18')
  await kept(page)
  await page.goto('/office')
  await page.getByLabel('Name', { exact: true }).fill('Own office')
  await page.getByLabel('Words at the foot of every letter').fill('x'.repeat(2_001))
  await expect(page.getByText('1 character too many: 2,000 are kept here')).toBeVisible()
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save a backup' }).click()
  const file = (await (await download).path())!
  await expect(page.getByText(/Saved as/)).toBeVisible()
  await expect(page.getByText('could not be')).toHaveCount(0)

  const empty = await elsewhere()
  await empty.goto('/')
  await empty.locator('input[type=file]').first().setInputFiles(file)
  const sheet = empty.getByRole('dialog')
  await expect(sheet).toContainText('1 case is not here and will be added')
  await expect(sheet.getByText('cannot be taken as')).toHaveCount(0)
  await sheet.getByRole('button', { name: 'Restore', exact: true }).click()
  await expect(sheet).toContainText('Restored.')
  await sheet.getByRole('button', { name: 'Close' }).click()
  await expect(empty.getByRole('link', { name: 'A', exact: true })).toBeVisible()
})

test('damaged rows hurt themselves only: the Desk names them, a case is mended, and everything can be had raw', async ({
  watched: page,
}) => {
  await loadSamples(page)
  await page.evaluate(
    () =>
      new Promise<void>((resolve, reject) => {
        const request = indexedDB.open('agrologos')
        request.onerror = () => reject(new Error('it does not open'))
        request.onsuccess = () => {
          const writing = request.result.transaction(['cases', 'summaries', 'guides'], 'readwrite')
          const cases = writing.objectStore('cases')
          cases.get('sample-city-lot').onsuccess = (event) => {
            const kase = (event.target as IDBRequest<{ areas: object[] }>).result
            cases.put({ ...kase, client: 7, areas: [null, ...kase.areas] })
          }
          writing
            .objectStore('summaries')
            .put({ id: 'sample-village-hall', client: { text: 'x' }, areas: 5, updatedAt: '' })
          writing.objectStore('summaries').put({ id: 'nowhere', updatedAt: '2026-01-01', codes: 'none' })
          writing.objectStore('guides').put({ ref: 'bad@1', guide: { id: 'bad', version: 1 } })
          writing.oncomplete = () => {
            request.result.close()
            resolve()
          }
        }
      }),
  )
  // Only the rows in sight are drawn.
  await page.setViewportSize({ width: 1280, height: 1800 })
  await page.goto('/')
  // The row of the village hall is made anew in silence: its case holds all that it says.
  await expect(page.getByText('damaged here; open it to mend')).toHaveCount(2)
  await expect(page.getByRole('link', { name: 'Lake Ossian village hall' })).toBeVisible()
  await expect(page.getByRole('link', { name: 'Vale End Primary School' })).toBeVisible()
  await page.goto('/guides')
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()

  await page.goto('/case?id=sample-city-lot&station=ground')
  await expect(page.getByText('Something in this case is damaged')).toBeVisible()
  const raw = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save it, and keep what can be read' }).click()
  expect(await readFile((await (await raw).path())!, 'utf8')).toContain('"client": 7')
  await expect(page.getByLabel('Size', { exact: true })).toBeVisible()
  await type(page, 'Client', 'Mended')
  await kept(page)

  await page.goto('/case?id=sample-village-hall&station=ground')
  await expect(page.getByLabel('Client', { exact: true })).toBeVisible()
  await page.goto('/rescue')
  const everything = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save everything as it is' }).click()
  const lines = (await readFile((await (await everything).path())!, 'utf8')).trim().split('\n')
  const rows = lines.map((line) => JSON.parse(line) as { table: string; row: { client?: string } })
  expect(rows.filter(({ table }) => table === 'cases')).toHaveLength(8)
  expect(rows.some(({ row }) => row.client === 'Mended')).toBe(true)
})

test('a page of yesterday writes nothing into newer data, says so, and gives what was typed as a file', async ({
  watched: page,
  context,
}) => {
  await page.goto('/')
  await page.getByRole('button', { name: 'Start a case' }).click()
  await type(page, 'Client', 'Kept')
  await kept(page)
  const newer = await context.newPage()
  await newer.goto('/rescue')
  const stored = () =>
    newer.evaluate(
      (schema) =>
        new Promise<unknown[]>((resolve, reject) => {
          const request = indexedDB.open('agrologos', 900)
          request.onupgradeneeded = () => {
            const cases = request.transaction!.objectStore('cases')
            cases.getAll().onsuccess = (event) => {
              for (const kase of (event.target as IDBRequest<object[]>).result) cases.put({ ...kase, schema })
            }
          }
          request.onblocked = () => reject(new Error('the old page does not let go'))
          request.onsuccess = () => {
            request.result.transaction('cases').objectStore('cases').getAll().onsuccess = (event) => {
              resolve((event.target as IDBRequest<unknown[]>).result)
              request.result.close()
            }
          }
        }),
      caseSchemaNumber + 1,
    )
  expect(await stored()).toMatchObject([{ client: 'Kept', schema: caseSchemaNumber + 1 }])
  await expect(page.getByText('A newer version of Agrologos is open in another tab')).toBeVisible()
  await type(page, 'Client', 'Typed in the old page')
  const download = page.waitForEvent('download')
  await page.getByRole('alert').getByRole('button', { name: 'Save as a file' }).click()
  expect(await readFile((await (await download).path())!, 'utf8')).toContain('"client": "Typed in the old page"')
  expect(await stored()).toMatchObject([{ client: 'Kept', schema: caseSchemaNumber + 1 }])
})

/** What a browser may do with a page that asks for its database, and what is said of it. */
const databases = {
  'never answers': {
    how: () => {
      IDBFactory.prototype.open = () => new EventTarget() as IDBOpenDBRequest
    },
    says: /has not opened its database yet|cannot be opened just now/,
  },
  refuses: {
    how: () => {
      IDBFactory.prototype.open = () => {
        throw new DOMException('Internal error opening backing store', 'UnknownError')
      }
    },
    says: /does not open its database just now|refuses to keep|cannot be opened just now/,
  },
  'has none': {
    how: () => Object.defineProperty(globalThis, 'indexedDB', { value: undefined }),
    says: /gives pages no database|refuses to keep|cannot be opened just now/,
  },
} as const

for (const [name, { how, says }] of Object.entries(databases))
  test(`a database that ${name} is spoken of on every page`, async ({ page }) => {
    await page.addInitScript(how)
    for (const path of ['/', '/office', '/guides', '/intake', '/case?id=any', '/counter']) {
      await page.goto(path)
      await expect(page.getByRole('alert').filter({ hasText: says }).first(), path).toBeVisible()
    }
    await page.goto('/office')
    await expect(page.getByRole('alert').filter({ hasText: says }).first()).toBeVisible()
    await expect(page.getByText('Kept on this machine')).toBeHidden()
    await expect(page.getByLabel('Name', { exact: true })).toBeHidden()
  })

test('a browser that keeps no copy for work without network says so, and why', async ({ page }) => {
  await page.goto('/')
  await expect(page.getByText('Without network this browser has no Agrologos: it refused')).toBeVisible()
  await page.addInitScript(() => Object.defineProperty(window, 'isSecureContext', { value: false }))
  await page.goto('/office')
  await expect(page.getByText('Without network this browser has no Agrologos: its address')).toBeVisible()
})
