import { expect, test } from '../app'
import { growArea, handsOn, startCase, station, tell } from '../hands'

test('an index report of a lake lawn: phosphorus banned, lead asked for, and a bag without phosphorus', async ({
  watched: page,
}) => {
  const hands = handsOn(page)
  await startCase(page, hands)
  await growArea(page, hands, '60x80', 'tall')
  await hands.click(page.getByRole('button', { name: /^Depth, feeding/ }))
  await hands.click(page.getByRole('checkbox', { name: 'Phosphorus is banned here' }))
  await hands.click(page.getByRole('button', { name: /^How it lies/ }))
  await hands.click(page.getByRole('checkbox', { name: 'children play here' }))
  await station(page, hands, 'Results')
  await hands.click(page.getByRole('button', { name: 'Another report' }))
  await hands.click(page.getByRole('button', { name: 'Index numbers, or words' }))
  for (const [label, value] of [
    ['pH in water', '6.1'],
    ['Phosphorus, P', '32'],
    ['Potassium, K', '41'],
  ] as const) {
    await hands.click(page.getByLabel(label, { exact: true }))
    await hands.type(value)
  }
  await station(page, hands, 'Materials')
  await hands.click(page.getByRole('radio', { name: /^24-0-11/ }))
  await station(page, hands, 'Letter')
  const letter = page.getByRole('article')
  await expect(letter).toContainText('Phosphorus is banned here: use a fertilizer whose middle number is 0.')
  await expect(letter).toContainText(/lead/)
  await expect(letter.getByRole('row', { name: /24-0-11/ }).first()).toContainText(/Sep|Oct|Nov|May|Mar|Apr/)
  tell('6', hands, '30 + 60')
})

test('a field-style report, half in lb/acre and half in ppm, with nitrate and five micronutrients', async ({
  watched: page,
}) => {
  const hands = handsOn(page)
  await startCase(page, hands)
  await growArea(page, hands, '40x60', 'mixed')
  await station(page, hands, 'Results')
  const values = [
    ['pH in water', '6.4'],
    ['Organic matter', '2.9'],
    ['CEC', '11'],
  ] as const
  for (const [label, value] of values) {
    await hands.click(page.getByLabel(label, { exact: true }))
    await hands.type(value)
  }
  await hands.choose(page.getByLabel('Extractant of P, K and Mg'), 'Mehlich-3')
  for (const [label, value] of [
    ['Phosphorus, P', '44 lb/ac'],
    ['Potassium, K', '180 lb/ac'],
    ['Calcium, Ca', '2600 lb/ac'],
    ['Magnesium, Mg', '210 lb/ac'],
  ] as const) {
    await hands.click(page.getByLabel(label, { exact: true }))
    await hands.type(value)
  }
  for (const [line, value] of [
    ['Nitrate-N', '6'],
    ['Zinc, Zn', '0.8'],
    ['Manganese, Mn', '9'],
    ['Iron, Fe', '30'],
    ['Copper, Cu', '0.4'],
    ['Boron, B', '0.3'],
  ] as const) {
    await hands.choose(page.getByLabel('Add a line that it measured'), line)
    await expect(page.getByLabel(line, { exact: true })).toBeFocused()
    await hands.type(value)
  }
  await hands.choose(page.getByLabel('Zn, Mn, Fe and Cu by'), 'DTPA')
  await station(page, hands, 'Reading')
  for (const id of ['P', 'K', 'Zn', 'Mn', 'Fe', 'Cu', 'B'])
    await expect(page.locator(`[data-reading="${id}"]`)).not.toContainText('has no figure')
  await expect(page.locator('[data-reading=K]')).toContainText('180')
  await station(page, hands, 'Amounts')
  await expect(page.getByRole('region', { name: 'Zinc' })).toContainText(/oz|lb|label/)
  await station(page, hands, 'Letter')
  await expect(page.getByRole('article')).toContainText(/[Zz]inc/)
  tell('9', hands, '30 + 80')
})
