import { readFile, writeFile } from 'node:fs/promises'
import type { Page } from '@playwright/test'
import { expect, hold, kept, loadSamples, test, type, unfold } from './app'

const hall = '/case?id=sample-village-hall&station=ground'

async function saved(page: Page, button: string): Promise<string> {
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: button, exact: true }).click()
  return (await (await download).path())!
}

const open = (page: Page, path: string) => page.locator('input[type=file]').first().setInputFiles(path)

test('a case goes to a colleague and back; what both changed is shown and chosen', async ({
  watched: page,
  elsewhere,
}) => {
  await loadSamples(page)
  await page.goto(hall)
  await page.getByLabel('Working now').selectOption('MV')
  const out = await saved(page, 'Save as a file')
  const colleague = await elsewhere()
  await colleague.goto('/')
  await open(colleague, out)
  await expect(colleague).toHaveURL(/station=amounts/)
  await colleague.goto(hall)
  await type(colleague, 'Size', '60x85')
  await type(colleague, 'Property or project', 'The north lawn')
  await kept(colleague)
  const back = await saved(colleague, 'Save as a file')

  await type(page, 'Size', '64x85')
  await unfold(page, 'Depth, feeding, other crops')
  await type(page, 'Depth to treat', '3')
  await kept(page)
  await page.goto('/')
  await open(page, back)
  const sheet = page.getByRole('dialog')
  await expect(sheet).toContainText('Both were changed since the file was handed over')
  await expect(sheet.getByRole('row', { name: /Property or project/ })).toContainText('comes with merging')
  await sheet.getByRole('radio', { name: 'South lawn, Size: 60x85, In the file' }).check()
  await sheet.getByRole('button', { name: 'Merge' }).click()
  await expect(page).toHaveURL(/station=amounts/)
  await page.goto(hall)
  await expect(page.getByLabel('Size', { exact: true })).toHaveValue('60x85')
  await expect(page.getByRole('button', { name: /^Depth, feeding/ })).toContainText('treated 3 in deep')
  await expect(page.getByLabel('Property or project')).toHaveValue('The north lawn')
  await page.getByRole('button', { name: 'History' }).click()
  await expect(page.getByText('merged from a file: South lawn, Size: 64x85, now 60x85')).toBeVisible()
  await expect(page.getByRole('listitem').filter({ hasText: 'MV' }).first()).toBeVisible()

  // The same file again has nothing to add; kept beside it becomes a second case.
  await page.goto('/')
  await open(page, back)
  await expect(sheet).toContainText('holds nothing that is not here')
  await sheet.getByRole('button', { name: 'Keep both' }).click()
  await expect(page).toHaveURL(/\/case/)
  await page.goto('/')
  await expect(page.getByRole('link', { name: 'Lake Ossian village hall' })).toHaveCount(2)
})

test.describe('two pages of one case', () => {
  for (const [name, here, there, stands, offered] of [
    ['different fields: both stay', ['Client', 'Here'], ['Property or project', 'There'], 'Here', null],
    ['the same field, alike', ['Client', 'Alike'], ['Client', 'Alike'], 'Alike', null],
    ['the same field, differently: what stands is kept', ['Client', 'Here'], ['Client', 'There'], 'Here', 'Keep: Here'],
    [
      'the same field, differently: the other is taken',
      ['Client', 'Here'],
      ['Client', 'There'],
      'There',
      'Take: There',
    ],
  ] as const)
    test(name, async ({ watched: page, context }) => {
      await loadSamples(page)
      await page.goto(hall)
      const second = await context.newPage()
      await second.goto(hall)
      await kept(second)
      await hold(page, true)
      await type(page, here[0], here[1])
      await expect(page.getByRole('alert').filter({ hasText: 'refuses to keep' })).toBeVisible()
      await type(second, there[0], there[1])
      await kept(second)
      await hold(page, false)
      await page.getByRole('button', { name: 'Try again' }).click()
      const question = page.getByRole('region', { name: 'Changed in two places at once' })
      if (offered) {
        // In both pages, until it is answered in one.
        await expect(question).toContainText('There')
        await expect(second.getByRole('region', { name: 'Changed in two places at once' })).toBeVisible()
        await page.reload()
        await question.getByRole('button', { name: offered }).click()
      }
      await expect(question).toHaveCount(0)
      for (const one of [page, second]) await expect(one.getByLabel('Client', { exact: true })).toHaveValue(stands)
      if (here[0] !== there[0]) await expect(page.getByLabel(there[0])).toHaveValue(there[1])
    })
})

