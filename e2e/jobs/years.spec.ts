import { readFile } from 'node:fs/promises'
import AxeBuilder from '@axe-core/playwright'
import ICAL from 'ical.js'
import type { Page } from '@playwright/test'
import { expect, kept, onDay, test } from '../app'
import { growArea, handsOn, startCase, station, tell, type Hands } from '../hands'

/** The date of the report, its pH, and what else it says. */
async function report(page: Page, hands: Hands, date: string, said: Readonly<Record<string, string>>) {
  for (const [label, figure] of Object.entries(said)) {
    await hands.click(page.getByLabel(label, { exact: true }))
    await hands.type(figure)
  }
  hands.count.keys += 8
  await page.getByLabel('Date', { exact: true }).fill(date)
  await kept(page)
}

test('blueberries over three years: sulfur before planting, a retest each spring, and a stop near the low end that is said everywhere', async ({
  watched: page,
}) => {
  await onDay(page, '2024-09-02')
  const hands = handsOn(page)
  await startCase(page, hands)
  await growArea(page, hands, '10x40', 'blueb')
  await hands.choose(page.getByLabel('Soil texture'), 'loam')
  await station(page, hands, 'Results')
  await report(page, hands, '2024-08-26', { 'pH in water': '5.9' })
  await station(page, hands, 'Calendar')
  const sulfur = page.getByRole('row', { name: /^.*sulfur prills/ })
  // 5.9 to 5.0 on loam by the table is about 1.9 lb S on 100 ft² (recalled), 1 lb at a time round standing plants.
  await expect(sulfur.nth(1)).toBeVisible()
  await expect(page.getByText(/Test before pass 2|before pass 2/).first()).toBeVisible()
  await hands.click(sulfur.first().getByRole('button', { name: 'Done today' }))
  const download = page.waitForEvent('download')
  await hands.click(page.getByRole('button', { name: 'Calendar file' }))
  await download
  await kept(page)

  // The next spring it has moved, and more is to follow.
  await onDay(page, '2025-04-28')
  await page.reload()
  await station(page, hands, 'Results')
  await hands.click(page.getByRole('button', { name: 'Another report' }))
  await hands.click(page.getByRole('button', { name: 'Routine test' }))
  await report(page, hands, '2025-04-26', { 'pH in water': '5.6' })
  await station(page, hands, 'Calendar')
  await hands.click(sulfur.first().getByRole('button', { name: 'Done differently' }))
  const line = page.getByRole('main').getByLabel('How much, of what, and when')
  await hands.click(line)
  await hands.type('4 lb sulfur 26 Apr 2025')
  await hands.keys('Enter')
  await expect(sulfur.first()).toContainText('done differently: 4 lb sulfur')
  await kept(page)

  // A year on it reads 0.1 under the low end.
  await onDay(page, '2026-04-20')
  await page.reload()
  await station(page, hands, 'Results')
  await hands.click(page.getByRole('button', { name: 'Another report' }))
  await hands.click(page.getByRole('button', { name: 'Routine test' }))
  await report(page, hands, '2026-04-18', { 'pH in water': '4.4' })
  const stop = 'No more sulfur: pH 4.4 is at the low end of 4.5 to 5.5'
  await station(page, hands, 'Amounts')
  await expect(page.getByRole('main')).toContainText(stop)
  await station(page, hands, 'Calendar')
  await expect(page.getByRole('main')).toContainText(stop)
  await expect(sulfur).toHaveCount(0)
  const off = page.waitForEvent('download')
  await hands.click(page.getByRole('button', { name: 'Calendar file' }))
  const events = new ICAL.Component(ICAL.parse(await readFile((await (await off).path())!, 'utf8')) as never)
    .getAllSubcomponents('vevent')
    .filter((one) => one.getFirstPropertyValue('status') === 'CANCELLED')
    .map((one) => new ICAL.Event(one))
  expect(
    events.some(({ uid, description }) => uid.includes('/sulfur/') && description.startsWith('No more sulfur')),
  ).toBe(true)
  await station(page, hands, 'Letter')
  await expect(page.getByRole('article')).toContainText(stop)
  await station(page, hands, 'Log')
  await expect(page.getByRole('region', { name: 'Put on' })).toContainText(
    '4 lb sulfur prills, 90%, other than planned',
  )
  const course = page.getByRole('region', { name: /pH over the years$/ })
  await expect(course.getByRole('img')).toHaveAccessibleName(/26 Aug 2024 5\.9, 26 Apr 2025 5\.6, 18 Apr 2026 4\.4/)
  await expect(course).toContainText('of different seasons')
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([])
  tell('2', hands, '45 + 90')
})

