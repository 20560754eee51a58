import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'
import { PINNED } from './src/testing/clock'

const place = (path: string) => fileURLToPath(new URL(path, import.meta.url))
/** Every test has the same day, in the same zone. */
const env = PINNED
const alias = { '@': place('./src') }

export default defineConfig({
  test: {
    // Each has half of the work of a small machine.
    maxWorkers: 2,
    projects: [
      {
        resolve: { alias },
        test: {
          name: 'unit',
          env,
          setupFiles: ['src/testing/setup.ts'],
          include: ['src/**/*.test.ts', 'cli/**/*.test.ts', 'scripts/**/*.test.ts'],
          testTimeout: 180_000,
          hookTimeout: 60_000,
        },
      },
      {
        // Pages as their server makes them, on a database of their own, without a browser.
        resolve: { alias: { ...alias, 'next/navigation': place('./src/testing/screens/navigation.ts') } },
        test: {
          name: 'screens',
          environment: 'jsdom',
          env,
          setupFiles: ['src/testing/screens/setup.ts'],
          include: ['src/**/*.screen.test.tsx'],
          testTimeout: 180_000,
          hookTimeout: 60_000,
        },
      },
    ],
  },
})
