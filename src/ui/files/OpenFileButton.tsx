import Button from '@mui/material/Button'
import { useRef } from 'react'

type OpenFileButtonProps = {
  children: string
  /** What the file is, for those who hear it. */
  label: string
  onFile: (file: File) => void
}

/** A button that asks for a file of JSON; the same one may be given again. */
export function OpenFileButton({ children, label, onFile }: OpenFileButtonProps) {
  const input = useRef<HTMLInputElement>(null)
  return (
    <>
      <Button onClick={() => input.current?.click()}>{children}</Button>
      <input
        ref={input}
        type="file"
        accept="application/json,.json"
        hidden
        aria-label={label}
        onChange={(event) => {
          const file = event.currentTarget.files?.[0]
          if (file) onFile(file)
          event.currentTarget.value = ''
        }}
      />
    </>
  )
}
