'use client'

import ButtonBase from '@mui/material/ButtonBase'
import Menu from '@mui/material/Menu'
import MenuItem from '@mui/material/MenuItem'
import { useState } from 'react'
import styles from './words.module.css'

export type Choice<T extends string> = { value: T; name: string; detail?: string }

type ChoiceWordProps<T extends string> = {
  label: string
  value: T
  choices: readonly Choice<T>[]
  onChoose: (value: T) => void
  /** Punctuation that stays with the word where the line breaks. */
  then?: string
}

/** A word in a sentence that opens what else it could be. */
export function ChoiceWord<T extends string>({ label, value, choices, onChoose, then }: ChoiceWordProps<T>) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null)
  const chosen = choices.find((choice) => choice.value === value)
  return (
    <span className={styles.stay}>
      <ButtonBase
        className={styles.word}
        aria-label={`${label}: ${chosen?.name ?? value}`}
        aria-haspopup="menu"
        aria-expanded={anchor !== null}
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        {chosen?.name ?? value}
      </ButtonBase>
      {then}
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {choices.map((choice) => (
          <MenuItem
            key={choice.value}
            selected={choice.value === value}
            onClick={() => {
              setAnchor(null)
              if (choice.value !== value) onChoose(choice.value)
            }}
          >
            <span className={styles.choice}>
              {choice.name}
              {choice.detail && <small>{choice.detail}</small>}
            </span>
          </MenuItem>
        ))}
      </Menu>
    </span>
  )
}
