import { readFile } from 'node:fs/promises'
import { blankCase } from '../src/core/case/blank'
import { expect, hold, kept, loadSamples, test, type, fillUp } from './app'

test.describe('what cannot be used says so beside its field, and the rest goes on', () => {
  test.beforeEach(async ({ watched: page }) => {
    await page.goto('/counter')
    await type(page, 'Size', '20x50')
    await page.getByRole('combobox', { name: 'What grows there' }).fill('mixed')
    await page.keyboard.press('Enter')
    await type(page, 'pH in water', '5.6')
  })
  test.afterEach(async ({ watched: page }) => {
    const body = await page.locator('body').innerText()
    expect(body).not.toMatch(/NaN|Infinity|undefined|−\d/)
  })

  test('a size of nothing, or no size at all, also after a reload', async ({ watched: page }) => {
    for (const [text, sentence] of [
      ['0x5', 'That comes to no area'],
      ['big', 'cannot be read as part of a size'],
      ['12 ft', 'That is a length'],
    ] as const) {
      await type(page, 'Size', text)
      await expect(page.getByText(sentence).first()).toBeVisible()
    }
    await page.waitForTimeout(300)
    await page.reload()
    await expect(page.getByLabel('Size', { exact: true })).toHaveValue('12 ft')
    await expect(page.getByText('That is a length').first()).toBeVisible()
    await expect(page.getByLabel('pH in water')).toHaveValue('5.6')
  })

  test('pH 71', async ({ watched: page }) => {
    await type(page, 'pH in water', '71')
    await expect(page.locator('p', { hasText: 'Was 7.1 meant?' })).toBeVisible()
    await expect(page.getByRole('region', { name: 'Nitrogen' })).toContainText('3 lb')
  })

  test('a missing texture', async ({ watched: page }) => {
    await expect(page.locator('[data-entry]').getByText('type the buffer pH, or choose the texture')).toBeVisible()
    await page.getByLabel('Soil texture').selectOption('loam')
    await expect(
      page.getByRole('region', { name: 'Lime' }).getByRole('button', { name: /lb|oz/ }).first(),
    ).toBeVisible()
  })

  test('a buffer outside its own range; an extractant without a guide', async ({ watched: page }) => {
    await page.getByRole('button', { name: 'More from the report' }).click()
    await page.getByLabel('Buffer', { exact: true }).selectOption('Adams–Evans')
    await type(page, 'Adams–Evans buffer pH', '6.5')
    await expect(page.locator('[data-entry]').getByText('6.5 is outside 7 to 8')).toBeVisible()
    await page.getByLabel('Buffer', { exact: true }).selectOption('SMP')
    await expect(page.getByText('outside 7 to 8')).toHaveCount(0)
    await type(page, 'Phosphorus, P', '30')
    await expect(page.locator('[data-entry]').getByText('Choose the extractant the report names')).toBeVisible()
    await page.getByLabel('Extractant of P, K and Mg').selectOption('morgan')
    await expect(page.locator('[data-entry]').getByText('The guide here does not cover Morgan')).toBeVisible()
    await expect(page.getByRole('region', { name: 'Nitrogen' })).toContainText('3 lb')
  })
})

test('a file that is no case is refused, and the Desk stays as it was', async ({ watched: page }) => {
  await loadSamples(page)
  await page.goto('/')
  await page.locator('input[type=file]').setInputFiles({
    name: 'x.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"format":"agrologos-case","schema":1,"case":{}}'),
  })
  await expect(page.getByText('That file is not a case')).toBeVisible()
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from('hello') })
  await expect(page.getByText('it is not JSON')).toBeVisible()
  await expect(page.getByRole('link', { name: 'Vale End Primary School' })).toBeVisible()
})

test('a browser without room says so, offers the file, and recovers', async ({ watched: page, context, baseURL }) => {
  await loadSamples(page)
  await page.goto('/')
  await page.getByRole('link', { name: 'Henrike Aldous' }).click()
  await page.getByRole('button', { name: /^Ground/ }).click()
  await kept(page)
  const devtools = await context.newCDPSession(page)
  await devtools.send('Storage.overrideQuotaForOrigin', { origin: baseURL!, quotaSize: 1 })
  const alert = page.getByRole('alert').filter({ hasText: 'refuses to keep' })
  // Chromium spends an allowance it granted earlier before it asks for room again.
  await expect(async () => {
    await fillUp(page)
    await page.getByLabel('Property or project').fill(String(Math.random()))
    await expect(alert).toBeVisible({ timeout: 500 })
  }).toPass({ timeout: 120_000 })
  await type(page, 'Property or project', 'Somewhere')
  await type(page, 'Client', 'Typed without room')
  await expect(alert).toBeVisible()
  await expect(page.getByLabel('Client')).toHaveValue('Typed without room')
  const download = page.waitForEvent('download')
  await alert.getByRole('button', { name: 'Save as a file' }).click()
  const saved = await readFile((await (await download).path())!, 'utf8')
  expect(JSON.parse(saved).case.client).toBe('Typed without room')
  await devtools.send('Storage.overrideQuotaForOrigin', { origin: baseURL! })
  await expect(async () => {
    await alert.getByRole('button', { name: 'Try again' }).click({ timeout: 1_000 })
    await expect(alert).toHaveCount(0, { timeout: 1_000 })
  }).toPass({ timeout: 120_000 })
  await kept(page)
  await page.reload()
  await expect(page.getByLabel('Client')).toHaveValue('Typed without room')
  // The file it saved says what was recovered.
  await page.goto('/')
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'case.json', mimeType: 'application/json', buffer: Buffer.from(saved) })
  await expect(page.getByRole('dialog')).toContainText('The file says the same as the case here')
  await page.getByRole('button', { name: 'Open the case here' }).click()
  await expect(page).toHaveURL(/\/case\?id=/)
})

