import InputBase, { type InputBaseProps } from '@mui/material/InputBase'
import { type ChangeEvent, type ComponentPropsWithRef, type FocusEvent, useId } from 'react'
import sheet from '@/ui/words/sheet.module.css'
import { useFormField } from './use-form-field'

/** Fields stand within paragraphs and labels: nothing there is a block. */
export const INLINE = { as: 'span' } as InputBaseProps

type InputSlot = NonNullable<InputBaseProps['slotProps']>['input']

/** A line to write on; what it takes is what an input takes. What is wrong with it stands under it. */
export function Field({ className, ...given }: ComponentPropsWithRef<'input'>) {
  const { input, problem } = useTyped(given)
  return (
    <>
      <InputBase {...INLINE} className={className} slotProps={{ input }} />
      {problem}
    </>
  )
}

/** Several lines to write on. */
export function Lines({ rows, ...given }: ComponentPropsWithRef<'textarea'>) {
  const { input, problem } = useTyped(given)
  return (
    <>
      <InputBase {...INLINE} multiline rows={rows} slotProps={{ input: input as InputSlot }} />
      {problem}
    </>
  )
}

/** Lets a form know what is typed, beside whoever else wants to. */
function useTyped<E extends HTMLInputElement | HTMLTextAreaElement>(
  given: Pick<ComponentPropsWithRef<'input'>, 'name' | 'defaultValue'> & {
    onChange?: ((event: ChangeEvent<E>) => void) | undefined
    onBlur?: ((event: FocusEvent<E>) => void) | undefined
  },
) {
  const told = useId()
  const { registered, problem } = useFormField(given.name, given.defaultValue ?? '')
  if (!registered) return { input: given as ComponentPropsWithRef<'input'>, problem: null }
  const input = {
    ...given,
    ...registered,
    onChange: (event: ChangeEvent<E>) => {
      void registered.onChange(event)
      given.onChange?.(event)
    },
    onBlur: (event: FocusEvent<E>) => {
      void registered.onBlur(event)
      given.onBlur?.(event)
    },
    ...(problem && { 'aria-invalid': true, 'aria-describedby': told }),
  }
  return {
    input: input as unknown as ComponentPropsWithRef<'input'>,
    problem: problem && <Wrong id={told}>{problem}</Wrong>,
  }
}

/** What is wrong, at its field. */
export const Wrong = ({ id, children }: { id: string; children: string }) => (
  <span id={id} role="alert" className={sheet.wrong}>
    {children}
  </span>
)
