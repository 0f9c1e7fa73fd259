import { readFile } from 'node:fs/promises'
import AxeBuilder from '@axe-core/playwright'
import { expect, kept, loadSamples, test } from '../app'
import { handsOn, tell } from '../hands'

test('hands stay on the keyboard: one line finds, asks and does; the keys of a place; undo says what it undid', async ({
  watched: page,
}) => {
  await loadSamples(page)
  await page.goto('/')
  const hands = handsOn(page)
  const box = page.getByRole('dialog', { name: 'Find or do' })
  const line = box.getByRole('combobox')
  await hands.keys('Control+k')
  await expect(line).toBeFocused()
  await hands.type('whitlow')
  await expect(box.getByRole('option').first()).toContainText('Brannoch and Sela Whitlow')
  expect((await new AxeBuilder({ page }).include('[role=dialog]').analyze()).violations).toEqual([])
  await hands.keys('Enter')
  await expect(page.getByRole('heading', { level: 1, name: /^Amounts: Blueberry row/ })).toBeVisible()

  // An area, and a station.
  await hands.keys('/')
  await hands.type('aronia')
  await hands.keys('Enter')
  await expect(page.getByRole('heading', { level: 1, name: /^Amounts: Aronia hedge/ })).toBeVisible()
  await hands.keys('/')
  await hands.type('ground')
  await hands.keys('Enter')
  const size = page.getByRole('region', { name: 'Aronia hedge' }).getByLabel('Size', { exact: true })
  await expect(size).toBeVisible()

  // What is typed is undone from the line, which says what; the page says it too.
  const before = await size.inputValue()
  await size.fill('10x30')
  await kept(page)
  await hands.keys('Control+k')
  await hands.type('undo')
  await expect(box.getByRole('option').first()).toContainText(/Undo: Aronia hedge, Size/)
  await hands.keys('Enter')
  await expect(size).toHaveValue(before)
  await expect(page.getByRole('status').filter({ hasText: 'Aronia hedge, Size' })).toBeVisible()

  // A question is answered where it is typed; Escape closes the line and nothing else.
  await hands.keys('Control+k')
  await hands.type('1.5 t/ac on 640 ft2')
  await expect(box.getByRole('option').first()).toContainText('44 lb on 640 ft²')
  await hands.keys('Escape')
  await expect(box).toHaveCount(0)
  await expect(size).toBeVisible()
  await hands.keys('Control+k')
  await hands.type('4.6 lb sulfur per 100 ft2')
  await hands.keys('Enter')
  await expect(page.getByRole('dialog').getByLabel('What was said')).toHaveValue('4.6 lb sulfur per 100 ft2')
  await hands.keys('Escape')
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await expect(page).not.toHaveURL(/said/)

  await page.getByRole('heading', { level: 1 }).click()
  await hands.keys('?')
  const keys = page.getByRole('dialog', { name: 'Keys' })
  await expect(keys.getByRole('region', { name: 'On Amounts' })).toContainText('Ctrl+Z')
  await hands.keys('Escape')

  // Stronger colours, kept on this machine.
  await hands.keys('Control+k')
  await hands.type('contrast')
  await hands.keys('Enter')
  await expect(page.locator('html')).toHaveAttribute('data-contrast', 'more')
  await page.reload()
  await expect(page.locator('html')).toHaveAttribute('data-contrast', 'more')
  await expect(page.getByRole('region', { name: /^(?:Lime|Sulfur)/ }).first()).toBeVisible()
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([])
  tell('f', hands, 'no')
})

test('a station that breaks breaks alone: the others go on, and the case can be had as a file', async ({ page }) => {
  await loadSamples(page)
  await page.goto('/case?id=sample-smallholding&station=ground')
  const size = page.getByLabel('Size', { exact: true }).first()
  await size.fill('12x90')
  await kept(page)
  // As a browser that has no drawing surface left.
  await page.evaluate(() => {
    HTMLCanvasElement.prototype.getContext = () => {
      throw new Error('no drawing surface left')
    }
  })
  await page.getByRole('radio', { name: 'On the plan' }).click()
  const broken = page.getByRole('alert', { name: /^Ground broke/ })
  await expect(broken).toContainText('What you typed is kept')
  const saved = page.waitForEvent('download')
  await broken.getByRole('button', { name: 'Save as a file' }).click()
  expect(await readFile((await (await saved).path())!, 'utf8')).toContain('12x90')
  await page.getByRole('button', { name: /^Amounts/ }).click()
  await expect(page.getByRole('region', { name: 'Sulfur', exact: true })).toBeVisible()
  await expect(broken).toHaveCount(0)
})

test('a way through a sample case is offered once and left at any step; words of the trade explain themselves', async ({
  watched: page,
}) => {
  await loadSamples(page)
  await page.goto('/')
  await page.getByRole('button', { name: 'Show me' }).click()
  await expect(page.getByRole('complementary', { name: 'A way through, 1 of 7' })).toContainText('Results.')
  await page.getByRole('button', { name: 'On to Reading' }).click()
  await expect(page.getByRole('complementary', { name: 'A way through, 2 of 7' })).toContainText('The bracket is what')
  const word = page.getByRole('button', { name: 'CEC', exact: true })
  await word.focus()
  await expect(page.getByRole('tooltip')).toContainText('how much lime, potassium and magnesium the soil can hold')
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([])
  await page.keyboard.press('Escape')
  await expect(page.getByRole('tooltip')).toHaveCount(0)
  await page.getByRole('button', { name: 'Leave it' }).click()
  await expect(page.getByRole('complementary', { name: /^A way through/ })).toHaveCount(0)
  await page.goto('/')
  await expect(page.getByRole('link', { name: 'Vale End Primary School' })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Show me' })).toHaveCount(0)
})
