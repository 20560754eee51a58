import { existsSync } from 'node:fs'
import type { LaunchOptions } from '@playwright/test'

/** Debian's Chromium without its windows, where it is there: half the work of the whole one. */
const SHELL = '/usr/bin/chromium-headless-shell'
const WHOLE = '/usr/bin/chromium'

/**
 * Chromium, quiet. The whole one draws bodies in space and lets a pointer be locked; else bodies are drawn level, because
 * in software drawing in space takes as long as all else on a page.
 */
export const chromium = ({ whole = false } = {}): LaunchOptions => ({
  executablePath: !whole && existsSync(SHELL) ? SHELL : WHOLE,
  args: [
    '--no-sandbox',
    '--disable-quic',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    '--no-first-run',
    ...(whole ? [] : ['--disable-3d-apis']),
  ],
})
