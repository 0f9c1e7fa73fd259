import AxeBuilder from '@axe-core/playwright'
import { expect, kept, loadSamples, test, type } from './app'

test('a figure against the reading is checked first: nothing of it is in the letter until it is confirmed with a reason', async ({
  watched: page,
}) => {
  await loadSamples(page)
  await page.goto('/case?id=sample-smallholding&station=results')
  // 10 lb more than any ground is given, and the likely unit at one click.
  await type(page, 'Nitrogen, N', '120 lb/1000')
  await expect(page.getByText('120 lb of nitrogen on 1,000 ft² is 20 times the most that is usual')).toBeVisible()
  await page.getByRole('button', { name: 'It is in lb/acre' }).click()
  await expect(page.getByText(/times the most that is usual/)).toHaveCount(0)
  // Lime on ground that blueberries would have sour.
  await type(page, 'Lime', '1.5')
  await expect(page.getByText('In which unit is “1.5”?')).toBeVisible()
  await page.getByLabel('Unit of lime').selectOption('tons/acre')
  await kept(page)
  await page.goto('/case?id=sample-smallholding&station=amounts')
  const row = page.getByRole('region', { name: 'Lime, sulfur' })
  await expect(row).toContainText('check first')
  await expect(row).toContainText('already above 4.5 to 5.5')
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([])
  await page.getByRole('button', { name: /^Letter/ }).click()
  const sheet = page.getByRole('article')
  await expect(sheet).toContainText('The lab recommends lime')
  // Until it is confirmed the letter is a draft, and nobody can check it.
  await expect(sheet).toContainText('Draft. Something about Blueberry row is still to be decided')
  await page.getByRole('button', { name: 'Checked: let it stand' }).click()
  await expect(page.getByText('this is a draft and cannot be checked')).toBeVisible()
  // The other three areas stand it.
  await expect(sheet.getByRole('row', { name: /pelletized lime.*1 of 2/ })).toHaveCount(3)
  await expect(sheet).toContainText(/Shopping list:.*lime.*buy \d/)

  await page.getByRole('button', { name: /^Amounts/ }).click()
  await row.getByRole('button', { name: 'Confirm it' }).click()
  await expect(row).toContainText('Say why')
  await row.getByLabel('Why the figure stands all the same').fill('asked them: the row is to be cleared')
  await row.getByRole('button', { name: 'Confirm it' }).click()
  const lime = page.getByRole('region', { name: 'Lime', exact: true })
  await expect(lime).toContainText('asked them: the row is to be cleared')
  await expect(page.getByText('Lime, as the lab recommends')).toBeVisible()
  await page.getByRole('button', { name: /^Letter/ }).click()
  await expect(sheet.getByRole('row', { name: /pelletized lime.*1 of 2/ })).toHaveCount(4)
  await expect(sheet).toContainText('asked them: the row is to be cleared')
  await expect(sheet).not.toContainText('Draft.')

  await page.getByRole('button', { name: /^Amounts/ }).click()
  await lime.getByRole('button', { name: 'Hold it back again' }).click()
  await expect(row).toContainText('check first')
})
