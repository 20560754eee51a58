'use client'

import { useState } from 'react'
import { Field, Lines } from '@/ui/forms/Field'
import { useTaking } from './use-taking'

type TypedFieldProps = {
  value: string
  /** Told what is typed, while it is typed and when the field is left. */
  onTyped: (text: string) => void
  /** Told when the field is left, with what stands in it. */
  onLeft?: (text: string) => void
  rows?: number
  maxLength?: number
  placeholder?: string
  inputMode?: 'decimal' | 'text'
}

/** A field of text that is taken while it is typed. Not typed in, it shows what was taken. */
export function TypedField({ value, onTyped, onLeft, rows, ...rest }: TypedFieldProps) {
  const [typed, setTyped] = useState<string | null>(null)
  const { type, takeNow } = useTaking(onTyped)
  const props = {
    ...rest,
    autoComplete: 'off',
    value: typed ?? value,
    onChange: (event: { target: { value: string } }) => {
      setTyped(event.target.value)
      type(event.target.value)
    },
    onBlur: (event: { target: { value: string } }) => {
      takeNow()
      setTyped(null)
      onLeft?.(event.target.value)
    },
  }
  return rows ? <Lines rows={rows} {...props} /> : <Field {...props} />
}
