import { defineConfig } from '@playwright/test'

/** A free one, where the tests are run by `npm test`. */
const port = Number(process.env.AGROLOGOS_TEST_PORT ?? 4631)

export default defineConfig({
  testDir: './e2e',
  // Every test has a profile of its own, so they run side by side; most of them wait more than they work.
  workers: 3,
  fullyParallel: true,
  projects: [
    { name: 'kills', testMatch: 'crash.spec.ts' },
    { name: 'pages', testIgnore: 'crash.spec.ts' },
  ],
  timeout: 240_000,
  // A busy machine is slow, not wrong.
  expect: { timeout: 30_000 },
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
    command: `node scripts/serve.mjs --port ${port}`,
    url: `http://127.0.0.1:${port}`,
    reuseExistingServer: false,
    env: { NEXT_TELEMETRY_DISABLED: '1', AGROLOGOS_LABORATORY_SECONDS: '1' },
  },
})
