import Button from '@mui/material/Button'
import { type FormEvent, type ReactNode, useState } from 'react'
import { InputError } from '@/core'
import { sayError } from '@/words/errors'
import styles from './person.module.css'

type EntryFormProps = {
  label: string
  /** What the button says that enters it. */
  verb: string
  /** Throws an InputError where a field is wrong; then nothing is entered. */
  onEnter: (form: FormData) => void
  onLeave: () => void
  children: ReactNode
}

/** A form between the lines: what it holds is entered, or the field that is wrong is named. Escape leaves it. */
export function EntryForm({ label, verb, onEnter, onLeave, children }: EntryFormProps) {
  const [problem, setProblem] = useState<string | null>(null)
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault()
    try {
      onEnter(new FormData(event.currentTarget))
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      setProblem(sayError(error))
    }
  }
  return (
    <form
      className={styles.form}
      aria-label={label}
      onSubmit={submit}
      onKeyDown={(event) => event.key === 'Escape' && onLeave()}
    >
      {children}
      {problem && <p role="alert">{problem}</p>}
      <p className={styles.actions}>
        <Button type="submit">{verb}</Button>
        <Button onClick={onLeave}>Leave it</Button>
      </p>
    </form>
  )
}
