import { spawn } from 'node:child_process'
import { mkdtemp, rm } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium, expect, test, type Page } from '@playwright/test'
import config from '../playwright.config'

/**
 * Types and edits while the browser is killed at random moments. On opening again, every edit that was shown as kept is
 * there, and the case opens. The browser is this test's own process, in a profile of its own.
 */
const kills = Number(process.env.KILLS ?? 40)
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
async function relaunch(profile: string, tries = 3): Promise<Awaited<ReturnType<typeof launch>>> {
  try {
    return await launch(profile)
  } catch (error) {
    if (tries <= 1) throw error
    return relaunch(profile, tries - 1)
  }
}

const note = (page: Page) => page.getByLabel('Property or project')

test(`nothing shown as kept is lost over ${kills} kills`, async ({ baseURL }) => {
  test.setTimeout(60_000 + kills * 10_000)
  const profile = await mkdtemp(join(tmpdir(), 'agrologos-crash-'))
  let [typed, confirmed, cut] = [0, 0, 0]
  let address = ''
  try {
    for (let round = 0; round <= kills; round += 1) {
      const { page, kill } = await relaunch(profile)
      if (round === 0) {
        await page.goto(`${baseURL}/`)
        await page.getByRole('button', { name: 'Start a case' }).click()
        await page.getByLabel('Client', { exact: true }).fill('Crash')
        await expect(page.getByText('Kept on this machine')).toBeVisible()
        address = page.url()
      } else {
        await page.goto(address)
        await expect(page.getByLabel('Client', { exact: true })).toHaveValue('Crash')
        const found = Number(await note(page).inputValue())
        expect(found, `after kill ${round}`).toBeGreaterThanOrEqual(confirmed)
        expect(found).toBeLessThanOrEqual(typed)
        if (found < typed) cut += 1
      }
      for (let i = 0; i < 3; i += 1) {
        await note(page).fill(String((typed += 1)))
        await expect(page.getByText('Kept on this machine')).toBeVisible()
        confirmed = typed
      }
      // One more stroke that nobody waits for, and the plug is pulled somewhere in its writing.
      const last = note(page)
        .fill(String((typed += 1)))
        .catch(() => undefined)
      await new Promise((resolve) => setTimeout(resolve, Math.random() * 150))
      await kill()
      await last
    }
  } finally {
    await rm(profile, { recursive: true, force: true })
  }
  console.log(`${kills} kills, ${cut} of them before the last stroke was written`)
})
