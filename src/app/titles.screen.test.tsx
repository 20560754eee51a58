import { expect, it } from 'vitest'

const pages = import.meta.glob<{ generateMetadata: () => Promise<{ title: string }> }>('./**/page.tsx')

it('every page has a title of its own, and a place that the skip link leads to', async () => {
  const titles = await Promise.all(
    Object.values(pages).map(async (load) => (await (await load()).generateMetadata()).title),
  )
  expect(titles.length).toBeGreaterThan(10)
  expect(new Set(titles).size).toBe(titles.length)
  for (const title of titles) expect(title).toMatch(/^\S.* · Nivrel$/)
  const mains = Object.entries(
    import.meta.glob<string>('../features/**/*.tsx', { query: '?raw', import: 'default', eager: true }),
  )
  for (const [file, code] of mains)
    for (const [main] of code.matchAll(/<main[^>]*/g)) expect(main, file).toContain('id="about"')
})
