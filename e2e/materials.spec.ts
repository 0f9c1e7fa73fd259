import { readFile } from 'node:fs/promises'
import AxeBuilder from '@axe-core/playwright'
import { expect, kept, loadSamples, test, type } from './app'

const hall = (station: string) => `/case?id=sample-village-hall&station=${station}`

test('a mix for two lawns is worked out, taken, printed, and told as out of date when a need is another', async ({
  watched: page,
}) => {
  await loadSamples(page)
  await page.goto(hall('materials'))
  await page.getByRole('radio', { name: 'several together' }).press('Space')
  await page.getByRole('checkbox', { name: 'organic only' }).press('Space')
  await page.getByRole('button', { name: 'Work it out' }).press('Enter')
  const cheapest = page.getByRole('region', { name: 'the cheapest' })
  await expect(cheapest.getByText('1 × 50 lb 46-0-0 urea')).toBeVisible()
  // One bag of 50 lb each, at $31 and $33.
  await expect(cheapest.getByText('$64.00 for the whole job')).toBeVisible()
  await expect(page.getByRole('region', { name: 'the nearest single product' })).toContainText(
    'Two products would meet more of it.',
  )
  await expect(page.getByRole('region', { name: 'organic only' })).toContainText('feather meal')
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([])
  await cheapest.getByRole('button', { name: 'Take this' }).press('Enter')
  await expect(page.getByRole('region', { name: 'The mix of this case' })).toContainText('muriate of potash')
  await kept(page)

  await page.goto(hall('amounts'))
  await expect(page.getByRole('region', { name: 'Fertilizer' })).toHaveCount(2)
  await page.goto(hall('letter'))
  const letter = page.getByRole('article')
  await expect(letter).toContainText('46-0-0 urea: 30 lb in all; buy 1 bag of 50 lb')
  await expect(letter).toContainText('Apply lime two weeks or more before urea or ammonium')

  await page.goto(hall('ground'))
  await type(page, 'Size', '62x100')
  await expect(page.getByText('62 ft × 100 ft = 6,200 ft²')).toBeVisible()
  await kept(page)
  await page.goto(hall('letter'))
  await expect(page.getByRole('main')).toContainText('The bags were chosen for other amounts than today’s')
  await expect(letter).not.toContainText('46-0-0')
  await page.goto(hall('materials'))
  await expect(page.getByText(/South lawn, N: it was 10 lb .*, and is 12 lb .* now\./)).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText(/Nothing of it is put on/)).toHaveCount(0)
})

test.describe('without a solver', () => {
  test.use({ expectedErrors: [/wasm|Failed to load resource|Aborted/] })
  test('the single products stay, and it says why there is no mix', async ({ watched: page }) => {
    await page.route('**/*.wasm', (route) => route.abort())
    await loadSamples(page)
    await page.goto(hall('materials'))
    await page.getByRole('radio', { name: 'several together' }).click()
    await page.getByRole('button', { name: 'Work it out' }).click()
    await expect(page.getByRole('main').getByRole('alert')).toContainText('the solver did not start')
    await page.getByRole('radio', { name: 'one product' }).click()
    await expect(page.getByRole('row', { name: /24-0-11/ }).first()).toBeVisible()
  })
})

test('working out can be cancelled', async ({ watched: page }) => {
  // The solver never comes.
  await page.route('**/*.wasm', () => undefined)
  await loadSamples(page)
  await page.goto(hall('materials'))
  await page.getByRole('radio', { name: 'several together' }).click()
  await page.getByRole('button', { name: 'Work it out' }).click()
  await page.getByRole('button', { name: 'Cancel' }).click()
  await expect(page.getByText('Stopped.')).toBeVisible()
  await page.unroute('**/*.wasm')
  await page.getByRole('button', { name: 'Work it out' }).click()
  await expect(page.getByRole('region', { name: 'the cheapest' })).toBeVisible()
})

