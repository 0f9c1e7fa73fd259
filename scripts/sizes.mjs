import { existsSync, readFileSync } from 'node:fs'
import { basename, join } from 'node:path'
import { decode } from '@jridgewell/sourcemap-codec'
import { freePort, root } from './run.mjs'
import { served } from './served.mjs'

const stationBudget = { usable: 400, rested: 700 }
const hall = (station) => `/case?id=sample-village-hall&station=${station}`
/**
 * What is transferred, gzipped, until the first field of a route can be used, and by five seconds after: scripts, styles,
 * data and all, in kB. Fonts are told apart: nothing waits for them.
 */
const routes = {
  Desk: { path: '/', ready: 'main a[href*="case?id"]', usable: 260 },
  counter: { path: '/counter', ready: 'input', usable: 380 },
  bench: { path: '/bench', ready: 'input', usable: 400 },
  practice: { path: '/practice', ready: 'main button', usable: 380 },
  intake: { path: '/intake', ready: 'main input, main button', usable: 380 },
  guides: { path: '/guides', ready: 'main select, main input', usable: 380 },
  shelf: { path: '/shelf', ready: 'input', usable: 380 },
  office: { path: '/office', ready: 'input', usable: 380 },
  ground: { path: hall('ground'), ready: 'input', ...stationBudget },
  sample: { path: hall('sample'), ready: 'main button', ...stationBudget },
  results: { path: hall('results'), ready: 'input', ...stationBudget },
  reading: { path: hall('reading'), ready: 'main [data-reading], main button', ...stationBudget },
  amounts: { path: hall('amounts'), ready: 'main section button', ...stationBudget },
  materials: { path: hall('materials'), ready: 'main input, main select', ...stationBudget },
  calendar: { path: hall('calendar'), ready: 'main button', ...stationBudget },
  letter: { path: hall('letter'), ready: 'main article', ...stationBudget },
  log: { path: hall('log'), ready: 'input', ...stationBudget },
}

const kB = (bytes) => (bytes / 1000).toFixed(0).padStart(5)

/** How much of a script each of its modules makes, in characters, by the map that the build set aside. */
function modulesOf(script) {
  const map = join(root, '.next/maps', `${script}.map`)
  if (!existsSync(map)) return new Map()
  const { sources, mappings, sections } = JSON.parse(readFileSync(map, 'utf8'))
  const lines = readFileSync(join(root, '.next/static/chunks', script), 'utf8').split('\n')
  const sizes = new Map()
  const count = (names, decoded, [line, column]) =>
    decoded.forEach((segments, i) =>
      segments.forEach(([at, source], n) => {
        if (source === undefined) return
        const from = at + (i === 0 ? column : 0)
        const to = segments[n + 1] ? segments[n + 1][0] + (i === 0 ? column : 0) : (lines[line + i]?.length ?? from)
        sizes.set(names[source], (sizes.get(names[source]) ?? 0) + to - from)
      }),
    )
  if (sections)
    for (const { offset, map: one } of sections) count(one.sources, decode(one.mappings), [offset.line, offset.column])
  else count(sources, decode(mappings), [0, 0])
  return sizes
}

