import AxeBuilder from '@axe-core/playwright'
import type { Locator, Page } from '@playwright/test'
import { mkdtemp, readFile, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect, kept, loadSamples, test, type } from './app'

/** The plan of a sample case that nobody has drawn yet. */
async function openPlan(page: Page, path = 'sample-city-lot&area=lot') {
  await loadSamples(page)
  await page.goto(`/case?id=${path}&station=ground`)
  await page.getByRole('radio', { name: 'On the plan' }).click()
  const plan = page.locator('[data-plan]')
  await expect(plan.locator('canvas').first()).toBeVisible()
  return plan
}

const shapes = (page: Page) => page.getByRole('region', { name: /^Shapes of/ })
/** A point of the plan, as a share of its width and height. */
async function at(plan: Locator, x: number, y: number) {
  const box = (await plan.boundingBox())!
  return [box.x + box.width * x, box.y + box.height * y] as const
}
async function drag(
  page: Page,
  plan: Locator,
  from: readonly [number, number],
  to: readonly [number, number],
  during?: () => Promise<void>,
) {
  await page.mouse.move(...(await at(plan, ...from)))
  await page.mouse.down()
  await page.mouse.move(...(await at(plan, ...to)), { steps: 6 })
  await during?.()
  await page.mouse.up()
}
const figureIn = async (locator: Locator) => Number((await locator.textContent())!.replace(/[^\d.]/g, ''))

test('drawn with the mouse, moved, sized and typed exactly; a hole cut out; undone and redone', async ({
  watched: page,
}) => {
  const plan = await openPlan(page)
  await page.getByRole('button', { name: 'Rectangle' }).click()
  await page.waitForTimeout(100)
  await drag(page, plan, [0.3, 0.3], [0.6, 0.7], async () => {
    // Its lengths and its area stand beside it while it is drawn.
    await expect(plan.getByRole('status')).toHaveText(/^[\d.]+ ft × [\d.]+ ft, [\d,.]+ ft²$/)
  })
  const width = shapes(page).getByLabel('Width')
  await expect(width).not.toHaveValue('')
  const before = Number(await width.inputValue())
  // Moved as a whole: its place changes, its lengths do not.
  const east = Number(await shapes(page).getByLabel('East').inputValue())
  await drag(page, plan, [0.4, 0.4], [0.5, 0.4])
  await expect.poll(async () => Number(await shapes(page).getByLabel('East').inputValue())).toBeGreaterThan(east + 1)
  expect(Number(await width.inputValue())).toBe(before)
  // Sized by a corner: the corner across from it stays.
  const corner = await at(plan, 0.7, 0.3)
  await page.mouse.move(corner[0], corner[1])
  await page.mouse.down()
  await page.mouse.move(corner[0] + 70, corner[1] - 20, { steps: 5 })
  await page.mouse.up()
  await expect.poll(async () => Number(await width.inputValue())).toBeGreaterThan(before)
  // Typed exactly.
  await type(page, 'Width', '18')
  await type(page, 'Length', '26')
  await page.getByRole('button', { name: 'Take the size from the plan' }).click()
  await expect(shapes(page)).toContainText('468 ft², drawn to typed lengths, about ± 1.4 %')
  // A patio in it.
  await page.getByRole('button', { name: 'All of it' }).click()
  await page.getByRole('button', { name: 'Circle', exact: true }).click()
  await page.getByRole('radio', { name: 'a hole in this area' }).click()
  await drag(page, plan, [0.5, 0.5], [0.53, 0.5])
  await expect.poll(async () => figureIn(shapes(page).locator('p').first().locator('strong'))).toBeLessThan(468)
  await kept(page)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(shapes(page)).toContainText('468 ft²')
  await page.getByRole('button', { name: 'Redo' }).click()
  await expect(shapes(page)).not.toContainText('468 ft²')
  await page.reload()
  await page.getByRole('radio', { name: 'On the plan' }).click()
  // What is cut out lies folded in its shape.
  await expect(shapes(page).getByRole('listitem')).toHaveCount(1)
  await shapes(page).getByRole('button', { name: 'A hole is cut from it' }).click()
  await expect(shapes(page).getByRole('listitem')).toHaveCount(2)
  // Beside what is known of the ground stands what is drawn of it.
  await page.getByRole('radio', { name: 'What is known of it' }).click()
  const glance = page.getByRole('img', { name: /^The ground as it is drawn/ })
  await expect(glance).toBeVisible()
  await page.getByRole('button', { name: 'Draw on it' }).click()
  await expect(plan.locator('canvas').first()).toBeVisible()
})