test('a product of one’s own, its price, what is in the shed; and the shelf as a table, out and in', async ({
  watched: page,
}) => {
  await loadSamples(page)
  await page.goto('/shelf')
  await page.getByText('A product of your own').click()
  await page.getByLabel('As its label reads').fill('20-0-10 60-60-60')
  await expect(page.getByText(/is not understood/)).toBeVisible()
  await page.getByRole('button', { name: 'Put it on the shelf' }).click()
  await expect(page.getByText('Give it a name')).toBeVisible()
  await page.getByLabel('As its label reads').fill('20-0-10 50 % slow 40 lb $21')
  await expect(page.getByText('30 % nutrients; the other 70 %')).toBeVisible()
  await page.getByLabel('Name', { exact: true }).fill('Valley lawn feed')
  await page.getByRole('button', { name: 'Put it on the shelf' }).press('Enter')
  const bags = page.getByLabel('Bags and prices of 20-0-10 Valley lawn feed')
  await expect(bags).toHaveValue('40 lb $21')
  await bags.fill('$21')
  await expect(page.getByText('$21 for which bag?')).toBeVisible()
  await bags.fill('40 lb $19.50')
  await expect(page.getByRole('row', { name: /Valley lawn feed/ }).getByText('$0.49 a pound')).toBeVisible()

  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save as CSV' }).click()
  const table = await readFile((await (await download).path())!, 'utf8')
  expect(table).toContain('Valley lawn feed,20-0-10 50 % slow,40 lb $19.50')
  const lines = 'product,label,bags\nMeadow feed,18-0-6,50 lb $25\nurea,,nonsense\n'
  const file = { name: 'shelf.csv', mimeType: 'text/csv', buffer: Buffer.from(lines) }
  await page.locator('input[type=file]').setInputFiles(file)
  await expect(page.getByText('1 line taken, 1 of them products that are new.')).toBeVisible()
  await expect(page.getByText('Line 3: “nonsense” is not understood.')).toBeVisible()

  await page.goto(hall('materials'))
  await page.getByRole('button', { name: 'Add what is there' }).click()
  await page.getByLabel('What is there', { exact: true }).pressSequentially('Valley lawn')
  await page.keyboard.press('Enter')
  await page.getByLabel('How much', { exact: true }).fill('half a bag')
  await expect(page.getByRole('region', { name: 'shed' }).getByText(/12 lb/).first()).toBeVisible()
  await page.getByLabel('How much', { exact: true }).fill('1/2 bag')
  await expect(page.getByText('bags of the usual size: 20 lb')).toBeVisible()
  // In order of what it costs for the whole lawn, the shed taken off.
  await page.getByRole('radio', { name: 'what it costs' }).click()
  await page.getByRole('radio', { name: '20-0-10 Valley lawn feed' }).click()
  await expect(page.getByRole('radio', { name: '20-0-10 Valley lawn feed' })).toBeChecked()
  await kept(page)
  await page.goto(hall('letter'))
  await expect(page.getByRole('article')).toContainText(
    /20-0-10 Valley lawn feed: 53 lb in all, of which 20 lb is there already; buy 1 bag of 40 lb/,
  )
})

test('a figure, an aim and a method are overruled where they stand, with the reason, told in the letter and taken back', async ({
  watched: page,
}) => {
  await loadSamples(page)
  await page.goto(hall('amounts'))
  const nitrogen = page.getByRole('region', { name: 'Nitrogen' })
  const before = await nitrogen.innerText()
  await nitrogen.getByRole('button', { name: 'Put another figure' }).press('Enter')
  await page.keyboard.type('1 lb/1000')
  await nitrogen.getByRole('button', { name: 'Put it in its place' }).click()
  await expect(nitrogen.getByText('Say why')).toBeVisible()
  await nitrogen.getByLabel('Why').fill('thin shade')
  await page.keyboard.press('Tab')
  await page.keyboard.press('Enter')
  await expect(nitrogen.getByText(/in the place of 10 lb/)).toBeVisible()
  await expect(nitrogen.getByRole('button', { name: '5 lb 4 oz', exact: true })).toBeVisible()

  const lime = page.getByRole('region', { name: 'Lime' })
  await lime.getByRole('button', { name: 'Let this lead' }).first().click()
  await lime.getByLabel('Why').fill('the buffer knows')
  await lime.getByRole('button', { name: 'Put it in its place' }).click()
  await expect(lime.getByText(/^By .* in the place of 580 lb.*the buffer knows/)).toBeVisible()
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([])
  await kept(page)

  // What it stands in the place of changes: said where it stands, and in the letter.
  await page.goto(hall('ground'))
  await type(page, 'Size', '62x100')
  await expect(page.getByText('62 ft × 100 ft = 6,200 ft²')).toBeVisible()
  await kept(page)
  await page.goto(hall('letter'))
  const letter = page.getByRole('article')
  await expect(letter).toContainText('The amount of nitrogen is the advisor’s own, instead of 12 lb')
  await expect(letter).toContainText('thin shade.')
  await expect(page.getByRole('main')).toContainText('The amount of nitrogen was changed by hand')
  await expect(letter).toContainText('as the advisor decided')

  await page.goto(hall('ground'))
  await type(page, 'Size', '62x85')
  await expect(page.getByText('62 ft × 85 ft = 5,270 ft²')).toBeVisible()
  await kept(page)
  await page.goto(hall('amounts'))
  await lime.getByRole('button', { name: 'Take it back' }).click()
  await nitrogen.getByRole('button', { name: 'Take it back' }).click()
  await expect.poll(() => nitrogen.innerText()).toBe(before)
})

