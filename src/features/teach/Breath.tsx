import { useEffect, useRef } from 'react'
import { useWords } from '@/ui/words/use-words'
import type { Now } from './state/round'
import styles from './teach.module.css'

type BreathProps = { read: () => Now | null; kind: 'in' | 'out' | 'free' | 'hold' | null; count: number }

const WIDTH = 680
const RISE = 16
const THICK = 60
const REACH = WIDTH / 2 - 60

/** Half a breath from end to end, even and calm. */
const ease = (t: number) => 0.5 - 0.5 * Math.cos(Math.PI * t)

/** The breath as a bubble that travels in a vial: in to the left, out to the right. It goes by the round, never insisting. */
export function Breath({ read, kind, count }: BreathProps) {
  const words = useWords()
  const bubble = useRef<SVGEllipseElement>(null)
  useEffect(() => {
    const calm = window.matchMedia('(prefers-reduced-motion: reduce)').matches
    let frame = requestAnimationFrame(function tick() {
      const now = read()
      const part = now?.beat ? (calm ? 1 : ease(now.through)) : 0.5
      const side = now?.beat?.kind === 'out' ? 1 : now?.beat?.kind === 'in' ? -1 : 0
      const x = side * REACH * (2 * part - 1)
      const y = RISE * ((2 * x) / WIDTH) ** 2
      bubble.current?.setAttribute('transform', `translate(${x.toFixed(1)} ${y.toFixed(1)})`)
      frame = requestAnimationFrame(tick)
    })
    return () => cancelAnimationFrame(frame)
  }, [read])
  const arc = (y: number) => `${-WIDTH / 2} ${y + RISE}Q0 ${y - RISE} ${WIDTH / 2} ${y + RISE}`
  return (
    <div className={styles.breath} data-kind={kind ?? 'free'} aria-hidden="true">
      <span data-on={kind === 'in'}>{words.say('lesson.teach.in')}</span>
      <svg viewBox={`${-WIDTH / 2 - 4} ${-THICK / 2 - 22} ${WIDTH + 8} ${THICK + 48}`}>
        <path
          d={`M${arc(-THICK / 2)}L${WIDTH / 2} ${THICK / 2 + RISE}Q0 ${THICK / 2 - RISE} ${-WIDTH / 2} ${THICK / 2 + RISE}Z`}
          fill="var(--tide-wash)"
          stroke="var(--ink)"
          strokeWidth="2.5"
        />
        {[-WIDTH / 6, WIDTH / 6].map((x) => (
          <line key={x} x1={x} x2={x} y1={-THICK / 2 - 8} y2={THICK / 2 + 2} stroke="var(--ink)" strokeWidth="3" />
        ))}
        <ellipse ref={bubble} rx="46" ry="20" fill="var(--bubble)" stroke="var(--ink)" strokeWidth="2" />
      </svg>
      <span data-on={kind === 'out'}>{words.say('lesson.teach.out')}</span>
      <output>{kind === 'hold' ? words.say('lesson.teach.held', { n: count }) : count > 0 ? count : ''}</output>
    </div>
  )
}
