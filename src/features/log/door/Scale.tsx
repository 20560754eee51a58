import ButtonBase from '@mui/material/ButtonBase'
import { type KeyboardEvent, useRef } from 'react'
import styles from './door.module.css'

type ScaleProps = {
  label: string
  name: string
  value: number | null
  high: number
  onSet: (value: number | null) => void
}

const TEN = Array.from({ length: 11 }, (_, n) => n)
/** After a 1 a 0 makes it 10, if it comes so soon. */
const TOGETHER_MS = 700

/** 0 to 10 in a row: touched, or typed; a figure typed goes on to the next field. */
export function Scale({ label, name, value, high, onSet }: ScaleProps) {
  const typedOne = useRef(0)
  const set = (next: number) => onSet(next === value ? null : next)
  const onKeyDown = (event: KeyboardEvent<HTMLElement>) => {
    const { key } = event
    const buttons = [...event.currentTarget.querySelectorAll('button')]
    if (/^\d$/.test(key)) {
      event.preventDefault()
      const isTen = key === '0' && performance.now() - typedOne.current < TOGETHER_MS
      typedOne.current = key === '1' ? performance.now() : 0
      const next = isTen ? 10 : Number(key)
      onSet(next)
      buttons[next]?.focus()
    } else if (key === 'ArrowRight' || key === 'ArrowLeft') {
      event.preventDefault()
      const next = Math.min(10, Math.max(0, (value ?? -1) + (key === 'ArrowRight' ? 1 : -1)))
      onSet(next)
      buttons[next]?.focus()
    } else if (key === 'Backspace' || key === 'Delete') onSet(null)
  }
  return (
    <div className={styles.scale} role="radiogroup" aria-label={`${label}, ${name}`} onKeyDown={onKeyDown} data-field>
      <span aria-hidden="true">{label}</span>
      {TEN.map((n) => (
        <ButtonBase
          key={n}
          role="radio"
          aria-checked={value === n}
          aria-label={String(n)}
          tabIndex={(value ?? 0) === n ? 0 : -1}
          data-high={n >= high}
          onClick={() => set(n)}
        >
          {n}
        </ButtonBase>
      ))}
    </div>
  )
}