const nameOf = (source) => {
  const path = decodeURI(source)
  const inPackage = /node_modules\/((?:@[^/]+\/)?[^/]+)/.exec(path.slice(path.lastIndexOf('node_modules')))
  return inPackage?.[1] ?? path.replace(/^.*\/src\//, 'src/')
}

/** The five that weigh most of what came, each with its share of its script's transferred bytes; a package counts as one. */
function heaviest(came) {
  const sizes = new Map()
  for (const [url, bytes] of came) {
    const modules = modulesOf(basename(new URL(url).pathname))
    const whole = [...modules.values()].reduce((sum, one) => sum + one, 0)
    for (const [source, part] of modules) {
      const name = nameOf(source)
      sizes.set(name, (sizes.get(name) ?? 0) + (bytes * part) / whole)
    }
  }
  return [...sizes].sort(([, a], [, b]) => b - a).slice(0, Number(process.env.MODULES ?? 5))
}

/** As in a browser that keeps its copy of the app: stations that nobody looks at do not come. */
const keepsCopy = () => {
  navigator.serviceWorker.getRegistration = () => Promise.resolve({})
}

/**
 * Notes in a page when it first shows what can be used: what React has taken over. What waits until the page rests waits
 * until then, however slow the machine is.
 */
function noteUsable(ready) {
  const held = []
  const { setTimeout: plain, requestIdleCallback: idle } = globalThis
  const whenUsable = (start) => (globalThis.usableAt ? start() : (held.push(start), 0))
  globalThis.setTimeout = (run, ms, ...rest) =>
    ms >= 500 ? whenUsable(() => plain(run, ms, ...rest)) : plain(run, ms, ...rest)
  globalThis.requestIdleCallback = (run, options) => whenUsable(() => idle(run, options))
  const look = () => {
    const shown = [...document.querySelectorAll(ready)]
    if (!shown.some((one) => Object.keys(one).some((key) => key.startsWith('__reactProps'))))
      return requestAnimationFrame(look)
    globalThis.usableAt = performance.now()
    for (const start of held) start()
  }
  look()
}

/** What had come to a page by a moment: bytes as they were sent, without their headers, by address; and those of fonts. */
const cameBy = (moment) => {
  const all = [...performance.getEntriesByType('navigation'), ...performance.getEntriesByType('resource')]
  const came = all.filter(({ responseEnd }) => responseEnd > 0 && responseEnd <= moment)
  const isFont = ({ name }) => name.includes('.woff2')
  const bytes = (some) => some.map(({ name, encodedBodySize }) => [name, encodedBodySize])
  return { parts: bytes(came.filter((one) => !isFont(one))), fonts: bytes(came.filter(isFont)) }
}
const sumOf = (parts) => parts.reduce((sum, [, bytes]) => sum + bytes, 0)

/** Opens a route with nothing kept; what came until it can be used, and by five seconds later. */
async function measured(context, address, { path, ready }) {
  const page = await context.newPage()
  const wire = await context.newCDPSession(page)
  await wire.send('Network.enable')
  await wire.send('Network.setCacheDisabled', { cacheDisabled: true })
  await page.addInitScript(noteUsable, ready)
  await page.goto(address + path, { waitUntil: 'commit' })
  const ms = await (await page.waitForFunction(() => globalThis.usableAt)).jsonValue()
  await page.waitForTimeout(5_000)
  const [usable, rested] = [await page.evaluate(cameBy, ms), await page.evaluate(cameBy, 1e9)]
  await page.close()
  return {
    ms,
    came: usable.parts,
    usable: sumOf(usable.parts),
    rested: sumOf(rested.parts),
    fonts: sumOf(rested.fonts),
  }
}

/** Prints what each route transfers, and by how much its budget is broken. True while none is. */
export async function tellSizes() {
  console.log('\nkB transferred until a route can be used (allowed), and after five seconds; its heaviest modules:')
  let fits = true
  await served(
    await freePort(),
    async (browser, address) => {
      const context = await browser.newContext({ serviceWorkers: 'block' })
      await context.addInitScript(keepsCopy)
      const first = await context.newPage()
      await first.goto(address)
      await first.locator(routes.Desk.ready).first().waitFor()
      await first.close()
      for (const [name, route] of Object.entries(routes)) {
        if (process.env.ROUTE && process.env.ROUTE !== name) continue
        const { usable, rested, ms, came, fonts } = await measured(context, address, route)
        const over = [usable / 1000 - route.usable, rested / 1000 - (route.rested ?? Infinity)].map(Math.ceil)
        const broken = over.some((by) => by > 0)
        if (broken) fits = false
        console.log(
          `  ${name.padEnd(10)}${kB(usable)} (${route.usable}) ${kB(rested)}${route.rested ? ` (${route.rested})` : ''}, fonts ${kB(fonts).trim()}, ${ms.toFixed(0)} ms` +
            (broken ? `. OVER by ${over.map((by) => Math.max(by, 0)).join(' and ')} kB` : ''),
        )
        console.log(
          `            ${heaviest(came)
            .map(([one, bytes]) => `${one} ${kB(bytes).trim()}`)
            .join(' · ')}`,
        )
      }
    },
    { AGROLOGOS_DEMO: '1' },
  )
  return fits
}

if (process.argv[1] === join(root, 'scripts/sizes.mjs') && !(await tellSizes())) {
  console.error('\nA route transfers more than its budget allows.')
  process.exit(1)
}
