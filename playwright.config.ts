import { defineConfig } from '@playwright/test'
import { PINNED } from './src/testing/clock'

export default defineConfig({
  testDir: 'e2e',
  outputDir: 'test-results/browser',
  globalSetup: './e2e/prepare.ts',
  // Each has a server and a database of its own (e2e/test.ts).
  workers: 2,
  // Two cores that also render in software: one more try, and the report lists whatever needed it as flaky.
  retries: 1,
  timeout: 60_000,
  expect: { timeout: 10_000 },
  reporter: [['list'], ['json', { outputFile: 'test-results/browser.json' }]],
  use: {
    timezoneId: PINNED.TZ,
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-quic',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--no-first-run',
      ],
    },
  },
})
