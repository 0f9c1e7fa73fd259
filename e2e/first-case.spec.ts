import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'
import type { Page } from '@playwright/test'
import { expect, kept, loadSamples, test, type } from './app'

/** Goes down the focused list to a choice; letters typed into a list find other choices when they come slowly. */
async function arrowTo(page: Page, label: string) {
  const shown = () => page.locator('select:focus').evaluate((list: HTMLSelectElement) => list.selectedOptions[0]?.label)
  for (let i = 0; i < 20 && (await shown()) !== label; i++) await page.keyboard.press('ArrowDown')
  expect(await shown()).toBe(label)
}

test('from an empty app to a printed letter, by keyboard', async ({ watched: page }) => {
  await page.goto('/')
  await page.getByRole('button', { name: 'Start a case' }).focus()
  await page.keyboard.press('Enter')

  // Client and place, Enter going on from field to field.
  await expect(page.getByLabel('Client', { exact: true })).toBeFocused()
  await page.keyboard.type('Odile Marsh')
  await page.keyboard.press('Enter')
  await expect(page.getByLabel('Property or project')).toBeFocused()
  await page.keyboard.type('12 Weir Lane')
  await page.getByRole('main').getByRole('button', { name: 'Add an area' }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByLabel('Size', { exact: true })).toBeFocused()
  await page.keyboard.type('12x18')
  await expect(page.getByText('12 ft × 18 ft = 216 ft²')).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('combobox', { name: 'What grows there' })).toBeFocused()
  await page.keyboard.type('mixed')
  await page.keyboard.press('Enter')
  await page.keyboard.press('Escape')
  await expect(page.getByRole('combobox', { name: 'What grows there' })).toHaveValue('mixed vegetables')
  await page.getByRole('button', { name: 'Now the soil report' }).focus()
  await page.keyboard.press('Enter')

  // The report, down the sheet.
  await expect(page.getByLabel('pH in water')).toBeFocused()
  for (const text of ['5.6', '6.5', '', '']) {
    await page.keyboard.type(text)
    await page.keyboard.press('Enter')
  }
  await expect(page.getByRole('combobox', { name: 'Extractant of P, K and Mg' })).toBeFocused()
  await arrowTo(page, 'Mehlich-3')
  await page.keyboard.press('Enter')
  for (const text of ['88', '70', '', '45']) {
    await page.keyboard.type(text)
    await page.keyboard.press('Enter')
  }
  await page.getByRole('combobox', { name: 'Buffer', exact: true }).focus()
  await arrowTo(page, 'SMP')
  await page.getByRole('button', { name: 'See the amounts' }).focus()
  await page.keyboard.press('Enter')

  // SMP 6.5: to 6.0 3.1, to 6.5 3.8, so to 6.4 3.66 tons; 6 of 8 in; × 0.65 ÷ 0.90; 216 ft² (worked by hand): 19.7 lb.
  const lime = page.getByRole('region', { name: 'Lime' })
  await expect(lime.getByRole('button', { name: '19 lb 8 oz' })).toBeVisible()
  await expect(lime).toContainText('dug in 6 in deep')
  await expect(lime).toContainText('dolomitic')
  await expect(page.getByRole('region', { name: 'Phosphate', exact: true })).toContainText('none')

  // A number opens into its workings, and they add up.
  await lime.getByRole('button', { name: '19 lb 8 oz' }).focus()
  await page.keyboard.press('Enter')
  const workings = page.getByRole('complementary', { name: /How 19 lb 8 oz comes about/ })
  await expect(workings).toContainText('3.1 + (3.8 − 3.1) × (6.4 − 6) ÷ (6.5 − 6) = 3.66 tons lime/acre')
  await expect(workings).toContainText('Shoemaker, McLean & Pratt 1961')

  // One fertilizer, its bags, and what it leaves.
  await page.getByRole('button', { name: /^Materials/ }).focus()
  await page.keyboard.press('Enter')
  await page.getByRole('radio', { name: /46-0-0/ }).focus()
  await page.keyboard.press('Space')
  await expect(page.getByRole('row', { name: /46-0-0/ }).first()).toContainText('met')
  await expect(page.getByText('1 bag', { exact: true })).toBeVisible()

  // The letter.
  await page.getByRole('button', { name: /^Letter/ }).focus()
  await page.keyboard.press('Enter')
  const letter = page.getByRole('article')
  await expect(letter).toContainText('Odile Marsh, 12 Weir Lane')
  await expect(letter).toContainText('pelletized lime, dolomitic')
  await expect(letter).toContainText('19 lb 8 oz')

  // It is there after a reload.
  await kept(page)
  await page.reload()
  await expect(page.getByRole('article')).toContainText('19 lb 8 oz')
})

