import { test as base, expect, type Page } from '@playwright/test'

/**
 * A page that is watched: any request to another origin, any console error, and any break of the content policy fails the test.
 */
export const test = base.extend<{ watched: Page; expectedErrors: RegExp[] }>({
  expectedErrors: [[], { option: true }],
  watched: async ({ page, baseURL, expectedErrors }, use) => {
    const faults: string[] = []
    watch(page, new URL(baseURL!).origin, faults, expectedErrors)
    await use(page)
    expect(faults).toEqual([])
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

/** Loads the sample cases from the empty Desk. */
export async function loadSamples(page: Page) {
  await page.goto('/')
  await page.getByRole('button', { name: 'Load the sample cases' }).click()
  await expect(page.getByRole('link', { name: 'Vale End Primary School' })).toBeVisible()
}

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