test('a lawn fed for four years with one organic 5-4-0: a line a year, and the habit told in pounds', async ({
  watched: page,
}) => {
  await onDay(page, '2026-11-26')
  const hands = handsOn(page)
  await page.goto('/shelf')
  await page.getByText('A product of your own').click()
  await page.getByLabel('Name', { exact: true }).fill('Layer meal')
  await page.getByLabel('As its label reads').fill('5-4-0 80 % slow 40 lb $38')
  await page.getByRole('button', { name: 'Put it on the shelf' }).click()
  await expect(page.getByLabel(/^Bags and prices of 5-4-0/)).toBeVisible()
  await startCase(page, hands)
  await growArea(page, hands, '50x100', 'tall')
  await station(page, hands, 'Results')
  await report(page, hands, '2022-10-10', { 'pH in water': '6.4', 'Phosphorus, P': '90', 'Potassium, K': '60' })
  await hands.choose(page.getByLabel('Extractant'), 'Mehlich-3')
  await kept(page)
  await station(page, hands, 'Log')
  const entries = page.getByRole('region', { name: 'Put on' }).getByText('200 lb')
  await hands.click(page.getByLabel('What was put on, where and when'))
  await hands.type('5 bags 5-4-0 in 2023')
  await hands.keys('Enter')
  for (const year of ['2024', '2025', '2026']) {
    await hands.click(page.getByRole('button', { name: new RegExp(`: the same ${year}$`) }))
    await expect(entries).toHaveCount(Number(year) - 2022)
  }
  // 200 lb a year hold 8 lb of P₂O₅ and no K₂O: 32 lb in four years (exact).
  const ledger = page.getByRole('region', { name: 'Ledger, by area and year' })
  await expect(ledger).toContainText(/From 2023 to 2026 32 lb of phosphate went on, where .* most of it came with/)
  await expect(ledger).toContainText(/From 2023 to 2026 0 lb of potash went on|it is not replaced/)
  await station(page, hands, 'Amounts')
  await expect(page.getByRole('main')).toContainText('From 2023 to 2026 32 lb of phosphate')
  // Either or, as the report puts it.
  await hands.click(page.getByRole('button', { name: 'Somebody said another figure?' }))
  await expect(page.getByLabel('What was said')).toBeFocused()
  await hands.type('27 lb urea\nor\n125 lb 10-10-10')
  await expect(page.getByRole('region', { name: 'Two programs for this ground' }).getByRole('heading')).toHaveText(
    'Not equivalent: they differ in phosphate (P2O5), potash (K2O).',
  )
  tell('5', hands, '35 + 90')
})