test('the laboratory’s own figure leads, in passes, with ours beside it', async ({ watched: page }) => {
  await page.goto('/counter')
  await type(page, 'Size', '50x100')
  await page.getByRole('combobox', { name: 'What grows there' }).fill('tall')
  await page.keyboard.press('Enter')
  await type(page, 'pH in water', '5.2')
  await page.getByLabel('Soil texture').selectOption('loam')
  await page.getByRole('button', { name: 'The laboratory’s own figures' }).click()
  await type(page, 'Lime', '225 lb/1000')
  const lime = page.getByRole('region', { name: 'Lime' })
  await expect(lime.getByRole('button', { name: '225 lb' }).first()).toBeVisible()
  await expect(lime).toContainText('each of 5 passes')
  await expect(lime).toContainText('at least 6 months apart')
  await expect(lime).toContainText('Check, texture table')
  await expect(lime).toContainText('look again')
  await expect(page.getByLabel('Unit of lime')).toHaveValue('lb/1000 ft²')
  // Her own limit for one pass, and the guide's again.
  await lime.getByRole('button', { name: 'Another limit for one pass' }).click()
  await page.keyboard.type('35')
  await page.keyboard.press('Enter')
  await expect(lime.getByText('Say why')).toBeVisible()
  await lime.getByLabel('Why').fill('a small cart')
  await page.keyboard.press('Enter')
  await expect(lime).toContainText('each of 7 passes')
  await expect(lime).toContainText('At most 35 lb / 1,000 ft² in one pass, in the place of 50 lb / 1,000 ft²')
  await lime.getByRole('button', { name: 'Take it back' }).click()
  await expect(lime).toContainText('each of 5 passes')
})

test('passing through the crops by Tab opens no list, a click does, and the next click is not lost', async ({
  watched: page,
}) => {
  await page.goto('/counter')
  const crops = page.getByRole('combobox', { name: 'What grows there' })
  await crops.focus()
  await expect(crops).toBeFocused()
  await expect(page.getByRole('listbox')).toHaveCount(0)
  await crops.click()
  await expect(page.getByRole('listbox')).toBeVisible()
  await page.getByLabel('pH in water').click()
  await expect(page.getByLabel('pH in water')).toBeFocused()
  await expect(page.getByRole('listbox')).toHaveCount(0)
})

test('what is typed before the list of crops has come goes on in it', async ({ watched: page }) => {
  let come = () => {}
  const gate = new Promise<void>((resolve) => (come = resolve))
  await page.route('**/_next/static/**/*.js', async (route) => {
    const response = await route.fetch()
    if ((await response.text()).includes(': show all')) await gate
    await route.fulfill({ response })
  })
  await page.goto('/counter')
  await type(page, 'Size', '4x8')
  await page.keyboard.press('Enter')
  const crops = page.getByLabel('What grows there', { exact: true })
  await expect(crops).toBeFocused()
  await page.keyboard.type('toma')
  await expect(crops).toHaveValue('toma')
  come()
  const list = page.getByRole('combobox', { name: 'What grows there' })
  await expect(list).toBeFocused()
  await expect(list).toHaveValue('toma')
  await expect(page.getByRole('option', { name: /^tomato/ })).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(list).toHaveValue(/^tomato/)
})

