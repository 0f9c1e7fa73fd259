import AxeBuilder from '@axe-core/playwright'
import type { Page } from '@playwright/test'
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'
import { expect, kept, loadSamples, test, type } from './app'

/** All stations of the case have come: they do once the page rests, where the browser keeps no copy of the app. */
const atHand = (page: Page) => page.waitForFunction(() => performance.getEntriesByName('stations at hand').length > 0)

async function openSamples(page: Page, id = 'sample-smallholding') {
  await loadSamples(page)
  await page.goto(`/case?id=${id}&station=sample`)
  await page.getByRole('button', { name: /^Make (?:this|these) sample/ }).click()
  await expect(page.getByRole('button', { name: 'In the garden' })).toBeVisible()
  return page.locator('main li').filter({ has: page.getByRole('button', { name: /planned|taken|sent|back/ }) })
}

test('areas are parted into bags, and move between them by mouse and by keyboard', async ({ watched: page }) => {
  const bags = await openSamples(page)
  await expect(bags).toHaveCount(4)
  await expect(page.getByText('These should not be mixed')).toHaveCount(0)
  // By mouse, from the second bag into the first.
  const grip = await bags.nth(1).getByLabel('Aronia hedge', { exact: true }).boundingBox()
  const into = await bags.nth(0).boundingBox()
  await page.mouse.move(grip!.x + 8, grip!.y + 12)
  await page.mouse.down()
  await page.mouse.move(into!.x + 60, into!.y + 80, { steps: 12 })
  await page.mouse.up()
  await expect(bags.nth(0)).toContainText('Aronia hedge')
  await expect(bags.nth(0).getByRole('alert')).toContainText('are different crops')
  // And back by its menu.
  await bags.nth(0).getByLabel('Move Aronia hedge to').focus()
  await page.keyboard.press('ArrowDown')
  await expect(bags.nth(1)).toContainText('Aronia hedge')
  await expect(page.getByText('These should not be mixed')).toHaveCount(0)
  await kept(page)
  const { violations } = await new AxeBuilder({ page }).analyze()
  expect(violations.map(({ id, nodes }) => `${id}: ${nodes[0]!.html}`)).toEqual([])
})

test('a code that the office has used already says so, and a new one is made', async ({ watched: page }) => {
  await openSamples(page)
  // It stands on a report of another sample case.
  await type(page, 'Code on the bag', 'ota-bl')
  await expect(page.getByText('This code is used already in this office.')).toBeVisible()
  await page.getByRole('button', { name: 'Make a new one' }).click()
  await expect(page.getByText('This code is used already in this office.')).toHaveCount(0)
  await expect(page.getByLabel('Code on the bag')).toHaveValue(/^BSW-BR-[A-Z]\d+$/)
})

test.describe('in the garden', () => {
  test.use({
    apart: true,
    hasTouch: true,
    viewport: { width: 1024, height: 768 },
    expectedErrors: [/ERR_INTERNET_DISCONNECTED/],
  })
  test('cores are ticked off one by one without network, and nothing is lost', async ({ watched: page, context }) => {
    const bags = await openSamples(page, 'sample-city-lot')
    await expect(bags).toHaveCount(1)
    await page.getByRole('button', { name: 'In the garden' }).tap()
    await atHand(page)
    await context.setOffline(true)
    const taken = page.getByRole('button', { name: 'Taken', exact: true })
    expect((await taken.boundingBox())!.height).toBeGreaterThan(100)
    for (let core = 1; core <= 10; core += 1) {
      await expect(page.getByText(`Core ${core} of 10`)).toBeVisible()
      await taken.tap()
    }
    await page.getByRole('button', { name: 'Core 10 was not taken after all' }).tap()
    await expect(page.getByText('Core 10 of 10')).toBeVisible()
    await taken.tap()
    await page.getByRole('button', { name: 'Mark the sample as taken today' }).tap()
    await page.getByRole('button', { name: 'Done' }).tap()
    await kept(page)
    await context.setOffline(false)
    await page.reload()
    await expect(bags.nth(0)).toContainText('taken')
    await expect(page.getByLabel('Cores really taken')).toHaveValue('10')
  })
})

