import { served } from '../scripts/served.mjs'

/** Drags one of 200 areas about the plan, and prints the longest task that kept the page from answering. */
const count = 200

await served(4634, async (browser, address) => {
  const page = await (
    await browser.newContext({ serviceWorkers: 'block', viewport: { width: 1280, height: 800 } })
  ).newPage()
  await page.goto(address)
  await page.getByRole('button', { name: 'Load the sample cases' }).click()
  await page.getByRole('link', { name: 'Orla Tamsin' }).waitFor()
  await page.goto(`${address}/case?id=sample-city-lot&station=ground`)
  await page.getByRole('radio', { name: 'On the plan' }).click()
  // A market garden of beds, ten to a row.
  const bed = (i) => {
    const [x, y] = [(i % 20) * 4, Math.floor(i / 20) * 4]
    return [
      [x, y],
      [x + 3, y],
      [x + 3, y + 3],
      [x, y + 3],
      [x, y],
    ]
  }
  const plan = {
    type: 'FeatureCollection',
    agrologos: { units: 'm' },
    features: Array.from({ length: count }, (_, i) => ({
      type: 'Feature',
      geometry: { type: 'Polygon', coordinates: [bed(i)] },
      properties: { name: `Bed ${i + 1}` },
    })),
  }
  await page.getByLabel('Load GeoJSON').setInputFiles({
    name: 'plan.geojson',
    mimeType: 'application/geo+json',
    buffer: Buffer.from(JSON.stringify(plan)),
  })
  await page.getByText(`${count} areas were added`).waitFor()
  await page.getByRole('button', { name: 'All of it' }).click()
  await page.waitForTimeout(2_000)
  await page.evaluate(() => {
    window.tasks = []
    new PerformanceObserver((list) => window.tasks.push(...list.getEntries().map((one) => one.duration))).observe({
      entryTypes: ['longtask'],
    })
  })
  const box = await page.locator('[data-plan]').boundingBox()
  // Two metres beside the middle, where a path runs, at about 9½ px a metre.
  const middle = [box.x + box.width / 2 + 19, box.y + box.height / 2 - 19]
  await page.mouse.click(...middle)
  await page.waitForTimeout(800)
  const told = async (what) => {
    await page.waitForTimeout(1_200)
    const tasks = await page.evaluate(() => window.tasks.splice(0))
    console.log(
      `${what}: ${tasks.length} tasks over 50 ms${tasks.length ? `, the longest ${Math.max(...tasks).toFixed(0)} ms` : ''}. Aim: none.`,
    )
  }
  await told(`Choosing one of ${count} areas`)
  const place = () => page.getByLabel(/^Corners/).inputValue()
  const before = await place()
  await page.mouse.move(...middle)
  await page.mouse.down()
  for (let i = 0; i < 90; i += 1) {
    await page.mouse.move(middle[0] + 60 * Math.sin(i / 9), middle[1] + i / 2)
    await page.waitForTimeout(16)
  }
  await told('Dragging it for a second and a half')
  await page.mouse.up()
  await told('Letting it go')
  console.log(`It lay at ${before.split(';')[0]} and lies at ${(await place()).split(';')[0]} now.`)
})
