import { readFile } from 'node:fs/promises'
import ICAL from 'ical.js'
import type { Page } from '@playwright/test'
import { expect, kept, test } from '../app'
import { addArea, growArea, handsOn, startCase, station, tell, type Hands } from '../hands'

/** Size, crop and what the laboratory asks for, on the counter sheet; then a case of it. */
async function counter(
  page: Page,
  hands: Hands,
  size: string,
  crop: string,
  pH: string,
  asked: Readonly<Record<string, string>>,
) {
  await page.goto('/')
  await hands.click(
    page
      .getByRole('link', { name: /counter/i })
      .or(page.getByRole('button', { name: /counter/i }))
      .first(),
  )
  await expect(page.getByLabel('pH in water')).toBeFocused()
  await hands.type(pH)
  await hands.keys('Tab')
  await hands.type(size)
  await hands.keys('Tab')
  await hands.type(crop)
  await hands.keys('Enter')
  await hands.click(page.getByRole('button', { name: 'The laboratory’s own figures' }))
  for (const [label, figure] of Object.entries(asked)) {
    await hands.click(page.getByLabel(label, { exact: true }).first())
    await hands.type(figure)
  }
}

test('2 tons of lime and 100-160-100 an acre on 640 ft²: one all-round bag and one for the rest, then only organic, with what each costs', async ({
  watched: page,
}) => {
  const hands = handsOn(page)
  // The office's prices, once.
  await page.goto('/shelf')
  for (const [name, price] of [
    ['10-10-10 complete fertilizer', '50 lb $24'],
    ['0-45-0 triple superphosphate', '50 lb $39'],
    ['12-0-0 feather meal', '50 lb $48'],
    ['3-15-0 bone meal', '50 lb $58'],
    ['0-0-22 potassium magnesium sulfate', '50 lb $44'],
  ] as const)
    await page.getByLabel(`Bags and prices of ${name}`).fill(price)
  await expect(page.getByText(/^seen/)).toHaveCount(5)

  await counter(page, hands, '640 ft2', 'mixed', '5.6', {
    Lime: '2 tons/acre',
    'Nitrogen, N': '100 lb/acre',
    'Phosphate, P2O5': '160 lb/acre',
    'Potash, K2O': '100 lb/acre',
  })
  // 45.91 lb on 1,000 ft² a ton to the acre (exact): 58.8 lb; 100 lb an acre are 1.47 lb here, 160 are 2.35.
  await expect(page.getByRole('region', { name: 'Lime' }).getByRole('button', { name: '59 lb' }).first()).toBeVisible()
  await expect(page.getByRole('region', { name: 'Nitrogen' }).getByRole('button', { name: '1 lb 8 oz' })).toBeVisible()
  await hands.click(page.getByRole('button', { name: 'Keep as a case' }))
  await hands.click(page.getByRole('button', { name: /^Materials/ }))
  await hands.click(page.getByRole('radio', { name: 'several together' }))
  await hands.click(page.getByRole('checkbox', { name: 'organic only' }))
  await hands.click(page.getByRole('button', { name: 'Work it out' }))
  const cheapest = page.getByRole('region', { name: /the cheapest/ })
  await expect(cheapest).toContainText('1 × 50 lb 10-10-10 complete fertilizer')
  await expect(cheapest).toContainText('1 × 50 lb 0-45-0 triple superphosphate')
  await expect(cheapest).toContainText('$63.00 for the whole job')
  await expect(cheapest).toContainText('Every need is met within the tolerance.')
  const organic = page.getByRole('region', { name: 'organic only' })
  await expect(organic).toContainText('$150.00 for the whole job')
  await hands.click(cheapest.getByRole('button', { name: 'Take this' }))
  await hands.click(page.getByRole('button', { name: /^Amounts/ }))
  // In the measure of a hand.
  await expect(page.getByRole('region', { name: 'Fertilizer' }).first()).toContainText(/cups|quarts/)
  await hands.click(page.getByRole('button', { name: /^Letter/ }))
  const letter = page.getByRole('article')
  await expect(letter).toContainText(/10-10-10 complete fertilizer: 1[34] lb.* in all; buy 1 bag of 50 lb/)
  tell('14, first and second part', hands, 'less than 50 + 110')
})

