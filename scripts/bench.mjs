import { mkdtempSync, rmSync, symlinkSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { build, install, root, run } from './run.mjs'
import { tellSizes } from './sizes.mjs'

/** Prints speed and size, and kills the browser many times. Never fails: it is for looking at. */
await install()
await build()
console.log()
// Compiled as the app is: a loader would keep the names of functions, which costs a quarter of the time.
const compiled = mkdtempSync(join(tmpdir(), 'agrologos-bench-'))
symlinkSync(join(root, 'node_modules'), join(compiled, 'node_modules'))
await run(process.execPath, [
  'node_modules/typescript/bin/tsc',
  'bench/recommend.ts',
  ...['--ignoreConfig', '--strict', '--skipLibCheck', '--esModuleInterop', '--outDir', compiled],
  ...['--module', 'commonjs', '--moduleResolution', 'node10', '--ignoreDeprecations', '6.0'],
  ...['--target', 'es2023', '--types', 'node'],
])
await run(process.execPath, [join(compiled, 'bench/recommend.js')])
rmSync(compiled, { recursive: true })

await run(process.execPath, ['--import', 'tsx', 'bench/mix.ts'])
await run(process.execPath, ['--import', 'tsx', 'bench/program.ts'])
await run(process.execPath, ['--import', 'tsx', 'bench/course.ts'])
await run(process.execPath, ['--import', 'tsx', 'bench/letters.ts'])
await run(process.execPath, ['--import', 'tsx', 'bench/doubt.ts'])

await tellSizes()

await run(process.execPath, ['bench/jobs.mjs'])
await run(process.execPath, ['bench/desk.mjs'])
await run(process.execPath, ['bench/large.mjs'])
await run(process.execPath, ['bench/plan.mjs'])
await run(process.execPath, ['bench/results.mjs'])
await run(process.execPath, ['bench/mutants.mjs'])
await run(process.execPath, [join(root, 'scripts/next-version.mjs')])
await run(process.execPath, ['bench/held.mjs'])

console.log(
  '\nKilling the browser 200 times while it types, and 25 times each while it restores, takes in and migrates:',
)
await run(process.execPath, ['node_modules/@playwright/test/cli.js', 'test', 'crash'], {
  env: { ...process.env, KILLS: process.env.KILLS ?? '200' },
})
