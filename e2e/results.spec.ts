import { writeFile } from 'node:fs/promises'
import type { Page } from '@playwright/test'
import { expect, kept, loadSamples, test, type } from './app'

const open = async (page: Page, id: string, station = 'results', area?: string) => {
  await page.goto(`/case?id=${id}&station=${station}${area ? `&area=${area}` : ''}`)
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
}
const line = (page: Page, id: string) => page.locator(`[data-reading="${id}"]`)
const reading = (page: Page) => page.getByRole('button', { name: /^Reading/ }).click()
const another = (page: Page) => page.getByRole('button', { name: 'Another report' }).click()
const strip = (page: Page) => page.getByRole('navigation', { name: /^Reports of/ })

test.beforeEach(async ({ watched: page }) => loadSamples(page))

test('a paper is arranged once; the next report of twelve values goes straight down it', async ({ watched: page }) => {
  await open(page, 'sample-market-garden')
  await another(page)
  await page.getByRole('button', { name: 'Routine test' }).click()
  await expect(page.getByLabel('pH in water')).toBeFocused()
  await page.getByLabel('Laboratory, kit or meter').fill('River laboratory')
  await page.getByRole('combobox', { name: 'Extractant of P, K and Mg' }).selectOption('mehlich-3')
  await page.getByRole('combobox', { name: 'Buffer', exact: true }).selectOption('SMP')
  // Arranged: sulfur and zinc too, boron, organic matter last, K in lb/acre; without what it does not recommend.
  await page.getByRole('button', { name: 'Arrange as on the paper' }).click()
  const arrange = page.getByRole('dialog')
  for (const field of ['S', 'Zn', 'B', 'nitrate'])
    await arrange.getByLabel('Add a line that it measured').selectOption(field)
  for (const name of ['Nitrogen, N', 'Phosphate, P₂O₅', 'Potash, K₂O'])
    await arrange.getByRole('button', { name: `Take ${name} out` }).click()
  await arrange.getByLabel('Unit of Potassium, K').selectOption('lb/acre')
  const handle = arrange.getByRole('button', { name: 'Drag Organic matter' })
  await handle.focus()
  await page.keyboard.press('Space')
  for (let i = 0; i < 3; i += 1) {
    await page.waitForTimeout(120)
    await page.keyboard.press('ArrowDown')
  }
  await page.waitForTimeout(120)
  await page.keyboard.press('Space')
  await arrange.getByLabel('Name of this paper').fill('River garden test')
  await arrange.getByRole('button', { name: 'Keep it for the next' }).click()
  await expect(page.getByLabel('Typed as on')).toHaveValue(/.+/)
  await kept(page)

  // The next one: every key counts, Enter after each value.
  await another(page)
  await page.getByRole('region', { name: 'Another report' }).getByRole('button', { name: 'River garden test' }).click()
  await expect(page.getByLabel('pH in water')).toBeFocused()
  const values = ['5.8', '6.6', '9.4', '57', '236', '2.4', '880', '118', '12', '1.1', '<0.4', '14']
  let keys = 0
  for (const value of values) {
    await page.keyboard.type(value)
    await page.keyboard.press('Enter')
    keys += value.length + 1
  }
  // At 120 ms a key.
  expect(keys * 0.12).toBeLessThan(40)
  await expect(page.getByLabel('Laboratory, kit or meter')).toHaveValue('River laboratory')
  await expect(page.getByText('read as below 0.4 ppm')).toBeVisible()
  await strip(page).getByRole('button', { pressed: true }).waitFor()
  await page.getByRole('button', { name: 'Put it in force' }).click()
  await reading(page)
  // Mehlich-3, humid east (common practice): P to 100 optimum; K 118 ppm medium; Zn below 1.5 and B below 0.5 low.
  await expect(line(page, 'pH')).toContainText('Moderately acid')
  await expect(line(page, 'P')).toContainText('Optimum')
  await expect(line(page, 'K')).toContainText('236 lb/acre')
  await expect(line(page, 'K')).toContainText('= 118 ppm')
  await expect(line(page, 'K')).toContainText('Medium')
  await expect(line(page, 'B')).toContainText('<0.4')
  await expect(line(page, 'B')).toContainText('Low')
  await expect(line(page, 'Zn').getByRole('img')).toHaveAttribute('aria-label', 'Zinc 1.1, from 1.5; Low')
})

