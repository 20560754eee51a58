import Button from '@mui/material/Button'
import type { ReactNode } from 'react'
import { FormProvider, get, useForm } from 'react-hook-form'
import { InputError } from '@/core'
import { sayUnsaved } from '@/ui/api/ask'
import sheet from '@/ui/words/sheet.module.css'
import { useSay, useWords } from '@/ui/words/use-words'

/** What stands under a name, without blanks around it; '' where nothing does. */
export type Read = (name: string) => string

type FormProps = {
  label?: string
  className?: string
  /** What the button says that enters it. */
  verb: string
  /** Takes what was entered; throws where a field is wrong or nothing answers: then nothing is entered. */
  onEnter: (read: Read) => void | Promise<void>
  /** Leaves it without entering; Escape does, too. */
  onLeave?: () => void
  say?: (error: unknown) => string
  /** Under which name a field of the document stands here, where it is another. */
  names?: { [field: string]: string }
  /** Stands beside the buttons. */
  more?: ReactNode
  children: ReactNode
}

/**
 * Every form: what it holds is entered by its button or Enter, or it says at its field what is wrong and keeps what was
 * typed.
 */
export function Form({
  label,
  className = sheet.form,
  verb,
  onEnter,
  onLeave,
  say,
  names = {},
  more,
  children,
}: FormProps) {
  const t = useSay('screens.ui')
  const words = useWords()

  const form = useForm<Record<string, unknown>>({ shouldUnregister: true })
  const enter = async (values: Record<string, unknown>) => {
    try {
      await onEnter((name) => sayEntered(get(values, name)))
    } catch (error) {
      const field = error instanceof InputError ? findField(error.field, names, values) : null
      form.setError(field ?? 'root', { message: say?.(error) ?? sayUnsaved(error, words) })
      if (field) form.setFocus(field)
    }
  }
  const problem = form.formState.errors.root?.message
  return (
    <FormProvider {...form}>
      <form
        className={className}
        aria-label={label}
        onSubmit={form.handleSubmit(enter)}
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
              {t('cancel')}
            </Button>
          )}
        </div>
      </form>
    </FormProvider>
  )
}

const sayEntered = (value: unknown): string => (value === false ? '' : String(value ?? '').trim())

/** The field of a form that a document's field stands in: by the name that was said for it, else by its own words. */
function findField(field: string, names: { [field: string]: string }, values: object): string | null {
  const words = field.split('.').filter((word) => !/^\d+$/.test(word))
  const tried = [words.join('.'), ...words.toReversed()].map((word) => names[word] ?? word)
  return tried.find((name) => get(values, name) !== undefined) ?? null
}
