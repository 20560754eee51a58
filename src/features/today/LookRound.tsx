import Button from '@mui/material/Button'
import { useEffect, useState } from 'react'
import { SEEN_KEY } from '@/ui/theme/light-script'
import { ENGLISH } from '@/words/language'
import styles from './today.module.css'

const LINES = ['today', 'bench', 'class', 'path', 'lesson'] as const
const say = (key: string) => ENGLISH.say(`today.look.${key}`)

/** What there is, in five lines: there by itself the first time, closed for good by a press, and found again by its word. */
export function LookRound({ open, onClose }: { open: boolean; onClose: () => void }) {
  // Until the browser says so nobody knows: it has its place, or none, before the first paint (`data-looked`).
  const [isFirst, setFirst] = useState(true)
  useEffect(() => setFirst(!hasSeen()), [])
  if (!open && !isFirst) return null
  const close = () => {
    markSeen()
    setFirst(false)
    onClose()
  }
  return (
    <section className={styles.look} data-first={!open} aria-label={say('label')}>
      <ul>
        {LINES.map((line) => (
          <li key={line}>{say(line)}</li>
        ))}
      </ul>
      <Button onClick={close}>{say('close')}</Button>
    </section>
  )
}

/** Where a browser keeps nothing it is shown each time. */
function hasSeen(): boolean {
  try {
    return localStorage.getItem(SEEN_KEY) !== null
  } catch {
    return false
  }
}

function markSeen(): void {
  try {
    localStorage.setItem(SEEN_KEY, 'yes')
  } catch {
    // It is there again the next time.
  }
}
