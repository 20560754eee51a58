'use client'

import { type KeyboardEvent, useRef } from 'react'
import { type Analysis, findHeldSplit, type HeldSplit, type Side, type Stance } from '@/core'
import { useSay, useWords } from '@/ui/words/use-words'
import type { Words } from '@/words/language'
import styles from './floor.module.css'
import type { FloorHands } from './hands'
import { useDrag } from './use-drag'

/** Room for the beam and its words, in pixels. */
export const beamHeight = (text: number) => 30 + 44 * text

type WeightBeamProps = {
  width: number
  stance: Stance
  analysis: Analysis | null
  text: number
  onDrag: (on: boolean) => void
  hands: FloorHands | undefined
}

/** What can be held, and what an order leaves of it. */
function sayHeld({ low, high, none, orders }: HeldSplit, words: Words): string {
  if (none)
    return words.say('screens.ui.cannotBeHeld', {
      limits: orders
        .map(({ side, most }) => words.say('screens.ui.atMostNSide', { n: Math.round(most * 100), side }))
        .join(', '),
    })
  const held = words.say('screens.ui.canBeHeld', { low: Math.round(low * 100), high: Math.round(high * 100) })
  return orders.length > 0 ? words.say('screens.ui.heldByOrder', { held }) : held
}

type OrderMarkProps = { side: Side; most: number; x: number; y: number; end: number }

/** Where an order ends, hatched to the end of the beam that it keeps free. */
function OrderMark({ side, most, x, y, end }: OrderMarkProps) {
  const t = useSay('screens.ui')
  return (
    <g>
      <line
        x1={Math.min(x, end)}
        x2={Math.max(x, end)}
        y1={y}
        y2={y}
        stroke="var(--clay)"
        strokeWidth="9"
        strokeDasharray="2 4"
        strokeOpacity="0.7"
      />
      <line x1={x} x2={x} y1={y - 12} y2={y + 12} stroke="var(--clay)" strokeWidth="2.6">
        <title>{t('atMostNOn', { n: Math.round(most * 100), side })}</title>
      </line>
    </g>
  )
}

/** The weight between the feet, the left foot's end on the left; the band is what can be held with the centre there. */
export function WeightBeam({ width, stance, analysis, text, onDrag, hands }: WeightBeamProps) {
  const words = useWords()
  const t = useSay('screens.ui')

  const lineY = 22 + 20 * text
  const beam = useRef<SVGGElement>(null)
  const held = stance.feet.left.contact === 'air' || stance.feet.right.contact === 'air'
  const inset = 10
  const at = (shareLeft: number) => inset + (1 - shareLeft) * (width - 2 * inset)
  const drag = useDrag(
    (event) => [event.clientX - (beam.current?.ownerSVGElement?.getBoundingClientRect().left ?? 0), 0],
    ([x]) => hands?.setLoadLeft(100 * (1 - (x - inset) / (width - 2 * inset))),
    onDrag,
    hands,
  )
  if (stance.seat) return null
  const left = Math.round(stance.loadLeft * 100)
  const onKeyDown = (event: KeyboardEvent) => {
    const toLeft: Record<string, number> = {
      ArrowLeft: 1,
      ArrowDown: -1,
      ArrowUp: 1,
      ArrowRight: -1,
      PageUp: 10,
      PageDown: -10,
    }
    const step = toLeft[event.key]
    if (step === undefined) return
    hands?.setLoadLeft(stance.loadLeft * 100 + step)
    event.preventDefault()
  }
  const split = analysis && findHeldSplit(analysis)
  const x = at(stance.loadLeft)
  const slider = {
    role: 'slider',
    tabIndex: held ? -1 : 0,
    'aria-label': t('weightOnLeftFoot'),
    'aria-valuemin': 0,
    'aria-valuemax': 100,
    'aria-valuenow': left,
    'aria-valuetext': `${left} %`,
    'aria-disabled': held,
    onKeyDown,
  }
  return (
    <g ref={beam}>
      <text x={0} y={14 * text} className={styles.label}>
        {t('left')} <tspan className={styles.figure}>{left} %</tspan>
      </text>
      <text x={width} y={14 * text} textAnchor="end" className={styles.label}>
        {t('right')} <tspan className={styles.figure}>{100 - left} %</tspan>
      </text>
      <line x1={inset} x2={width - inset} y1={lineY} y2={lineY} stroke="var(--ink)" strokeWidth="1.6" />
      {[0, 0.25, 0.5, 0.75, 1].map((share) => (
        <line
          key={share}
          x1={at(share)}
          x2={at(share)}
          y1={lineY - 5}
          y2={lineY + 5}
          stroke="var(--ink)"
          strokeWidth="1.3"
        />
      ))}
      {split && !split.none && (
        <rect
          x={at(split.high)}
          width={Math.max(2, at(split.low) - at(split.high))}
          y={lineY - 6}
          height={12}
          fill="var(--tide)"
          fillOpacity="0.28"
          rx="2"
        />
      )}
      {split?.orders.map(({ side, most, leftAt }) => (
        <OrderMark
          key={side}
          side={side}
          most={most}
          x={at(leftAt)}
          y={lineY}
          end={side === 'left' ? inset : width - inset}
        />
      ))}
      {split && (
        <text x={width / 2} y={lineY + 8 + 20 * text} textAnchor="middle" className={styles.label}>
          {held ? t('allOnStandingFoot') : sayHeld(split, words)}
        </text>
      )}
      <g {...(hands && slider)} className={hands && styles.beam} {...(held ? {} : drag)}>
        <rect x={inset} y={lineY - 22} width={Math.max(0, width - 2 * inset)} height={44} fill="transparent" />
        <circle cx={x} cy={lineY} r="17" className={styles.centreRing} />
        <path d={`M${x} ${lineY - 13}L${x + 10} ${lineY}L${x} ${lineY + 13}L${x - 10} ${lineY}Z`} fill="var(--ink)" />
      </g>
    </g>
  )
}
