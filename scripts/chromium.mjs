/**
 * Debian's two Chromiums: the shell, without windows, takes a fifth less of the processor; the whole one can what the
 * shell lacks, such as installing an app. `CHROMIUM` names another one for both.
 */
export const chromium = process.env.CHROMIUM ?? '/usr/bin/chromium'
export const chromiumShell = process.env.CHROMIUM ?? '/usr/bin/chromium-headless-shell'

/** What every browser here is started with. */
export const flags = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
]
