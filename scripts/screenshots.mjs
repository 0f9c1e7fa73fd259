import { spawn } from 'node:child_process'
import { join } from 'node:path'
import { chromium } from '@playwright/test'
import { chromium as browserPath, flags } from './chromium.mjs'
import { build, environment, serveScript, root } from './run.mjs'

/** Takes the pictures of docs/screenshots from the sample cases, at 1280 × 800. */
const port = 4632
const address = `http://127.0.0.1:${port}`

await build()
const server = spawn(process.execPath, [serveScript, '--port', String(port)], {
  cwd: root,
  env: { ...environment, AGROLOGOS_DEMO: '1' },
  stdio: ['ignore', 'pipe', 'inherit'],
})
await new Promise((resolve) => server.stdout.on('data', (text) => String(text).includes('Ready') && resolve()))
/** The paper of a report, as a PDF. */
async function madeUpPaper() {
  const paper = await browser.newPage()
  await paper.setContent(`<body style="font:15px Georgia;padding:24px"><h2>Vale soil room (simulated)</h2>
    <p>Sample LOH-S, south lawn. Reported 20 October 2026.</p>
    <table cellpadding="9" style="border-collapse:collapse" border="1"><tr><th>Test</th><th>Result</th><th></th></tr>
    <tr><td>pH in water</td><td>5.2</td><td></td></tr><tr><td>Phosphorus, Mehlich-3</td><td>143 ppm</td><td>very high</td></tr>
    <tr><td>Potassium, Mehlich-3</td><td>58 ppm</td><td>low</td></tr><tr><td>Magnesium, Mehlich-3</td><td>96 ppm</td><td>medium</td></tr></table>
    <p>We recommend, per 1,000 sq ft: lime 110 lb, nitrogen 2 lb, phosphate none, potash 2 lb.</p></body>`)
  const buffer = await paper.pdf({ width: '6in', height: '8in' })
  await paper.close()
  return { name: 'LOH-S report.pdf', mimeType: 'application/pdf', buffer }
}

async function read(page, file) {
  await page.getByRole('button', { name: 'Another report' }).click()
  await page.getByLabel('Read a PDF').setInputFiles(file)
  await page.getByRole('img', { name: /^Page 1/ }).waitFor()
}

/** A laboratory’s file of a few homes, one of which is on the Desk already. */
const mondaysFile = {
  name: 'monday.csv',
  mimeType: 'text/csv',
  buffer: Buffer.from(
    [
      'Client,Address,Sample ID,Crop,Size (sq ft),pH,M3-P (ppm),M3-K (ppm)',
      '"Aldous, Henrike","Lakeside cottage, Ossian Narrows",K-1,Sweet corn,240,6.1,41,96',
      'Ida Kettle,Weir End,K-2,Tomatoes,180,5.4,28,88',
      'Ida Kettle,Hill Top,K-3,Grass,2400,5.9,77,131',
      'Noel Farrow,Farrow Lane,K-4,Blueberries,600,6.3,19,140',
      'Orla Tamsin,somewhere else,K-5,Potatoes,400,5.1,33,102',
    ].join('\n'),
  ),
}

const browser = await chromium.launch({ executablePath: browserPath, args: flags })
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  const take = async (name) => {
    await page.waitForTimeout(500)
    await page.screenshot({ path: join(root, 'docs/screenshots', `${name}.png`) })
  }
  await page.goto(address)
  await page.getByRole('link', { name: 'Vale End Primary School' }).waitFor()
  await take('desk')

  await page.goto(`${address}/counter`)
  await page.getByLabel('pH in water').fill('5.4')
  await page.getByLabel('Size', { exact: true }).fill('12x18')
  await page.getByRole('combobox', { name: 'What grows there' }).fill('sweet')
  await page.keyboard.press('Enter')
  await page.getByLabel('Soil texture').selectOption('loam')
  await take('counter')

  for (const [name, id, station] of [
    ['ground', 'sample-school-garden', 'ground'],
    ['plan', 'sample-lakeside-cottage', 'ground'],
    ['sample', 'sample-smallholding', 'sample'],
    ['results', 'sample-returning', 'results'],
    ['paper', 'sample-village-hall', 'results'],
    ['reading', 'sample-returning', 'reading'],
    ['amounts', 'sample-school-garden', 'amounts'],
    ['materials', 'sample-village-hall', 'materials'],
    ['calendar', 'sample-village-hall', 'calendar'],
    ['letter', 'sample-lakeside-cottage', 'letter'],
    ['log', 'sample-smallholding', 'log'],
  ]) {
    await page.goto(`${address}/case?id=${id}&station=${station}`)
    await page.getByRole('navigation').first().waitFor()
    if (name === 'amounts') {
      await page.getByText('eight times in ten').first().waitFor()
      await page.getByRole('region', { name: 'Lime' }).getByRole('button', { name: /lb/ }).first().click()
    }
    if (name === 'plan') {
      await page.getByRole('radio', { name: 'On the plan' }).click()
      await page.getByRole('button', { name: 'Use the made-up aerial picture' }).click()
      await page.getByRole('navigation', { name: /Areas/ }).getByText('Lake lawn').click()
      await page.waitForTimeout(500)
    }
    if (name === 'sample') await page.getByRole('button', { name: /^Make these samples/ }).click()
    if (name === 'log') await page.locator('canvas').first().waitFor()
    if (name === 'paper') await read(page, await madeUpPaper())
    if (name === 'materials') await page.getByRole('region', { name: 'Chosen for you' }).waitFor()
    await take(name)
  }

  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(`${address}/case?id=sample-lakeside-cottage&station=amounts`)
  await take('phone')
  await page.setViewportSize({ width: 1280, height: 800 })

  await page.goto(`${address}/guides?crop=highbush-blueberry`)
  await take('guides')
  await page.goto(`${address}/shelf`)
  await page.getByText('A product of your own').click()
  await page.getByLabel('As its label reads').fill('16-4-8 30 % slow 40 lb $22.50')
  await take('shelf')

  await page.goto(`${address}/bench`)
  await page.getByLabel('What was said').fill('6.5 lb lime per 1000 ft2')
  await page.getByText('As it should be').first().waitFor()
  await take('bench')

  await page.goto(`${address}/office`)
  await page.getByRole('button', { name: 'Save a backup' }).waitFor()
  await take('office')

  await page.goto(`${address}/intake`)
  await page.getByLabel('Choose a file of results').setInputFiles(mondaysFile)
  await page.getByRole('button', { name: 'Read the samples' }).click()
  await page.getByText('5 samples of 5 homes').evaluate((line) => line.scrollIntoView())
  await take('intake')
} finally {
  await browser.close()
  server.kill('SIGTERM')
}
