import ButtonBase from '@mui/material/ButtonBase'
import { type KeyboardEvent, useRef, useState } from 'react'
import { Field } from '@/ui/forms/Field'
import { useTaking } from '@/ui/words/use-taking'
import words from '@/ui/words/words.module.css'
import styles from './person.module.css'

type TextWordProps = {
  label: string
  value: string
  /** Takes what was typed, or says why not. */
  onChange: (value: string) => string | undefined
  most?: number
  /** Taken while it is typed, or only when it is left. */
  live?: boolean
}

/** A word of text that is pressed to be typed over. Escape brings back what was. */
export function TextWord({ label, value, onChange, most = 120, live = true }: TextWordProps) {
  const [typing, setTyping] = useState(false)
  const [problem, setProblem] = useState<string | undefined>()
  const before = useRef(value)
  const { type, takeNow, drop } = useTaking((text) => {
    if (text.trim() !== value) setProblem(onChange(text.trim()))
  }, live)
  const begin = () => {
    before.current = value
    setTyping(true)
  }
  const done = () => {
    takeNow()
    setTyping(false)
  }
  const leave = () => {
    drop()
    setProblem(undefined)
    if (value !== before.current) onChange(before.current)
    setTyping(false)
  }
  if (!typing) {
    return (
      <>
        <ButtonBase className={words.word} aria-label={`${label}: ${value}`} onClick={begin}>
          {value}
        </ButtonBase>
        {problem && <small role="alert"> {problem}</small>}
      </>
    )
  }
  return (
    <Field
      className={styles.typing}
      aria-label={label}
      defaultValue={value}
      maxLength={most}
      autoFocus
      onFocus={(event) => event.currentTarget.select()}
      onChange={(event) => type(event.currentTarget.value)}
      onBlur={done}
      onKeyDown={(event: KeyboardEvent<HTMLInputElement>) => {
        if (event.key === 'Enter') done()
        if (event.key === 'Escape') leave()
      }}
    />
  )
}
