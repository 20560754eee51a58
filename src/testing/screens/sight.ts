import { expect } from 'vitest'

const NEVER = /NaN|undefined|null|Infinity|\[object/

/** What nobody may ever read on a page, neither in its text nor in its fields. */
export function expectReadable(): void {
  const fields = [...document.querySelectorAll<HTMLInputElement>('input, textarea')].map(({ value }) => value)
  const labels = [...document.querySelectorAll('[aria-label]')].map((one) => one.getAttribute('aria-label') ?? '')
  for (const text of [document.body.textContent ?? '', ...fields, ...labels]) expect(text).not.toMatch(NEVER)
}