test('a backup restores the whole office in an empty browser, and merges into a used one', async ({
  watched: page,
  elsewhere,
}) => {
  await loadSamples(page)
  await page.goto('/office')
  await page.locator('input[type=file][accept*=png]').setInputFiles('public/icon-192.png')
  await expect(page.getByRole('button', { name: 'Another picture' })).toBeVisible()
  await page.goto(hall)
  await type(page, 'Property or project', 'As backed up')
  await kept(page)
  await page.goto('/office')
  const file = await saved(page, 'Save a backup')
  await expect(page.getByText(/Saved as agrologos-backup-.*\.zip/)).toBeVisible()
  await expect(page.getByText('and nothing changed since')).toBeVisible()

  const empty = await elsewhere()
  await empty.goto('/')
  await open(empty, file)
  const sheet = empty.getByRole('dialog')
  await expect(sheet).toContainText('8 cases are not here and will be added')
  await expect(sheet.getByRole('checkbox', { name: /Take name/ })).toBeChecked()
  await sheet.getByRole('button', { name: 'Restore', exact: true }).click()
  await expect(sheet).toContainText('Restored.')
  await sheet.getByRole('button', { name: 'Close' }).click()
  await expect(empty.getByRole('link', { name: 'Henrike Aldous' })).toBeVisible()
  await empty.goto('/case?id=sample-village-hall&station=letter')
  const logo = empty.getByRole('article').locator('img')
  await expect(logo).toBeVisible()
  expect(await logo.evaluate((image: HTMLImageElement) => image.naturalWidth)).toBe(192)

  // Here work has gone on in the same field, and a case was added.
  await page.goto(hall)
  await type(page, 'Property or project', 'Gone on here')
  await kept(page)
  await page.goto('/office')
  await page.locator('input[type=file][accept*=zip]').setInputFiles(file)
  const plan = page.getByRole('dialog')
  await expect(plan).toContainText('1 case went on here, and stays as here')
  await plan.getByRole('radio', { name: 'Make it as the backup says' }).click()
  await expect(plan).toContainText('1 case will go back to the backup')
  await plan.getByRole('button', { name: 'Restore', exact: true }).click()
  await expect(plan).toContainText('Restored.')
  await page.goto(hall)
  await expect(page.getByLabel('Property or project')).toHaveValue('As backed up')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByLabel('Property or project')).toHaveValue('Gone on here')
})

test('damaged and foreign files are refused with a sentence, and nothing is taken from them', async ({
  watched: page,
}, info) => {
  await loadSamples(page)
  await page.goto('/office')
  const file = await readFile(await saved(page, 'Save a backup'))
  const half = info.outputPath('half.zip')
  await writeFile(half, file.subarray(0, file.length / 2))
  const zip = page.locator('input[type=file][accept*=zip]')
  await zip.setInputFiles(half)
  await expect(page.getByRole('dialog')).toContainText('That backup is damaged')
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click()
  await zip.setInputFiles({ name: 'letter.zip', mimeType: 'application/zip', buffer: Buffer.from('a letter') })
  await expect(page.getByRole('dialog')).toContainText('That is not a backup')
  await page.keyboard.press('Escape')

  const picture = page.locator('input[type=file][accept*=png]')
  const svg = '<svg xmlns="http://www.w3.org/2000/svg"><script>document.title="run"</script></svg>'
  for (const [name, buffer, sentence] of [
    ['logo.svg', Buffer.from(svg), 'SVG pictures can carry programs'],
    ['logo.png', Buffer.from(svg), 'SVG pictures can carry programs'],
    ['logo.png', Buffer.from('hello'), 'not a PNG, JPEG or WebP'],
    ['logo.png', (await readFile('public/icon-192.png')).subarray(0, 300), 'damaged and cannot be drawn'],
    ['logo.png', Buffer.alloc(2_100_000), 'over 2 MB'],
  ] as const) {
    await picture.setInputFiles({ name, mimeType: 'image/png', buffer })
    await expect(page.getByRole('alert').filter({ hasText: sentence })).toBeVisible()
  }
  await expect(page).not.toHaveTitle('run')

  // A name that is a program stays a name.
  await page.goto('/')
  await page.getByRole('button', { name: 'Start a case' }).click()
  await type(page, 'Client', '<img src=x onerror="document.title=1">')
  await kept(page)
  await page.goto('/')
  await expect(page.getByRole('link', { name: '<img src=x' })).toBeVisible()
  await expect(page).not.toHaveTitle('1')
})

