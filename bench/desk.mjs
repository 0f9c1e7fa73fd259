import { served } from '../scripts/served.mjs'
import { median, seconds } from './measure.mjs'

/** Opens the Desk of 5,000 cases, finds among them, backs them up and restores them, in a real browser. */
const count = 5_000

/** The page's own clock, from the start of the navigation to when the first case is there. */
const opened = (page) =>
  page.evaluate(
    () =>
      new Promise((resolve) => {
        const look = () =>
          document.querySelector('tbody a') ? resolve(performance.now()) : requestAnimationFrame(look)
        look()
      }),
  )

/** From a stroke in the search field to the number of cases found being another. */
const found = (page, words) =>
  page.evaluate(
    (text) =>
      new Promise((resolve) => {
        const field = document.querySelector('input[type=search]')
        const told = [...document.querySelectorAll('[role=status]')]
        const status = told.find((one) => /^[\d,]+ (?:cases|of )/.test(one.textContent))
        const before = status.textContent
        Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(field, text)
        const start = performance.now()
        field.dispatchEvent(new Event('input', { bubbles: true }))
        const look = () => (status.textContent === before ? setTimeout(look) : resolve(performance.now() - start))
        look()
      }),
    words,
  )

await served(4633, async (browser, address) => {
  const page = await (await browser.newContext({ serviceWorkers: 'block' })).newPage()
  await page.goto(address)
  await page.getByRole('button', { name: 'Load the sample cases' }).click()
  await page.getByRole('link', { name: 'Henrike Aldous' }).waitFor()
  await page.evaluate(
    (n) =>
      new Promise((resolve) => {
        const opening = indexedDB.open('agrologos')
        opening.onsuccess = () => {
          const writing = opening.result.transaction(['cases', 'summaries'], 'readwrite')
          const [cases, summaries] = ['cases', 'summaries'].map((name) => writing.objectStore(name))
          cases.getAll().onsuccess = (event) => {
            const samples = event.target.result
            const names = ['Aldous', 'Brome', 'Carex', 'Dill', 'Elder', 'Fennel', 'Gale', 'Hazel', 'Iris', 'Juniper']
            for (let i = samples.length; i < n; i += 1) {
              const like = samples[i % samples.length]
              const updatedAt = new Date(Date.UTC(2020, 0, 1) + i * 3_600_000).toISOString()
              const one = {
                ...like,
                id: `made-${i}`,
                client: `${names[i % 10]} ${names[(i * 7) % 10]} ${i}`,
                updatedAt,
              }
              cases.put(one)
              const { id, client, place } = one
              const areas = one.areas.map((area) => area.name)
              summaries.put({ id, client, place, areas, waitsFor: 'materials', updatedAt, sample: false })
            }
          }
          writing.oncomplete = () => {
            opening.result.close()
            resolve()
          }
        }
      }),
    count,
  )
  const openings = []
  for (let i = 0; i < 7; i += 1) {
    await page.goto(address)
    openings.push(await opened(page))
  }
  console.log(
    `\nThe Desk of ${count} cases, until the first is in sight: median ${median(openings).toFixed(0)} ms. Aim: under 300 ms.`,
  )
  await page.getByText('5,000 cases').waitFor()
  const rows = await page.locator('tbody tr').count()
  const searches = []
  for (const words of ['j', 'juniper 49', 'xx', 'lake', 'elder gale', 'c', 'school'])
    searches.push(await found(page, words))
  console.log(
    `Finding among them: median ${median(searches).toFixed(0)} ms, longest ${Math.max(...searches).toFixed(0)} ms, ${rows} rows drawn. Aim: under 50 ms.`,
  )

  await page.goto(`${address}/office`)
  const download = page.waitForEvent('download')
  let start = performance.now()
  await page.getByRole('button', { name: 'Save a backup' }).click()
  const file = await (await download).path()
  console.log(`A backup of them: ${seconds(performance.now() - start)}.`)
  const empty = await (await browser.newContext({ serviceWorkers: 'block' })).newPage()
  await empty.goto(`${address}/office`)
  start = performance.now()
  await empty.locator('input[type=file][accept*=zip]').setInputFiles(file)
  await empty.getByRole('button', { name: 'Restore', exact: true }).click({ timeout: 120_000 })
  const read = performance.now() - start
  start = performance.now()
  await empty.getByText('Restored.').waitFor({ timeout: 300_000 })
  console.log(
    `Read and compared in ${seconds(read)}, restored in an empty browser in ${seconds(performance.now() - start)}.`,
  )
})
