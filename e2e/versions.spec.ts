import { spawn, type ChildProcess } from 'node:child_process'
import { createServer, type AddressInfo } from 'node:net'
import { readFile } from 'node:fs/promises'
import { join } from 'node:path'
import type { Page } from '@playwright/test'
import { expect, kept, type } from './app'
import { test as base, workerReady } from './front'
import { caseSchemaNumber } from '../src/core/case/schema'

/** Two real builds of the app: this one, and a next version with another schema, database and scripts. */
const test = base.extend<{ next: string }>({
  next: async ({}, use) => {
    const port = await freePort()
    const server = spawn(
      process.execPath,
      ['scripts/serve.mjs', '--port', String(port), '--dir', 'node_modules/.agrologos-next-version'],
      {
        cwd: join(__dirname, '..'),
        stdio: ['ignore', 'pipe', 'inherit'],
      },
    )
    await ready(server)
    await use(`http://127.0.0.1:${port}`)
    server.kill()
  },
})

const ready = (server: ChildProcess) =>
  new Promise<void>((resolve, reject) => {
    server.stdout!.on('data', (text) => String(text).includes('Ready') && resolve())
    server.on('close', () => reject(new Error('The next version is not built: node scripts/next-version.mjs')))
  })

const freePort = () =>
  new Promise<number>((resolve, reject) => {
    const asking = createServer().once('error', reject)
    asking.listen(0, '127.0.0.1', () => {
      const { port } = asking.address() as AddressInfo
      asking.close(() => resolve(port))
    })
  })

const isNext = (page: Page) => page.evaluate(() => 'agrologosVersion' in globalThis)

/** A case as it lies in the database. */
const stored = (page: Page, id: string) =>
  page.evaluate(
    (key) =>
      new Promise<Record<string, unknown>>((resolve, reject) => {
        const opening = indexedDB.open('agrologos')
        opening.onerror = () => reject(opening.error!)
        opening.onsuccess = () => {
          const reading = opening.result.transaction('cases').objectStore('cases').get(key)
          reading.onsuccess = () => {
            opening.result.close()
            resolve(reading.result as Record<string, unknown>)
          }
        }
      }),
    id,
  )

const samples = async (page: Page, address: string) => {
  await page.goto(address)
  await page.getByRole('button', { name: 'Load the sample cases' }).click()
  await expect(page.getByRole('link', { name: 'Vale End Primary School' })).toBeVisible()
}
const hall = '/case?id=sample-village-hall&station=ground'
const outdated = /A newer version of Agrologos/

async function downloaded(page: Page, button: string): Promise<string> {
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: button }).first().click()
  return (await (await download).path())!
}