test('new sod, 120 lb of lime in goes of at most 35; part bags in the shed, and what is still to buy', async ({
  watched: page,
}) => {
  const hands = handsOn(page)
  await counter(page, hands, '40x50', 'tall', '5.4', { Lime: '120 lb/1000' })
  const lime = page.getByRole('region', { name: 'Lime' })
  await hands.click(lime.getByRole('button', { name: 'Another limit for one pass' }))
  await hands.type('35')
  await hands.keys('Tab')
  await hands.type('cart')
  await hands.keys('Enter')
  await expect(lime).toContainText('each of 4 passes')
  await hands.click(page.getByRole('button', { name: 'Keep as a case' }))
  await hands.click(page.getByRole('button', { name: /^Ground/ }))
  await hands.click(page.getByRole('checkbox', { name: 'Seeded or sodded this season' }))
  await kept(page)
  await hands.click(page.getByRole('button', { name: /^Materials/ }))
  for (const [name, lb] of [
    ['15-5-10', '10 lb'],
    ['urea', '3 lb'],
    ['bone meal', '5 lb'],
  ] as const) {
    await hands.click(page.getByRole('button', { name: 'Add what is there' }))
    await hands.click(page.getByLabel('What is there', { exact: true }))
    await hands.type(name)
    await hands.keys('Enter')
    await expect(page.getByLabel('How much', { exact: true }).last()).toBeFocused()
    await hands.type(lb)
  }
  await hands.click(page.getByRole('radio', { name: 'several together' }))
  await hands.click(page.getByRole('button', { name: 'Work it out' }))
  const shed = page.getByRole('region', { name: /from the shed alone/ })
  await expect(shed).toContainText('from the shed')
  await expect(shed).toContainText('Nothing to buy.')
  await hands.click(shed.getByRole('button', { name: 'Take this' }))
  await hands.click(page.getByRole('button', { name: /^Letter/ }))
  const letter = page.getByRole('article')
  await expect(letter).toContainText(/of which .* is there already/)
  tell('3', hands, '35 + 70')
})

test('front and back lawn, sampled apart: 40-lb bags of lime of a printed strength, for each and in all, in goes and halves', async ({
  watched: page,
}) => {
  const hands = handsOn(page)
  await startCase(page, hands)
  for (const [name, size] of [
    ['Front', '40x50'],
    ['Back', '40x75'],
  ] as const) {
    await growArea(page, hands, size, 'tall')
    await hands.click(page.getByLabel('Name of the area'))
    await hands.type(name)
  }
  for (const [name, pH, lime] of [
    ['Front', '5.4', '75'],
    ['Back', '5.6', '30'],
  ] as const) {
    await station(page, hands, 'Results')
    // The sheet takes the focus once, when it comes.
    await expect(page.getByLabel('pH in water')).toBeVisible()
    await hands.click(page.getByRole('button', { name: new RegExp(`^${name}`) }).first())
    await expect(page.getByRole('navigation', { name: `Reports of ${name}` })).toBeVisible()
    await hands.click(page.getByLabel('pH in water'))
    await hands.type(pH)
    await hands.click(page.getByLabel('Lime', { exact: true }))
    await hands.type(`${lime} lb/1000`)
    await hands.click(page.getByRole('radio', { name: 'pure CaCO₃ (ECCE)' }))
    await station(page, hands, 'Materials')
    await hands.click(page.getByRole('main').getByLabel('Figure on the bag'))
    await hands.type('88')
  }
  await station(page, hands, 'Letter')
  const letter = page.getByRole('article')
  // 75 lb of pure lime on 2,000 ft² at 88 %: 170.5 lb; 30 on 3,000: 102.3 lb; 272.7 in all, 7 bags (worked by hand).
  // Each in two goes: 85.2 and 51.1 lb.
  await expect(letter).toContainText('85 lb')
  await expect(letter).toContainText('51 lb')
  await expect(letter).toContainText(/273 lb.* in all; buy 7 bags of 40 lb/)
  await expect(letter).toContainText(/lb walking north–south, .* lb east–west/)
  await station(page, hands, 'Calendar')
  const download = page.waitForEvent('download')
  await hands.click(page.getByRole('button', { name: 'Calendar file' }))
  const calendar = await readFile((await (await download).path())!, 'utf8')
  const events = new ICAL.Component(ICAL.parse(calendar) as never)
    .getAllSubcomponents('vevent')
    .map((one) => new ICAL.Event(one))
  for (const name of ['Front', 'Back'])
    expect(events.filter(({ summary }) => summary === `${name}: soil test`).length).toBeGreaterThan(0)
  tell('8', hands, '35 + 70')
})

