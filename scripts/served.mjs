import { spawn } from 'node:child_process'
import { chromium } from '@playwright/test'
import { chromiumShell, flags } from './chromium.mjs'
import { environment, serveScript, root } from './run.mjs'

/**
 * Serves the built app and opens a browser; does the work, and ends both whatever comes of it.
 *
 * @param {(browser: import('@playwright/test').Browser, address: string) => Promise<void>} work
 */
export async function served(port, work, env = {}) {
  const server = spawn(process.execPath, [serveScript, '--port', String(port)], {
    cwd: root,
    env: { ...environment, ...env },
    stdio: ['ignore', 'pipe', 'inherit'],
  })
  await new Promise((resolve, reject) => {
    server.stdout.on('data', (text) => String(text).includes('Ready') && resolve())
    server.on('close', (code) => reject(new Error(`The server ended (${code}).`)))
  })
  const browser = await chromium.launch({ executablePath: chromiumShell, args: flags })
  try {
    await work(browser, `http://127.0.0.1:${port}`)
  } finally {
    await browser.close()
    server.kill()
  }
}