test('by keyboard alone, with the same result', async ({ watched: page }) => {
  await openPlan(page)
  await shapes(page).getByLabel('Shape', { exact: true }).focus()
  await page.keyboard.type('Rect')
  await page.keyboard.press('Tab')
  await page.keyboard.press('Enter')
  for (const [label, text] of [
    ['Width', '18'],
    ['Length', '26'],
    ['East', '-4.5'],
  ] as const)
    await type(page, label, text)
  await expect(shapes(page)).toContainText('The plan says 468 ft².')
  await page.getByRole('button', { name: 'Take the size from the plan' }).focus()
  await page.keyboard.press('Enter')
  await expect(shapes(page)).toContainText('468 ft², drawn to typed lengths')
  // The arrow keys push what is chosen.
  await page.getByRole('application').focus()
  await page.keyboard.press('ArrowRight')
  await expect.poll(async () => Number(await shapes(page).getByLabel('East').inputValue())).toBeGreaterThan(-4.5)
  // What cannot be read stays, is told of, and changes nothing.
  await type(page, 'Width', 'wide')
  await expect(shapes(page).getByText('Type a number, like 12 or 12.5.')).toBeVisible()
  await expect(shapes(page)).toContainText('468 ft²')
  const { violations } = await new AxeBuilder({ page }).analyze()
  expect(violations.map(({ id, nodes }) => `${id}: ${nodes[0]!.html}`)).toEqual([])
})

test('an edge that crosses itself says so, and is untied', async ({ watched: page }) => {
  await openPlan(page)
  await shapes(page).getByLabel('Shape', { exact: true }).selectOption('Polygon')
  await page.getByRole('button', { name: 'Add a shape' }).click()
  await type(page, /^Corners/, '0,0; 12,12; 12,0; 0,6')
  await expect(shapes(page).getByRole('alert')).toContainText('Its edge crosses itself')
  await page.getByRole('button', { name: 'Untie it' }).click()
  // The larger half, 12 × 8 ÷ 2 (by hand).
  await expect(shapes(page)).toContainText('The plan says 48 ft².')
})

