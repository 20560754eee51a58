'use client'

import Button from '@mui/material/Button'
import Menu from '@mui/material/Menu'
import MenuItem from '@mui/material/MenuItem'
import { useState } from 'react'
import { LANGUAGE_COOKIE, LANGUAGE_NAMES, LANGUAGES, type Language } from '@/documents/languages'
import { useWords } from '@/ui/words/use-words'

const A_YEAR = 31_536_000

/** Keeps what this machine speaks and opens the page anew in it; what was typed is kept as on any leaving. */
function speak(language: Language): void {
  // biome-ignore lint/suspicious/noDocumentCookie: the server reads it with the next page
  document.cookie = `${LANGUAGE_COOKIE}=${language};path=/;max-age=${A_YEAR};samesite=strict`
  const { pathname, search, hash } = window.location
  const asked = new URLSearchParams(search)
  asked.delete('lang')
  const rest = asked.size > 0 ? `?${asked}` : ''
  window.location.replace(`${pathname}${rest}${hash}`)
  // The same address once more is not loaded by itself.
  if (rest === search) window.location.reload()
}

/** The language of everything, as a word beside the places. */
export function LanguageWord({ className }: { className?: string | undefined }) {
  const words = useWords()
  const [anchor, setAnchor] = useState<HTMLElement | null>(null)
  const close = () => setAnchor(null)
  if (LANGUAGES.length < 2) return null
  return (
    <>
      <Button
        className={className}
        aria-label={`${words.say('places.language')}: ${LANGUAGE_NAMES[words.language]}`}
        aria-haspopup="menu"
        aria-expanded={anchor !== null}
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        {words.say('places.inShort')}
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={close}>
        {LANGUAGES.map((one) => (
          <MenuItem
            key={one}
            lang={one}
            role="menuitemradio"
            aria-checked={one === words.language}
            selected={one === words.language}
            onClick={() => (one === words.language ? close() : speak(one))}
          >
            {LANGUAGE_NAMES[one]}
          </MenuItem>
        ))}
      </Menu>
    </>
  )
}