test.describe('without a service worker', () => {
  test.use({ serviceWorkers: 'block' })

  test('a tab of this version writes nothing into the data of the next, says so, and gives what was typed as a file', async ({
    page,
    context,
    elsewhere,
    front,
    next,
  }) => {
    await samples(page, front.address)
    await page.goto(front.address + hall)
    await type(page, 'Client', 'Typed before')
    await kept(page)
    front.serve(next)
    const newer = await context.newPage()
    await newer.goto(front.address + hall)
    await expect(newer.getByLabel('Client', { exact: true })).toHaveValue('Typed before')
    expect(await isNext(newer)).toBe(true)
    expect(await isNext(page)).toBe(false)

    await expect(page.getByRole('alert').filter({ hasText: outdated })).toBeVisible()
    await type(page, 'Client', 'Typed too late')
    await expect(page.getByText('Kept on this machine')).toHaveCount(0)
    const file = await readFile(await downloaded(page, 'Save as a file'), 'utf8')
    expect(JSON.parse(file)).toMatchObject({ case: { client: 'Typed too late', schema: caseSchemaNumber } })
    expect(await stored(newer, 'sample-village-hall')).toMatchObject({
      client: 'Typed before',
      schema: caseSchemaNumber + 1,
      remark: 'of the next version',
    })

    await type(newer, 'Client', 'Typed in the next')
    await kept(newer)
    await newer.goto(`${front.address}/office`)
    const backup = await downloaded(newer, 'Save a backup')
    await expect(newer.getByText('could not be read back')).toHaveCount(0)
    const other = await elsewhere()
    await other.goto(next)
    await other.locator('input[type=file]').first().setInputFiles(backup)
    await other.getByRole('dialog').getByRole('button', { name: 'Restore', exact: true }).click()
    await expect(other.getByRole('dialog')).toContainText('Restored.')
    await other.getByRole('dialog').getByRole('button', { name: 'Close' }).click()
    await expect(other.getByRole('link', { name: 'Typed in the next' })).toBeVisible()
  })

  test('a page of this version over the data of the next shows it, and leaves it as it is', async ({
    page,
    front,
    next,
    baseURL,
  }) => {
    front.serve(next)
    await samples(page, front.address)
    front.serve(baseURL!)
    await page.goto(front.address)
    await expect(page.getByRole('alert').filter({ hasText: outdated })).toBeVisible()
    await page.goto(front.address + hall)
    expect(await isNext(page)).toBe(false)
    await expect(page.getByRole('alert').filter({ hasText: outdated })).toBeVisible()
    const before = await stored(page, 'sample-village-hall')
    await type(page, 'Client', 'Typed by the old')
    await expect(page.getByRole('button', { name: 'Save as a file' }).first()).toBeVisible()
    expect(await stored(page, 'sample-village-hall')).toEqual(before)
    front.serve(next)
    await page.goto(front.address + hall)
    await expect(page.getByLabel('Client', { exact: true })).toHaveValue('Lake Ossian village hall')
    await type(page, 'Client', 'Typed by the next')
    await kept(page)
  })

  test('parts of a version that is no longer served: each says that a new version is here, and nothing else breaks', async ({
    page,
    front,
    next,
    baseURL,
  }) => {
    await samples(page, front.address)
    const news = page.getByRole('status').filter({ hasText: 'A new version of Agrologos is here' })
    for (const [path, use, stands] of [
      [
        '/office',
        () => page.getByRole('button', { name: 'Save a backup' }).click(),
        () => expect(page.getByLabel('Name', { exact: true })).toHaveValue('Ossian Vale Extension'),
      ],
      [
        '/',
        () =>
          page
            .locator('input[type=file]')
            .first()
            .setInputFiles({ name: 'a.zip', mimeType: 'application/zip', buffer: Buffer.from('PK') }),
        () => expect(page.getByRole('link', { name: 'Vale End Primary School' })).toBeVisible(),
      ],
      [
        '/case?id=sample-village-hall&station=results',
        () => page.getByRole('button', { name: 'Arrange as on the paper' }).click(),
        async () => {
          await type(page, 'Laboratory, kit or meter', 'Typed meanwhile')
          await kept(page)
        },
      ],
      [
        '/case?id=sample-village-hall&station=amounts',
        () => page.getByRole('region', { name: 'Lime' }).getByRole('button', { name: /lb|oz/ }).first().click(),
        () => expect(page.getByRole('region', { name: 'Lime' })).toBeVisible(),
      ],
    ] as const) {
      front.serve(baseURL!)
      await page.goto(front.address + path)
      await stands()
      // What comes once the page rests is there by then.
      await page.waitForLoadState('networkidle')
      front.serve(next)
      await use()
      await expect(news, path).toBeVisible()
      await stands()
    }
    const reloaded = page.waitForEvent('load')
    await news.getByRole('button', { name: 'Reload' }).click()
    await reloaded
    await expect(page.getByRole('region', { name: 'Lime' })).toBeVisible()
    expect(await isNext(page)).toBe(true)
  })
})

test('a new version says so, waits for a click, and reloads no other page; the parts of the old stay while a page of it is open', async ({
  page,
  context,
  front,
  next,
}) => {
  await samples(page, front.address)
  await page.evaluate(workerReady)
  const other = await context.newPage()
  await other.goto(`${front.address}/office`)
  await expect(other.getByLabel('Name', { exact: true })).toHaveValue('Ossian Vale Extension')
  let reloads = 0
  other.on('load', () => (reloads += 1))
  front.serve(next)
  await page.reload()
  expect(await isNext(page)).toBe(false)
  const news = page.getByRole('status').filter({ hasText: 'A new version of Agrologos is here' })
  // The whole of it is fetched first.
  await expect(news).toBeVisible({ timeout: 120_000 })
  const loaded = page.waitForEvent('load')
  await news.getByRole('button', { name: 'Start it now' }).click()
  await loaded
  await expect(page.getByRole('link', { name: 'Vale End Primary School' })).toBeVisible()
  expect(await isNext(page)).toBe(true)

  await expect(other.getByRole('status').filter({ hasText: 'Reload this page when it suits you' })).toBeVisible()
  expect([await isNext(other), reloads]).toEqual([false, 0])
  const hasFormer = () => page.evaluate(() => caches.has('agrologos-former'))
  expect(await hasFormer()).toBe(true)
  // A part that this page has never asked for, and that no server has any more.
  await other
    .locator('input[type=file][accept*=zip]')
    .setInputFiles({ name: 'a.zip', mimeType: 'application/zip', buffer: Buffer.from('PK, but no zip') })
  await expect(other.getByRole('dialog').getByRole('heading')).toBeVisible()
  await expect(other.getByText('a part of this one is no longer to be had')).toHaveCount(0)

  await other.close()
  await expect(async () => {
    await page.reload()
    expect(await hasFormer()).toBe(false)
  }).toPass()
  await page.goto(front.address + hall)
  await type(page, 'Client', 'Goes on')
  await kept(page)
})
