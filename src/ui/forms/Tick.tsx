import Checkbox from '@mui/material/Checkbox'
import type { ReactNode } from 'react'
import { useController } from 'react-hook-form'

type TickProps = { name: string; first?: boolean; children: ReactNode }

/** What is so or not, in a form, with its words. */
export function Tick({ name, first = false, children }: TickProps) {
  const { field } = useController({ name, defaultValue: first })
  const { value, onChange, ref, ...rest } = field
  return (
    <label>
      <Checkbox {...rest} slotProps={{ input: { ref } }} checked={value} onChange={(_, is) => onChange(is)} />{' '}
      {children}
    </label>
  )
}