test('a spreader is tried twice, and told its setting for what goes on the lawn', async ({ watched: page }) => {
  await loadSamples(page)
  await page.goto(hall('materials'))
  await page.getByRole('radio', { name: '24-0-11 lawn fertilizer, no phosphorus' }).click()
  await page.getByRole('button', { name: 'Set a spreader up' }).press('Enter')
  const spreader = page.getByRole('region', { name: 'Spreader' })
  await spreader.getByLabel('Swath, track to track').fill('0')
  await expect(spreader.getByText(/0 is outside 0.5 to 60/)).toBeVisible()
  await spreader.getByLabel('Swath, track to track').fill('8')
  await spreader.getByLabel('It stands at').fill('14')
  const trial = async (n: number, ...figures: readonly string[]) => {
    await spreader
      .getByRole('listitem', { name: `Trial ${n}` })
      .getByLabel('Setting')
      .focus()
    for (const figure of figures) {
      await page.keyboard.type(figure)
      await page.keyboard.press('Enter')
    }
  }
  await trial(1, '10', '50', '20', '20')
  await expect(spreader.getByText('it spread nothing')).toBeVisible()
  await spreader.getByLabel('In it after').fill('19.4')
  await expect(spreader.getByText('One setting tells what it puts down.')).toBeVisible()
  await spreader.getByRole('button', { name: 'Another trial' }).click()
  await trial(2, '14', '50', '19.4', '18')
  // 0.6 lb on 400 ft² is 1.5 lb, 1.4 lb are 3.5. The bag goes on in two passes of 4.17 lb: 2.08 lb each way is setting 11.2.
  await expect(spreader.getByText('Setting 11.2')).toBeVisible()
  await expect(spreader.getByText(/^At 14, where it stands, .*: 68 % more than half a pass\.$/)).toBeVisible()
  await expect(spreader.getByRole('img', { name: '8 tracks, One half north–south' })).toBeVisible()
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([])
  await spreader.getByRole('button', { name: 'Keep it for the office' }).click()
  await expect(spreader.getByText('The office has it.')).toBeVisible()
  await page.goto('/case?id=sample-lakeside-cottage&station=materials&area=lawn')
  await page.getByLabel('One of the office’s').selectOption({ index: 1 })
  await expect(spreader.getByLabel('It stands at')).toHaveValue('14')
})

test('every pass has a card, one to the screen of a phone', async ({ watched: page }) => {
  await loadSamples(page)
  await page.goto(hall('materials'))
  await page.getByRole('radio', { name: '24-0-11 lawn fertilizer, no phosphorus' }).click()
  await kept(page)
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(hall('letter'))
  await page.getByRole('radio', { name: 'cards' }).click()
  const cards = page.getByRole('list', { name: 'A card for each pass' })
  // Three of lime; two of the bag, and of what it leaves short; two each of what is named for the other lawn.
  await expect(cards.locator('> li')).toHaveCount(11)
  await expect(cards.getByText('2 of 3')).toBeVisible()
  await expect(cards.locator('> li').filter({ hasText: '24-0-11' }).first()).toContainText('burns')
  await page.getByRole('radio', { name: 'Español' }).click()
  await expect(cards.getByText('2 de 3')).toBeVisible()
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([])
})
