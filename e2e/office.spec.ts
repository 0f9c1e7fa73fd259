import { expect, kept, loadSamples, test, type } from './app'

test('the office stands on the letter, signs it, and is what new cases begin with', async ({ watched: page }) => {
  await loadSamples(page)
  await page.goto('/')
  await page.getByRole('link', { name: 'Office' }).click()
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Ossian Vale Extension')
  await type(page, 'Name', 'Weir Lane Garden Desk')
  await type(page, 'Initials of the people who sign', 'ab, cd;ab')
  await expect(page.getByText('signing: ab · cd')).toBeVisible()
  await page.getByRole('radio', { name: 'metres' }).click()
  await kept(page)
  await page.reload()
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Weir Lane Garden Desk')

  await page.goto('/case?id=sample-village-hall&station=letter')
  await page.getByLabel('Checked by').selectOption('cd')
  const letter = page.getByRole('article')
  await expect(letter).toContainText('Weir Lane Garden Desk')
  await expect(letter).toContainText('Checked by: cd')
  await expect(letter).toContainText('Amounts are advice, not a warranty')

  await page.goto('/')
  await page.getByRole('button', { name: 'Start a case' }).click()
  await expect(page.getByRole('button', { name: /^Measures and climate/ })).toContainText('kilograms and metres')
  // Made one's own, it stays when the samples go.
  await page.goto('/')
  await page.getByRole('button', { name: 'Remove the sample cases' }).click()
  await page.getByRole('link', { name: 'Office' }).click()
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Weir Lane Garden Desk')
})
