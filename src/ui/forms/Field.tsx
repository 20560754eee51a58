import InputBase, { type InputBaseProps } from '@mui/material/InputBase'
import type { ComponentPropsWithRef } from 'react'

/** Fields stand within paragraphs and labels: nothing there is a block. */
export const INLINE = { as: 'span' } as InputBaseProps

type InputSlot = NonNullable<InputBaseProps['slotProps']>['input']

/** A line to write on; what it takes is what an input takes. */
export function Field({ className, ...input }: ComponentPropsWithRef<'input'>) {
  return <InputBase {...INLINE} className={className} slotProps={{ input }} />
}

/** Several lines to write on. */
export function Lines({ rows, ...input }: ComponentPropsWithRef<'textarea'>) {
  return <InputBase {...INLINE} multiline rows={rows} slotProps={{ input: input as InputSlot }} />
}
