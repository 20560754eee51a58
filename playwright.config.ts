import { defineConfig } from '@playwright/test'
import { chromium } from './e2e/browser'
import { PINNED } from './src/testing/clock'

export default defineConfig({
  testDir: 'e2e',
  outputDir: 'test-results/browser',
  globalSetup: './e2e/prepare.ts',
  // Each has a server and a database of its own (e2e/test.ts); what one waits for, the others use.
  workers: 3,
  // Two cores that also render in software: one more try, and the report lists whatever needed it as flaky.
  retries: 1,
  // What is shown is waited for as long as it takes, on a busy machine too.
  timeout: 240_000,
  expect: { timeout: 60_000 },
  reporter: [['list'], ['json', { outputFile: 'test-results/browser.json' }]],
  use: {
    timezoneId: PINNED.TZ,
    viewport: { width: 1280, height: 800 },
    // Nothing is waited for that only moves.
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: chromium(),
  },
})
