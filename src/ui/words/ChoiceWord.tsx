'use client'

import ButtonBase from '@mui/material/ButtonBase'
import Menu from '@mui/material/Menu'
import MenuItem from '@mui/material/MenuItem'
import { useState } from 'react'
import { type Choice, ChoiceText } from './ChoiceText'
import { SoughtChoice } from './SoughtChoice'
import styles from './words.module.css'

type ChoiceWordProps<T extends string> = {
  label: string
  value: T
  choices: readonly Choice<T>[]
  onChoose: (value: T) => void
  /** Punctuation that stays with the word where the line breaks. */
  then?: string
}

/** More than this are sought by typing. */
const MANY = 12

/** A word in a sentence that opens what else it could be. */
export function ChoiceWord<T extends string>({ label, value, choices, onChoose, then }: ChoiceWordProps<T>) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null)
  const chosen = choices.find((choice) => choice.value === value)
  const isSought = choices.length > MANY
  const close = () => setAnchor(null)
  const choose = (next: T) => {
    close()
    if (next !== value) onChoose(next)
  }
  return (
    <span className={styles.stay}>
      <ButtonBase
        className={styles.word}
        aria-label={`${label}: ${chosen?.name ?? value}`}
        aria-haspopup={isSought ? 'listbox' : 'menu'}
        aria-expanded={anchor !== null}
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        {chosen?.name ?? value}
      </ButtonBase>
      {then}
      {isSought ? (
        anchor && (
          <SoughtChoice
            anchor={anchor}
            label={label}
            value={value}
            choices={choices}
            onChoose={choose}
            onClose={close}
          />
        )
      ) : (
        <Menu anchorEl={anchor} open={anchor !== null} onClose={close}>
          {choices.map((choice) => (
            <MenuItem
              key={choice.value}
              role="menuitemradio"
              aria-checked={choice.value === value}
              selected={choice.value === value}
              onClick={() => choose(choice.value)}
            >
              <ChoiceText {...choice} />
            </MenuItem>
          ))}
        </Menu>
      )}
    </span>
  )
}
