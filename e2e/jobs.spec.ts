import type { Locator, Page } from '@playwright/test'
import { expect, kept, test } from './app'

/** A pair of hands: what they do is counted. */
function handsOn(page: Page) {
  const count = { clicks: 0, keys: 0 }
  return {
    count,
    click: async (what: Locator) => {
      count.clicks += 1
      await what.click()
    },
    keys: async (...keys: readonly string[]) => {
      for (const one of keys) {
        count.keys += 1
        await page.keyboard.press(one)
      }
    },
    type: async (text: string) => {
      count.keys += text.length
      await page.keyboard.type(text)
    },
  }
}
type Hands = ReturnType<typeof handsOn>

/** Printed by whoever wants to know; nothing fails by them. */
const tell = (name: string, { count }: Hands, wanted: string) =>
  test.info().annotations.push({
    type: 'hands',
    description: `${name}: ${count.clicks} clicks + ${count.keys} keys (${wanted} wanted)`,
  })

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
  await expect(page.getByRole('region', { name: 'Fertilizer' }).first()).toContainText(/cups/)
  await hands.click(page.getByRole('button', { name: /^Letter/ }))
  const letter = page.getByRole('article')
  await expect(letter).toContainText(/10-10-10 complete fertilizer: 1[34] lb.* in all; buy 1 bag of 50 lb/)
  await expect(letter).toContainText('a month after the lime, or later')
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
  await hands.type('small cart')
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
  await expect(letter).toContainText(/at most 35 lb \/ 1,000 ft² at a time/)
  await expect(letter).toContainText(/of which .* is there already/)
  tell('3', hands, '35 + 70')
})
