import { spawn } from 'node:child_process'
import { mkdtemp, rm } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium } from '@playwright/test'
import config from '../playwright.config'

/** A browser that is this test's own process, in a profile that outlives it, so that it can be killed. */
const { executablePath, args } = config.use!.launchOptions!

async function launch(profile: string) {
  const browser = spawn(
    executablePath!,
    [...args!, '--headless', `--user-data-dir=${profile}`, '--remote-debugging-port=0'],
    {
      detached: true,
      stdio: ['ignore', 'ignore', 'pipe'],
    },
  )
  const address = await new Promise<string>((resolve, reject) => {
    let said = ''
    browser.stderr.on('data', (text) => {
      said += String(text)
      const found = /DevTools listening on (ws:\S+)/.exec(said)
      if (found) resolve(found[1]!)
    })
    browser.once('exit', () => reject(new Error(`the browser ended: ${said}`)))
  })
  const kill = async () => {
    const ended = new Promise((resolve) => browser.once('close', resolve))
    process.kill(-browser.pid!, 'SIGKILL')
    await ended
  }
  try {
    const connection = await chromium.connectOverCDP(address, { timeout: 10_000 })
    return { page: await connection.contexts()[0]!.newPage(), kill }
  } catch (error) {
    await kill()
    throw error
  }
}

/** A browser that was just killed does not always come up at once; that is the browser's affair. */
export async function relaunch(profile: string, tries = 3): Promise<Awaited<ReturnType<typeof launch>>> {
  try {
    return await launch(profile)
  } catch (error) {
    if (tries <= 1) throw error
    return relaunch(profile, tries - 1)
  }
}

/** Gives a profile folder, and takes it away afterwards. */
export async function withProfile(run: (profile: string) => Promise<void>): Promise<void> {
  const profile = await mkdtemp(join(tmpdir(), 'agrologos-profile-'))
  try {
    await run(profile)
  } finally {
    // What the killed browser had started may write into it for a moment more.
    await rm(profile, { recursive: true, force: true, maxRetries: 20, retryDelay: 250 })
  }
}
