import AxeBuilder from '@axe-core/playwright'
import type { Page } from '@playwright/test'
import { drawn, put, severalCrops, table, tablePaper } from '../src/schemas/results-page/made-up'
import { expect, fillUp, kept, loadSamples, onDay, test } from './app'
import { handsOn, station, tell } from './hands'

const open = async (page: Page, id = 'sample-school-garden', station = 'results') => {
  await page.goto(`/case?id=${id}&station=${station}`)
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
}
/** Lets a file fall on the page, made larger by so many blocks of 64 kB that mean nothing. */
async function drop(page: Page, name: string, bytes: Uint8Array, blocks = 0) {
  const files = await page.evaluateHandle(
    ({ held, called, more }) => {
      const transfer = new DataTransfer()
      const ballast = Array.from({ length: more }, () => crypto.getRandomValues(new Uint8Array(65_536)))
      transfer.items.add(new File([new Uint8Array(held), ...ballast], called, { type: 'application/pdf' }))
      return transfer
    },
    { held: [...bytes], called: name, more: blocks },
  )
  await page.dispatchEvent('body', 'drop', { dataTransfer: files })
}
const sheet = (page: Page) => page.getByRole('dialog', { name: 'Read off the paper' })
const take = (page: Page) => sheet(page).getByRole('button', { name: /^Take/ })
const strip = (page: Page) => page.getByRole('navigation', { name: /^Reports of/ })

test.beforeEach(async ({ watched: page }) => loadSamples(page))

test('job h: a PDF dropped on the case is read after one look, each value with its place on the paper', async ({
  watched: page,
}) => {
  await open(page, 'sample-school-garden', 'amounts')
  const hands = handsOn(page)
  hands.count.clicks += 1
  await drop(page, 'HM-07.pdf', await tablePaper())
  await expect(sheet(page).getByRole('status')).toHaveText(/^13 values found/)
  await expect(sheet(page).locator('[data-mark]')).toHaveCount(13)
  // Nothing counts before the look.
  await expect(strip(page).getByRole('button', { name: /HM-07/, includeHidden: true })).toHaveCount(0)
  await expect(take(page)).toBeFocused()
  await hands.keys('Enter')
  await expect(strip(page).getByRole('button', { name: /9 Mar 2026.*Vale Soil Room · HM-07/ })).toHaveAttribute(
    'aria-pressed',
    'true',
  )
  for (const [label, value] of [
    [/^pH in water/, '5.4'],
    ['Sikora buffer pH', '6.52'],
    ['Phosphorus, P', '28'],
    ['Potassium, K', '1,140'],
    ['Zinc, Zn', '<0.5'],
    [/^Lime$/, '75'],
    [/^Potash/, '0'],
  ] as const)
    await expect(page.getByRole('textbox', { name: label })).toHaveValue(value)
  await expect(page.getByRole('combobox', { name: 'Extractant of P, K and Mg' })).toHaveValue('mehlich-3')
  // The line that is spoken of is marked on the original, and so after a reload.
  await page.getByRole('textbox', { name: 'Calcium, Ca' }).focus()
  await expect(page.locator('[data-mark="Ca"]')).toHaveClass(/outline-ink/)
  await kept(page)
  expect(hands.count.clicks).toBeLessThanOrEqual(3)
  expect(hands.count.keys).toBeLessThanOrEqual(2)
  tell('job h', hands, '3 + 2')
  await page.reload()
  await strip(page).getByRole('button', { name: /HM-07/ }).click()
  await page.getByRole('button', { name: 'Read HM-07.pdf beside the lines' }).click()
  await expect(page.locator('[data-mark]')).toHaveCount(13)
  // The paper goes along with the lines while they are scrolled.
  await page.setViewportSize({ width: 1400, height: 420 })
  const read = page.locator('[data-mark].outline-ink')
  await page.getByRole('textbox', { name: 'Calcium, Ca' }).hover()
  await page.mouse.wheel(0, 300)
  await expect(read).toHaveCount(1)
  const first = await read.getAttribute('data-mark')
  await page.mouse.wheel(0, 400)
  await expect(read).not.toHaveAttribute('data-mark', first!)
  await page.setViewportSize({ width: 1280, height: 720 })
  // One edit, and one undo of it.
  await page.getByRole('button', { name: /^Undo/ }).click()
  await expect(strip(page).getByRole('button', { name: /HM-07/ })).toHaveCount(0)
})

