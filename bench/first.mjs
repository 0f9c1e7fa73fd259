import { served } from './served.mjs'

/** JavaScript on the wire, and time, from a cold cache until a page can be used. */
const pages = [
  ['/', (page) => page.getByRole('link', { name: 'Vale End Primary School' })],
  ['/counter', (page) => page.getByLabel('Size', { exact: true })],
  ['/case?id=sample-village-hall&station=amounts', (page) => page.getByRole('button', { name: /lb/ }).first()],
]

await served(4654, async (browser, address) => {
  console.log('\nUntil it can be used, with a cold cache:')
  const context = await browser.newContext({ serviceWorkers: 'block' })
  const first = await context.newPage()
  await first.goto(address)
  await first.getByRole('button', { name: 'Load the sample cases' }).click()
  await first.getByRole('link', { name: 'Vale End Primary School' }).waitFor()
  await first.close()
  for (const [path, ready] of pages) {
    const page = await context.newPage()
    const wire = await context.newCDPSession(page)
    await wire.send('Network.enable')
    await wire.send('Network.setCacheDisabled', { cacheDisabled: true })
    const scripts = new Set()
    let bytes = 0
    wire.on('Network.responseReceived', ({ requestId, type }) => type === 'Script' && scripts.add(requestId))
    wire.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
      if (scripts.has(requestId)) bytes += encodedDataLength
    })
    const start = performance.now()
    await page.goto(address + path, { waitUntil: 'commit' })
    await ready(page).waitFor()
    const ms = performance.now() - start
    console.log(`  ${path.replace(/\?.*/, '').padEnd(9)} ${(bytes / 1000).toFixed(0)} kB, ${ms.toFixed(0)} ms`)
    await page.close()
  }
})
