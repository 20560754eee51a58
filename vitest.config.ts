import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'
import { PINNED } from './src/testing/clock.ts'

const place = (path: string) => fileURLToPath(new URL(path, import.meta.url))
const alias = { '@': place('./src') }

/** Every test has the same day, in the same zone; how long it may take is for what never comes. */
const common = { env: PINNED, testTimeout: 180_000, hookTimeout: 60_000 }
/** What has no state: one loading does for all of it. */
const PURE = ['core', 'words', 'documents', 'records', 'draw', 'teaching'].map((folder) => `src/${folder}/**/*.test.ts`)

export default defineConfig({
  test: {
    // Each has half of the work of a small machine.
    maxWorkers: 2,
    projects: [
      {
        resolve: { alias },
        test: { ...common, name: 'core', isolate: false, setupFiles: ['src/testing/setup.ts'], include: PURE },
      },
      {
        resolve: { alias },
        test: {
          ...common,
          name: 'unit',
          setupFiles: ['src/testing/setup.ts'],
          include: ['src/**/*.test.ts', 'cli/**/*.test.ts', 'scripts/**/*.test.ts'],
          exclude: [...PURE, 'node_modules/**'],
        },
      },
      {
        // Pages as their server makes them, on a database of their own, without a browser.
        oxc: { jsx: { runtime: 'automatic', development: false } },
        resolve: { alias: { ...alias, 'next/navigation': place('./src/testing/screens/navigation.ts') } },
        test: {
          ...common,
          name: 'screens',
          // Each file begins with a house of its own; loading all that a page has takes longer than most tests.
          isolate: false,
          environment: 'jsdom',
          // As shipped: in half of the time, and what one looks at is what people get.
          env: { ...PINNED, NODE_ENV: 'production' },
          setupFiles: ['src/testing/screens/act.ts', 'src/testing/screens/setup.ts'],
          include: ['src/**/*.screen.test.tsx'],
        },
      },
    ],
  },
})