test('the counter answers from a pH, a crop and a size, and is kept as a case', async ({ watched: page }) => {
  await page.goto('/counter')
  await type(page, 'pH in water', '6.3')
  await page.keyboard.press('Enter')
  await page.keyboard.type('0.25 ac')
  await page.getByRole('combobox', { name: 'What grows there' }).fill('bermuda')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('region', { name: 'Lime, sulfur' })).toContainText('leave it')
  await expect(page.getByRole('region', { name: 'Nitrogen' })).toContainText('38 lb')
  await page.reload()
  await expect(page.getByLabel('Size', { exact: true })).toHaveValue('0.25 ac')
  await page.getByRole('button', { name: 'Keep as a case' }).click()
  await expect(page).toHaveURL(/\/case\?id=/)
  await type(page, 'Client', 'Walk-in')
  await kept(page)
  await page.goto('/')
  await expect(page.getByRole('link', { name: 'Walk-in' })).toBeVisible()
  await page.goto('/counter')
  await expect(page.getByLabel('Size', { exact: true })).toHaveValue('')
})

test('sulfur for an acid lover; and metres', async ({ watched: page }) => {
  await page.goto('/counter')
  await type(page, 'Size', '4 m circle')
  await page.getByRole('combobox', { name: 'What grows there' }).fill('rhodo')
  await page.keyboard.press('Enter')
  await type(page, 'pH in water', '6,5')
  await expect(page.getByText('read as 6.5')).toBeVisible()
  await page.getByLabel('Soil texture').selectOption('loam')
  // 4.6 − 1.68 = 2.92 lb S/100 ft² (NRAES-55) on 135.3 ft², ÷ 0.9: 4.39 lb in three passes of 1 lb 7 oz (worked by hand).
  const sulfur = page.getByRole('region', { name: 'Sulfur' })
  await expect(sulfur).toContainText('each of 3 passes')
  await expect(sulfur.getByRole('button', { name: '1 lb 7 oz' })).toBeVisible()
})

test('a second tab shows what is typed in the first', async ({ watched: page, context }) => {
  await loadSamples(page)
  await page.goto('/')
  await page.getByRole('link', { name: 'Henrike Aldous' }).click()
  await page.getByRole('button', { name: /^Ground/ }).click()
  const second = await context.newPage()
  await second.goto(page.url())
  await expect(second.getByLabel('Client')).toHaveValue('Henrike Aldous')
  await type(page, 'Property or project', 'The boathouse')
  await expect(second.getByLabel('Property or project')).toHaveValue('The boathouse')
  await second.getByLabel('Client').fill('H. Aldous')
  await expect(page.getByLabel('Client', { exact: true })).toHaveValue('H. Aldous')
  await expect(page.getByLabel('Property or project')).toHaveValue('The boathouse')
})

test('the letter prints on one page, without the screen around it', async ({ watched: page }) => {
  await loadSamples(page)
  for (const id of ['sample-school-garden', 'sample-village-hall', 'sample-lakeside-cottage']) {
    await page.goto(`/case?id=${id}&station=letter`)
    await expect(page.getByRole('article')).toBeVisible()
    const pdf = await getDocument({ data: new Uint8Array(await page.pdf({ preferCSSPageSize: true })), verbosity: 0 })
      .promise
    expect(pdf.numPages, id).toBe(1)
    const { items } = await (await pdf.getPage(1)).getTextContent()
    const text = items.map((item) => ('str' in item ? item.str : '')).join(' ')
    expect(text).toContain('Your soil test: what to do')
    expect(text).not.toContain('Print the letter')
    expect(text).not.toContain('Areas, to scale')
  }
})

test('samples load once and can be removed again', async ({ watched: page }) => {
  await loadSamples(page)
  await page.goto('/')
  await page.getByRole('button', { name: 'Remove the sample cases' }).click()
  await expect(page.getByRole('heading', { name: 'Nothing on the Desk yet.' })).toBeVisible()
  // What they were is not lost: at once, or loaded again.
  const sample = page.getByRole('link', { name: 'Vale End Primary School' })
  await page.getByRole('button', { name: 'Put it back' }).click()
  await expect(sample).toBeVisible()
  await page.getByRole('button', { name: 'Remove the sample cases' }).click()
  await page.getByRole('button', { name: 'Load the sample cases' }).click()
  await expect(sample).toBeVisible()
})
