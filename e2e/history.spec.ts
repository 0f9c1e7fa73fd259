import { expect, kept, loadSamples, test, type } from './app'

test('undo and redo anywhere, across a reload, and going back to a point in the history', async ({ watched: page }) => {
  await page.goto('/')
  await page.getByRole('button', { name: 'Start a case' }).click()
  // In one stroke each: on a busy machine typing has pauses, and a pause begins another edit.
  await page.getByLabel('Client', { exact: true }).fill('Odile')
  await page.getByLabel('Property or project').fill('Weir Lane')
  await page.getByRole('main').getByRole('button', { name: 'Add an area' }).click()
  await type(page, 'Size', '12x18')
  await kept(page)

  // Inside the field that was typed in.
  await page.keyboard.press('Control+z')
  await expect(page.getByLabel('Size', { exact: true })).toHaveValue('')
  await expect(page.getByText(/taken back: .*Size: 12x18, now empty/)).toBeVisible()
  await page.reload()
  await page.getByRole('button', { name: 'Redo' }).click()
  await expect(page.getByLabel('Size', { exact: true })).toHaveValue('12x18')
  await page.getByRole('button', { name: 'Undo' }).click()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByLabel('Size', { exact: true })).toHaveCount(0)
  await page.keyboard.press('Control+Shift+Z')
  await expect(page.getByLabel('Size', { exact: true })).toHaveValue('')

  await page.getByRole('button', { name: 'History' }).click()
  const client = page.getByRole('listitem').filter({ hasText: 'Client: empty, now Odile' })
  await expect(client.first()).toBeVisible()
  await expect(page.getByText('Property or project: empty, now Weir Lane')).toBeVisible()
  await expect(page.getByText('Size: empty, now 12x18').first()).toBeVisible()
  await client.getByRole('button', { name: 'Back to here' }).click()
  await page.getByRole('button', { name: /^Ground/ }).click()
  await expect(page.getByLabel('Client', { exact: true })).toHaveValue('Odile')
  await expect(page.getByLabel('Property or project')).toHaveValue('')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByLabel('Property or project')).toHaveValue('Weir Lane')
})

test('a case is thrown away and put back', async ({ watched: page }) => {
  await loadSamples(page)
  const away = page.getByRole('button', { name: 'Throw away Henrike Aldous' })
  const row = page.getByRole('link', { name: 'Henrike Aldous' })
  // At once, where it was thrown away; later, out of the trash.
  await away.click()
  await expect(row).toHaveCount(0)
  await page
    .getByText('Thrown away: Henrike Aldous.')
    .locator('..')
    .getByRole('button', { name: 'Put it back' })
    .click()
  await expect(row).toBeVisible()
  await away.click()
  await expect(row).toHaveCount(0)
  await page.reload()
  await page.getByText('Trash (1)').click()
  await page.getByRole('button', { name: 'Put back' }).click()
  await expect(page.getByRole('link', { name: 'Henrike Aldous' })).toBeVisible()
  await expect(page.getByText('Trash (1)')).toHaveCount(0)
})
