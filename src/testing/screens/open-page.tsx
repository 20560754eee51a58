import { render, waitFor } from '@testing-library/react'
import type { ReactNode } from 'react'
import { readHouse } from '@/keeping/house'
import { ThemeFrame } from '@/ui/theme/ThemeFrame'
import { WordsIn } from '@/ui/words/WordsIn'
import { ENGLISH } from '@/words/english'
import { settle } from './act'
import { router } from './navigation'
import { findRoute } from './routes'

type Page = {
  default: (asked: { params: Promise<unknown>; searchParams: Promise<unknown> }) => ReactNode | Promise<ReactNode>
}

const pages = import.meta.glob<Page>('../../app/**/page.tsx')

/** Opens a page of the application as its server makes it, at a path such as /people?bring, and lets it be refreshed. */
export async function openPage(path: string): Promise<void> {
  const url = new URL(path, window.location.origin)
  const { load, params } = findRoute(pages, 'page.tsx', url.pathname)
  const { default: make } = await load()
  const page = async () => (
    <ThemeFrame>
      <WordsIn words={ENGLISH} bends={(await readHouse()).bends}>
        {
          await make({
            params: Promise.resolve(params),
            searchParams: Promise.resolve(Object.fromEntries(url.searchParams)),
          })
        }
      </WordsIn>
    </ThemeFrame>
  )
  const { container, rerender } = render(await page())
  // What a page loads later is not there at once.
  const isShown = () => {
    if (!container.textContent) throw new Error(`nothing is shown at ${path}`)
  }
  await settle(waitFor(isShown))
  router.refresh = async () => rerender(await page())
}
