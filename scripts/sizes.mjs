import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'
import { root } from './run.mjs'

/** kB of JavaScript, gzipped, that a route may load before anything else. */
const budgets = { '/': 160, '/counter': 220, '/case': 220 }

const scripts = /<script[^>]*\ssrc="([^"]+\.js[^"]*)"[^>]*>/g

function firstLoad(route) {
  const html = readFileSync(join(root, '.next/server/app', route === '/' ? 'index.html' : `${route}.html`), 'utf8')
  const sources = [...html.matchAll(scripts)].filter(([tag]) => !/nomodule/i.test(tag)).map(([, source]) => source)
  const files = new Set(sources.map((source) => source.replace(/\?.*/, '').replace('/_next/', '.next/')))
  const bytes = [...files].reduce((sum, file) => sum + gzipSync(readFileSync(join(root, file))).length, 0)
  return { kB: bytes / 1000, files: files.size }
}

/** Prints what each route of the built app loads first, and by how much its budget is broken. True while none is. */
export function tellFirstLoads() {
  console.log('\nJavaScript that a route loads first, gzipped:')
  return Object.entries(budgets)
    .map(([route, budget]) => {
      const { kB, files } = firstLoad(route)
      const over = Math.ceil(kB - budget)
      const broken = over > 0 ? `, broken by ${over} kB` : ''
      console.log(
        `  ${route.padEnd(9)} ${kB.toFixed(0).padStart(4)} kB in ${files} files. Budget ${budget} kB${broken}.`,
      )
      return over <= 0
    })
    .every(Boolean)
}
