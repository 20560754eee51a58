import Button from '@mui/material/Button'
import { useEffect, useState } from 'react'
import { LOCAL } from '@/ui/api/shelf'
import { SEEN_KEY } from '@/ui/theme/light-script'
import { useSay } from '@/ui/words/use-words'
import styles from './today.module.css'

const LINES = ['today', 'bench', 'class', 'path', 'lesson'] as const

/** What there is, in five lines: there by itself the first time, closed for good by a press, and found again by its word. */
export function LookRound({ open, onClose }: { open: boolean; onClose: () => void }) {
  const say = useSay('today.look')
  // Until the browser says so nobody knows: it has its place, or none, before the first paint (`data-looked`).
  const [isFirst, setFirst] = useState(true)
  // Where a browser keeps nothing it is shown each time.
  useEffect(() => setFirst(LOCAL.read(SEEN_KEY) === null), [])
  if (!open && !isFirst) return null
  const close = () => {
    LOCAL.write(SEEN_KEY, 'yes')
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
