import { mkdtempSync, readFileSync, rmSync, symlinkSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'
import { build, install, root, run } from './run.mjs'

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

const aims = { '/': 160, '/counter': 220, '/case': 220 }
const scripts = /<script[^>]*\ssrc="([^"]+\.js[^"]*)"[^>]*>/g
console.log('\nJavaScript that a route loads first, gzipped:')
for (const [route, aim] of Object.entries(aims)) {
  const html = readFileSync(join(root, '.next/server/app', route === '/' ? 'index.html' : `${route}.html`), 'utf8')
  const files = new Set(
    [...html.matchAll(scripts)]
      .filter(([tag]) => !/nomodule/i.test(tag))
      .map(([, source]) => source.replace(/\?.*/, '')),
  )
  const bytes = [...files].reduce(
    (sum, file) => sum + gzipSync(readFileSync(join(root, file.replace('/_next/', '.next/')))).length,
    0,
  )
  console.log(
    `  ${route.padEnd(9)} ${(bytes / 1000).toFixed(0).padStart(4)} kB in ${files.size} files. Aim: under ${aim} kB${
      bytes / 1000 > aim ? `, broken by ${Math.ceil(bytes / 1000 - aim)} kB` : ''
    }.`,
  )
}

await run(process.execPath, ['bench/desk.mjs'])
await run(process.execPath, ['bench/plan.mjs'])
await run(process.execPath, ['bench/results.mjs'])
await run(process.execPath, ['bench/mutants.mjs'])

console.log(
  '\nKilling the browser 200 times while it types, and 25 times each while it restores, takes in and migrates:',
)
await run(process.execPath, ['node_modules/@playwright/test/cli.js', 'test', 'crash'], {
  env: { ...process.env, KILLS: process.env.KILLS ?? '200' },
})