test('an index, a word, and a limit: rated as they are', async ({ watched: page }) => {
  await open(page, 'sample-market-garden')
  await another(page)
  await page.getByRole('button', { name: 'Index numbers, or words' }).click()
  await type(page, 'pH in water', '6.3')
  await type(page, 'Phosphorus, P', '74')
  await type(page, 'Potassium, K', 'low to medium')
  await type(page, 'Magnesium, Mg', 'M')
  await expect(page.getByText('read as low to medium')).toBeVisible()
  await page.getByRole('button', { name: 'Put it in force' }).click()
  await reading(page)
  // 50 and 100 bound the optimum of an index.
  await expect(line(page, 'P')).toContainText('74 index')
  await expect(line(page, 'P')).toContainText('Optimum')
  await expect(line(page, 'K')).toContainText('Low or medium.')
  await expect(line(page, 'Mg')).toContainText('Enough')
})

test('mix, lead and salts are read with their cautions first, and mix gets no rate of field soil', async ({
  watched: page,
}) => {
  await open(page, 'sample-school-garden', 'results', 'bench')
  await another(page)
  await page.getByRole('button', { name: 'Soilless mix, media extract' }).click()
  for (const value of ['6.0', '5.2', '130', '12', '210', '150', '60']) {
    await page.keyboard.type(value)
    await page.keyboard.press('Enter')
  }
  await page.getByRole('button', { name: 'Put it in force' }).click()
  await reading(page)
  const first = page.getByRole('region', { name: 'Before anything else' })
  await expect(first).toContainText('one salts reading alone never says what is needed')
  await expect(first).toContainText('Too salty')
  // Saturated media extract (Warncke & Krauskopf, E-1736, recalled): 5+ dS/m very high, 100–199 ppm NO₃-N optimum.
  await expect(line(page, 'EC')).toContainText('Very high')
  await expect(line(page, 'nitrate')).toContainText('Optimum')
  await page.getByRole('button', { name: /^Amounts/ }).click()
  await expect(page.getByRole('region', { name: 'Nitrogen' })).not.toContainText('lb')

  await open(page, 'sample-city-lot', 'reading')
  await expect(page.getByRole('region', { name: 'Before anything else' })).toContainText('health department')
  await expect(line(page, 'lead')).toContainText('Above screening')

  await open(page, 'sample-market-garden')
  await page.getByLabel('Add a line that it measured').selectOption('salts')
  await expect(page.getByLabel('Soluble salts, EC')).toBeFocused()
  await page.keyboard.type('3.1')
  await page.getByLabel('Salts measured in').selectOption('saturated-paste')
  await reading(page)
  // Corn bears 1.7 dS/m, tomato with the pepper 1.5 (Maas & Hoffman 1977, recalled).
  await expect(page.getByRole('region', { name: 'What matters most' })).toContainText('Salts first')
  await expect(line(page, 'salts').getByRole('img')).toHaveAttribute(
    'aria-label',
    /sweet corn, up to 1\.7.*tomato.*up to 1\.5/,
  )
})

test('a colour kit leaves a range, drops leave another, and the meter’s spots come over', async ({ watched: page }) => {
  await open(page, 'sample-lakeside-cottage', 'results', 'lawn')
  await page.getByRole('button', { name: 'Read a colour kit' }).click()
  const sheet = page.getByRole('dialog', { name: 'Read a colour kit' })
  await expect(sheet.getByText('Read it again by daylight')).toBeVisible()
  await sheet.getByRole('radio', { name: 'daylight' }).click()
  const kit = sheet.getByRole('region', { name: 'Lake lawn' })
  await kit.getByRole('button', { name: 'Patch 5.5' }).click()
  await kit.getByRole('button', { name: 'Patch 6.5' }).click()
  await expect(kit.getByText('must be neighbours')).toBeVisible()
  await kit.getByRole('button', { name: 'Patch 6', exact: true }).click()
  await sheet.getByRole('button', { name: 'Put 6–6.5 on the report' }).click()
  await expect(page.getByLabel('pH in water')).toHaveValue('6–6.5')
  await expect(page.getByText('read as between 6 and 6.5')).toBeVisible()
  await page.getByRole('button', { name: 'Enter a drop count' }).click()
  const drops = page.getByRole('dialog', { name: 'A drop count' })
  await drops.getByLabel('Each drop stands for').fill('10')
  await drops.getByLabel('Drops', { exact: true }).fill('7')
  await drops.getByRole('button', { name: 'Put 60–70 ppm on the report' }).click()
  await expect(page.getByLabel('Potassium, K')).toHaveValue('60–70')
  await page.getByRole('button', { name: 'Put it in force' }).click()
  await reading(page)
  await expect(line(page, 'pH')).toContainText('kit')
  await expect(line(page, 'pH')).toContainText('6–6.5')

  await page.getByRole('button', { name: /^Sample/ }).click()
  for (const pH of ['6.1', '6.5']) {
    await type(page, 'Or type a reading', pH)
    await page.keyboard.press('Enter')
  }
  await page.getByRole('button', { name: /^Results/ }).click()
  // Offered where reports are, without a detour.
  await page.getByRole('button', { name: 'Take 2 spot readings over' }).click()
  await expect(page.getByLabel('pH in water')).toHaveValue('6.30 ± 0.20')
  await expect(page.getByText('read as between 6.1 and 6.5')).toBeVisible()
})

