import { readFile } from 'node:fs/promises'
import AxeBuilder from '@axe-core/playwright'
import Papa from 'papaparse'
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'
import { expect, loadSamples, test } from './app'
import { handsOn, tell } from './hands'

const family = [
  'Arden',
  'Brook',
  'Coyle',
  'Denholm',
  'Ellery',
  'Farrow',
  'Garrick',
  'Hollis',
  'Ingram',
  'Jessop',
  'Kerrow',
]
const given = ['Ida', 'Noel', 'Petra']

/** Forty samples of 33 homes, as a laboratory sends them: one home is on the Desk already, two bear one name. */
const homes = [
  ...family.flatMap((last) => given.map((first) => [`${last}, ${first}`, `${last} Lane`] as const)).slice(0, 30),
  ['Aldous, Henrike', 'Lakeside cottage, Ossian Narrows'],
  ['Ida Kettle', 'Weir End'],
  ['Ida Kettle', 'Hill Top'],
] as const
const crops = ['Tomatoes', 'Sweet corn', 'Potatoes', 'Garlic']
const rows = [
  ...homes.map(([client, place], i) => [
    client,
    place,
    `K-${i + 1}`,
    i === 4 ? 'Grass of some kind' : crops[i % crops.length]!,
    i === 9 ? '' : `${100 + 20 * i}`,
  ]),
  ...homes.slice(0, 7).map(([client, place], i) => [client, place, `K-${i + 34}`, 'Sweet corn', '640']),
].map(([client, place, code, crop, size], i) => ({
  Client: client,
  Address: place,
  'Sample ID': code,
  Crop: crop,
  'Size (sq ft)': size,
  'Report date': '2026-11-23',
  Lab: 'Vale soil room (simulated)',
  pH: (5.4 + (i % 12) / 10).toFixed(1),
  'M3-P (ppm)': String(20 + 3 * i),
  'M3-K (ppm)': String(60 + 5 * i),
}))
const file = { name: 'monday.csv', mimeType: 'text/csv', buffer: Buffer.from(Papa.unparse(rows)) }

test('forty samples of 33 homes: matched or made, worked off by keyboard, one PDF of their letters, and nothing twice', async ({
  watched: page,
}) => {
  test.slow()
  await loadSamples(page)
  await page.goto('/intake')
  const hands = handsOn(page)
  await page.getByLabel('Choose a file of results').setInputFiles(file)
  await hands.click(page.getByRole('button', { name: 'Read the samples' }))
  await expect(page.getByText('40 samples of 33 homes')).toBeVisible()
  await expect(page.getByText('1 to cases that are here, 32 new')).toBeVisible()
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([])
  await hands.click(page.getByRole('button', { name: 'Take in 33 homes' }))
  const next = page.getByRole('button', { name: 'Next' })
  for (let i = 1; i <= 33; i += 1) {
    await expect(page.getByText(`${i} of 33`, { exact: true })).toBeVisible()
    const [size, crop] = [
      page.getByLabel('Size', { exact: true }),
      page.getByRole('combobox', { name: 'What grows there' }),
    ]
    // The fifth home’s first sample names no crop of ours, the tenth has no size.
    if (i === 10) {
      await expect(size).toBeFocused()
      await hands.type('12x18')
      await expect(page.getByText('12 ft × 18 ft = 216 ft²')).toBeVisible()
      await hands.keys('Enter')
    }
    if (i === 5) {
      await expect(crop).toBeFocused()
      await hands.type('tall')
      await hands.keys('Enter')
      await expect(page.getByText(/tall fescue/).first()).toBeVisible()
    }
    if (i === 9) expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([])
    await expect(next).toBeFocused()
    await hands.keys('Enter')
  }
  await expect(page.getByRole('heading', { name: 'All are looked at.' })).toBeVisible()
  tell('b, all 33', hands, '66')

  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'One PDF of all letters' }).click()
  const saved = await download
  await expect(page.getByText('33 letters in one PDF, each kept in its case')).toBeVisible()
  const pdf = await getDocument({ data: new Uint8Array(await readFile((await saved.path())!)), verbosity: 0 }).promise
  expect(pdf.numPages).toBeGreaterThanOrEqual(33)
  const table = page.waitForEvent('download')
  await page.getByRole('button', { name: 'What was recommended, as a table' }).click()
  const csv = await readFile((await (await table).path())!, 'utf8')
  const { data } = Papa.parse<Record<string, string>>(csv.replace('\uFEFF', ''), { header: true, skipEmptyLines: true })
  expect(new Set(data.map(({ Client: client, Place: place }) => `${client} ${place}`)).size).toBe(33)
  expect(data.find(({ Client: client, Size: size }) => client === 'Jessop, Ida' || size === '216 ft²')).toBeTruthy()

  // The same file once more: every report is known, and none is there twice.
  await page.goto('/intake')
  await page.getByLabel('Choose a file of results').setInputFiles(file)
  await page.getByRole('button', { name: 'Read the samples' }).click()
  await expect(page.getByText('33 to cases that are here, 0 new')).toBeVisible()
  await page.getByRole('button', { name: 'Take in 33 homes' }).click()
  await expect(page.getByText('1 of 33', { exact: true })).toBeVisible()
  await expect(page.getByText('40 reports were there already and stayed as they were.')).toBeVisible()
  await page.getByRole('link', { name: 'Open the case' }).click()
  await page.getByRole('button', { name: /^Results/ }).click()
  await expect(page.getByRole('navigation', { name: /^Reports of/ }).getByRole('button', { name: /K-1/ })).toHaveCount(
    1,
  )
})

test('what could be of several is asked about, and left out until somebody says; a dropped file is read too', async ({
  watched: page,
}) => {
  await loadSamples(page)
  await page.goto('/intake')
  const text = 'Client,Address,Sample ID,pH\nHenrike Aldous,Somewhere else,Q-1,6.1\nIda Brook,Weir End,Q-2,6.2\n'
  const data = await page.evaluateHandle((csv) => {
    const transfer = new DataTransfer()
    transfer.items.add(new File([csv], 'two.csv', { type: 'text/csv' }))
    return transfer
  }, text)
  await page.dispatchEvent('main', 'drop', { dataTransfer: data })
  await page.getByRole('button', { name: 'Read the samples' }).click()
  await expect(page.getByText('0 to cases that are here, 1 new, 1 to be decided')).toBeVisible()
  await expect(page.getByText('1 home waits for a word and would be left out.')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Take in 1 home' })).toBeVisible()
  await page
    .getByLabel('Case of Henrike Aldous')
    .selectOption({ label: 'Henrike Aldous, Lakeside cottage, Ossian Narrows' })
  await page.getByRole('button', { name: 'Take in 2 homes' }).click()
  await expect(page.getByRole('region', { name: 'Henrike Aldous' })).toBeVisible()
  await page.goto('/intake')
  await page.getByRole('button', { name: /^Go on/ }).click()
  await expect(page.getByText('1 of 2', { exact: true })).toBeVisible()
  await page.getByRole('link', { name: 'All piles' }).click()
  await page.getByRole('button', { name: /^Take the pile away/ }).click()
  await expect(page.getByText('What came of a file waits here as a pile')).toBeVisible()
})
