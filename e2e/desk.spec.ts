import { readFile } from 'node:fs/promises'
import AxeBuilder from '@axe-core/playwright'
import { unzipSync } from 'fflate'
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'
import { expect, loadSamples, onDay, test } from './app'

test('cases are narrowed by what falls due and sorted; several at once are written to, handed over, copied, merged and thrown away', async ({
  watched: page,
}) => {
  // Only the rows in sight are drawn.
  await page.setViewportSize({ width: 1280, height: 2000 })
  await onDay(page, '2026-11-26')
  await loadSamples(page)
  await page.goto('/')
  const rows = page.getByRole('table').getByRole('row')
  await expect(rows).toHaveCount(9)
  // Every case is ready for its letter; fewer have something to put on.
  await page.getByLabel('With', { exact: true }).selectOption('something to put on')
  await page.getByLabel('Falls due').selectOption('this week')
  await expect(page.getByText(/^\d of 8$/)).toBeVisible()
  const soon = await rows.count()
  expect(soon).toBeLessThan(9)
  await page.getByLabel('Falls due').selectOption('at any time')
  await page.getByLabel('With', { exact: true }).selectOption({ index: 0 })
  await page.getByLabel('First', { exact: true }).selectOption('by client')
  await expect(rows.nth(1)).toContainText('Brannoch')
  // By what grows there, too.
  await page.getByLabel('Find a client, place, area or crop').fill('blueberry')
  await expect(rows).toHaveCount(2)
  await page.getByLabel('Find a client, place, area or crop').fill('')

  await page.getByLabel('Choose Lake Ossian village hall').check()
  await page.getByLabel('Choose Henrike Aldous').check()
  await expect(page.getByText('2 chosen')).toBeVisible()
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([])
  const saved = async (button: string) => {
    const download = page.waitForEvent('download')
    await page.getByRole('button', { name: button }).click()
    return new Uint8Array(await readFile((await (await download).path())!))
  }
  const pdf = await getDocument({ data: await saved('One PDF of their letters'), verbosity: 0 }).promise
  expect(pdf.numPages).toBe(2)
  await expect(page.getByText('2 letters in one PDF, each kept in its case')).toBeVisible()
  const files = unzipSync(await saved('Hand over as files'))
  const handed = Object.values(files).map((bytes) => JSON.parse(new TextDecoder().decode(bytes)) as { case: object })
  expect(handed.map((file) => file.case)).toMatchObject([{ letters: [{ language: 'en' }] }, { letters: [{}] }])

  await page.getByRole('button', { name: 'Copy for 2027' }).click()
  await expect(page.getByText('2 cases made for 2027')).toBeVisible()
  await expect(rows).toHaveCount(11)
  await page.getByRole('button', { name: 'Choose none' }).click()

  // The two of one client become one, with the ground of both.
  await page.getByLabel('Find a client, place, area or crop').fill('aldous')
  await expect(rows).toHaveCount(3)
  await page.getByLabel('Choose all that are listed').check()
  await page.getByRole('button', { name: 'Merge the two' }).click()
  await expect(page.getByText('goes into Henrike Aldous')).toBeVisible()
  await page.getByRole('button', { name: 'Merge them' }).click()
  await expect(rows).toHaveCount(2)
  await page.getByLabel('Find a client, place, area or crop').fill('')
  await expect(page.getByText('Trash (1)')).toBeVisible()

  await page.getByLabel('Choose all that are listed').check()
  await page.getByRole('button', { name: 'Throw away', exact: true }).click()
  await expect(page.getByText('Trash (10)')).toBeVisible()
})
