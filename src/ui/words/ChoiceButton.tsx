import Button from '@mui/material/Button'
import { useState } from 'react'
import type { Choice } from './ChoiceText'
import { SoughtChoice } from './SoughtChoice'

type ChoiceButtonProps = { label: string; choices: readonly Choice<string>[]; onChoose: (value: string) => void }

/** A button that opens what can be added; it is found by typing. */
export function ChoiceButton({ label, choices, onChoose }: ChoiceButtonProps) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null)
  const close = () => setAnchor(null)
  return (
    <>
      <Button
        aria-haspopup="listbox"
        aria-expanded={anchor !== null}
        disabled={choices.length === 0}
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        {label}
      </Button>
      {anchor && (
        <SoughtChoice
          anchor={anchor}
          label={label}
          value=""
          choices={choices}
          onChoose={(value) => {
            close()
            onChoose(value)
          }}
          onClose={close}
        />
      )}
    </>
  )
}
