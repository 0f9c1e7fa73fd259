import {
  test as base,
  expect,
  type Browser,
  type BrowserContext,
  type BrowserContextOptions,
  type Page,
} from '@playwright/test'
import { shiftClock, shiftTo, testDay } from '../scripts/on-day.mjs'
import { putRows, rowsOf, type Rows } from './rows'

interface Fixtures {
  /** A page that is watched: any request to another origin, any console error, and any break of the content policy fails the test. */
  watched: Page
  expectedErrors: RegExp[]
  /** Another machine: a browser with nothing in it. */
  elsewhere: () => Promise<Page>
  /** In a browser context of its own: where the test says what the device is, or its service workers. */
  apart: boolean
}
interface OfWorker {
  /**
   * One profile for all tests of a worker, emptied between them: scripts that were compiled stay compiled, which is most
   * of what a page costs.
   */
  profile: BrowserContext
}

/** As in a browser that keeps its copy of the app: stations that nobody looks at do not come. */
const keepsCopy = () => {
  navigator.serviceWorker.getRegistration = () => Promise.resolve({} as ServiceWorkerRegistration)
}

/** What every page of the tests is opened with. */
const contextOf = async (browser: Browser, options: BrowserContextOptions) => {
  const context = await browser.newContext(options)
  await context.addInitScript(shiftClock, shiftTo(testDay))
  return context
}
const plain = (baseURL: string | undefined): BrowserContextOptions => ({
  baseURL,
  viewport: { width: 1280, height: 800 },
  serviceWorkers: 'block',
})

/** Leaves a profile as a new one is: no page, no data, no rights. */
async function emptied(profile: BrowserContext, origin: string) {
  const page = await profile.newPage()
  await Promise.all(profile.pages().map((one) => (one === page ? undefined : one.close())))
  const devtools = await profile.newCDPSession(page)
  await devtools.send('Storage.clearDataForOrigin', {
    origin,
    storageTypes: 'indexeddb,local_storage,cache_storage,service_workers,cookies,file_systems',
  })
  await profile.setOffline(false)
  await profile.clearPermissions()
  await page.close()
}

export const test = base.extend<Fixtures, OfWorker>({
  expectedErrors: [[], { option: true }],
  apart: [false, { option: true }],
  profile: [
    async ({ browser }, use, { project }) => {
      const profile = await contextOf(browser, plain(project.use.baseURL))
      await profile.addInitScript(keepsCopy)
      await use(profile)
      await profile.close()
    },
    { scope: 'worker' },
  ],
  context: async ({ apart, profile, browser, baseURL, contextOptions, hasTouch, viewport, serviceWorkers }, use) => {
    if (apart) {
      const own = await contextOf(browser, { ...contextOptions, baseURL, hasTouch, viewport, serviceWorkers })
      await use(own)
      return own.close()
    }
    await use(profile)
    await emptied(profile, new URL(baseURL!).origin)
  },
  watched: async ({ page, baseURL, expectedErrors }, use) => {
    const faults: string[] = []
    watch(page, new URL(baseURL!).origin, faults, expectedErrors)
    await use(page)
    expect(faults).toEqual([])
  },
  elsewhere: async ({ browser, baseURL }, use) => {
    const opened: BrowserContext[] = []
    await use(async () => {
      const context = await contextOf(browser, plain(baseURL))
      opened.push(context)
      return context.newPage()
    })
    for (const context of opened) await context.close()
  },
})

export function watch(page: Page, origin: string, faults: string[], allowed: readonly RegExp[] = []) {
  const note = (fault: string) => {
    if (!allowed.some((pattern) => pattern.test(fault))) faults.push(fault)
  }
  page.on('request', (request) => {
    const url = new URL(request.url())
    if (['http:', 'https:', 'ws:', 'wss:'].includes(url.protocol) && url.origin !== origin)
      note(`request to ${url.origin}`)
  })
  page.on('console', (message) => {
    if (message.type() === 'error') note(`console: ${message.text()}`)
  })
  page.on('pageerror', (error) => note(`error: ${error.message}`))
}

export { expect }

/** From now on it is this day for a page, at ten in the morning; also in what it has open. */
export async function onDay(page: Page, day: string) {
  await page.addInitScript(shiftClock, shiftTo(day))
  await page.evaluate(shiftClock, shiftTo(day))
}

/** The samples as they lie in the database when the Desk has looked at all of them, by the day on which they were loaded. */
const samples = new Map<string, Rows>()

/**
 * Puts the sample cases where the app keeps them. In each worker the first test that wants them loads them from the empty
 * Desk, as people do; what lies in the database then is put there for the others.
 */
export async function loadSamples(page: Page) {
  // Of the app's address, and without the app.
  await page.goto('/icon.svg')
  const day = await page.evaluate(() => new Date().toDateString())
  const known = samples.get(day)
  if (known) return putRows(page, known)
  await page.goto('/')
  await page.getByRole('button', { name: 'Load the sample cases' }).click()
  await expect(page.getByRole('link', { name: 'Vale End Primary School' })).toBeVisible()
  await expect.poll(async () => unjudged(await rowsOf(page)), { timeout: 120_000 }).toBe(0)
  samples.set(day, await rowsOf(page))
}

/** Cases of which the Desk has not yet said what falls due. */
const unjudged = ({ tables }: Rows): number =>
  tables.find(({ name }) => name === 'summaries')!.rows.filter((row) => !(row as { dues?: unknown }).dues).length

export const kept = (page: Page) => expect(page.getByText('Kept on this machine')).toBeVisible()

/** Opens a named group of fields that is shut. */
export const unfold = (page: Page, group: string) => page.getByRole('button', { name: new RegExp(`^${group}`) }).click()

/** Types into the field with this label, key by key. */
export async function type(page: Page, label: string | RegExp, text: string) {
  const field = page.getByLabel(label, { exact: true }).first()
  await field.focus()
  await page.keyboard.press('ControlOrMeta+A')
  await page.keyboard.type(text)
}

/** Makes this page's writes fail until it is let go: what is typed waits on the page. */
export const hold = (page: Page, held: boolean) =>
  page.evaluate((on) => {
    const store = IDBObjectStore.prototype as IDBObjectStore & { plain?: IDBObjectStore['put'] }
    store.plain ??= store.put
    store.put = on
      ? () => {
          throw new DOMException('held', 'QuotaExceededError')
        }
      : store.plain
  }, held)

/** Writes into a database of its own until the browser takes no more. */
export const fillUp = (page: Page) =>
  page.evaluate(
    () =>
      new Promise<void>((resolve) => {
        const request = indexedDB.open('filler', 1)
        request.onupgradeneeded = () => request.result.createObjectStore('bytes', { autoIncrement: true })
        request.onerror = () => resolve()
        request.onsuccess = () => {
          let left = 200
          const put = () => {
            const writing = request.result.transaction('bytes', 'readwrite')
            const bytes = new Uint8Array(65_536).map(() => Math.random() * 256)
            writing.objectStore('bytes').put(bytes)
            writing.oncomplete = () => ((left -= 1) > 0 ? put() : end())
            writing.onabort = () => end()
          }
          const end = () => {
            request.result.close()
            resolve()
          }
          put()
        }
      }),
  )
