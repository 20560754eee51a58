import Button from '@mui/material/Button'
import { useRef } from 'react'

type OpenFileButtonProps = {
  children: string
  /** What the file is, for those who hear it. */
  label: string
  onFile: (file: File) => void
  /** What may be given, where that is more than JSON. */
  accept?: string
}

const JSON_FILES = 'application/json,.json'

/** A button that asks for a file; the same one may be given again. */
export function OpenFileButton({ children, label, onFile, accept = JSON_FILES }: OpenFileButtonProps) {
  const input = useRef<HTMLInputElement>(null)
  return (
    <>
      <Button onClick={() => input.current?.click()}>{children}</Button>
      <input
        ref={input}
        type="file"
        accept={accept}
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
