import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react'
import type { Vec2 } from '@/core'
import { useWords } from '@/ui/words/use-words'
import styles from '../measure.module.css'

/** A place on the picture that can be moved, by its name. */
export type Handle = { name: string; at: Vec2; kind: 'point' | 'plumb' | 'known' }

type PointPlateProps = {
  src: string
  width: number
  height: number
  handles: readonly Handle[]
  /** Drawn between handles: limbs, the plumb line, the known length. */
  lines: readonly { from: Vec2; to: Vec2; kind: 'limb' | 'computed' | 'plumb' | 'known' }[]
  /** What is set next by touching the picture. */
  next: string | null
  onPlace: (name: string, at: Vec2) => void
}

const LOUPE = 90
const ZOOM = 4
const NUDGES: Record<string, Vec2> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }
const COLOURS = { point: 'var(--clay)', plumb: 'var(--tide)', known: 'var(--wood)' }
const LINES = { limb: 'var(--clay)', computed: 'var(--body-far)', plumb: 'var(--tide)', known: 'var(--wood)' }

/** A picture with its points: touched they are set, dragged or nudged they move; a loupe shows what lies under them. */
export function PointPlate({ src, width, height, handles, lines, next, onPlace }: PointPlateProps) {
  const words = useWords()
  const plate = useRef<SVGSVGElement>(null)
  const [held, setHeld] = useState<string | null>(null)
  /** What the keys move. */
  const [seen, setSeen] = useState<string | null>(null)
  const size = Math.max(width, height) / 100
  const placeOf = (event: PointerEvent): Vec2 => {
    const box = (plate.current as SVGSVGElement).getBoundingClientRect()
    const clamp = (value: number, most: number) => Math.min(most, Math.max(0, value))
    return [
      clamp(((event.clientX - box.left) / box.width) * width, width),
      clamp(((event.clientY - box.top) / box.height) * height, height),
    ]
  }
  const nudge = (handle: Handle, event: KeyboardEvent) => {
    const by = NUDGES[event.key]
    if (!by) return
    event.preventDefault()
    const step = event.shiftKey ? 10 : 1
    onPlace(handle.name, [handle.at[0] + by[0] * step, handle.at[1] + by[1] * step])
  }
  const shown = handles.find(({ name }) => name === (held ?? seen))
  return (
    <div className={styles.plate}>
      <svg
        ref={plate}
        viewBox={`0 0 ${width} ${height}`}
        style={{ aspectRatio: width / height }}
        role="application"
        aria-label={words.say('measure.names.picture')}
        onPointerDown={(event) => {
          if (!next) return
          plate.current?.setPointerCapture(event.pointerId)
          onPlace(next, placeOf(event))
          setHeld(next)
        }}
        onPointerMove={(event) => held && onPlace(held, placeOf(event))}
        onPointerUp={() => setHeld(null)}
      >
        <image href={src} width={width} height={height} />
        {lines.map(({ from, to, kind }) => (
          <line
            key={`${from} ${to}`}
            x1={from[0]}
            y1={from[1]}
            x2={to[0]}
            y2={to[1]}
            stroke={LINES[kind]}
            strokeWidth={size * (kind === 'computed' ? 1.6 : 0.5)}
            strokeDasharray={kind === 'limb' || kind === 'computed' ? undefined : `${size} ${size}`}
          />
        ))}
        {handles.map((handle) => (
          <g
            key={handle.name}
            role="button"
            tabIndex={0}
            aria-label={words.say(`measure.picture.points.${handle.name}`)}
            onKeyDown={(event) => nudge(handle, event)}
            onFocus={() => setSeen(handle.name)}
            onBlur={() => setSeen(null)}
            onPointerDown={(event) => {
              event.stopPropagation()
              plate.current?.setPointerCapture(event.pointerId)
              setHeld(handle.name)
            }}
          >
            <circle cx={handle.at[0]} cy={handle.at[1]} r={size * 3} fill="transparent" />
            <circle
              cx={handle.at[0]}
              cy={handle.at[1]}
              r={size}
              fill="none"
              stroke={COLOURS[handle.kind]}
              strokeWidth={size * 0.5}
            />
            <circle cx={handle.at[0]} cy={handle.at[1]} r={size * 0.25} fill={COLOURS[handle.kind]} />
          </g>
        ))}
      </svg>
      {shown && (
        <svg
          className={styles.loupe}
          viewBox={`${shown.at[0] - LOUPE / ZOOM} ${shown.at[1] - LOUPE / ZOOM} ${(2 * LOUPE) / ZOOM} ${(2 * LOUPE) / ZOOM}`}
          aria-hidden="true"
        >
          <image href={src} width={width} height={height} />
          <path
            d={`M${shown.at[0] - 6} ${shown.at[1]}h12M${shown.at[0]} ${shown.at[1] - 6}v12`}
            stroke="var(--clay)"
            strokeWidth="0.6"
          />
        </svg>
      )}
    </div>
  )
}
