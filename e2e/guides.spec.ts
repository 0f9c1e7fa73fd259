import { readFile } from 'node:fs/promises'
import AxeBuilder from '@axe-core/playwright'
import { expect, kept, loadSamples, test, type, unfold } from './app'

test('an office makes a guide its own, rates a case by it, and what is used becomes a new version', async ({
  watched: page,
}) => {
  await loadSamples(page)
  await page.goto('/guides?guide=mehlich-3-humid-east%401')
  await page.getByRole('button', { name: 'Make our own from this' }).click()
  await type(page, 'Title', 'Weir Lane guide')
  await type(page, 'What this version changes, and why', 'Potash as our county has it')
  await type(page, 'Potassium classes, ppm: medium', '110')
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([])
  // What is being edited outlasts the page.
  await page.reload()
  await expect(page.getByLabel('Title', { exact: true })).toHaveValue('Weir Lane guide')
  await expect(page.getByLabel('Potassium classes, ppm: medium')).toHaveValue('110')
  // What it would change is seen before it is kept.
  await page.getByRole('button', { name: 'See what it changes' }).click()
  await expect(page.getByText(/^It changes \d+ amounts? in \d of 8 cases\./)).toBeVisible()
  await expect(
    page
      .getByRole('region', { name: 'See what it changes' })
      .getByRole('row', { name: /potash/ })
      .first(),
  ).toBeVisible()
  // Bounds that do not rise are told of, and what was typed stays.
  await type(page, 'Potassium classes, ppm: low', '120')
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByRole('alert').first()).toContainText('must rise')
  await type(page, 'Potassium classes, ppm: low', '90')
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByText('not used yet')).toBeVisible()
  await expect(page.getByText(/Kept .*: Potash as our county has it\./)).toBeVisible()
  await page.getByLabel('Compare with', { exact: true }).selectOption('mehlich-3-humid-east@1')
  await expect(page.getByRole('row', { name: 'classes: K, medium 110 130' })).toBeVisible()
  await expect(page.getByText(/Own figures of the office/)).toBeVisible()

  // 118 ppm K is medium by the shipped guide, and optimum by this one: 2 or 0.5 lb K₂O on 279 ft².
  await page.goto('/case?id=sample-school-garden&station=reading&area=strip')
  await page.getByLabel('Rated by', { exact: true }).selectOption({ label: 'Weir Lane guide, 1' })
  await expect(page.getByRole('row', { name: /^Potassium medium .* optimum/ })).toBeVisible()
  await page.getByRole('button', { name: 'Read it by this' }).click()
  await page.getByRole('button', { name: 'See the amounts' }).click()
  await expect(page.getByRole('region', { name: 'Potash', exact: true })).toContainText('118 ppm is optimum')
  await kept(page)

  // It rates an area now: an edit becomes the next version, and the area stays with the first.
  await page.goto('/guides')
  await page.getByRole('button', { name: /^Weir Lane guide/ }).click()
  await expect(page.getByText('1 area is rated by it')).toBeVisible()
  await page.getByRole('button', { name: 'Take it away' }).click()
  await expect(page.getByText('It is in use, so it stays.')).toBeVisible()
  await page.getByRole('button', { name: 'Edit', exact: true }).click()
  await type(page, 'On the surface, one pass', '40')
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByRole('button', { name: 'Weir Lane guide, 2' })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Weir Lane guide, 1' })).toBeVisible()

  // Out as a file, and in again.
  const saving = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save as a file' }).click()
  const saved = await saving
  const text = await readFile(await saved.path(), 'utf8')
  await page.getByRole('button', { name: 'Take it away' }).click()
  await expect(page.getByRole('button', { name: 'Weir Lane guide, 2' })).toHaveCount(0)
  const file = page.locator('input[type=file]')
  await file.setInputFiles({ name: 'letter.json', mimeType: 'application/json', buffer: Buffer.from('{"a":1}') })
  await expect(page.getByRole('alert').first()).toContainText('not a guide')
  await file.setInputFiles({ name: 'guide.json', mimeType: 'application/json', buffer: Buffer.from(text) })
  await expect(page.getByRole('button', { name: 'Weir Lane guide, 2' })).toBeVisible()
})

test('several crops, each by itself, and any of them leads', async ({ watched: page }) => {
  await loadSamples(page)
  await page.goto('/case?id=sample-market-garden&station=amounts')
  const table = page.getByRole('region', { name: 'Several crops here, each by itself' })
  await expect(table.getByRole('radio', { name: 'sweet corn' })).toBeChecked()
  await table.getByRole('radio', { name: 'beans or peas' }).check()
  await expect(page.getByRole('region', { name: 'Nitrogen' })).toContainText('none')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(table.getByRole('radio', { name: 'sweet corn' })).toBeChecked()
  await page.getByRole('button', { name: /^Ground/ }).click()
  await unfold(page, 'Depth, feeding, other crops')
  await page.getByRole('button', { name: 'Take beans or peas out' }).click()
  await page.getByRole('combobox', { name: 'What else grows there' }).fill('potato')
  await page.getByRole('option', { name: /^potato/ }).click()
  await page.getByRole('button', { name: /^Amounts/ }).click()
  await expect(table.getByRole('radio', { name: 'potato', exact: true })).toBeVisible()
})

test('schools, mix without soil, lead, and words in the place of numbers', async ({ watched: page }) => {
  await loadSamples(page)
  await page.goto('/case?id=sample-smallholding&station=amounts&area=blueberries')
  await page.getByText('Schools followed here').click()
  await page.getByLabel('pH for highbush blueberry').selectOption('B')
  await expect(page.getByRole('region', { name: 'Sulfur' }).getByRole('img').first()).toHaveAttribute(
    'aria-label',
    /4\.8 to 5\.2/,
  )
  await page.getByRole('button', { name: /^Letter/ }).click()
  await expect(page.getByRole('article')).toContainText('school B, 4.8 to 5.2')

  await page.goto('/case?id=sample-school-garden&station=amounts&area=bench')
  await expect(page.getByText('never by a rate for field soil').first()).toBeVisible()
  await expect(page.getByRole('region', { name: 'Nitrogen' })).toContainText('20-20-20 in 10 gallons')

  await page.goto('/case?id=sample-city-lot&station=results')
  await type(page, 'Phosphorus, P', 'very low')
  await expect(page.getByText('read as very low')).toBeVisible()
  await type(page, 'Potassium, K', '90 ppm K2O')
  await expect(page.getByText('As potassium it is 74.7: type that.')).toBeVisible()
  await page.getByRole('button', { name: 'See the amounts' }).click()
  await expect(page.getByRole('region', { name: 'Phosphate', exact: true })).toContainText(
    'Leafy and root crops should not grow in this soil',
  )
  await page.getByRole('button', { name: /^Results/ }).click()
  await type(page, 'Lead, Pb', '450')
  await page.getByRole('button', { name: 'See the amounts' }).click()
  await expect(page.getByText('Grow no food in this soil').first()).toBeVisible()
  await expect(page.getByRole('region', { name: 'Phosphate', exact: true })).toContainText('not fed for any')
  await page.getByRole('button', { name: /^Letter/ }).click()
  await expect(page.getByRole('article')).toContainText('Grow no food in this soil')
})
