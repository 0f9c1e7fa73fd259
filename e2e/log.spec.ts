import AxeBuilder from '@axe-core/playwright'
import { expect, kept, loadSamples, onDay, test } from './app'

test('what was put on is typed as it is said, told back, asked about where it does not say enough, and summed', async ({
  watched: page,
}) => {
  await onDay(page, '2026-11-26')
  await loadSamples(page)
  await page.goto('/case?id=sample-lakeside-cottage&station=log')
  const line = page.getByLabel('What was put on, where and when')
  await line.fill('1 bag 5-10-10 on the lawn')
  await expect(page.getByText('When? Such as 12 May')).toBeVisible()
  await line.fill('1 bag 5-10-10 on the lawn 31 Feb')
  await line.press('Enter')
  await expect(page.getByText('31 feb is no day of the calendar.')).toBeVisible()
  await expect(line).toHaveValue('1 bag 5-10-10 on the lawn 31 Feb')
  await line.fill('1 bag 5-10-10 on the lawn last Tuesday')
  await expect(page.getByText('50 lb of 5-10-10 garden fertilizer on Lake lawn, 24 Nov 2026')).toBeVisible()
  await line.press('Enter')
  await expect(line).toHaveValue('')
  await line.fill('4 cups ammonium sulfate on the rhododendron bank in May 2025')
  await line.press('Enter')
  const entries = page.getByRole('region', { name: 'Put on' })
  await expect(entries.getByText('50 lb 5-10-10 garden fertilizer')).toBeVisible()
  const ledger = page.getByRole('region', { name: 'Ledger, by area and year' })
  // 50 lb of 5-10-10 hold 2.5, 5 and 5 lb (exact); 4 cups of 0.55 lb at 21 % 0.46 lb N, 7½ oz on a scale.
  await expect(ledger.getByRole('table', { name: 'Lake lawn' }).getByRole('row', { name: /^Phosphate/ })).toContainText(
    '5 lb',
  )
  await expect(
    ledger.getByRole('table', { name: 'Rhododendron bank' }).getByRole('row', { name: /^Nitrogen/ }),
  ).toContainText('7½ oz')
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([])
  await kept(page)
  await page.reload()
  await entries.getByRole('button', { name: 'Take out: 50 lb 5-10-10 garden fertilizer' }).click()
  await expect(entries.getByText('50 lb 5-10-10')).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(entries.getByText('50 lb 5-10-10 garden fertilizer')).toBeVisible()
})
