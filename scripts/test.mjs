import { mkdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { installBrowsers } from './browsers.mjs'
import { freePort, install, root } from './run.mjs'
import { inLanes } from './steps.mjs'

/**
 * Everything that must hold, from a fresh clone: packages, Chromium, types, lint, unit tests, production build, sizes,
 * browser tests. What is checked as it stands goes beside what is built and driven.
 */
const tsc = 'node_modules/typescript-7/bin/tsc'

mkdirSync(join(root, 'reports'), { recursive: true })
await install()
await installBrowsers()
await inLanes([
  [
    { name: 'Building', args: ['scripts/build.mjs'] },
    { name: 'Types', args: [tsc, '--noEmit', '-p', '.'] },
    { name: 'Sizes', args: ['scripts/sizes.mjs'], loud: true },
    { name: 'Building a next version', args: ['scripts/next-version.mjs'] },
    {
      name: 'Browser tests',
      args: ['node_modules/@playwright/test/cli.js', 'test'],
      loud: true,
      env: { AGROLOGOS_TEST_PORT: String(await freePort()) },
    },
  ],
  [
    { name: 'Types of the core', args: [tsc, '-p', 'src/core'] },
    { name: 'Format', args: ['node_modules/prettier/bin/prettier.cjs', '--check', '--log-level=warn', '.'] },
    {
      name: 'Circles',
      args: ['node_modules/dependency-cruiser/bin/dependency-cruise.mjs', 'src', '--config', '.dependency-cruiser.mjs'],
    },
    { name: 'Lint', args: ['node_modules/eslint/bin/eslint.js', '--max-warnings=0', '.'] },
    {
      name: 'Unit tests',
      args: ['node_modules/jest/bin/jest.js', '--silent=false', '--json', '--outputFile=reports/unit.json'],
    },
  ],
])

const results = (name) => JSON.parse(readFileSync(join(root, 'reports', name), 'utf8'))
const unit = results('unit.json')
const { expected, unexpected } = results('browser.json').stats
console.log(`\n${unit.numPassedTests + expected} passed, ${unit.numFailedTests + unexpected} failed`)
