import { request, type IncomingMessage } from 'node:http'
import AxeBuilder from '@axe-core/playwright'
import { expect, loadSamples, test, type, unfold } from './app'

const views = [
  '/',
  '/counter',
  '/office',
  '/guides',
  '/shelf',
  '/bench',
  '/practice',
  '/intake',
  '/guides?guide=mehlich-1-southeast%401&crop=highbush-blueberry',
  ...['ground', 'sample', 'results', 'reading', 'amounts', 'materials', 'calendar', 'letter', 'log', 'history'].map(
    (station) => `/case?id=sample-village-hall&station=${station}`,
  ),
  '/guides?guide=soilless-mix%401',
  '/case?id=sample-smallholding&station=ground&area=apples',
  '/case?id=sample-city-lot&station=results',
  '/case?id=sample-market-garden&station=amounts',
  '/case?id=sample-returning&station=reading',
  '/nowhere',
]

const screens = [
  [
    'a desk',
    { width: 1280, height: 800 },
    { forcedColors: 'none', contrast: 'no-preference', reducedMotion: 'no-preference' },
  ],
  // A phone whose system sets the colours.
  [
    'a phone',
    { width: 390, height: 844 },
    { forcedColors: 'active', contrast: 'no-preference', reducedMotion: 'no-preference' },
  ],
  // A desk’s screen at 400 %, for whoever asks the system for more contrast and less motion.
  [
    'a screen at 400 %',
    { width: 320, height: 256 },
    { forcedColors: 'none', contrast: 'more', reducedMotion: 'reduce' },
  ],
] as const

const inSixths = (all: readonly string[]) => [0, 1, 2, 3, 4, 5].map((part) => all.filter((_, i) => i % 6 === part))

