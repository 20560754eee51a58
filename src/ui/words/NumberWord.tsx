'use client'

import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react'
import { readFigure } from '@/formats/read-figure'
import { useTaking } from './use-taking'
import styles from './words.module.css'

type NumberWordProps = {
  /** What it sets, for those who hear it. */
  label: string
  /** In the unit that is shown. */
  value: number
  unit: string
  step: number
  min: number
  max: number
  /** Decimals that are shown. */
  digits?: number
  /** A word that says which way it goes, in place of a sign: 30° in, 5 cm behind. */
  way?: (value: number) => string
  onChange: (value: number) => void
  /** A drag is one step for undo. */
  onDragStart?: () => void
  onDragEnd?: () => void
}

const PIXELS_A_STEP = 6

/**
 * A number in a sentence: typed (press it), dragged sideways, or nudged with the arrow keys. Page keys move ten steps.
 */
export function NumberWord(props: NumberWordProps) {
  const { label, value, unit, step, min, max, digits = 1, way, onChange, onDragStart, onDragEnd } = props
  const [typing, setTyping] = useState(false)
  const drag = useRef<{ x: number; from: number; moved: boolean } | null>(null)
  const word = useRef<HTMLSpanElement>(null)
  const set = (next: number) => {
    const whole = Math.round(next / step) * step
    onChange(Math.min(max, Math.max(min, Number(whole.toFixed(6)))))
  }

  const before = useRef(value)
  // While it is typed only what is within its range is taken: the 1 of 160 is not.
  const { type, drop } = useTaking((text) => {
    const typed = readFigure(text)
    if (typed >= min && typed <= max && typed !== value) onChange(typed)
  })
  if (typing) {
    const done = (text: string | null) => {
      drop()
      const typed = text === null ? before.current : readFigure(text)
      const kept = Number.isFinite(typed) ? Math.min(max, Math.max(min, typed)) : value
      if (kept !== value) onChange(kept)
      setTyping(false)
      requestAnimationFrame(() => word.current?.focus())
    }
    return (
      <span className={styles.typing}>
        <input
          aria-label={`${label}, in ${unit}`}
          defaultValue={Number(value.toFixed(2))}
          inputMode="decimal"
          // biome-ignore lint/a11y/noAutofocus: the number was just pressed to be typed
          autoFocus
          onFocus={(event) => {
            before.current = value
            event.currentTarget.select()
          }}
          onChange={(event) => type(event.currentTarget.value)}
          onBlur={(event) => done(event.currentTarget.value)}
          onKeyDown={(event) => {
            if (event.key === 'Enter') done(event.currentTarget.value)
            if (event.key === 'Escape') done(null)
            event.stopPropagation()
          }}
        />
        {unit}
      </span>
    )
  }

  const onKeyDown = (event: KeyboardEvent) => {
    const moves: Record<string, number> = {
      ArrowUp: 1,
      ArrowRight: 1,
      ArrowDown: -1,
      ArrowLeft: -1,
      PageUp: 10,
      PageDown: -10,
    }
    const move = moves[event.key]
    if (move !== undefined) set(value + move * step)
    else if (event.key === 'Enter' || event.key === ' ' || /^[0-9]$/.test(event.key)) setTyping(true)
    else return
    event.preventDefault()
  }
  const onPointerDown = (event: PointerEvent) => {
    event.currentTarget.setPointerCapture(event.pointerId)
    drag.current = { x: event.clientX, from: value, moved: false }
  }
  const onPointerMove = (event: PointerEvent) => {
    if (!drag.current) return
    const steps = Math.trunc((event.clientX - drag.current.x) / PIXELS_A_STEP)
    if (steps === 0 && !drag.current.moved) return
    if (!drag.current.moved) onDragStart?.()
    drag.current.moved = true
    set(drag.current.from + steps * step)
  }
  const onPointerUp = () => {
    if (drag.current?.moved) onDragEnd?.()
    else if (drag.current) setTyping(true)
    drag.current = null
  }
  const said = say(way ? Math.abs(value) : value, unit, digits)
  const number = (
    <span
      ref={word}
      role="spinbutton"
      tabIndex={0}
      aria-label={label}
      aria-valuenow={value}
      aria-valuemin={min}
      aria-valuemax={max}
      aria-valuetext={way ? `${said} ${way(value)}` : said}
      className={`${styles.word} ${styles.number}`}
      onKeyDown={onKeyDown}
      onPointerDown={onPointerDown}
      onPointerMove={onPointerMove}
      onPointerUp={onPointerUp}
      onPointerCancel={onPointerUp}
    >
      {said}
    </span>
  )
  return way ? (
    <>
      {number} {way(value)}
    </>
  ) : (
    number
  )
}

const say = (value: number, unit: string, digits: number): string => {
  const figure = Number(value.toFixed(digits))
  return unit === '°' ? `${figure}°` : `${figure} ${unit}`
}