test('each crop of a paper is for the area where it grows; what is of no area is left out, and said', async ({
  watched: page,
}) => {
  await open(page)
  await drop(page, 'B12.pdf', await severalCrops())
  await expect(sheet(page).getByText('Of no area here, and left out: Bluegrass lawn.')).toBeVisible()
  await expect(sheet(page).getByLabel('Sample B 12, for Tomatoes is of')).toHaveValue(/.+/)
  await expect(sheet(page).getByLabel('Sample B 12, for Sweet corn is of')).toHaveValue(/.+/)
  const { violations } = await new AxeBuilder({ page }).include('[role=dialog]').analyze()
  expect(violations).toEqual([])
  await expect(take(page)).toHaveText('Take 16 values in, as 2 reports')
  await take(page).click()
  await page.getByRole('button', { name: /^Corn patch/ }).click()
  await strip(page).getByRole('button', { name: /B 12/ }).click()
  await expect(page.getByRole('textbox', { name: 'Nitrogen, N' })).toHaveValue('3.5')
  await page.getByRole('button', { name: /^Raised beds/ }).click()
  await strip(page).getByRole('button', { name: /B 12/ }).click()
  await expect(page.getByRole('textbox', { name: 'Nitrogen, N' })).toHaveValue('2')
})

test('what is open is asked about, and the next paper of the laboratory knows the answer', async ({
  watched: page,
}) => {
  const paper = (code: string, phosphorus: string) =>
    drawn((pdf) => {
      put(pdf, 'Hazel Row Laboratory', 50, 30, 16)
      put(pdf, `Sample: ${code}`, 50, 60)
      table(pdf, [50, 200, 280], 90, [
        ['pH', '6.1', ''],
        ['Avail. phos', phosphorus, 'ppm'],
        ['K', '140', ''],
        ['Mg', '61', '95'],
      ])
    })
  await open(page)
  await drop(page, 'one.pdf', await paper('HR-1', '28'))
  await expect(sheet(page).getByRole('status')).toHaveText(/^5 values found.*4 need/)
  await expect(take(page)).toHaveText('Take one value in')
  await sheet(page).getByLabel('Avail. phos is').selectOption({ label: 'Phosphorus, P' })
  await sheet(page).getByLabel('Avail. phos: unit').selectOption('ppm')
  await sheet(page).getByLabel('K: unit').selectOption('lb/acre')
  await sheet(page).getByLabel('Mg: unit').first().selectOption('ppm')
  await sheet(page).getByRole('button', { name: 'It is this one' }).last().click()
  await sheet(page).getByLabel('Extractant of P, K and Mg').selectOption('mehlich-1')
  await expect(sheet(page).getByLabel('Mg: value')).toHaveCount(1)
  await sheet(page).getByLabel('Mg: unit').selectOption('ppm')
  await expect(take(page)).toHaveText('Take 4 values in')
  await take(page).click()
  await expect(page.getByRole('textbox', { name: 'Magnesium, Mg' })).toHaveValue('95')

  await drop(page, 'two.pdf', await paper('HR-2', '35'))
  await expect(sheet(page).getByLabel('Avail. phos is')).toHaveValue('P')
  await expect(sheet(page).getByLabel('K: unit')).toHaveValue('lb/acre')
  await expect(sheet(page).getByLabel('Extractant of P, K and Mg')).toHaveValue('mehlich-1')
  // The same paper once more is recognised.
  await page.keyboard.press('Escape')
  await drop(page, 'one.pdf', await paper('HR-1', '28'))
  await sheet(page).getByRole('button', { name: 'It is this one' }).last().click()
  await expect(sheet(page).getByText('This paper is in the case already.')).toBeVisible()
})

