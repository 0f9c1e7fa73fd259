import { readFile } from 'node:fs/promises'
import { createServer, request, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { expect, kept, test as base, type, watch } from './app'

/** A server of our own before the app's, which can be stopped, and can serve the service worker of a next version. */
interface Front {
  readonly address: string
  readonly stop: () => Promise<void>
  readonly release: () => void
}

const test = base.extend<{ front: Front }>({
  serviceWorkers: 'allow',
  front: async ({ baseURL }, use) => {
    let version = ''
    const server: Server = createServer((incoming, outgoing) => {
      const path = incoming.url!
      const worker = path === '/sw.js'
      // Always the whole of it, as text: the next version has the same date as this one.
      const asked = worker ? { host: incoming.headers.host } : incoming.headers
      const onward = request(new URL(path, baseURL), { method: incoming.method, headers: asked }, (answer) => {
        const headers = { ...answer.headers }
        if (worker) delete headers['content-length']
        outgoing.writeHead(answer.statusCode!, headers)
        answer.on('data', (chunk) => outgoing.write(chunk))
        answer.on('end', () => outgoing.end(worker ? version : ''))
      })
      incoming.pipe(onward)
      onward.on('error', () => outgoing.destroy())
    })
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
    let running = true
    const stop = async () => {
      if (!running) return
      running = false
      server.closeAllConnections()
      await new Promise((resolve) => server.close(resolve))
    }
    await use({
      address: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
      stop,
      release: () => (version = '// the next version\n'),
    })
    await stop()
  },
})

const workerReady = () =>
  navigator.serviceWorker.ready.then(
    () =>
      navigator.serviceWorker.controller !== null ||
      new Promise((done) => navigator.serviceWorker.addEventListener('controllerchange', done)),
  )

test('with the server stopped every view opens, and a case is made, edited and saved as a file', async ({
  page,
  front,
}) => {
  const faults: string[] = []
  // Data of pages is asked for in vain before the kept page is taken.
  watch(page, front.address, faults, [/ERR_CONNECTION_REFUSED/, /Failed to fetch RSC payload/])
  await page.goto(front.address)
  await page.getByRole('button', { name: 'Load the sample cases' }).click()
  await page.evaluate(workerReady)
  await front.stop()

  await page.reload()
  await page.getByRole('link', { name: 'Office' }).click()
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Ossian Vale Extension')
  await page.goto(`${front.address}/guides?crop=asparagus`)
  await expect(page.getByRole('heading', { name: 'asparagus' })).toBeVisible()
  await page.goto(`${front.address}/counter`)
  await type(page, 'pH in water', '5.4')
  await type(page, 'Size', '12x18')
  await page.getByRole('combobox', { name: 'What grows there' }).fill('sweet')
  await page.keyboard.press('Enter')
  await page.getByLabel('Soil texture').selectOption('loam')
  await expect(page.getByRole('region', { name: 'Lime' }).getByRole('button').first()).toBeVisible()

  for (const station of ['ground', 'results', 'reading', 'amounts', 'materials', 'letter', 'history']) {
    await page.goto(`${front.address}/case?id=sample-village-hall&station=${station}`)
    await expect(page.getByRole('heading', { level: 1 })).toHaveCount(1)
    await expect(page.getByText('Lake Ossian village hall').first()).toBeVisible()
  }
  await page.getByRole('button', { name: /^Amounts/ }).click()
  await page.getByRole('region', { name: 'Lime' }).getByRole('button').first().click()
  await expect(page.getByRole('complementary').last()).toContainText('Definition of the units')

  await page.getByRole('link', { name: 'Agrologos' }).click()
  await page.getByRole('button', { name: 'Start a case' }).click()
  await type(page, 'Client', 'Nobody’s network')
  await kept(page)
  const caseFile = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save as a file' }).click()
  expect(JSON.parse(await readFile((await (await caseFile).path())!, 'utf8'))).toMatchObject({
    case: { client: 'Nobody’s network' },
  })
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByLabel('Client', { exact: true })).toHaveValue('')

  await page.goto(`${front.address}/office`)
  const backup = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save a backup' }).click()
  expect((await backup).suggestedFilename()).toMatch(/^agrologos-backup-.*\.zip$/)
  expect(faults).toEqual([])
})

test('a new version says so, waits for a click, and reloads no other page', async ({ page, context, front }) => {
  await page.goto(front.address)
  await page.evaluate(workerReady)
  const other = await context.newPage()
  await other.goto(`${front.address}/counter`)
  await type(other, 'Size', '12x1')
  let reloads = 0
  other.on('load', () => (reloads += 1))
  front.release()
  await page.reload()
  const news = page.getByRole('status').filter({ hasText: 'A new version of Agrologos is here' })
  await expect(news).toBeVisible({ timeout: 20_000 })
  await expect(other.getByLabel('Size', { exact: true })).toHaveValue('12x1')
  const loaded = page.waitForEvent('load')
  await news.getByRole('button', { name: 'Start it now' }).click()
  await loaded
  await expect(other.getByRole('status').filter({ hasText: 'Reload this page when it suits you' })).toBeVisible()
  await type(other, 'Size', '12x18')
  await expect(other.getByLabel('Size', { exact: true })).toHaveValue('12x18')
  expect(reloads).toBe(0)
  await other.getByRole('button', { name: 'Reload' }).click()
  await expect(other.getByLabel('Size', { exact: true })).toHaveValue('12x18')
})

test('can be installed: a manifest with its pictures', async ({ page, front }) => {
  await page.goto(front.address)
  const devtools = await page.context().newCDPSession(page)
  const { errors, data } = (await devtools.send('Page.getAppManifest')) as { errors: unknown[]; data?: string }
  expect(errors).toEqual([])
  const { icons } = JSON.parse(data!) as { icons: { src: string }[] }
  for (const { src } of icons) expect((await page.request.get(`${front.address}${src}`)).status()).toBe(200)
  await page.evaluate(workerReady)
  const { installabilityErrors } = await devtools.send('Page.getInstallabilityErrors')
  expect(installabilityErrors.filter(({ errorId }) => errorId !== 'in-incognito')).toEqual([])
})
