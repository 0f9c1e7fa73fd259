import { spawnSync } from 'node:child_process'
import { readFileSync } from 'node:fs'

/** What every job takes of a pair of hands, as its test did it through the interface. */
console.log('\nThe jobs, in clicks and keys:')
spawnSync(
  process.execPath,
  [
    'node_modules/@playwright/test/cli.js',
    'test',
    '--project=pages',
    '--reporter=json',
    ...process.argv.slice(2),
    'jobs',
    'doubt',
    'paper',
    'letter',
    'intake',
  ],
  { env: { ...process.env, PLAYWRIGHT_JSON_OUTPUT_NAME: 'reports/jobs.json' }, stdio: 'ignore' },
)
const told = []
const look = ({ suites = [], specs = [] }) => {
  suites.forEach(look)
  for (const { tests, title } of specs)
    for (const { annotations, status } of tests) {
      const hands = annotations.filter(({ type }) => type === 'hands').map(({ description }) => description)
      if (status === 'unexpected') told.push(`not done: ${title}`)
      told.push(...hands)
    }
}
look(JSON.parse(readFileSync('reports/jobs.json', 'utf8')))
/** By number, then by letter. */
const order = (line) => Number(/\d+/.exec(line.split(':')[0])?.[0] ?? 99)
for (const line of told.sort((a, b) => order(a) - order(b) || a.localeCompare(b))) console.log(`  ${line}`)