test('a password, no text, no values, 300 pages, a script: a sentence each, and nothing is lost', async ({
  watched: page,
}) => {
  await open(page)
  const told = page.getByRole('main').getByRole('alert')
  await drop(page, 'locked.pdf', await drawn((pdf) => put(pdf, 'pH 6.1', 50, 50), { userPassword: 'secret' }))
  await expect(told).toContainText('This PDF asks for a password.')
  await drop(page, 'scan.pdf', await drawn((pdf) => void pdf.rect(50, 50, 300, 200).fill()))
  await expect(told).toContainText('a picture without text')
  await drop(page, 'poem.pdf', await drawn((pdf) => put(pdf, 'Roses are red, and the soil is what it is.', 50, 50)))
  await expect(told).toContainText('No values were found on this paper.')
  await told.getByRole('button', { name: 'Attach it only' }).click()
  await expect(page.getByRole('img', { name: 'Page 1 of 1' })).toBeVisible()
  await drop(page, 'broken.pdf', new TextEncoder().encode('%PDF-1.7 and nothing else'))
  await expect(told).toContainText('damaged')
  const long = await drawn((pdf) => {
    put(pdf, 'pH 6.1', 50, 50)
    for (let n = 0; n < 299; n += 1) pdf.addPage()
  })
  await drop(page, 'long.pdf', long)
  await expect(sheet(page).getByText('Only its first 20 pages were read; 280 more were not.')).toBeVisible()
  await page.keyboard.press('Escape')
  const alarms: string[] = []
  page.on('dialog', (dialog) => {
    alarms.push(dialog.message())
    void dialog.dismiss()
  })
  const script = await drawn((pdf) => {
    put(pdf, 'pH 6.1', 50, 50)
    const root = (pdf as unknown as { _root: { data: Record<string, unknown> } })._root
    const action = pdf.ref({ Type: 'Action', S: 'JavaScript', JS: new String('app.alert("here")') })
    root.data.OpenAction = action
    ;(action as unknown as { end: () => void }).end()
  })
  await drop(page, 'script.pdf', script)
  await expect(sheet(page).getByLabel('pH: value')).toHaveValue('6.1')
  await expect(sheet(page).locator('canvas').first()).toBeVisible()
  expect(alarms).toEqual([])
})

test('a browser without room takes the values without the file', async ({ watched: page, baseURL }) => {
  test.slow()
  await open(page)
  await kept(page)
  const paper = await tablePaper()
  const devtools = await page.context().newCDPSession(page)
  await devtools.send('Storage.overrideQuotaForOrigin', { origin: baseURL!, quotaSize: 1 })
  // Chromium spends an allowance it granted earlier before it asks for room again.
  await expect(async () => {
    await fillUp(page)
    if (!(await sheet(page).isVisible())) await drop(page, 'HM-07.pdf', paper, 20)
    await take(page).click()
    await expect(sheet(page).getByRole('alert')).toContainText('no room for the file', { timeout: 2_000 })
  }).toPass({ timeout: 60_000 })
  await devtools.send('Storage.overrideQuotaForOrigin', { origin: baseURL! })
  await sheet(page).getByRole('button', { name: 'Take the values in without the file' }).click()
  await expect(page.getByRole('textbox', { name: 'Phosphorus, P' })).toHaveValue('28')
})

