import { readFile } from 'node:fs/promises'
import { expect, kept, onDay, test } from '../app'
import { growArea, handsOn, startCase, station, tell } from '../hands'

test('six blueberry bushes without a report: a meter at five spots round one of them, and a card for each bush', async ({
  watched: page,
}) => {
  const hands = handsOn(page)
  await startCase(page, hands)
  await growArea(page, hands, '6x24', 'blueb')
  await hands.choose(page.getByLabel('Soil texture'), 'loam')
  await hands.click(page.getByLabel('How many plants'))
  await hands.type('6')
  await station(page, hands, 'Sample')
  const checks = page.getByRole('region', { name: /^Spot checks/ })
  await hands.click(checks.getByLabel('Or type a reading'))
  for (const pH of ['5.9', '6.0', '5.9', '6.1', '6.8']) {
    await hands.type(pH)
    await hands.keys('Enter')
  }
  // 30.7 over 5 is 6.14; the odd one lies 0.8 above the mean of the others (by hand).
  await expect(checks).toContainText('6.14')
  await expect(checks.getByRole('status')).toContainText('Not even: more than 0.5 pH')
  await expect(checks.getByRole('status')).toContainText('Without the one at 6.8')
  await station(page, hands, 'Results')
  await hands.click(page.getByRole('button', { name: 'Take 5 spot readings over' }))
  await station(page, hands, 'Amounts')
  const sulfur = page.getByRole('region', { name: 'Sulfur', exact: true })
  await expect(sulfur).toContainText(/oz.*for each plant/)
  await station(page, hands, 'Letter')
  const letter = page.getByRole('article')
  await expect(letter.getByRole('row', { name: /sulfur prills/ }).first()).toContainText(/oz a plant/)
  await expect(letter).toContainText('put the mulch back')
  await hands.click(page.getByRole('radio', { name: 'cards' }))
  await expect(page.getByRole('list', { name: 'A card for each pass' })).toContainText(
    /oz a plant.*rake the mulch off, spread out to the edge of the branches, water in, put the mulch back/,
  )
  tell('1', hands, '25 + 45')
})

test('a first-timer sends soil off: three spots, the label, what to ask for, and to come back in three years', async ({
  watched: page,
}) => {
  await onDay(page, '2026-10-05')
  const hands = handsOn(page)
  await startCase(page, hands)
  await hands.click(page.getByLabel('Client'))
  await hands.type('Ida Fenn')
  await growArea(page, hands, '20x30', 'mixed')
  await station(page, hands, 'Sample')
  await hands.click(page.getByRole('button', { name: 'Make this sample' }))
  await hands.click(page.getByLabel('Cores', { exact: true }))
  await hands.type('3')
  await expect(page.getByRole('main')).toContainText('3 cores, 0–6 in')
  await expect(page.getByRole('checkbox', { name: /^routine/ })).toBeChecked()
  await page.getByLabel('Taken on').fill('2026-10-05')
  hands.count.keys += 8
  await kept(page)
  await page.evaluate(() => (window.print = () => document.body.setAttribute('data-printed', '')))
  await hands.click(page.getByRole('button', { name: 'Print field sheet and labels' }))
  await expect(page.locator('body[data-printed]')).toHaveCount(1)
  await station(page, hands, 'Calendar')
  const download = page.waitForEvent('download')
  await hands.click(page.getByRole('button', { name: 'Calendar file' }))
  const calendar = await readFile((await (await download).path())!, 'utf8')
  expect(calendar).toContain('DTSTART;VALUE=DATE:20291005')
  expect(calendar).toContain('soil test')
  tell('4', hands, '13 + 40')
  await page.goto('/')
  await expect(page.getByRole('row', { name: /Ida Fenn/ })).toContainText('5 Oct 2029')
})

test('half an acre of vegetables is sampled: cores, depth and crop on the sheet', async ({ watched: page }) => {
  const hands = handsOn(page)
  await startCase(page, hands)
  await growArea(page, hands, '0.5 ac', 'mixed')
  await station(page, hands, 'Sample')
  await hands.click(page.getByRole('button', { name: 'Make this sample' }))
  // 15 to 20 over 5,000 ft² (common practice).
  await expect(page.getByRole('main')).toContainText(/1[5-9] cores|20 cores/)
  await page.evaluate(() => (window.print = () => document.body.setAttribute('data-printed', '')))
  await hands.click(page.getByRole('button', { name: 'Print field sheet and labels' }))
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByText('For the form: mixed vegetables; yield hoped for')).toBeVisible()
  tell('18', hands, '14 + 45')
})