test('one paper with three crops on rich organic soil: each by itself, sulfur for one, lime for the lawn over the years', async ({
  watched: page,
}) => {
  await onDay(page, '2026-11-26')
  const hands = handsOn(page)
  await startCase(page, hands)
  for (const [name, size, crop] of [
    ['Lawn', '40x30', 'tall'],
    ['Beds', '20x20', 'tomato'],
    ['Berries', '10x20', 'blueb'],
  ] as const) {
    await growArea(page, hands, size, crop)
    await hands.click(page.getByLabel('Name of the area'))
    await hands.type(name)
    await hands.choose(page.getByLabel('Soil texture'), 'loam')
  }
  await station(page, hands, 'Results')
  await expect(page.getByLabel('pH in water')).toBeVisible()
  await hands.click(page.getByRole('button', { name: /^Lawn/ }).first())
  await report(page, hands, '2026-11-20', { 'pH in water': '5.6', 'Organic matter': '9' })
  // The paper says 190 lb for this lawn: 158 on 1,000 ft² (exact).
  await hands.click(page.getByLabel('Lime', { exact: true }))
  await hands.type('158 lb/1000')
  // The other two lines of the paper ask for nothing.
  await hands.click(page.getByRole('button', { name: /^Berries/ }).first())
  await report(page, hands, '2026-11-20', { 'pH in water': '5.8', 'Organic matter': '9' })
  await hands.click(page.getByRole('checkbox', { name: 'Beds' }))
  await kept(page)
  await station(page, hands, 'Amounts')
  await expect(page.getByRole('region', { name: 'Sulfur' })).toBeVisible()
  await station(page, hands, 'Calendar')
  const lime = page.getByRole('row', { name: /Lawn.*pelletized lime/ })
  await expect(lime).toHaveCount(4)
  await expect(page.getByText(/before pass 4/).first()).toBeVisible()
  await expect(page.getByRole('row', { name: /Berries.*sulfur prills/ }).first()).toBeVisible()
  tell('11, without tracing', hands, '45 + 110')
})

test('a warm-season lawn: the days of quick and of slow nitrogen, what each costs, and which spreader suits', async ({
  watched: page,
}) => {
  await onDay(page, '2026-11-26')
  const hands = handsOn(page)
  await page.goto('/shelf')
  for (const [name, price] of [
    ['46-0-0 urea', '50 lb $32'],
    ['24-0-11 lawn fertilizer, no phosphorus', '50 lb $41'],
  ] as const)
    await page.getByLabel(`Bags and prices of ${name}`).fill(price)
  await expect(page.getByText(/^seen/)).toHaveCount(2)
  await startCase(page, hands)
  await growArea(page, hands, '5000 ft2', 'bermuda')
  await station(page, hands, 'Results')
  await report(page, hands, '2026-11-10', { 'pH in water': '6.4' })
  await station(page, hands, 'Materials')
  const costs: string[] = []
  const days: Record<string, string[]> = {}
  for (const name of ['46-0-0 urea', '24-0-11 lawn fertilizer, no phosphorus']) {
    await hands.click(page.getByRole('radio', { name }))
    if (name.startsWith('24')) {
      await hands.click(page.getByLabel('Slow nitrogen'))
      await hands.type('60')
    }
    costs.push(
      await page
        .getByRole('row', { name: new RegExp(name) })
        .first()
        .innerText(),
    )
    await station(page, hands, 'Calendar')
    const passes = page.getByRole('row', { name: new RegExp(name) })
    await expect(passes.getByLabel(/^Day of/).first()).toBeVisible()
    days[name] = await passes
      .getByLabel(/^Day of/)
      .evaluateAll((all) => all.map((one) => (one as HTMLInputElement).value))
    await station(page, hands, 'Materials')
  }
  // What the whole job costs stands beside each.
  for (const one of costs) expect(one).toMatch(/\$\d+/)
  const apart = (of: readonly string[]) =>
    of.slice(1).map((day, i) => (Date.parse(day) - Date.parse(of[i]!)) / 86_400_000)
  const [quick, slow] = Object.values(days) as [string[], string[]]
  // A month after quick nitrogen on turf, six weeks after slow: common practice. Fewer passes of slow, since more goes at once.
  expect(quick.length).toBeGreaterThan(slow.length)
  for (const one of apart(quick)) expect(one).toBeGreaterThanOrEqual(30)
  for (const one of apart(slow)) expect(one).toBeGreaterThanOrEqual(42)
  // From full green-up to six weeks before frost.
  for (const day of [...quick, ...slow]) expect(day.slice(5) >= '05-01' && day.slice(5) <= '09-30').toBe(true)
  await station(page, hands, 'Materials')
  await hands.click(page.getByRole('button', { name: 'Set a spreader up' }))
  await expect(page.getByRole('main')).toContainText('a drop spreader serves better')
  tell('17', hands, '30 + 50')
})
