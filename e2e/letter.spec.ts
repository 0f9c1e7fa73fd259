import { readFile } from 'node:fs/promises'
import AxeBuilder from '@axe-core/playwright'
import type { Page } from '@playwright/test'
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'
import { expect, kept, loadSamples, test, type } from './app'
import { handsOn, station, tell } from './hands'

const bare = (text: string) => text.replace(/\s+/g, '')

/** The PDF that a click on a button saves: its text page by page, spaces left out. */
async function savedPdf(page: Page, save: () => Promise<void>) {
  const download = page.waitForEvent('download')
  await save()
  const file = await download
  const bytes = new Uint8Array(await readFile((await file.path())!))
  const pdf = await getDocument({ data: bytes.slice(), verbosity: 0 }).promise
  const pages: string[] = []
  for (let n = 1; n <= pdf.numPages; n += 1) {
    const { items } = await (await pdf.getPage(n)).getTextContent()
    pages.push(bare(items.map((item) => ('str' in item ? item.str : '')).join('')))
  }
  return { name: file.suggestedFilename(), size: bytes.length, pages }
}

/** Every amount that stands on the screen's letter. */
const amountsOn = (page: Page) =>
  page.getByRole('article').getByRole('table').getByRole('cell').locator('strong').allTextContents()

const letters = (page: Page) => page.getByRole('region', { name: 'Letters of this case' }).locator('> ol > li')

