import { readFile } from 'node:fs/promises'
import AxeBuilder from '@axe-core/playwright'
import ICAL from 'ical.js'
import { expect, kept, loadSamples, onDay, test, unfold } from './app'

const hall = (station: string) => `/case?id=sample-village-hall&station=${station}`
/** The days go by the day that it is. */
const now = '2026-11-26'

test('passes have their days; one is moved by key and by hand, asked about where that breaks a rule, and done with one tap', async ({
  watched: page,
}) => {
  await onDay(page, now)
  await loadSamples(page)
  await page.goto(hall('calendar'))
  const strip = page.getByRole('region', { name: 'South lawn: days to put on, by year' })
  const second = strip.getByRole('button', { name: /^pelletized lime.*2 of 3/ })
  // Half a year after the first (common practice).
  await expect(second).toHaveAccessibleName('pelletized lime, calcitic, 2 of 3, 26 May 2027')
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([])

  // A month later breaks nothing; the test before the last is due half a year after, which is frozen, so on March 3.
  await second.focus()
  await page.keyboard.press('Shift+ArrowRight')
  await page.keyboard.press('Enter')
  await expect(second).toHaveAccessibleName(/26 Jun 2027$/)
  await expect(strip.getByRole('button', { name: /3 of 3/ })).toHaveAccessibleName(/24 Mar 2028$/)
  const days = page.getByRole('region', { name: '2027' })
  await expect(days.getByText('moved by MV from 26 May 2027')).toBeVisible()
  await days.getByRole('button', { name: 'Put it back' }).click()
  await expect(second).toHaveAccessibleName(/26 May 2027$/)

  // Too soon after the first: it says so and asks; left, it stays.
  const row = days.getByRole('row', { name: /pelletized lime, calcitic 2 of 3/ })
  const field = row.getByLabel('Day of pelletized lime, calcitic')
  await field.fill('2027-04-10')
  await field.press('Enter')
  await expect(row.getByRole('alert')).toContainText('Too soon after the one before: 6 months at the least.')
  await row.getByRole('button', { name: 'Leave it' }).click()
  await expect(field).toHaveValue('2027-05-26')
  await field.fill('2027-04-10')
  await field.press('Enter')
  await row.getByRole('button', { name: 'Move it all the same' }).click()
  await expect(row).toContainText('Too soon after the one before')
  await row.getByRole('button', { name: 'Put it back' }).click()

  // By hand: some months to the right.
  await second.scrollIntoViewIfNeeded()
  const box = (await second.boundingBox())!
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width / 2 + 60, box.y + box.height / 2, { steps: 5 })
  await page.mouse.up()
  await expect(second).not.toHaveAccessibleName(/26 May 2027$/)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(second).toHaveAccessibleName(/26 May 2027$/)

  // Done counts from its day; the next waits half a year from then.
  const first = page
    .getByRole('region', { name: '2026' })
    .getByRole('row', { name: /pelletized lime, calcitic 1 of 3/ })
  await first.getByRole('button', { name: 'Done today' }).click()
  await expect(first).toContainText('done')
  await kept(page)

  // Letter and calendar file say the same days.
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Calendar file' }).click()
  const text = await readFile((await (await download).path())!, 'utf8')
  const events = new ICAL.Component(ICAL.parse(text) as never)
    .getAllSubcomponents('vevent')
    .map((one) => new ICAL.Event(one))
  const lime = events.find(({ uid }) => uid.endsWith('/lime/2@agrologos'))!
  expect(lime.startDate.toString()).toBe('2027-05-26')
  expect(lime.summary).toMatch(/^South lawn: 193 lb pelletized lime, calcitic$/)
  expect(events.some(({ summary }) => summary === 'South lawn: soil test')).toBe(true)
  await page.goto(hall('letter'))
  await expect(page.getByRole('article')).toContainText(/May 26, 2027.*pelletized lime, calcitic, 2 of 3/)
})

test('in another region the days are others, and a planting day that is typed moves what goes by it', async ({
  watched: page,
}) => {
  await onDay(page, now)
  await loadSamples(page)
  await page.goto('/case?id=sample-school-garden&station=calendar')
  const strip = page.getByRole('region', { name: 'In-ground strip: days to put on, by year' })
  const feed = strip.getByRole('button', { name: /^21-0-0 ammonium sulfate, 1 of 2/ })
  await expect(feed).toHaveAccessibleName(/10 May 2027$/)
  await page.getByLabel('Whose seasons').selectOption('warm-coast')
  // Last frost 25 February, planted two weeks later, fed up to two weeks before.
  await expect(feed).toHaveAccessibleName(/25 Feb 2027$/)
  await page.getByLabel('In-ground strip, planted on').fill('2027-04-20')
  await expect(feed).toHaveAccessibleName(/6 Apr 2027$/)
  await kept(page)
  await page.reload()
  await expect(feed).toHaveAccessibleName(/6 Apr 2027$/)
})

test('the office’s own frosts, a limit of the year and a strip by the lake are typed, kept, and followed', async ({
  watched: page,
}) => {
  await onDay(page, now)
  await loadSamples(page)
  await page.goto('/office')
  await page.getByRole('button', { name: 'Add a region' }).click()
  const region = page.getByRole('listitem', { name: 'Regions of your own, 1' })
  await region.getByLabel('Name').fill('Ossian hills')
  await region.getByLabel('Last frost').fill('31 Feb')
  await expect(region.getByText('That is no day of the year.')).toBeVisible()
  await region.getByLabel('Last frost').fill('20 May')
  await region.getByLabel('First frost').fill('25 Sep')
  await region.getByLabel(/^Soil at 4 in/).fill('29 29 33 44 55 64 69 68 60 49 40 32')
  const limit = page.getByRole('listitem', { name: 'Limits of a year, 1' })
  await limit.getByLabel('Most, lb per 1,000 ft²').fill('none')
  await expect(limit.getByText('none is no number.')).toBeVisible()
  await limit.getByLabel('Most, lb per 1,000 ft²').fill('0')
  await kept(page)

  await page.goto('/case?id=sample-lakeside-cottage&station=ground&area=lawn')
  await page
    .getByRole('button', { name: /^Lake lawn/ })
    .first()
    .click()
  await unfold(page, 'How it lies, and troubles')
  await page.getByLabel('To the nearest water or well').fill('10')
  await kept(page)
  await page.getByRole('button', { name: /^Calendar/ }).click()
  await page.getByLabel('Whose seasons').selectOption({ label: 'Ossian hills' })
  await expect(page.getByText('Last frost about 20 May, first about 25 Sep')).toBeVisible()
  const main = page.getByRole('main')
  await expect(main).not.toContainText('24-0-11')
  await expect(main).toContainText(
    'lake shore: on the 15 ft beside the water apply nothing; this area begins 10 ft from it.',
  )
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([])
  await page.getByRole('button', { name: /^Letter/ }).click()
  const letter = page.getByRole('article')
  await expect(letter).toContainText('lake shore: on the 15 ft beside the water')
  await expect(letter).toContainText('Nitrogen is banned here (nitrogen on lawns)')
  await kept(page)
  await page.reload()
  await page.getByRole('button', { name: /^Calendar/ }).click()
  await expect(page.getByLabel('Whose seasons')).toHaveValue(/.+/)
  await expect(page.getByText('Last frost about 20 May')).toBeVisible()
})
