import { defineConfig } from '@playwright/test'

const PORT = 4179
const DATABASE = 'file:test-results/browser.db'

export default defineConfig({
  testDir: 'e2e',
  outputDir: 'test-results/browser',
  workers: 1,
  // Two cores that also render in software: one more try, and the report lists whatever needed it as flaky.
  retries: 1,
  timeout: 60_000,
  expect: { timeout: 10_000 },
  reporter: [['list'], ['json', { outputFile: 'test-results/browser.json' }]],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
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
  webServer: {
    command: `node scripts/demo.mjs --fresh --port ${PORT}`,
    url: `http://127.0.0.1:${PORT}/api/v1/ready`,
    env: { NIVREL_DATABASE_URL: DATABASE },
    timeout: 240_000,
    reuseExistingServer: false,
  },
})
