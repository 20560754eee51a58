import InputBase from '@mui/material/InputBase'
import NativeSelect, { type NativeSelectProps } from '@mui/material/NativeSelect'
import { type ComponentPropsWithRef, useId } from 'react'
import { INLINE, Wrong } from './Field'
import { useFormField } from './use-form-field'

/** One of a few, as the device picks: what it takes is what a select takes. What is wrong with it stands under it. */
export function Pick({ className, children, ...given }: ComponentPropsWithRef<'select'>) {
  const told = useId()
  const { registered, problem } = useFormField(given.name, given.value ?? given.defaultValue)
  const select = registered && {
    ...given,
    ...registered,
    onChange: (event: Parameters<NonNullable<typeof given.onChange>>[0]) => {
      void registered.onChange(event)
      given.onChange?.(event)
    },
    ...(problem && { 'aria-invalid': true, 'aria-describedby': told }),
  }
  return (
    <>
      <NativeSelect
        className={className}
        input={<InputBase {...INLINE} />}
        inputProps={(select ?? given) as NativeSelectProps['inputProps']}
      >
        {children}
      </NativeSelect>
      {problem && <Wrong id={told}>{problem}</Wrong>}
    </>
  )
}
