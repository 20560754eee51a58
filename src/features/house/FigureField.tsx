import { useState } from 'react'
import { readFigure } from '@/documents/read-figure'
import { Field } from '@/ui/forms/Field'
import { useTaking } from '@/ui/words/use-taking'

type FigureFieldProps = {
  label?: string
  value: number
  /** Told the figure when the field is left, NaN where it is none; null where it was emptied. */
  onSet: (figure: number | null) => void
}

/** A figure that holds for everybody: taken when the field is left. What is no figure stays as it was typed, to be mended. */
export function FigureField({ label, value, onSet }: FigureFieldProps) {
  const [typed, setTyped] = useState('')
  const [isTyping, setIsTyping] = useState(false)
  const { type, takeNow } = useTaking((text) => {
    const figure = text.trim() === '' ? null : readFigure(text)
    if (figure !== value) onSet(figure)
  }, false)
  const take = () => {
    takeNow()
    setIsTyping(false)
  }
  return (
    <Field
      aria-label={label}
      inputMode="decimal"
      autoComplete="off"
      value={isTyping || Number.isNaN(value) ? typed : value}
      onChange={(event) => {
        setTyped(event.target.value)
        setIsTyping(true)
        type(event.target.value)
      }}
      onBlur={take}
      onKeyDown={(event) => event.key === 'Enter' && take()}
    />
  )
}
