import dynamic from 'next/dynamic'
import { useId } from 'react'
import { useController } from 'react-hook-form'
import { Wrong } from './Field'

/** The calendar comes when a form with a day is opened. */
const DayPicker = dynamic(() => import('./DayPicker'), { ssr: false })

type DayFieldProps = { name: string; label: string; first?: string }

/** A day of a form, typed or picked; YYYY-MM-DD in what is entered. */
export function DayField({ name, label, first = '' }: DayFieldProps) {
  const told = useId()
  const { field, fieldState } = useController({ name, defaultValue: first })
  return (
    <>
      <DayPicker label={label} value={field.value} onChange={field.onChange} isWrong={fieldState.invalid} />
      {fieldState.error?.message && <Wrong id={told}>{fieldState.error.message}</Wrong>}
    </>
  )
}
