import InputBase from '@mui/material/InputBase'
import NativeSelect, { type NativeSelectProps } from '@mui/material/NativeSelect'
import type { ComponentPropsWithRef } from 'react'
import { INLINE } from './Field'

/** One of a few, as the device picks: what it takes is what a select takes. */
export function Pick({ className, children, ...select }: ComponentPropsWithRef<'select'>) {
  return (
    <NativeSelect
      className={className}
      input={<InputBase {...INLINE} />}
      inputProps={select as NativeSelectProps['inputProps']}
    >
      {children}
    </NativeSelect>
  )
}
