import { spawn } from 'node:child_process'
import { chromium } from '@playwright/test'
import { environment, serveScript, root } from '../scripts/run.mjs'

/** Serves the built app and opens a browser; does the work, and ends both whatever comes of it. */
export async function served(port, work) {
  const server = spawn(process.execPath, [serveScript, '--port', String(port)], {
    cwd: root,
    env: environment,
    stdio: ['ignore', 'pipe', 'inherit'],
  })
  await new Promise((resolve) => server.stdout.on('data', (text) => String(text).includes('Ready') && resolve()))
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking'],
  })
  try {
    await work(browser, `http://127.0.0.1:${port}`)
  } finally {
    await browser.close()
    server.kill()
  }
}

export const median = (times) => [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)]
export const seconds = (ms) => `${(ms / 1000).toFixed(1)} s`
