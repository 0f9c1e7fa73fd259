import { readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { root, run } from '../scripts/run.mjs'

/**
 * How often each promise about what is kept was tried, and how often it held: properties by their runs, everything else by
 * its tests. `HOSTILE_CASES` and `HOSTILE_ACTS` say how many of the former.
 */
const promises = {
  '1. One set of limits, checked backups': [
    'core/shape',
    'store/hostile',
    'store/backup',
    'store/compact',
    'schemas/case',
  ],
  '2. Old tab, new data': ['store/outdated'],
  '3. A stored case never depends on an answer': ['core/hostile', 'store/acts'],
  '4. One damaged row hurts itself only': ['store/damage', 'store/upkeep', 'store/office'],
  '5. Bounds': ['schemas/results-file', 'schemas/geojson', 'core/ground'],
  '6. Small guards': ['store/cases', 'store/history', 'store/two-pages', 'store/guides'],
}

const [tally, unit] = ['tally.ndjson', 'held.json'].map((name) => join(tmpdir(), `agrologos-${name}`))
for (const file of [tally, unit]) rmSync(file, { force: true })
await run(
  process.execPath,
  ['node_modules/jest/bin/jest.js', ...Object.values(promises).flat(), '--silent', '--json', `--outputFile=${unit}`],
  {
    stdio: 'ignore',
    env: {
      ...process.env,
      AGROLOGOS_TALLY: tally,
      HOSTILE_CASES: process.env.HOSTILE_CASES ?? '20000',
      HOSTILE_ACTS: process.env.HOSTILE_ACTS ?? '200',
    },
  },
)
const read = (file) => readFileSync(file, 'utf8')
const { testResults } = JSON.parse(read(unit))
const runs = read(tally)
  .trim()
  .split('\n')
  .map((line) => JSON.parse(line))

console.log('\nWhat is kept can be got back; tried and held:')
for (const [promise, files] of Object.entries(promises)) {
  const tests = testResults
    .filter(({ name }) => files.some((file) => name.includes(join(root, 'src', file))))
    .flatMap(({ assertionResults }) => assertionResults)
  const held = tests.filter(({ status }) => status === 'passed').length
  console.log(`  ${promise}: ${tests.length} tests, ${held} held`)
  for (const { what, tried, held: good } of runs.filter((one) => one.what.startsWith(promise.slice(0, 2))))
    console.log(`     ${what.slice(3)}: ${tried} tried, ${good} held`)
}
console.log('  In the browser:')
await run(process.execPath, [
  'node_modules/@playwright/test/cli.js',
  'test',
  'rescue',
  'versions',
  '--project=pages',
  '--reporter=list',
])
