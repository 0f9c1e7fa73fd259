import { defineConfig } from '@playwright/test'
import { chromium, chromiumShell, flags as args } from './scripts/chromium.mjs'

/** A free one, where the tests are run by `npm test`. */
const port = Number(process.env.AGROLOGOS_TEST_PORT ?? 4631)

/** What the shell lacks: installing an app, and going over from one version of it to the next. */
const wholeBrowser = ['offline.spec.ts', 'versions.spec.ts']

export default defineConfig({
  testDir: './e2e',
  // Each worker has a profile of its own, emptied between its tests, so they run side by side.
  workers: 3,
  fullyParallel: true,
  projects: [
    { name: 'kills', testMatch: 'crash.spec.ts' },
    {
      name: 'whole browser',
      testMatch: wholeBrowser,
      use: { launchOptions: { executablePath: chromium, args } },
    },
    { name: 'pages', testIgnore: ['crash.spec.ts', ...wholeBrowser] },
  ],
  timeout: 240_000,
  // A busy machine is slow, not wrong.
  expect: { timeout: 30_000 },
  retries: 0,
  reporter: [['list'], ['json', { outputFile: 'reports/browser.json' }]],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: chromiumShell, args },
    actionTimeout: 60_000,
    // Only the tests of work without network have it.
    serviceWorkers: 'block',
  },
  webServer: {
    command: `node --import ./scripts/on-day.mjs scripts/serve.mjs --port ${port}`,
    url: `http://127.0.0.1:${port}`,
    reuseExistingServer: false,
    env: { NEXT_TELEMETRY_DISABLED: '1', AGROLOGOS_LABORATORY_SECONDS: '1' },
  },
})
