import type { ReactNode } from 'react'
import { useWords } from '@/ui/words/use-words'
import styles from '../measure.module.css'
import { ABOUT, type MeasureId } from '../measures'
import { HEADS, POSES, type Scene, type Thing } from './scene'

const WOOD = { fill: 'none', stroke: 'var(--wood)', strokeWidth: 2.4 } as const

/** Things of a hall, in the frame of the figure. */
const DRAWN: Record<Thing, ReactNode> = {
  scales: (
    <g fill="var(--tide-wash)" stroke="var(--tide)" strokeWidth="1.8">
      <rect x="28" y="110" width="21" height="6" rx="2" />
      <rect x="51" y="110" width="21" height="6" rx="2" />
    </g>
  ),
  plate: (
    <rect x="26" y="110" width="48" height="5" rx="1" fill="var(--tide-wash)" stroke="var(--tide)" strokeWidth="1.8" />
  ),
  tape: <path d="M8 117H92" stroke="var(--clay)" strokeWidth="2.4" strokeDasharray="7 4" />,
  board: (
    <g>
      <rect x="10" y="109" width="80" height="3" fill="var(--wood)" />
      <path d="M18 112l-3 6h6z" fill="var(--ink)" />
      <rect
        x="72"
        y="112"
        width="18"
        height="6"
        rx="2"
        fill="var(--tide-wash)"
        stroke="var(--tide)"
        strokeWidth="1.8"
      />
    </g>
  ),
  chair: <path d="M92 118V66M92 90H78V118" {...WOOD} />,
  seat: <path d="M30 118V56M30 80H52V118" {...WOOD} />,
  wall: <path d="M4 8V118" stroke="var(--ink-soft)" strokeWidth="3" />,
  wallMark: (
    <g>
      <path d="M6 37H96" stroke="var(--ink-soft)" strokeWidth="1.4" strokeDasharray="2 3" />
      <path d="M74 31V43M88 31V43" stroke="var(--clay)" strokeWidth="2.4" />
    </g>
  ),
  helper: (
    <g fill="none" stroke="var(--body-far)" strokeWidth="3" strokeLinecap="round">
      <circle cx="18" cy="32" r="6" />
      <path d="M18 40V72M18 72L14 110M18 72L22 110M18 48L34 56" />
    </g>
  ),
  camera: (
    <g fill="var(--tide-wash)" stroke="var(--tide)" strokeWidth="1.8">
      <rect x="2" y="58" width="20" height="14" rx="2" />
      <circle cx="16" cy="65" r="4" />
      <path d="M12 72V118M12 90L5 118M12 90L19 118" stroke="var(--ink-soft)" />
    </g>
  ),
  points: (
    <g fill="var(--paper)" stroke="var(--clay)" strokeWidth="2">
      {[
        [50, 36],
        [49, 66],
        [53, 87],
        [49, 107],
        [58, 109],
      ].map(([x, y]) => (
        <circle key={y} cx={x} cy={y} r="3.4" />
      ))}
    </g>
  ),
  phone: (
    <rect x="62" y="44" width="8" height="15" rx="1.5" fill="var(--paper)" stroke="var(--clay)" strokeWidth="2.2" />
  ),
}

const drawThing = (thing: Thing) => <g key={thing}>{DRAWN[thing]}</g>

function Drawn({ scene: { pose, things } }: { scene: Scene }) {
  const head = HEADS[pose]
  return (
    <svg viewBox="0 0 100 124" width="100" height="124" aria-hidden="true">
      <path d="M2 118H98" stroke="var(--line)" strokeWidth="2" />
      {things.filter((thing) => thing !== 'points').map(drawThing)}
      <g fill="none" stroke="var(--body-near)" strokeWidth="5" strokeLinecap="round" strokeLinejoin="round">
        {POSES[pose].map((d) => (
          <path key={d} d={d} />
        ))}
        {head && <circle cx={head[0]} cy={head[1]} r="7" fill="var(--body-near)" stroke="none" />}
      </g>
      {things.filter((thing) => thing === 'points').map(drawThing)}
    </svg>
  )
}

/** How it is done, in three drawn steps; before a test at which somebody could fall, what stands by and when to stop. */
export function Steps({ measure }: { measure: MeasureId }) {
  const words = useWords()
  const { steps, careful } = ABOUT[measure]
  const say = (key: string) => words.say(`measure.${key}`)
  return (
    <>
      <ol className={styles.steps}>
        {steps.map((scene, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: always the same three
          <li key={i}>
            <Drawn scene={scene} />
            <span>{say(`how.${measure}.${i + 1}`)}</span>
          </li>
        ))}
      </ol>
      {careful && <p className={styles.careful}>{say('careful')}</p>}
    </>
  )
}
