import type { KeyboardEvent } from 'react'

/** What is drawn as a button: pressed by pointer, Enter or space. */
export const pressed = (press: () => void) => ({
  tabIndex: 0,
  onClick: press,
  onKeyDown: (event: KeyboardEvent) => {
    if (event.key !== 'Enter' && event.key !== ' ') return
    event.preventDefault()
    press()
  },
})