test('ten rows of onions, 25 ft each: dressings by the row until bulbing, and how far a bag goes', async ({
  watched: page,
}) => {
  const hands = handsOn(page)
  await startCase(page, hands)
  await addArea(page, hands)
  await hands.keys('Enter')
  await hands.type('onion')
  await hands.keys('Enter', 'Escape')
  await hands.click(page.getByLabel('From row to row'))
  await hands.type('1')
  await hands.click(page.getByLabel('Feet of row in all'))
  await hands.type('250')
  await station(page, hands, 'Results')
  await hands.click(page.getByLabel('pH in water'))
  await hands.type('6.4')
  await kept(page)
  await station(page, hands, 'Materials')
  await hands.click(page.getByRole('radio', { name: '21-0-0 ammonium sulfate' }))
  await hands.click(page.getByLabel('Bag size'))
  await hands.type('25')
  await station(page, hands, 'Letter')
  const letter = page.getByRole('article')
  await expect(letter).toContainText('21-0-0 ammonium sulfate')
  // 3.5 lb N on 1,000 ft² (guide data) is 0.875 on 250 ft²: 4.2 lb of 21-0-0 (exact), 1.4 in each of three.
  await expect(letter).toContainText('1 lb 6 oz')
  await expect(letter).toContainText('1.8 oz for 20 ft of row')
  await expect(letter).toContainText('21-0-0 ammonium sulfate: 4 lb 3 oz in all; buy 1 bag of 25 lb')
  await expect(letter).toContainText('none once the soil cracks at bulbing')
  // A cup every 15 ft each three weeks: what that habit is in nitrogen, against what onions take.
  await station(page, hands, 'Amounts')
  await hands.click(page.getByRole('button', { name: 'Somebody said another figure?' }))
  await expect(page.getByLabel('What was said')).toBeFocused()
  await hands.type('1 cup per 15 ft every 3 weeks')
  await expect(page.getByRole('dialog')).toContainText(/lb.* N/)
  tell('16', hands, '20 + 50')
})

test('a raised bed of bought mix, low in everything, at pH 7.1: magnesium and calcium without lime', async ({
  watched: page,
}) => {
  const hands = handsOn(page)
  await startCase(page, hands)
  await addArea(page, hands)
  await hands.type('4x8')
  await hands.keys('Enter')
  await hands.type('vegetables in soil')
  await hands.keys('Enter')
  await hands.click(page.getByRole('button', { name: 'Now the soil report' }))
  // What grows in mix is asked for by its extract.
  await expect(page.getByLabel('pH in water')).toBeFocused()
  for (const value of ['7.1', '0.5', '20', '2', '40', '60', '15']) {
    await hands.type(value)
    await hands.keys('Enter')
  }
  await hands.click(page.getByRole('button', { name: 'See the amounts' }))
  await expect(page.getByRole('main')).toContainText('pH 7.1 is above 5.6 to 6.2')
  await station(page, hands, 'Letter')
  const letter = page.getByRole('article')
  // Common practice, per 100 ft²: Epsom salt 1 lb, gypsum 2 lb; on 32 ft² 5.1 and 10.2 oz.
  await expect(letter.getByRole('row', { name: /Epsom salt/ })).toContainText('5 oz')
  await expect(letter.getByRole('row', { name: /gypsum/ })).toContainText('10')
  await expect(letter).not.toContainText(/lime/i)
  tell('14, its third part', hands, 'less than 50 + 110')
})

test('cores for a lawn; then the spreader is tried on a measured strip and weighed back', async ({ watched: page }) => {
  const hands = handsOn(page)
  await counter(page, hands, '60x100', 'tall', '6.4', {})
  await hands.click(page.getByRole('button', { name: 'Keep as a case' }))
  await station(page, hands, 'Sample')
  await hands.click(page.getByRole('button', { name: 'Make this sample' }))
  // 15 over 5,000 ft² (common practice).
  await expect(page.getByRole('main')).toContainText('15 cores')
  await station(page, hands, 'Materials')
  await hands.click(page.getByRole('radio', { name: '25-0-3 lawn fertilizer, no phosphorus' }))
  await hands.click(page.getByRole('button', { name: 'Set a spreader up' }))
  const spreader = page.getByRole('region', { name: 'Spreader' })
  await hands.click(spreader.getByLabel('Swath, track to track'))
  await hands.type('8')
  await hands.click(spreader.getByLabel('It stands at'))
  await hands.type('14')
  for (const [n, figures] of [
    [1, ['10', '50', '20', '19.4']],
    [2, ['14', '50', '19.4', '18']],
  ] as const) {
    if (n > 1) await hands.click(spreader.getByRole('button', { name: 'Another trial' }))
    await hands.click(spreader.getByRole('listitem', { name: `Trial ${n}` }).getByLabel('Setting'))
    for (const figure of figures) {
      await hands.type(figure)
      await hands.keys('Enter')
    }
  }
  // 0.6 lb on 400 ft² is 1.5 lb on 1,000, 1.4 lb are 3.5; 10 lb of 25-0-3 a year in three passes are 3.33, half each way.
  await expect(spreader.getByText('Setting 10.3')).toBeVisible()
  await expect(spreader.getByText(/^At 14, where it stands, .*: 110 % more than half a pass\.$/)).toBeVisible()
  await expect(spreader.getByRole('img', { name: '8 tracks, One half north–south' })).toBeVisible()
  tell('10', hands, '25 + 60')
})