test.describe('every view', () => {
  test.use({ expectedErrors: [/status of 404/] })

  for (const some of inSixths(views))
    test(`is accessible and fits a desk, a phone and a screen at 400 %: ${some[0]} and more`, async ({
      watched: page,
    }) => {
      test.slow()
      await loadSamples(page)
      for (const view of some) {
        await page.goto(view)
        await expect(page.getByRole('heading').first()).toBeVisible()
        for (const [name, size, media] of screens) {
          await page.setViewportSize(size)
          await page.emulateMedia(media)
          const { violations } = await new AxeBuilder({ page })
            // No view has frames.
            .setLegacyMode(true)
            // Passes a few days apart lie over each other on the strip; each has a field for its day in the list beneath.
            .exclude('[aria-describedby=calendar-move]')
            .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
            .analyze()
          expect(
            violations.map((one) => `${view} on ${name}: ${one.id}: ${one.nodes.map((node) => node.html).join(' ')}`),
          ).toEqual([])
          const wide = await page.evaluate(() => document.documentElement.scrollWidth)
          expect(wide, `${view} on ${name}`).toBeLessThanOrEqual(size.width)
        }
      }
    })

  test('every other answer comes with them too: redirections, what is not there, methods that nothing knows', async ({
    baseURL,
  }) => {
    for (const [method, path, status] of [
      ['GET', '/office/', 308],
      ['GET', '//office', 308],
      ['GET', '/nowhere', 404],
      ['GET', '/%E0%A4%A', 404],
      ['GET', '/_next/static/none.js', 404],
      ['POST', '/office', 405],
      ['DELETE', '/', 405],
      ['TRACE', '/office', 405],
      ['PROPFIND', '/api/v1/schemas/case-file', 405],
    ] as const) {
      const answer = await asked(baseURL!, method, path)
      expect(answer.statusCode, `${method} ${path}`).toBe(status)
      expect(answer.headers, `${method} ${path}`).toMatchObject({
        'x-content-type-options': 'nosniff',
        'referrer-policy': 'no-referrer',
        'x-frame-options': 'DENY',
        'content-security-policy': expect.stringContaining("default-src 'none'"),
      })
    }
  })

  test('comes with its security headers, and a policy that allows no inline script by name', async ({ request }) => {
    const files = ['/sw.js', '/manifest.webmanifest', '/icon.svg', '/api/runtime', '/api/v1/schemas/case-file']
    for (const view of [...views, ...files]) {
      const headers = (await request.get(view)).headers()
      expect(headers['x-content-type-options'], view).toBe('nosniff')
      expect(headers['referrer-policy']).toBe('no-referrer')
      expect(headers['x-frame-options']).toBe('DENY')
      expect(headers['content-security-policy']).toContain("default-src 'none'")
      expect(headers['content-security-policy']).not.toMatch(/'unsafe-/)
    }
  })
})

test('where the system sets the colours, what is chosen is still told from what is not', async ({ watched: page }) => {
  await page.emulateMedia({ forcedColors: 'active' })
  await loadSamples(page)
  await page.goto('/case?id=sample-village-hall&station=ground')
  const groundOf = (role: 'radio' | 'button', name: string | RegExp) =>
    page
      .getByRole(role, { name })
      .first()
      .evaluate((one) => getComputedStyle(one.closest('label') ?? one).backgroundColor)
  expect(await groundOf('radio', 'What is known of it')).not.toBe(await groundOf('radio', 'On the plan'))
  expect(await groundOf('button', /^Ground/)).not.toBe(await groundOf('button', /^Letter/))
  expect(await groundOf('button', /^South lawn/)).not.toBe(await groundOf('button', /^Lawn under the limes/))
  expect(await groundOf('button', 'Now the soil report')).not.toBe(await groundOf('button', 'Add an area'))
})

test('on a phone the workings open over the sheet and close again', async ({ watched: page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await loadSamples(page)
  await page.goto('/case?id=sample-village-hall&station=amounts')
  await page.getByRole('region', { name: 'Nitrogen' }).getByRole('button', { name: /lb|oz/ }).first().click()
  const dialog = page.getByRole('dialog')
  await expect(dialog).toContainText('The laboratory’s figure')
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([])
  await page.keyboard.press('Escape')
  await expect(dialog).toHaveCount(0)
})

test('a content policy that is broken is noticed by these tests', async ({ page }) => {
  const faults: string[] = []
  page.on('console', (message) => void (message.type() === 'error' && faults.push(message.text())))
  await page.goto('/')
  await page.evaluate(() => {
    const script = document.createElement('script')
    script.textContent = 'window.broken = true'
    document.body.append(script)
  })
  await expect.poll(() => faults.join(' ')).toMatch(/Content Security Policy/)
  expect(await page.evaluate(() => 'broken' in window)).toBe(false)
})

test('answers stay right when feet become metres', async ({ watched: page }) => {
  await loadSamples(page)
  await page.goto('/case?id=sample-lakeside-cottage&station=ground')
  await unfold(page, 'Measures and climate')
  await page.getByRole('radio', { name: 'kilograms and metres' }).click()
  await page.getByRole('button', { name: /^Amounts/ }).click()
  // 24.8 lb of prills in four passes is 2.81 kg each.
  await expect(page.getByRole('region', { name: 'Sulfur' }).getByRole('button', { name: '2.8 kg' })).toBeVisible()
  await page.getByRole('button', { name: /^Ground/ }).click()
  // A size that stands keeps its feet; a new one is in what the tape is in.
  await page.getByLabel('Size', { exact: true }).fill('')
  await unfold(page, 'Measures and climate')
  await page.getByRole('radio', { name: 'metres', exact: true }).click()
  await type(page, 'Size', '4x5')
  await expect(page.getByText('4 m × 5 m = 20 m²')).toBeVisible()
})

/** The very request, which a browser would put right first. */
const asked = (base: string, method: string, path: string): Promise<IncomingMessage> =>
  new Promise((resolve, reject) => {
    const { hostname, port } = new URL(base)
    request({ hostname, port, method, path }, (answer) => resolve(answer.resume()))
      .on('error', reject)
      .end()
  })
