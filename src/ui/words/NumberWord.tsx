'use client'

import { NumberField } from '@base-ui/react/number-field'
import SwapHoriz from '@mui/icons-material/SwapHoriz'
import { type ComponentProps, type CSSProperties, useEffect, useRef } from 'react'
import { flushSync } from 'react-dom'
import { readFigure } from '@/documents/read-figure'
import { useTaking } from './use-taking'
import { useWords } from './use-words'
import styles from './words.module.css'

type NumberWordProps = {
  /** What it sets, for those who hear it. */
  label: string
  /** In the unit that is shown; null where nobody said it. */
  value: number | null
  unit: string
  step: number
  min: number
  max: number
  /** Decimals that are shown. */
  digits?: number
  /** A word that says which way it goes, in place of a sign: 30° in, 5 cm behind. */
  way?: (value: number) => string
  onChange: (value: number) => void
  /** Where it may be left unsaid: what is said then, and what unsays it. */
  unsaid?: { text: string; onClear: () => void }
  /** A drag is one step for undo. */
  onDragStart?: () => void
  onDragEnd?: () => void
}

const PIXELS_A_STEP = 6
const LARGE = 10
const SIGNED = /^\s*[+−-]/

/**
 * A number in a sentence: typed, dragged sideways, or nudged with the arrow keys; page keys and Shift move ten steps.
 * What is typed goes the way that is said, unless it has a sign, and is taken while it is typed.
 */
export function NumberWord(props: NumberWordProps) {
  const { label, value, unit, step, min, max, digits = 1, way, onChange, unsaid, onDragStart, onDragEnd } = props
  const words = useWords()
  const input = useRef<HTMLInputElement>(null)
  const before = useRef(value)
  const typed = useRef(false)
  const dragged = useRef(false)
  const within = (figure: number) => Math.min(max, Math.max(min, figure))
  const read = (text: string) => {
    const figure = readFigure(text)
    return way && value !== null && value < 0 && !SIGNED.test(text) ? -figure : figure
  }
  // While it is typed only what is within its range is taken: the 1 of 160 is not.
  const { type, drop } = useTaking((text) => {
    const figure = read(text)
    if (figure === within(figure) && figure !== value) onChange(figure)
  })
  const end = (text: string) => {
    if (!typed.current) return
    typed.current = false
    drop()
    if (text.trim() === '' && value !== null) return unsaid?.onClear()
    const figure = within(read(text))
    if (Number.isFinite(figure) && figure !== value) onChange(figure)
  }
  const takeBack = () => {
    typed.current = false
    drop()
    if (before.current === value) return
    if (before.current === null) unsaid?.onClear()
    else onChange(before.current)
  }
  /** A field that is left shows what was taken; it is where one goes on, without a figure lost that is typed at once. */
  const leave = (field: HTMLInputElement) => {
    flushSync(() => field.blur())
    field.focus()
  }
  const onKeyDown: ComponentProps<typeof NumberField.Input>['onKeyDown'] = (event) => {
    const field = event.currentTarget
    const page = { PageUp: 'ArrowUp', PageDown: 'ArrowDown' }[event.key]
    if (page) {
      event.preventDefault()
      field.dispatchEvent(new KeyboardEvent('keydown', { key: page, shiftKey: true, bubbles: true, cancelable: true }))
    } else if (event.key === 'Enter') leave(field)
    else if (event.key === 'Escape') {
      takeBack()
      leave(field)
    }
    // What is being typed is the field's own to take back.
    if (typed.current) event.stopPropagation()
  }
  const onValueChange = (next: number | null, { reason }: { reason: string }) => {
    if (next === null || reason.startsWith('input')) return
    typed.current = false
    drop()
    if (reason === 'scrub' && !dragged.current) {
      dragged.current = true
      onDragStart?.()
    }
    onChange(within(Number((Math.round(next / step) * step).toFixed(6))))
  }
  const onValueCommitted = () => {
    if (dragged.current) onDragEnd?.()
    dragged.current = false
  }

  // What was stepped to is all chosen, as what was come to: the next figure typed replaces it.
  useEffect(() => {
    if (value !== null && Number.isFinite(value) && !typed.current && document.activeElement === input.current)
      input.current?.select()
  }, [value])

  const said = unit === '°' ? '°' : ` ${unit}`
  const sayValue = (shown: number) => `${way ? Math.abs(shown) : shown}${said}${way ? ` ${way(shown)}` : ''}`
  return (
    <>
      <NumberField.Root
        render={<span className={`${styles.word} ${styles.number}`} />}
        value={value}
        min={min}
        max={max}
        step={step}
        smallStep={step}
        largeStep={LARGE * step}
        allowOutOfRange
        locale={words.locale}
        format={{ useGrouping: false, maximumFractionDigits: digits, signDisplay: way ? 'never' : 'negative' }}
        onValueChange={onValueChange}
        onValueCommitted={onValueCommitted}
      >
        <NumberField.ScrubArea pixelSensitivity={PIXELS_A_STEP} onClick={() => input.current?.focus()}>
          <NumberField.ScrubAreaCursor className={styles.scrubbing}>
            <SwapHoriz />
          </NumberField.ScrubAreaCursor>
          <NumberField.Input
            ref={input}
            role="spinbutton"
            aria-label={label}
            aria-roledescription={undefined}
            aria-valuenow={value ?? undefined}
            placeholder="–"
            aria-valuemin={min}
            aria-valuemax={max}
            aria-valuetext={value === null ? unsaid?.text : sayValue(Number(value.toFixed(digits)))}
            style={(state) => ({ '--figures': state.inputValue.length || 1 }) as CSSProperties}
            onFocus={(event) => {
              before.current = value
              event.currentTarget.select()
            }}
            onInput={(event) => {
              typed.current = true
              type(event.currentTarget.value)
            }}
            onPaste={(event) => event.preventBaseUIHandler()}
            onBlur={(event) => end(event.currentTarget.value)}
            onKeyDown={onKeyDown}
          />
          {said}
        </NumberField.ScrubArea>
      </NumberField.Root>
      {way && value !== null && ` ${way(value)}`}
    </>
  )
}