test('what can hardly be so is doubted as it is typed, with one stroke to put it right', async ({ watched: page }) => {
  await open(page, 'sample-smallholding', 'results', 'raspberries')
  await type(page, 'pH in water', '61')
  await expect(page.getByText('Was 6.1 meant?')).toBeVisible()
  await page.getByRole('button', { name: 'Take 6.1' }).click()
  await expect(page.getByLabel('pH in water')).toHaveValue('6.1')
  await page.getByRole('combobox', { name: 'Buffer', exact: true }).selectOption('SMP')
  await type(page, 'SMP buffer pH', '7.7')
  await page.getByRole('button', { name: 'It is Adams–Evans' }).click()
  await expect(page.getByLabel('Adams–Evans buffer pH')).toHaveValue('7.7')
  await type(page, 'Calcium, Ca', '5300')
  await type(page, 'Magnesium, Mg', '620')
  await type(page, 'Potassium, K', '308')
  // 26.4 + 5.1 + 0.8 meq in a CEC of 19.4: half of it fits.
  await expect(page.getByText(/more than the CEC of 19\.4/)).toBeVisible()
  await page.getByRole('button', { name: 'They are in lb/acre' }).click()
  await expect(page.getByText(/more than the CEC/)).toHaveCount(0)
  await expect(page.getByLabel('Unit of calcium')).toHaveValue('lb/acre')
  await type(page, 'Phosphorus, P', '60 ppm P2O5')
  await page.getByRole('button', { name: 'Take 26.2' }).click()
  await expect(page.getByLabel('Phosphorus, P')).toHaveValue('26.2')
  await type(page, 'Phosphorus, P', 'n.d.')
  await expect(page.getByText('Type the least that could have been found')).toBeVisible()
})