test('a browser that keeps nothing at all still answers', async ({ watched: page }) => {
  await page.addInitScript(() => {
    IDBFactory.prototype.open = () => {
      throw new DOMException('denied', 'SecurityError')
    }
  })
  await page.goto('/')
  await expect(page.getByText('This browser refuses to keep anything')).toBeVisible()
  await page.getByRole('button', { name: 'Start a case' }).click()
  await type(page, 'Client', 'Nobody')
  await expect(page.getByRole('alert').filter({ hasText: 'refuses to keep' })).toBeVisible()
  await expect(page.getByLabel('Client')).toHaveValue('Nobody')
})

test('a database that is held a moment longer is read as soon as it is free, and no case is called gone', async ({
  watched: page,
}) => {
  await loadSamples(page)
  await page.addInitScript(() => {
    const held = window as Window & { held?: boolean }
    held.held = true
    const open = IDBFactory.prototype.open
    IDBFactory.prototype.open = function (...of) {
      if (held.held) throw new DOMException('Internal error opening backing store', 'UnknownError')
      return open.apply(this, of)
    }
  })
  await page.goto('/case?id=sample-village-hall&station=ground')
  await expect(page.getByRole('alert').filter({ hasText: 'cannot be opened' })).toBeVisible()
  await page.evaluate(() => void ((window as Window & { held?: boolean }).held = false))
  await expect(page.getByLabel('Client', { exact: true })).toHaveValue('Lake Ossian village hall')
})

test('without room the office, files, backups and the trash say so too, and go on when there is room', async ({
  watched: page,
  context,
  baseURL,
}) => {
  await loadSamples(page)
  await page.goto('/office')
  const backup = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save a backup' }).click()
  const file = (await (await backup).path())!
  const devtools = await context.newCDPSession(page)
  await devtools.send('Storage.overrideQuotaForOrigin', { origin: baseURL!, quotaSize: 1 })
  const alert = page.getByRole('alert').filter({ hasText: 'refuses to keep the office' })
  await expect(async () => {
    await fillUp(page)
    await page.getByLabel('Address and hours').fill(String(Math.random()))
    await expect(alert).toBeVisible({ timeout: 500 })
  }).toPass({ timeout: 120_000 })
  await type(page, 'Address and hours', 'Typed without room')
  const saved = page.waitForEvent('download')
  await alert.getByRole('button', { name: 'Save a backup' }).click()
  expect((await saved).suggestedFilename()).toMatch(/zip$/)

  await page.locator('input[type=file][accept*=zip]').setInputFiles(file)
  const plan = page.getByRole('dialog')
  await plan.getByRole('radio', { name: 'Make it as the backup says' }).click()
  await plan.getByRole('checkbox').check()
  await plan.getByRole('button', { name: 'Restore', exact: true }).click()
  await expect(plan).toContainText('Nothing was restored')
  await page.keyboard.press('Escape')
  await expect(page.getByLabel('Address and hours')).toHaveValue('Typed without room')

  await devtools.send('Storage.overrideQuotaForOrigin', { origin: baseURL! })
  await expect(async () => {
    await alert.getByRole('button', { name: 'Try again' }).click({ timeout: 1_000 })
    await expect(alert).toHaveCount(0, { timeout: 1_000 })
  }).toPass({ timeout: 120_000 })
  await page.reload()
  await expect(page.getByLabel('Address and hours')).toHaveValue('Typed without room')

  await page.goto('/')
  await page.getByRole('link', { name: 'Henrike Aldous' }).waitFor()
  await hold(page, true)
  await page.getByRole('button', { name: 'Throw away Henrike Aldous' }).click()
  await expect(page.getByText('refuses to keep that')).toBeVisible()
  await expect(page.getByRole('link', { name: 'Henrike Aldous' })).toBeVisible()
  const other = {
    format: 'agrologos-case',
    schema: 2,
    case: { ...blankCase('other', new Date().toISOString()) },
    log: [],
  }
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(other)) })
  await expect(page.getByText('this browser refuses to keep it')).toBeVisible()
  await hold(page, false)
  await page.getByRole('button', { name: 'Throw away Henrike Aldous' }).click()
  await expect(page.getByText('Trash (1)')).toBeVisible()
})
