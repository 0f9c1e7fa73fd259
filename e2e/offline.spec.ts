import { readdirSync } from 'node:fs'
import { readFile } from 'node:fs/promises'
import { expect, kept, type, watch } from './app'
import { test, workerReady } from './front'

/** Every address that is a page. */
const addresses = readdirSync('src/app', { recursive: true, encoding: 'utf8' })
  .filter((path) => path.endsWith('page.tsx'))
  .map((path) => `/${path.replace(/\/?page\.tsx$/, '')}`)

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

  expect(addresses).toContain('/practice')
  for (const address of addresses) {
    await page.goto(front.address + address)
    await expect(page.getByRole('heading', { level: 1 }).first(), address).toBeVisible()
  }
  await page.goto(front.address)
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
  await expect(page.getByRole('region', { name: 'Lime' }).getByRole('button', { name: /lb|oz/ }).first()).toBeVisible()

  for (const station of ['ground', 'results', 'reading', 'amounts', 'materials', 'letter', 'history']) {
    await page.goto(`${front.address}/case?id=sample-village-hall&station=${station}`)
    await expect(page.getByRole('heading', { level: 1 })).toHaveCount(1)
    await expect(page.getByText('Lake Ossian village hall').first()).toBeVisible()
  }
  await page.getByRole('button', { name: /^Amounts/ }).click()
  await page.getByRole('region', { name: 'Lime' }).getByRole('button', { name: /lb|oz/ }).first().click()
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