test('a block from a spreadsheet is pasted into a line, corrected, and put in', async ({ watched: page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write'])
  await open(page, 'sample-food-plots', 'results', 'creek')
  await another(page)
  await page.getByRole('button', { name: 'Routine test' }).click()
  await page.evaluate(() =>
    navigator.clipboard.writeText(
      'Sample\tpH\tMehlich-3 P\tK lb/ac\tOM %\tCa %\nCreek A\t5.5\t21\t=1+1\t3.4\t61\nCreek B\t5.9\t30\t240\t2.9\t66',
    ),
  )
  await page.getByLabel('pH in water').focus()
  await page.keyboard.press('ControlOrMeta+V')
  const paste = page.getByRole('dialog', { name: 'Paste from a spreadsheet' })
  await expect(paste.getByText('No unit stands by Mehlich-3 P.')).toBeVisible()
  await paste.getByLabel('Mehlich-3 P in').selectOption('ppm')
  await paste.getByLabel('Which sample').selectOption({ label: 'Creek B' })
  await paste.getByRole('button', { name: 'Put 4 values in' }).click()
  await expect(page.getByLabel('pH in water')).toHaveValue('5.9')
  await expect(page.getByLabel('Phosphorus, P')).toHaveValue('30')
  await expect(page.getByLabel('Unit of potassium')).toHaveValue('lb/acre')
  await expect(page.getByLabel('Calcium, Ca')).toHaveValue('')
  await expect(page.getByLabel('Sample code')).toHaveValue('Creek B')
  await expect(page.getByRole('combobox', { name: 'Extractant of P, K and Mg' })).toHaveValue('mehlich-3')
})

test('a file of 10,000 samples: mapped, stopped, read, and two of them taken in; the mapping is remembered', async ({
  watched: page,
}) => {
  await open(page, 'sample-food-plots')
  const rows = Array.from(
    { length: 10_000 },
    (_, i) =>
      `${i === 4_000 ? 'FRH-CP' : i === 9_000 ? 'frh-rp' : `N-${i}`};${(4 + (i % 45) / 10).toFixed(1).replace('.', ',')};${i % 150};${i % 400};"=cmd|'/c'!A${i}"`,
  )
  const file = {
    name: 'results.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(`Vale results;;;;\nSample;pH;Bray P1;K (ppm);Remark\n${rows.join('\n')}\n`, 'latin1'),
  }
  const pick = async () => {
    await another(page)
    await page.getByRole('button', { name: 'Import a file' }).click()
    await page.getByRole('dialog').locator('input[type=file]').setInputFiles(file)
    await expect(page.getByText(/10,002 rows, UTF-8, parted by semicolons/)).toBeVisible()
  }
  await pick()
  const dialog = page.getByRole('dialog', { name: 'Import a file of results' })
  await expect(dialog.getByLabel('Remark is')).toHaveValue('')
  await dialog.getByLabel('Elements without a unit are in').selectOption('ppm')
  await dialog.getByRole('button', { name: 'Read the samples' }).click()
  await dialog
    .getByRole('button', { name: 'Stop' })
    .click({ timeout: 2_000 })
    .catch(() => undefined)
  // Stopped, or read already by a fast machine; the page answers all the while.
  await expect(dialog.getByText(/Nothing was taken in|10,000 samples/)).toBeVisible()
  await expect(dialog.getByRole('progressbar')).toHaveCount(0)
  if (await dialog.getByRole('button', { name: 'Read the samples' }).isVisible())
    await dialog.getByRole('button', { name: 'Read the samples' }).click()
  await expect(dialog.getByText('10,000 samples')).toBeVisible()
  await expect(dialog.getByLabel('FRH-CP is of')).toHaveValue('creek')
  await expect(dialog.getByLabel('frh-rp is of')).toHaveValue('ridge')
  await dialog.getByRole('button', { name: 'Take 2 reports in' }).click()
  await expect(page.getByLabel('Sample code')).toHaveValue('FRH-CP')
  // 4,000 is the 41st of 45 steps from 4.0, P 4,000 mod 150.
  await expect(page.getByLabel('pH in water')).toHaveValue('8.0')
  await expect(page.getByLabel('Phosphorus, P')).toHaveValue('100')
  await expect(page.getByRole('combobox', { name: 'Extractant of P, K and Mg' })).toHaveValue('bray-1')
  await pick()
  await expect(page.getByLabel('Bray P1 in')).toHaveValue('ppm')
})

test('the original beside the lines; what is no original is refused in words', async ({
  watched: page,
  elsewhere,
}, info) => {
  const pdf = await page.pdf()
  const png = await page.screenshot({ clip: { x: 0, y: 0, width: 60, height: 60 } })
  await open(page, 'sample-village-hall', 'results', 'sunny')
  const attach = (name: string, buffer: Buffer) =>
    page
      .getByRole('region', { name: 'The original' })
      .locator('input[type=file]')
      .setInputFiles({ name, mimeType: 'application/pdf', buffer })
  const refused = [
    ['letter.docx', Buffer.from('PK\u0003\u0004 something'), 'neither a PDF nor a photo'],
    ['broken.pdf', Buffer.concat([pdf.subarray(0, 300), Buffer.from('cut')]), 'it is damaged'],
    ['broken.png', Buffer.concat([png.subarray(0, 60), Buffer.from('cut')]), 'it is damaged'],
    ['empty.pdf', Buffer.alloc(0), 'This file is empty'],
  ] as const
  for (const [name, buffer, why] of refused) {
    await attach(name, buffer)
    await expect(page.getByRole('alert').filter({ hasText: why })).toBeVisible()
  }
  const scan = info.outputPath('scan.pdf')
  await writeFile(scan, Buffer.concat([pdf, Buffer.alloc(25_000_001)]))
  await page.getByRole('region', { name: 'The original' }).locator('input[type=file]').setInputFiles(scan)
  await expect(page.getByRole('alert').filter({ hasText: 'larger than 25 MB' })).toBeVisible()
  await attach('report.pdf', pdf)
  await expect(page.getByRole('img', { name: /^Page 1 of/ })).toBeVisible()
  await type(page, 'Magnesium, Mg', '97')
  await page.getByRole('button', { name: 'Put it away' }).click()
  await attach('photo.png', png)
  await expect(page.getByRole('img', { name: 'photo.png' })).toBeVisible()
  await page.getByRole('button', { name: 'Turn' }).click()
  await kept(page)
  await page.reload()
  await page.getByRole('button', { name: 'Read report.pdf beside the lines' }).click()
  await expect(page.getByRole('img', { name: /^Page 1 of/ })).toBeVisible()

  // It travels in the backup.
  await page.goto('/office')
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save a backup' }).click()
  const backup = await (await download).path()
  const other = await elsewhere()
  await other.goto('/')
  await other.locator('input[type=file]').first().setInputFiles(backup)
  const plan = other.getByRole('dialog', { name: /^Backup of/ })
  await plan.getByRole('button', { name: 'Restore', exact: true }).click()
  await expect(plan).toContainText('Restored.')
  await other.goto('/case?id=sample-village-hall&station=results&area=sunny')
  await other.getByRole('button', { name: 'Read report.pdf beside the lines' }).click()
  await expect(other.getByRole('img', { name: /^Page 1 of/ })).toBeVisible()
})

test('reports over the years: which is in force, what they cover, trends, and another guide tried first', async ({
  watched: page,
}) => {
  await open(page, 'sample-returning', 'reading')
  await expect(line(page, 'K')).toContainText('The laboratory’s own word is medium')
  await expect(line(page, 'pH')).toContainText('They quarrel here.')
  await page.getByRole('button', { name: 'Phosphorus over time, larger' }).click()
  const trend = page.getByRole('dialog', { name: 'Phosphorus over time' })
  await expect(trend).toContainText('never are: they cannot be compared')
  await expect(trend.getByRole('row', { name: '21 Oct 2020 19 ppm Bray P1' })).toBeVisible()
  await expect(trend.locator('canvas')).toBeVisible()
  await page.keyboard.press('Escape')
  await page.getByText('Base saturation beside sufficiency').click()
  // 1485 ÷ 200.4 = 7.41 meq of a CEC of 12.1: 61 %.
  await expect(page.getByRole('row', { name: /^Calcium 7\.41/ })).toContainText('61 %')
  await expect(page.getByRole('row', { name: /^Calcium/ })).toContainText('below its span')

  await page.getByRole('button', { name: /^Results/ }).click()
  await strip(page)
    .getByRole('button', { name: /21 Oct 2020/ })
    .click()
  await expect(page.getByText('This is an earlier report')).toBeVisible()
  await page.getByRole('button', { name: 'Put it in force' }).click()
  await reading(page)
  // The guide follows the extractant: Bray P1 19 ppm is low (common practice).
  await expect(page.getByLabel('Rated by')).toHaveValue('bray-1-midwest@1')
  await expect(line(page, 'P')).toContainText('Low')
  await expect(page.getByRole('region', { name: 'What matters most' })).toContainText(
    'Correct the pH first: phosphate works best a month or more after the lime.',
  )

  // Turf by minimum levels: tried, seen, taken.
  await open(page, 'sample-village-hall', 'reading', 'sunny')
  await page.getByLabel('Rated by').selectOption('mlsn-turf@1')
  const changes = page.getByRole('region', { name: 'Read it by another guide or school' })
  await expect(changes.getByRole('row', { name: /^Potassium low .* enough/ })).toBeVisible()
  await changes.getByRole('button', { name: 'Read it by this' }).click()
  await expect(line(page, 'K')).toContainText('Enough')

  // One report of two areas.
  await page.getByRole('button', { name: /^Results/ }).click()
  await page.getByRole('checkbox', { name: 'Lawn under the limes' }).check()
  await page
    .getByRole('navigation', { name: /^Areas/ })
    .getByText('Lawn under the limes')
    .click()
  await expect(strip(page).getByRole('button', { pressed: true })).toContainText('LOH-S')
  await expect(strip(page).getByRole('button')).toHaveCount(3)
})

test('what the report does not say is tried at both ends', async ({ watched: page }) => {
  await open(page, 'sample-lakeside-cottage', 'reading', 'rhododendrons')
  const missing = page.getByRole('region', { name: 'What it does not say' })
  await expect(missing).toContainText(/Phosphorus\. It could change the answer: phosphate none to/)
  await expect(missing).toContainText(
    /Organic matter, which gives nitrogen.*It could change the answer: nitrogen none to/,
  )
})