test('job c: last year’s client is back with a new paper: what we said, what they did, what the soil did, what now', async ({
  watched: page,
}) => {
  // The year before.
  await onDay(page, '2026-11-01')
  await open(page, 'sample-village-hall', 'letter')
  await page.evaluate(() => (window.print = () => undefined))
  await page
    .getByRole('button', { name: /^Print/ })
    .first()
    .click()
  await kept(page)

  await onDay(page, '2027-10-20')
  await page.goto('/')
  const hands = handsOn(page)
  await hands.click(page.getByLabel('Find a client, place, area or crop'))
  await hands.type('hall')
  await hands.click(page.getByRole('link', { name: 'Lake Ossian village hall' }))
  await station(page, hands, 'Log')
  await expect(page.getByRole('region', { name: 'What we said' })).toContainText(/South lawn.*lime/)
  await hands.click(page.getByLabel('What was put on, where and when'))
  await hands.type('145 lb lime south lawn Mar 2027')
  await hands.keys('Enter')
  await expect(page.getByRole('region', { name: 'Put on', exact: true })).toContainText('145 lb')
  hands.count.clicks += 1
  const paper = await drawn((pdf) => {
    put(pdf, 'Vale soil room (simulated)', 50, 40, 16)
    put(pdf, 'Sample ID: LOH-S', 50, 70)
    put(pdf, 'Date reported: 10/18/2027', 300, 70)
    put(pdf, 'Mehlich-3, all results in ppm', 50, 90)
    table(pdf, [50, 200], 120, [
      ['pH', '5.6'],
      ['P', '131'],
      ['K', '74'],
      ['Mg', '98'],
    ])
  })
  await drop(page, 'LOH-S 2027.pdf', paper)
  await expect(take(page)).toHaveText('Take 4 values in')
  await expect(sheet(page).getByLabel('Sample LOH-S is of')).toHaveValue('sunny')
  await hands.keys('Enter')
  await expect(strip(page).getByRole('button', { name: /18 Oct 2027 in force/ })).toBeVisible()
  await station(page, hands, 'Log')
  await expect(page.getByRole('region', { name: 'What the years did' })).toContainText('The pH moved by +0.4')
  await expect(page.getByRole('region', { name: 'What now' })).toContainText('South lawn')
  await station(page, hands, 'Letter')
  await expect(page.getByRole('article')).toContainText('What is new')
  await kept(page)
  expect(hands.count.clicks).toBeLessThanOrEqual(12)
  expect(hands.count.keys).toBeLessThanOrEqual(40)
  tell('job c', hands, '12 + 40')
})

test('a paper that waits for ground waits in its own case; a file dropped on the Desk is taken in', async ({
  watched: page,
}) => {
  const toDesk = () => page.getByRole('link', { name: 'Agrologos' }).click()
  await page.goto('/')
  await page.getByRole('button', { name: 'Start a case' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Ground' })).toBeVisible()
  await drop(page, 'HM-07.pdf', await tablePaper())
  await expect(page.getByText('The paper that you dropped waits here until there is an area.')).toBeVisible()
  await kept(page)
  // Another client's case is no place for it.
  await toDesk()
  await page.getByRole('link', { name: 'Lake Ossian village hall' }).click()
  await page.getByRole('button', { name: /^Results/ }).click()
  await expect(page.getByRole('textbox', { name: 'Phosphorus, P' })).toBeVisible()
  await expect(sheet(page)).toHaveCount(0)
  await toDesk()
  await page.getByRole('link', { name: 'Unnamed case' }).click()
  await page.getByRole('button', { name: /^Ground/ }).click()
  await page.getByRole('main').getByRole('button', { name: 'Add an area' }).click()
  await page.getByRole('button', { name: /^Results/ }).click()
  await expect(take(page)).toHaveText('Take 13 values in')
  await page.keyboard.press('Escape')

  await toDesk()
  await expect(page.getByRole('link', { name: 'Unnamed case' })).toBeVisible()
  const csv = 'Client,Address,Sample ID,Crop,Size (sq ft),pH\nIda Kettle,Weir End,K-2,Tomatoes,180,5.4\n'
  await drop(page, 'monday.csv', new TextEncoder().encode(csv))
  await expect(page.getByRole('button', { name: 'Read the samples' })).toBeVisible()
})