test.describe('by touch', () => {
  test.use({ apart: true, hasTouch: true, viewport: { width: 1024, height: 768 } })
  test('a polygon by taps, a rectangle by a finger, and two fingers zoom', async ({ watched: page, context }) => {
    const plan = await openPlan(page)
    await page.getByRole('button', { name: 'Polygon' }).tap()
    await page.waitForTimeout(100)
    const corners = [
      [0.3, 0.3],
      [0.7, 0.35],
      [0.6, 0.7],
      [0.3, 0.3],
    ] as const
    for (const [x, y] of corners) {
      await page.touchscreen.tap(...(await at(plan, x, y)))
      await page.waitForTimeout(60)
    }
    await expect(shapes(page).getByRole('listitem')).toHaveCount(1)
    await expect(shapes(page)).toContainText('1. Polygon')
    const devtools = await context.newCDPSession(page)
    const touch = (kind: 'touchStart' | 'touchMove' | 'touchEnd', ...points: (readonly [number, number])[]) =>
      devtools.send('Input.dispatchTouchEvent', { type: kind, touchPoints: points.map(([x, y], id) => ({ x, y, id })) })
    await page.getByRole('button', { name: 'Rectangle' }).tap()
    await page.getByRole('radio', { name: 'a new area' }).tap()
    const [from, to] = [await at(plan, 0.1, 0.6), await at(plan, 0.25, 0.85)]
    await touch('touchStart', from)
    await touch('touchMove', [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2])
    await touch('touchMove', to)
    await touch('touchEnd')
    await expect(shapes(page)).toContainText('1. Rectangle')
    await expect(page.getByRole('navigation', { name: /Areas/ }).getByText('Area 2')).toBeVisible()
    const bar = () => plan.locator('svg[aria-label$=" ft"]').getAttribute('width')
    const was = `${await plan.locator('svg[aria-label$=" ft"]').getAttribute('aria-label')} ${await bar()}`
    const [a, b] = [await at(plan, 0.4, 0.5), await at(plan, 0.5, 0.5)]
    await touch('touchStart', a, b)
    await touch('touchMove', [a[0] - 30, a[1]], [b[0] + 30, b[1]])
    await touch('touchMove', [a[0] - 90, a[1]], [b[0] + 90, b[1]])
    await touch('touchEnd')
    await expect
      .poll(async () => `${await plan.locator('svg[aria-label$=" ft"]').getAttribute('aria-label')} ${await bar()}`)
      .not.toBe(was)
  })
})

test('traced over a picture whose scale is set from two points', async ({ watched: page }) => {
  const plan = await openPlan(page)
  await page.getByRole('button', { name: 'Use the made-up aerial picture' }).click()
  await page.getByRole('button', { name: 'Set its scale' }).click()
  // Two points of the picture; what they are apart is said next.
  const [left, right] = [await at(plan, 0.3, 0.5), await at(plan, 0.6, 0.5)]
  await page.mouse.click(...left)
  await page.mouse.click(...right)
  await page.getByLabel('How far apart are the two points really?').fill('150 ft')
  await page.getByRole('button', { name: 'Set the scale' }).click()
  await page.getByRole('button', { name: 'All of it' }).click()
  await page.getByRole('button', { name: 'Rectangle' }).click()
  await page.waitForTimeout(100)
  await drag(page, plan, [0.3, 0.4], [0.5, 0.6])
  await page.getByRole('button', { name: 'Take the size from the plan' }).click()
  await expect(shapes(page)).toContainText('traced over a picture, about ± 2.8 %')
  await kept(page)
  await page.reload()
  await page.getByRole('radio', { name: 'On the plan' }).click()
  await expect(page.getByRole('button', { name: 'Set its scale' })).toBeVisible()
})

