import { type KeyboardEvent, useState } from 'react'
import words from '@/ui/words/words.module.css'
import styles from './person.module.css'

type TextWordProps = { label: string; value: string; onChange: (value: string) => void; most?: number }

/** A word of text that is pressed to be typed over. */
export function TextWord({ label, value, onChange, most = 120 }: TextWordProps) {
  const [typing, setTyping] = useState(false)
  if (!typing) {
    return (
      <button type="button" className={words.word} aria-label={`${label}: ${value}`} onClick={() => setTyping(true)}>
        {value}
      </button>
    )
  }
  const done = (text: string | null) => {
    setTyping(false)
    if (text !== null && text.trim() !== value) onChange(text.trim())
  }
  return (
    <input
      className={styles.typing}
      aria-label={label}
      defaultValue={value}
      maxLength={most}
      // biome-ignore lint/a11y/noAutofocus: the word was just pressed to be typed
      autoFocus
      onFocus={(event) => event.currentTarget.select()}
      onBlur={(event) => done(event.currentTarget.value)}
      onKeyDown={(event: KeyboardEvent<HTMLInputElement>) => {
        if (event.key === 'Enter') done(event.currentTarget.value)
        if (event.key === 'Escape') done(null)
      }}
    />
  )
}
