import { expect, onDay, test } from '../app'
import { growArea, handsOn, startCase, station, tell } from '../hands'

test('a food plot of three quarters of an acre at pH 5.4, sowing in five months: tons and bags, which lime, by when', async ({
  watched: page,
}) => {
  await onDay(page, '2026-11-26')
  const hands = handsOn(page)
  await startCase(page, hands)
  await growArea(page, hands, '0.75 ac', 'clover')
  await hands.choose(page.getByLabel('Soil texture'), 'loam')
  await station(page, hands, 'Results')
  await hands.click(page.getByLabel('pH in water', { exact: true }))
  await hands.type('5.4')
  await station(page, hands, 'Calendar')
  await page.getByLabel('Area 1, planted on').fill('2027-04-26')
  hands.count.keys += 8
  await station(page, hands, 'Amounts')
  const lime = page.getByRole('region', { name: 'Lime', exact: true })
  await expect(lime).toContainText(/ton|lb/)
  const byOurs = await lime.textContent()
  await hands.click(lime.getByRole('button', { name: 'Another aim' }))
  await hands.type('7.0')
  await hands.keys('Tab')
  await hands.type('clover')
  await hands.keys('Enter')
  await expect(lime).not.toHaveText(byOurs!)
  await station(page, hands, 'Letter')
  const letter = page.getByRole('article')
  // The lime is down before the day of sowing; bags are counted.
  await expect(letter).toContainText(/November 26, 2026.*pelletized lime.*Shopping list.*buy \d+ bags of 40 lb/)
  tell('15', hands, '20 + 40')
})

test('which is cheaper: the whole job by each product, from the office’s prices', async ({ watched: page }) => {
  await page.goto('/shelf')
  for (const [name, price] of [
    ['46-0-0 urea', '50 lb $31'],
    ['21-0-0 ammonium sulfate', '50 lb $24'],
    ['15-5-10 lawn fertilizer', '48 lb $29'],
  ] as const)
    await page.getByLabel(`Bags and prices of ${name}`).fill(price)
  await expect(page.getByText(/^seen/)).toHaveCount(3)
  const hands = handsOn(page)
  await startCase(page, hands)
  await growArea(page, hands, '60x100', 'tall')
  await station(page, hands, 'Results')
  await hands.click(page.getByLabel('pH in water', { exact: true }))
  await hands.type('6.4')
  const before = { ...hands.count }
  await station(page, hands, 'Materials')
  await hands.click(page.getByRole('radio', { name: 'what it costs' }))
  const rows = page.getByRole('region', { name: 'One product for the whole job' }).getByRole('row')
  await expect(rows.nth(1)).toContainText('$')
  const costs = await Promise.all(
    [1, 2, 3].map(async (n) => Number(/\$([\d.]+)/.exec((await rows.nth(n).textContent())!)![1])),
  )
  expect([...costs].sort((a, b) => a - b)).toEqual(costs)
  hands.count.clicks -= before.clicks
  hands.count.keys -= before.keys
  tell('e', hands, '4 + 10')
})
