import { chromium, chromiumShell } from './chromium.mjs'
import { isFile, run } from './run.mjs'

/** Installs what is missing of them; ends the command where it may not. */
export async function installBrowsers() {
  if (isFile(chromium) && isFile(chromiumShell)) return
  const missing =
    'The browser tests need Chromium. Install Debian’s packages (apt-get install chromium chromium-headless-shell), or name another one: CHROMIUM=/path/to/chrome npm test'
  if (process.env.CHROMIUM || !isFile('/usr/bin/apt-get') || process.getuid?.() !== 0) {
    console.error(`\n${missing}\n${isFile('/usr/bin/apt-get') ? 'Installing it from here needs root.' : ''}`)
    process.exit(1)
  }
  console.log('\n— Installing Chromium from Debian’s packages')
  await run('apt-get', ['update', '-qq'])
  await run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium', 'chromium-headless-shell'], {
    stdio: ['ignore', 'ignore', 'inherit'],
  })
  if (isFile(chromium) && isFile(chromiumShell)) return
  console.error(`\n${missing}`)
  process.exit(1)
}
