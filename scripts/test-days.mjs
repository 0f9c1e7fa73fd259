import { join } from 'node:path'
import { installBrowsers } from './browsers.mjs'
import { build, environment, freePort, install, root, run } from './run.mjs'

/**
 * Runs the unit tests and the browser tests as of other days, elsewhere: the first days and the last, leap days, the other
 * half of the year, and both sides of the date line. Ends with what failed where.
 *
 * Usage: npm run test:days [-- which of them, by number]
 */
const elsewhere = [
  ['2027-01-15', 'America/Chicago'],
  ['2028-02-29', 'Pacific/Auckland'],
  ['2027-07-04', 'Pacific/Honolulu'],
  ['2026-12-31', 'Pacific/Auckland'],
]
const wanted = process.argv.slice(2).map(Number)

await install()
await installBrowsers()
await build()
await run(process.execPath, [join(root, 'scripts/next-version.mjs')])
const failed = []
for (const [i, [AGROLOGOS_DAY, TZ]] of elsewhere.entries()) {
  if (wanted.length > 0 && !wanted.includes(i + 1)) continue
  console.log(`\n— ${i + 1}: as of ${AGROLOGOS_DAY}, ${TZ}`)
  const env = {
    ...environment,
    AGROLOGOS_DAY,
    TZ,
    AGROLOGOS_SEED: String(Date.now() % 2 ** 31),
    AGROLOGOS_TEST_PORT: String(await freePort()),
  }
  for (const [what, script, ...args] of [
    ['unit tests', 'jest/bin/jest.js', '--silent'],
    ['browser tests', '@playwright/test/cli.js', 'test'],
  ])
    if ((await run(process.execPath, [join(root, 'node_modules', script), ...args], { env })) !== 0)
      failed.push(`${what} as of ${AGROLOGOS_DAY}, ${TZ}`)
}
console.log(failed.length > 0 ? `\nFailed: ${failed.join('; ')}.` : '\nGreen on all of them.')
process.exit(failed.length > 0 ? 1 : 0)
