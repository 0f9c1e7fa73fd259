import AxeBuilder from '@axe-core/playwright'
import type { Page } from '@playwright/test'
import { expect, loadSamples, test } from './app'
import { growArea, handsOn, startCase, station, tell } from './hands'
import { testDay } from '../scripts/on-day.mjs'

const said = (page: Page) => page.getByLabel('What was said')

test('the neighbour’s figure on the bench: a slip, which, what it should be, and whether acting on it hurts', async ({
  watched: page,
}) => {
  await page.goto('/bench')
  const hands = handsOn(page)
  await expect(page.getByLabel('pH in water')).toBeFocused()
  await hands.type('6.8')
  await hands.keys('Tab')
  await hands.type('12x18')
  await hands.keys('Tab')
  await hands.type('blueb')
  await hands.keys('Enter')
  await hands.choose(page.getByLabel('Soil texture'), 'loam')
  await hands.click(said(page))
  await hands.type('4.6 lb per 100 ft2')
  // An amount alone: what it is of is asked for.
  await hands.click(page.getByRole('radio', { name: 'sulfur' }))
  const verdict = page.getByRole('region', { name: 'Second reading of sulfur' })
  await expect(verdict.getByRole('heading', { level: 3 })).toHaveText(
    /^(?:A slip|Right under another assumption|Right)/,
  )
  await expect(verdict).toContainText('46 lb / 1,000 ft²')
  await verdict.getByText('The arithmetic of both').click()
  await expect(verdict).toContainText('4.6 lb sulfur on 100 ft² is 46 lb / 1,000 ft².')
  tell('job 7, the neighbour’s figure', hands, '30 + 60 for all of it')
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([])

  // Ten times too much is warned of; what nobody can read is asked about, and stays.
  await said(page).fill('46 lb sulfur per 100 ft2')
  await expect(verdict).toContainText('It is for 1,000 ft², and was said of 100 ft².')
  await expect(verdict.getByRole('status')).toContainText('Do not act on it')
  for (const [text, asked] of [
    ['libras por 100 pies', 'No amount can be read'],
    ['-3 lb lime', 'is below nothing'],
    ['a cup per 15 ft every 3 weeks', 'What is it of?'],
    ['4 lb sulfur per moon', 'is not understood here'],
  ] as const) {
    await said(page).fill(text)
    await expect(page.getByText(asked)).toBeVisible()
    await expect(said(page)).toHaveValue(text)
  }
})

test('two programs for one lawn are compared nutrient by nutrient', async ({ watched: page }) => {
  await loadSamples(page)
  await page.goto('/case?id=sample-village-hall&station=amounts')
  await page.getByRole('button', { name: 'Somebody said another figure?' }).click()
  const sheet = page.getByRole('dialog')
  await sheet.getByLabel('What was said').fill('50 lb 10-10-10\nor\n10.9 lb urea\n11.1 lb 0-45-0\n8.3 lb 0-0-60')
  const programs = sheet.getByRole('region', { name: 'Two programs for this ground' })
  await expect(programs.getByRole('heading')).toHaveText(/^Equivalent/)
  await sheet.getByLabel('What was said').fill('50 lb 10-10-10\nor\n10.9 lb urea')
  await expect(programs.getByRole('heading')).toHaveText(
    'Not equivalent: they differ in phosphate (P2O5), potash (K2O).',
  )
  expect((await new AxeBuilder({ page }).include('[role=dialog]').analyze()).violations).toEqual([])
})

test('a laboratory’s figure is read a second time where it is printed, with one click', async ({ watched: page }) => {
  await loadSamples(page)
  await page.goto('/case?id=sample-village-hall&station=results&area=sunny')
  await page.getByRole('button', { name: 'Second reading of Lime' }).click()
  const sheet = page.getByRole('dialog')
  await expect(sheet.getByLabel('What was said')).toHaveValue(/^110 lb\/1000 ft² lime$/)
  await expect(sheet.getByRole('region', { name: 'Second reading of lime' })).toContainText('110 lb / 1,000 ft²')
  await page.keyboard.press('Escape')
  await expect(sheet).toHaveCount(0)
})

test('job 13: two kits and a laboratory disagree: which is surest, which agree, what it would change', async ({
  watched: page,
}) => {
  const hands = handsOn(page)
  await startCase(page, hands)
  await growArea(page, hands, '10x20', 'tomato')
  await hands.choose(page.getByLabel('Soil texture'), 'loam')
  await station(page, hands, 'Results')
  await hands.click(page.getByLabel('pH in water', { exact: true }))
  await hands.type('5.4')
  await page.getByLabel('Date', { exact: true }).fill(testDay)
  hands.count.keys += 8
  for (const patches of [['5.5', '6.0'], ['7.0']]) {
    await hands.click(page.getByRole('button', { name: 'Read a colour kit' }))
    for (const patch of patches)
      await hands.click(
        page.getByRole('dialog').getByRole('button', { name: new RegExp(`^Patch ${patch.replace('.0', '(\\.0)?')}$`) }),
      )
    await hands.click(page.getByRole('dialog').getByRole('button', { name: /^Put .* on the report$/ }))
    await expect(page.getByRole('dialog')).toHaveCount(0)
  }
  await station(page, hands, 'Reading')
  const against = page.getByRole('region', { name: 'Readings of this pH against each other' })
  await expect(against.getByRole('row')).toHaveCount(4)
  await expect(against.getByRole('row').nth(1)).toContainText('5.4')
  await expect(against).toContainText('further from the surest reading than both may err')
  await expect(against).toContainText('It matters: what would be done hangs on which is believed.')
  await expect(against.getByRole('row', { name: /7/ }).last()).toContainText('neither lime nor sulfur')
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([])
  expect(hands.count.clicks).toBeLessThanOrEqual(20)
  tell('job 13', hands, '15 + 40')
})

test('how far an amount may be off stands beside it, and goes with one switch', async ({ watched: page }) => {
  await loadSamples(page)
  await page.goto('/case?id=sample-smallholding&station=amounts')
  await expect(page.getByText(/eight times in ten between \d+ lb and \d+ lb/).first()).toBeVisible()
  await expect(page.getByText(/What would settle it most|No measurement would narrow it much/)).toBeVisible()
  const told = await page
    .getByText(/eight times in ten/)
    .first()
    .textContent()
  await page.reload()
  // The same case, the same draws.
  await expect(page.getByText(/eight times in ten/).first()).toHaveText(told!)
  // The tick follows what is kept.
  await page.getByLabel('Say how sure the amounts are').click()
  await expect(page.getByLabel('Say how sure the amounts are')).not.toBeChecked()
  await expect(page.getByText(/eight times in ten/)).toHaveCount(0)
  await page.reload()
  await expect(page.getByLabel('Say how sure the amounts are')).not.toBeChecked()
})