test('in English and in Spanish, as PDF, on paper, and as text for an email', async ({ watched: page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write'])
  await loadSamples(page)
  await page.goto('/case?id=sample-village-hall&station=amounts')
  const hands = handsOn(page)
  await station(page, hands, 'Letter')
  const sheet = page.getByRole('article')
  await expect(sheet).toContainText('What to do')
  const button = (name: string) => page.getByRole('button', { name, exact: true })
  for (const [language, title] of [
    ['en', 'Your soil test: what to do'],
    ['es', 'Su análisis de suelo: qué hacer'],
  ] as const) {
    if (language === 'es') await hands.click(page.getByRole('radio', { name: 'Español' }))
    await expect(sheet).toContainText(title)
    const { pages, size, name } = await savedPdf(page, () => hands.click(button('PDF')))
    expect(pages).toHaveLength(1)
    expect(size).toBeLessThan(300_000)
    expect(name).toMatch(/^Lake Ossian village hall .*27.*2026\.pdf$/)
    expect(pages[0]).toContain(bare(title))
    const amounts = await amountsOn(page)
    expect(amounts.length).toBeGreaterThan(4)
    for (const amount of amounts) expect(pages[0]).toContain(bare(amount))
  }
  await hands.click(button('Copy for an email'))
  await expect(page.getByText('The letter is on the clipboard')).toBeVisible()
  tell('a, without the printer’s own window', hands, '6 + 0')
  const text = await page.evaluate(() => navigator.clipboard.readText())
  for (const amount of await amountsOn(page)) expect(text).toContain(amount)
  expect(text).toContain('SU ANÁLISIS DE SUELO: QUÉ HACER')
  // Each that left is kept, and each once.
  await expect(letters(page)).toHaveCount(2)
  await expect(letters(page).first()).toContainText('The case still gives this letter.')
  await page.getByRole('checkbox', { name: 'a page of reasons' }).check()
  await page.getByRole('checkbox', { name: 'the workings' }).check()
  await page.getByRole('checkbox', { name: 'metric in brackets' }).check()
  await expect(sheet.getByRole('table')).toContainText('193 lb (87.5 kg)')
  const { pages } = await savedPdf(page, () => button('PDF').click())
  expect(pages.length).toBeGreaterThan(2)
  expect(pages[0]).toContain('193lb(87.5kg)')
  expect(pages[1]).toContain('Porqué')
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([])
})

test('a sentence in other words stays, is pointed out when it may be false, and is never left empty', async ({
  watched: page,
}) => {
  await loadSamples(page)
  await page.goto('/case?id=sample-returning&station=letter')
  const sheet = page.getByRole('article')
  const rewrite = async (sentence: RegExp, words: string) => {
    await page.getByRole('button', { name: sentence }).focus()
    await page.keyboard.press('Enter')
    await expect(page.getByLabel('Your words')).toBeFocused()
    await page.keyboard.press('ControlOrMeta+A')
    if (words) await page.keyboard.type(words)
    else await page.keyboard.press('Delete')
    await page.keyboard.press('Enter')
  }
  await page.getByRole('button', { name: 'Edit the words' }).click()
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([])
  await rewrite(/^Edit: Based on/, 'Come by again in the fall of 2028.')
  await rewrite(/^Edit: pH /, 'Your soil suits what you grow.')
  await rewrite(/^Edit: Follow the product label/, '')
  await expect(page.getByText('A sentence is not left empty')).toBeVisible()
  await expect(sheet).toContainText('Follow the product label and local rules')
  await page.getByRole('button', { name: 'Done with the words' }).click()
  await kept(page)
  await page.reload()
  await expect(sheet).toContainText('Come by again in the fall of 2028.')
  await expect(sheet).toContainText('Your soil suits what you grow.')
  const doubt = page.getByRole('status').filter({ hasText: 'Are they still true?' })
  await expect(doubt).toHaveCount(0)
  // Another pH: the words stand, and are pointed out beside what would be said now.
  const readAgain = async (pH: string) => {
    await page.getByRole('button', { name: /^Results/ }).click()
    await type(page, 'pH in water', pH)
    await expect(page.getByLabel('pH in water')).toHaveValue(pH)
    await kept(page)
    await page.getByRole('button', { name: /^Letter/ }).click()
  }
  await readAgain('6.1')
  await expect(doubt).toContainText('Ours now: pH 6.1')
  await expect(sheet).toContainText('Your soil suits what you grow.')
  await doubt.getByRole('button', { name: 'Keep mine' }).click()
  await expect(doubt).toHaveCount(0)
  // So sour that nothing of the kind is said: the words are not on the letter, and not lost.
  await readAgain('4.9')
  await expect(sheet).not.toContainText('Your soil suits')
  const orphaned = page.getByRole('status').filter({ hasText: 'a sentence that is not said any more' })
  await expect(orphaned).toContainText('Your soil suits what you grow.')
  await orphaned.getByRole('button', { name: 'Put them into the note' }).click()
  await expect(page.getByLabel('A note to the client')).toHaveValue(/Your soil suits what you grow\.$/)
  await expect(sheet).toContainText('Come by again in the fall of 2028.')
})

test('what was checked stands as it was; the case says what it would give now, and the next letter what is new', async ({
  watched: page,
}) => {
  await loadSamples(page)
  await page.goto('/case?id=sample-village-hall&station=letter')
  const sheet = page.getByRole('article')
  const check = page.getByRole('button', { name: 'Checked: let it stand' })
  await check.click()
  await expect(page.getByText('Whose check?')).toBeVisible()
  await page.getByLabel('Checked by').selectOption({ index: 1 })
  await check.click()
  await expect(page.getByText(/^Checked by .* It stands as it was checked/)).toBeVisible()
  await expect(sheet).toContainText('193 lb')
  await page.getByRole('button', { name: 'Print the letter' }).click()
  await expect(letters(page)).toHaveCount(1)
  await expect(letters(page)).toContainText('handed out')

  await page.getByRole('button', { name: /^Ground/ }).click()
  await type(page, 'Size', '31x85')
  await expect(page.getByText('31 ft × 85 ft = 2,635 ft²')).toBeVisible()
  await kept(page)
  await page.getByRole('button', { name: /^Amounts/ }).click()
  const main = page.getByRole('main')
  await expect(main).toContainText(/Otherwise than in the letter of \d+ \w+ 20\d\d:/)
  await expect(main).toContainText('pelletized lime, calcitic: was 193 lb, now 97 lb')
  await page.getByRole('button', { name: /^Letter/ }).click()
  await expect(sheet).toContainText('193 lb')
  await expect(letters(page)).toContainText('The case gives another letter now:')
  await expect(letters(page)).toContainText(/South lawn, pelletized lime, calcitic: was “193 lb.*is “97 lb/)
  await expect(letters(page)).toContainText('South lawn, Size: 62x85, now 31x85')
  await page.reload()
  await expect(sheet).toContainText('193 lb')

  await page.getByRole('button', { name: 'Let it follow the case again' }).click()
  await expect(sheet).toContainText('97 lb')
  await expect(sheet).toContainText('What is new since our letter of October 27, 2026')
  await expect(sheet).toContainText(/South lawn, pelletized lime, calcitic: now 97 lb.*; it was 193 lb/)
  await expect(sheet).toContainText('South lawn, because now: 31 ft × 85 ft')
  const { pages } = await savedPdf(page, () => page.getByRole('button', { name: 'PDF', exact: true }).click())
  expect(pages[0]).toContain(bare('What is new since our letter'))
  await expect(letters(page)).toHaveCount(2)
  // The Log says what was said, the latest first.
  await page.getByRole('button', { name: /^Log/ }).click()
  const said = page.getByRole('region', { name: 'What we said' })
  await expect(said).toContainText(/October 27, 2026.*South lawn, pelletized lime, calcitic, 1 of 3: 97 lb/)
  await expect(said).toContainText('1 earlier letter')
  await said.getByRole('button', { name: 'All letters, as they were' }).click()
  // As it was, word for word.
  await page.getByRole('button', { name: 'Show: Letter 1' }).click()
  await expect(sheet).toContainText('193 lb')
  await expect(sheet).not.toContainText('48 lb walking')
  await page.getByRole('button', { name: 'Back to the letter as it is now' }).click()
  await expect(sheet).toContainText('48 lb walking')
})

test('bag labels, one for each pass', async ({ watched: page }) => {
  await loadSamples(page)
  await page.goto('/case?id=sample-village-hall&station=letter')
  await page.getByRole('radio', { name: 'labels' }).click()
  const labels = page.getByRole('list', { name: 'A label for each bag that is weighed out' }).locator('> li')
  // Three of lime, and two of each of the three fertilizers that are named.
  await expect(labels).toHaveCount(9)
  await expect(labels.first()).toContainText('193 lb')
  await page.getByRole('radio', { name: 'Español' }).click()
  await expect(labels.first()).toContainText('cal en gránulos')
})
