import Checkbox from '@mui/material/Checkbox'
import { useController } from 'react-hook-form'

/** What is so or not, in a form. */
export function Tick({ name, first = false }: { name: string; first?: boolean }) {
  const { field } = useController({ name, defaultValue: first })
  const { value, onChange, ref, ...rest } = field
  return <Checkbox {...rest} slotProps={{ input: { ref } }} checked={value} onChange={(_, is) => onChange(is)} />
}