test('a backup writes itself to the chosen file, and says when it cannot', async ({ watched: page }) => {
  // A file of the browser's own stands for the one that a person would choose.
  await page.addInitScript(() => {
    Object.assign(window, {
      showSaveFilePicker: async () =>
        (await navigator.storage.getDirectory()).getFileHandle('backup.zip', { create: true }),
    })
  })
  const size = () =>
    page.evaluate(async () => {
      const file = await (await navigator.storage.getDirectory()).getFileHandle('backup.zip')
      return (await file.getFile()).size
    })
  await page.goto('/office')
  await type(page, 'Name', 'Own office')
  await page.getByRole('button', { name: 'Choose a file' }).click()
  await expect(page.getByText('Written by itself to backup.zip')).toBeVisible()
  await expect.poll(size).toBeGreaterThan(100)
  const first = await size()
  await page.goto('/')
  await page.getByRole('button', { name: 'Start a case' }).click()
  await type(page, 'Client', 'Written without a click')
  await kept(page)
  await expect.poll(size, { timeout: 20_000 }).toBeGreaterThan(first)

  await page.evaluate(() => {
    FileSystemFileHandle.prototype.createWritable = () => Promise.reject(new DOMException('', 'NotAllowedError'))
  })
  await type(page, 'Client', 'The disk is gone')
  await kept(page)
  await page.waitForTimeout(6_500)
  await page.getByRole('link', { name: 'Agrologos' }).click()
  await expect(page.getByText('could not be written')).toBeVisible()
})

test('the Desk reminds of a backup after so many changes, and makes one', async ({ watched: page }) => {
  await page.goto('/office')
  await type(page, 'or after changes', '0')
  await expect(page.getByText('A whole number from 1 up')).toBeVisible()
  await type(page, 'or after changes', '2')
  await kept(page)
  await page.goto('/')
  await page.getByRole('button', { name: 'Start a case' }).click()
  await type(page, 'Client', 'Somebody')
  await type(page, 'Property or project', 'Somewhere')
  await kept(page)
  await page.goto('/')
  const reminder = page.getByRole('complementary').filter({ hasText: 'are in no backup' })
  // How many strokes are one edit goes by their pace.
  await expect(reminder).toContainText(/[2-9] changes/)
  const download = page.waitForEvent('download')
  await reminder.getByRole('button', { name: 'Save a backup' }).click()
  expect((await download).suggestedFilename()).toMatch(/^agrologos-backup-/)
  await expect(reminder).toHaveCount(0)
})

test('a client is found on the Desk, and the list saved for a spreadsheet', async ({ watched: page }) => {
  await loadSamples(page)
  await page.goto('/')
  await page.getByLabel('Find a client, place, area or crop').fill('rhodo')
  await expect(page.getByRole('link', { name: 'Henrike Aldous' })).toBeVisible()
  await expect(page.getByRole('link', { name: 'Vale End Primary School' })).toHaveCount(0)
  await expect(page.getByText('1 of 8')).toBeVisible()
  expect(await readFile(await saved(page, 'Save the list as CSV'), 'utf8')).toContain('Henrike Aldous,')
  await page.getByLabel('Find a client, place, area or crop').fill('nobody')
  await expect(page.getByText('No client, place, area or crop begins with')).toBeVisible()
})