test.describe('with a network that comes and goes', () => {
  test.use({ apart: true, expectedErrors: [/ERR_INTERNET_DISCONNECTED/] })
  test('goes to the laboratory and comes back as a report', async ({ watched: page, context }) => {
    const bags = await openSamples(page, 'sample-city-lot')
    await page.getByLabel('Taken on').fill('2026-11-20')
    await atHand(page)
    await context.setOffline(true)
    await page.getByRole('button', { name: 'Send the sample that was taken' }).click()
    await expect(page.getByText('The laboratory cannot be reached now')).toBeVisible()
    await context.setOffline(false)
    await page.getByRole('button', { name: 'Send the sample that was taken' }).click()
    await expect(bags.nth(0)).toContainText('sent')
    await expect(async () => {
      await page.getByRole('button', { name: 'Ask for the reports' }).click()
      await expect(page.getByText('One report came back')).toBeVisible({ timeout: 800 })
    }).toPass({ timeout: 15_000 })
    await expect(bags.nth(0)).toContainText('back')
    const code = await page.getByLabel('Code on the bag').inputValue()
    await page.getByRole('button', { name: /^Results/ }).click()
    await expect(page.getByLabel('Sample code')).toHaveValue(code)
    await expect(page.getByLabel('pH in water')).not.toHaveValue('')
    // Its figures agree with each other: nothing is doubted.
    await expect(page.getByText(/can hardly be|lb\/acre\?/)).toHaveCount(0)
  })
})

test('a meter is set by two buffers, reads five spots, and finds the bad corner', async ({ watched: page }) => {
  await openSamples(page, 'sample-city-lot')
  const checks = page.getByRole('region', { name: 'Spot checks with a pH meter' })
  await checks.getByRole('button', { name: 'Switch the meter on' }).click()
  await expect(checks.getByText('Set it by both buffers')).toBeVisible()
  for (const pH of ['7.0', '4.0']) {
    await checks.getByRole('button', { name: `Put it in buffer ${pH}` }).click()
    await checks.getByRole('button', { name: `Take this as ${pH}` }).click({ timeout: 30_000 })
  }
  for (let spot = 1; spot <= 5; spot += 1) {
    await checks.getByRole('button', { name: `Spot ${spot}`, exact: true }).click()
    await checks.getByRole('button', { name: 'Keep this reading' }).click({ timeout: 30_000 })
  }
  // The lot reads 7.1 on its report; its fifth spot is made up to be nine tenths lower.
  await expect(checks.getByRole('status')).toContainText('Not even: more than 0.5 pH')
  await expect(checks.getByRole('status')).toContainText('Without the one at 6.')
  await checks.getByRole('button', { name: 'Give it a bag' }).click()
  await expect(page.locator('main li').filter({ hasText: 'pH 6.' }).first()).toBeVisible()
  await checks.getByLabel('Or type a reading').fill('71')
  await expect(checks.getByText('Was 7.1 meant?')).toBeVisible()
})

test('the field sheet and the labels take one or two pages', async ({ watched: page }) => {
  await openSamples(page)
  const bytes = await page.pdf({ preferCSSPageSize: true })
  const pdf = await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise
  expect(pdf.numPages).toBeLessThanOrEqual(2)
  const texts: string[] = []
  for (let n = 1; n <= pdf.numPages; n += 1) {
    const { items } = await (await pdf.getPage(n)).getTextContent()
    texts.push(items.map((item) => ('str' in item ? item.str : '')).join(' '))
  }
  const text = texts.join(' ').replace(/\s+/g, ' ')
  for (const words of [
    'BSW-BR-',
    'BSW-RA-',
    'clean plastic bucket',
    'in the air and never in an oven',
    'Brannoch and Sela Whitlow',
  ])
    expect(text).toContain(words)
})

test('a client who brings a report needs no samples', async ({ watched: page }) => {
  await loadSamples(page)
  await page.goto('/case?id=sample-village-hall&station=sample')
  await expect(page.getByRole('button', { name: 'Sample, not needed' })).toBeVisible()
  await page.getByRole('button', { name: 'The client brings a report' }).click()
  await expect(page.getByText('No samples are needed')).toBeVisible()
  await page.getByRole('button', { name: 'Take samples after all' }).click()
  await expect(page.getByRole('button', { name: /^Make these samples/ })).toBeVisible()
})
