import { defineConfig } from '@playwright/test'

const port = 4631

export default defineConfig({
  testDir: './e2e',
  workers: 1,
  timeout: 90_000,
  // A busy machine is slow, not wrong.
  expect: { timeout: 15_000 },
  retries: 0,
  reporter: [['list'], ['json', { outputFile: 'reports/browser.json' }]],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    // Only the tests of work without network have it.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  webServer: {
    command: `node node_modules/next/dist/bin/next start --hostname 127.0.0.1 --port ${port}`,
    url: `http://127.0.0.1:${port}`,
    reuseExistingServer: false,
    env: { NEXT_TELEMETRY_DISABLED: '1', AGROLOGOS_LABORATORY_SECONDS: '1' },
  },
})
