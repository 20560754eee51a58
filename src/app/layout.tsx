import { readWords } from '@/keeping/words'
import '@fontsource-variable/atkinson-hyperlegible-next/wght.css'
import '@fontsource-variable/atkinson-hyperlegible-mono/wght.css'
import '@/ui/theme/tokens.css'
import '@/ui/theme/elements.css'
import '@/ui/theme/print.css'
import { AppRouterCacheProvider } from '@mui/material-nextjs/v16-appRouter'
import type { Metadata, Viewport } from 'next'
import { headers } from 'next/headers'
import type { ReactNode } from 'react'
import { preload } from 'react-dom'
import { Fresh } from '@/ui/places/Fresh'
import { UnsentNote } from '@/ui/places/UnsentNote'
import { LIGHT_SCRIPT } from '@/ui/theme/light-script'
import { ThemeFrame } from '@/ui/theme/ThemeFrame'
import { WordsFrame } from '@/ui/words/WordsFrame'

const FONTS = [
  new URL(
    '@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2',
    import.meta.url,
  ),
  new URL(
    '@fontsource-variable/atkinson-hyperlegible-mono/files/atkinson-hyperlegible-mono-latin-wght-normal.woff2',
    import.meta.url,
  ),
]

export const metadata: Metadata = {
  title: 'Nivrel',
  description: 'How near the edge a stance is, and the smallest change that makes it safer.',
  icons: { icon: '/mark.svg' },
}

export const viewport: Viewport = { width: 'device-width', initialScale: 1 }

export default async function Layout({ children }: { children: ReactNode }) {
  const words = await readWords()
  // Letters that come late would move what is read already.
  for (const font of FONTS) preload(font.href, { as: 'font', type: 'font/woff2', crossOrigin: 'anonymous' })
  const nonce = (await headers()).get('x-nonce') ?? undefined
  return (
    <html lang={words.locale} suppressHydrationWarning>
      <head>
        {/* biome-ignore lint/security/noDangerouslySetInnerHtml: our own constant, before the first paint */}
        <script nonce={nonce} suppressHydrationWarning dangerouslySetInnerHTML={{ __html: LIGHT_SCRIPT }} />
      </head>
      <body>
        <a className="skip" href="#about">
          {words.say('places.skip')}
        </a>
        <AppRouterCacheProvider options={{ enableCssLayer: true }}>
          <ThemeFrame>
            <WordsFrame language={words.language} bends={words.bends}>
              <UnsentNote />
              {children}
            </WordsFrame>
          </ThemeFrame>
          <Fresh />
        </AppRouterCacheProvider>
      </body>
    </html>
  )
}
