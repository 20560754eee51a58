'use client'

import InputBase from '@mui/material/InputBase'
import ListItemButton from '@mui/material/ListItemButton'
import Popover from '@mui/material/Popover'
import useAutocomplete, { createFilterOptions } from '@mui/material/useAutocomplete'
import { useState } from 'react'
import { useSay } from '@/ui/words/use-words'
import { type Choice, ChoiceText } from './ChoiceText'
import styles from './words.module.css'

type SoughtChoiceProps<T extends string> = {
  anchor: HTMLElement
  label: string
  value: T
  choices: readonly Choice<T>[]
  onChoose: (value: T) => void
  onClose: () => void
}

const ORDER = [
  createFilterOptions<Choice<string>>({ ignoreAccents: true, matchFrom: 'start', stringify: ({ name }) => name }),
  createFilterOptions<Choice<string>>({ ignoreAccents: true, stringify: ({ name }) => name }),
  createFilterOptions<Choice<string>>({ ignoreAccents: true, stringify: ({ detail = '' }) => detail }),
]

/** Whose name begins so, who is called so, of whom it is said: whatever the accents. */
const filter: (typeof ORDER)[number] = (options, state) => {
  const found = new Set<Choice<string>>()
  for (const match of ORDER) for (const choice of match(options, state)) found.add(choice)
  return [...found]
}

/** Many to choose from: what is typed leaves those that hold it. */
export function SoughtChoice<T extends string>({
  anchor,
  label,
  value,
  choices,
  onChoose,
  onClose,
}: SoughtChoiceProps<T>) {
  const t = useSay('screens.ui')
  const [sought, setSought] = useState('')
  const { getRootProps, getInputProps, getListboxProps, getOptionProps, groupedOptions } = useAutocomplete<Choice<T>>({
    id: `sought-${label}`,
    open: true,
    autoHighlight: true,
    options: choices,
    // Once something is typed, the keys are on what fits it best, not on what is chosen now.
    value: (sought === '' && choices.find((choice) => choice.value === value)) || null,
    inputValue: sought,
    onInputChange: (_, text, reason) => reason === 'input' && setSought(text),
    getOptionLabel: ({ name }) => name,
    isOptionEqualToValue: (a, b) => a.value === b.value,
    filterOptions: (options, state) => filter(options, state as never) as Choice<T>[],
    onChange: (_, choice) => choice && onChoose(choice.value),
    // What is chosen already is chosen once more.
    onClose: (_, reason) => (reason === 'escape' || reason === 'selectOption') && onClose(),
  })
  const found = groupedOptions as Choice<T>[]
  return (
    <Popover
      open
      anchorEl={anchor}
      onClose={onClose}
      transitionDuration={0}
      anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }}
    >
      <div {...getRootProps()}>
        <InputBase
          className={styles.sought}
          placeholder={t('typeFind')}
          slotProps={{ input: { ...getInputProps(), 'aria-label': t('labelTypeFind', { label }), autoFocus: true } }}
        />
      </div>
      <ul {...getListboxProps()} className={styles.found}>
        {found.map((choice, index) => {
          const { key: _, ...option } = getOptionProps({ option: choice, index })
          return (
            <ListItemButton component="li" key={choice.value} {...option} selected={choice.value === value}>
              <ChoiceText {...choice} />
            </ListItemButton>
          )
        })}
      </ul>
      {found.length === 0 && <p className={styles.none}>{t('nothingHereCalled')}</p>}
    </Popover>
  )
}
