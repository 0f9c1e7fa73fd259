import { mkdirSync, readFileSync } from 'node:fs'
import { createServer } from 'node:net'
import { join } from 'node:path'
import { build, environment, install, isFile, must, root, run } from './run.mjs'
import { tellFirstLoads } from './sizes.mjs'

/**
 * Everything that must hold, from a fresh clone: packages, Chromium, types, lint, unit tests, production build, browser tests.
 */
const bin = (name) => join(root, 'node_modules', name)

async function chromium() {
  if (process.env.CHROMIUM || isFile('/usr/bin/chromium')) return
  const missing =
    'The browser tests need Chromium. Install Debian’s package (apt-get install chromium), or name another one: CHROMIUM=/path/to/chrome npm test'
  if (!isFile('/usr/bin/apt-get') || process.getuid?.() !== 0) {
    console.error(`\n${missing}\n${isFile('/usr/bin/apt-get') ? 'Installing it from here needs root.' : ''}`)
    process.exit(1)
  }
  console.log('\n— Installing Chromium from Debian’s packages')
  await run('apt-get', ['update', '-qq'])
  if (
    (await run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium'], {
      stdio: ['ignore', 'ignore', 'inherit'],
    })) !== 0 ||
    !isFile('/usr/bin/chromium')
  ) {
    console.error(`\n${missing}`)
    process.exit(1)
  }
}

/** A port that nothing listens on. */
const freePort = () =>
  new Promise((resolve, reject) => {
    const asking = createServer().once('error', reject)
    asking.listen(0, '127.0.0.1', () => {
      const { port } = asking.address()
      asking.close(() => resolve(port))
    })
  })

mkdirSync(join(root, 'reports'), { recursive: true })
await install()
await chromium()
await must('Types of the core', process.execPath, [bin('typescript/bin/tsc'), '-p', 'src/core'])
await must('Unit tests', process.execPath, [
  bin('jest/bin/jest.js'),
  '--silent=false',
  '--maxWorkers=2',
  '--json',
  '--outputFile=reports/unit.json',
])
await build()
if (!tellFirstLoads()) {
  console.error('\nA route loads more than its budget allows.')
  process.exit(1)
}
await must('Types', process.execPath, [bin('typescript/bin/tsc'), '--noEmit', '-p', '.'])
await must('Format', process.execPath, [bin('prettier/bin/prettier.cjs'), '--check', '--log-level=warn', '.'])
await must('Circles', process.execPath, [
  bin('dependency-cruiser/bin/dependency-cruise.mjs'),
  'src',
  '--config',
  '.dependency-cruiser.mjs',
])
await must('Lint', process.execPath, [bin('eslint/bin/eslint.js'), '--max-warnings=0', '.'])
await must('Building a next version', process.execPath, [join(root, 'scripts/next-version.mjs')])
await must('Browser tests', process.execPath, [bin('@playwright/test/cli.js'), 'test'], {
  env: { ...environment, AGROLOGOS_TEST_PORT: String(await freePort()) },
})

const results = (name) => JSON.parse(readFileSync(join(root, 'reports', name), 'utf8'))
const unit = results('unit.json')
const { expected, unexpected } = results('browser.json').stats
console.log(`\n${unit.numPassedTests + expected} passed, ${unit.numFailedTests + unexpected} failed`)
