import Button from '@mui/material/Button'
import { type FormEvent, type ReactNode, useState } from 'react'
import { sayUnsaved } from '@/ui/api/ask'
import sheet from '@/ui/words/sheet.module.css'

type FormProps = {
  label?: string
  className?: string
  /** What the button says that enters it. */
  verb: string
  /** Takes what was entered; throws where a field is wrong or nothing answers: then nothing is entered. */
  onEnter: (form: FormData) => void | Promise<void>
  /** Leaves it without entering; Escape does, too. */
  onLeave?: () => void
  say?: (error: unknown) => string
  /** Stands beside the buttons. */
  more?: ReactNode
  children: ReactNode
}

/** Every form: what it holds is entered by its button or Enter, or it says what is wrong and keeps what was typed. */
export function Form({
  label,
  className = sheet.form,
  verb,
  onEnter,
  onLeave,
  say = sayUnsaved,
  more,
  children,
}: FormProps) {
  const [problem, setProblem] = useState<string | null>(null)
  const submit = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault()
    try {
      await onEnter(new FormData(event.currentTarget))
      setProblem(null)
    } catch (error) {
      setProblem(say(error))
    }
  }
  return (
    <form
      className={className}
      aria-label={label}
      onSubmit={submit}
      onKeyDown={(event) => event.key === 'Escape' && onLeave?.()}
    >
      {children}
      {problem && <p role="alert">{problem}</p>}
      <div className={sheet.actions}>
        <Button type="submit" variant="contained">
          {verb}
        </Button>
        {more}
        {onLeave && (
          <Button variant="outlined" onClick={onLeave}>
            Cancel
          </Button>
        )}
      </div>
    </form>
  )
}
