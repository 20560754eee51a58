'use client'

import { type KeyboardEvent, type PointerEvent, useRef } from 'react'
import type { Support, Vec2 } from '@/core'
import { type Plan, toScreen } from '@/draw/plan'
import { useSay } from '@/ui/words/use-words'
import { SupportMark } from '../SmallFloor'
import styles from './floor.module.css'
import type { FloorHands } from './hands'
import { useDrag } from './use-drag'

type SupportHandleProps = {
  plan: Plan
  support: Support
  toMetres: (event: PointerEvent) => Vec2
  onDrag: (on: boolean) => void
  hands: FloorHands | undefined
}

/** What a hand is on: moved by hand or keyboard, turned with comma and full stop, taken away with Delete. */
export function SupportHandle({ plan, support, toMetres, onDrag, hands }: SupportHandleProps) {
  const t = useSay('screens.ui')
  const { hand, at, kind } = support
  const taken = useRef<readonly number[]>(at)
  const drag = useDrag(
    toMetres,
    ([x, y], [fromX, fromY]) => {
      const [ax, ay] = taken.current as [number, number]
      hands?.moveSupport(hand, [ax + x - fromX, ay + y - fromY])
    },
    (on) => {
      if (on) taken.current = at
      onDrag(on)
    },
    hands,
  )
  const onKeyDown = (event: KeyboardEvent) => {
    const by = event.shiftKey ? 0.001 : 0.01
    const moves: Record<string, Vec2> = {
      ArrowUp: [0, by],
      ArrowDown: [0, -by],
      ArrowLeft: [-by, 0],
      ArrowRight: [by, 0],
    }
    const turns: Record<string, number> = { ',': 5, '.': -5 }
    const move = moves[event.key]
    const turn = turns[event.key]
    if (move) hands?.moveSupport(hand, [at[0] + move[0], at[1] + move[1]])
    else if (turn && support.toward !== undefined) hands?.turnSupport(hand, turn)
    else if (event.key === 'Delete' || event.key === 'Backspace') hands?.takeSupportAway(hand)
    else return
    event.preventDefault()
  }
  const [x, y] = toScreen(plan, [at[0], at[1]])
  if (!hands) return <SupportMark plan={plan} support={support} />
  return (
    <g
      role="button"
      tabIndex={0}
      className={`${styles.foot} ${styles.grab}`}
      aria-label={t('supportHandle', { support: kind.replace('-', ''), hand })}
      onKeyDown={onKeyDown}
      {...drag}
    >
      <circle cx={x} cy={y} r="24" className={styles.footRing} />
      <SupportMark plan={plan} support={support} />
      <circle cx={x} cy={y} r="22" className={styles.hit} />
    </g>
  )
}