test('pictures and plans that cannot be taken say why, and are mended where they can be', async ({ watched: page }) => {
  test.slow()
  await openPlan(page)
  const picture = page.getByLabel('Load a photo or sketch')
  const load = (bytes: Buffer, name = 'photo.jpg') =>
    picture.setInputFiles({ name, mimeType: 'image/jpeg', buffer: bytes })
  const large = join(await mkdtemp(join(tmpdir(), 'agrologos-')), 'photo.jpg')
  await writeFile(large, Buffer.alloc(40_000_000))
  await picture.setInputFiles(large)
  await expect(page.getByText('This picture is larger than 12 MB')).toBeVisible()
  await load(Buffer.from('not a picture at all'))
  await expect(page.getByText('This file is no picture that can be read here')).toBeVisible()
  await load(Buffer.concat([Buffer.from([0xff, 0xd8, 0xff]), Buffer.alloc(300)]))
  await expect(page.getByText('This picture is damaged')).toBeVisible()

  const plan = page.getByLabel('Load GeoJSON')
  const geojson = (content: unknown) =>
    plan.setInputFiles({
      name: 'plan.geojson',
      mimeType: 'application/geo+json',
      buffer: Buffer.from(typeof content === 'string' ? content : JSON.stringify(content)),
    })
  const polygon = (coordinates: number[][]) => ({ type: 'Polygon', coordinates: [coordinates] })
  await geojson('a letter')
  await expect(page.getByText('it is not even JSON')).toBeVisible()
  await geojson({ type: 'Topology' })
  await expect(page.getByText('holds no GeoJSON polygons')).toBeVisible()
  // Four hundredths of a second of arc are 1.235 m of latitude: a square of about 100 × 100 ft.
  const d = 100 / 3.28084 / 111_195
  const [lon, lat] = [-71, 0]
  await geojson(
    polygon([
      [lon, lat],
      [lon + d, lat],
      [lon + d, lat + d],
      [lon, lat + d],
      [lon, lat],
    ]),
  )
  await expect(page.getByText('This file is in degrees')).toBeVisible()
  await page.getByRole('button', { name: 'Turn it into metres' }).click()
  await expect(page.getByText('1 area was added from the file.')).toBeVisible()
  await page.getByRole('navigation', { name: /Areas/ }).getByText('Area 2').click()
  await expect.poll(async () => figureIn(shapes(page).locator('strong').first())).toBeGreaterThan(0)
  const round = Array.from({ length: 50_001 }, (_, i) => [
    30 * Math.cos((i / 50_000) * 2 * Math.PI),
    30 * Math.sin((i / 50_000) * 2 * Math.PI),
  ])
  await geojson(polygon(round))
  await expect(page.getByText('more than 2,000 corners')).toBeVisible()
  await page.getByRole('button', { name: 'Thin it' }).click()
  await expect(page.getByText('1 area was added from the file.')).toBeVisible()
  await expect(page.getByRole('navigation', { name: /Areas/ }).getByText('Area 3')).toBeVisible()
})

test('goes out as GeoJSON and PNG, and comes back the same', async ({ watched: page }) => {
  await openPlan(page)
  await shapes(page).getByLabel('Shape', { exact: true }).selectOption('Ring around a trunk')
  await page.getByRole('button', { name: 'Add a shape' }).click()
  await type(page, 'Outside, across', '12')
  await type(page, 'Inside, across', '3')
  // π ÷ 4 × (144 − 9) by hand.
  await expect(shapes(page)).toContainText('The plan says 106 ft².')
  const saved = async (name: string) => {
    const download = page.waitForEvent('download')
    await page.getByRole('button', { name, exact: true }).click()
    return readFile((await (await download).path())!)
  }
  const png = await saved('PNG')
  expect([...png.subarray(1, 4)].map((byte) => String.fromCharCode(byte)).join('')).toBe('PNG')
  expect(png.length).toBeGreaterThan(5_000)
  const file = await saved('GeoJSON')
  expect(JSON.parse(file.toString())).toMatchObject({
    agrologos: { units: 'm' },
    features: [{ geometry: { type: 'Polygon' }, properties: { name: 'Back lot', hole: false } }],
  })
  await page
    .getByLabel('Load GeoJSON')
    .setInputFiles({ name: 'plan.geojson', mimeType: 'application/geo+json', buffer: file })
  await page.getByRole('navigation', { name: /Areas/ }).getByText('Back lot').nth(1).click()
  await expect(shapes(page).getByLabel('Outside, across')).toHaveValue('12')
  await expect(shapes(page)).toContainText('106 ft²')
})

test('sizes in paces go by the pace that was measured', async ({ watched: page }) => {
  await loadSamples(page)
  await page.goto('/case?id=sample-city-lot&station=ground')
  await type(page, 'Size', '20 paces x 10 paces')
  // At 2.5 ft, as nobody calibrated it.
  await expect(page.getByText('50 ft × 25 ft = 1,250 ft²')).toBeVisible()
  await type(page, 'One pace of whoever measures', '3')
  await expect(page.getByText('60 ft × 30 ft = 1,800 ft²')).toBeVisible()
})
