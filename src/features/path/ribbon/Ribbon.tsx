import Button from '@mui/material/Button'
import { type KeyboardEvent, memo, type PointerEvent, useMemo, useRef, useState } from 'react'
import type { MotionFinding, ShownPath } from '@/core'
import type { PartDocument } from '@/documents/routine-document'
import { listStops } from '@/ui/figure/instant'
import { useSize } from '@/ui/floor/stage/use-size'
import { useWords } from '@/ui/words/use-words'
import { saySeconds } from '@/words/path'
import { goTo, usePlay } from '../state/play'
import { useSaid } from '../state/use-said'
import { listRolled, listRows, type RibbonLine, type RibbonRow } from './lines'
import styles from './ribbon.module.css'

type RibbonProps = { path: ShownPath; parts: readonly PartDocument[]; names: readonly string[] }

const TOP = 22
const FOOT = 24
/** Over each row, for its name. */
const NAME = 15
const STEP_S = 0.25
/** What a teacher asks of time; the others are behind one word. */
const FIRST: readonly RibbonRow['key'][] = ['weight', 'breath']

/** Weight and breath along one time, with one cursor, room, hips, knees and facing on request; trouble is marked where it is. */
export const Ribbon = memo(function Ribbon({ path, parts, names }: RibbonProps) {
  const words = useWords()
  const box = useRef<HTMLDivElement>(null)
  const { width, height } = useSize(box)
  const breaths = useMemo(() => listBreaths(path, parts), [path, parts])
  const [all, setAll] = useState(false)
  const rows = useMemo(
    () => listRows(path, breaths).filter(({ key }) => all || FIRST.includes(key)),
    [path, breaths, all],
  )
  const xAt = (seconds: number) => (seconds / Math.max(0.001, path.seconds)) * width
  const seek = (event: PointerEvent<SVGSVGElement>) => {
    const { left } = event.currentTarget.getBoundingClientRect()
    goTo(Math.min(path.seconds, ((event.clientX - left) / width) * path.seconds))
  }
  const onPointerDown = (event: PointerEvent<SVGSVGElement>) => {
    event.currentTarget.setPointerCapture(event.pointerId)
    seek(event)
  }
  return (
    <>
      <div ref={box} className={styles.ribbon} data-all={all}>
        {width > 0 && rows.length > 0 && (
          <svg
            width={width}
            height={height}
            viewBox={`0 0 ${width} ${height}`}
            onPointerDown={onPointerDown}
            onPointerMove={(event) => event.currentTarget.hasPointerCapture(event.pointerId) && seek(event)}
          >
            <title>{words.say('path.ribbon.label')}</title>
            <Rows rows={rows} height={height} xAt={xAt} path={path} />
            <Troubles path={path} xAt={xAt} height={height} />
            <PartNames path={path} names={names} xAt={xAt} y={height - 6} width={width} />
            <Cursor path={path} xAt={xAt} height={height} />
          </svg>
        )}
      </div>
      <Button aria-pressed={all} onClick={() => setAll(!all)} className={styles.more}>
        {words.say(all ? 'path.ribbon.less' : 'path.ribbon.all')}
      </Button>
    </>
  )
})

type XAt = (seconds: number) => number

/** The rows one under another, each with what it is called. */
function Rows({ rows, height, xAt, path }: { rows: readonly RibbonRow[]; height: number; xAt: XAt; path: ShownPath }) {
  const words = useWords()
  const all = rows.reduce((sum, { share }) => sum + share, 0)
  let from = TOP
  return rows.map((row) => {
    const tall = ((height - TOP - FOOT) * row.share) / all
    const top = from
    from += tall
    const yAt = (value: number) => top + NAME + (1 - value) * (tall - NAME - 4)
    const end = xAt(path.seconds)
    return (
      <g key={row.key}>
        {row.zero !== null && <line x1={0} x2={end} y1={yAt(row.zero)} y2={yAt(row.zero)} className={styles.zero} />}
        {row.level !== null && (
          <line x1={0} x2={end} y1={yAt(row.level)} y2={yAt(row.level)} className={styles.reserve} />
        )}
        {row.key === 'weight' && <line x1={0} x2={end} y1={yAt(0.5)} y2={yAt(0.5)} className={styles.middle} />}
        {row.lines.map((line, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a row's lines keep their order
          <path key={i} d={pathOf(line, xAt, yAt)} className={styles[line.look]} />
        ))}
        {row.key === 'weight' && <Rolled path={path} xAt={xAt} yAt={yAt} />}
        <text x={2} y={top + 12} className={styles.name}>
          {words.say(`path.ribbon.${row.key}`)}
        </text>
        {row.key === 'weight' && (
          <>
            <text x={end - 2} y={yAt(1) + 9} textAnchor="end" className={styles.side}>
              {words.say('path.ribbon.left')}
            </text>
            <text x={end - 2} y={yAt(0) + 2} textAnchor="end" className={styles.side}>
              {words.say('path.ribbon.right')}
            </text>
          </>
        )}
        {row.key === 'weight' && (
          <text x={end - 2} y={top + 10} textAnchor="end" className={styles.side}>
            {words.say('path.ribbon.rolls')}
          </text>
        )}
        {row.key === 'knees' && (
          <text x={end - 2} y={top + 12} textAnchor="end" className={styles.side}>
            {words.say('path.ribbon.kneesBoth')}
          </text>
        )}
      </g>
    )
  })
}

/** While a heel or its toes are up: a bar at its foot's edge of the weight. */
function Rolled({ path, xAt, yAt }: { path: ShownPath; xAt: XAt; yAt: (value: number) => number }) {
  const words = useWords()
  const rolled = useMemo(() => listRolled(path), [path])
  return rolled.map(({ foot, what, fromS, toS }) => {
    const [from, to] = [xAt(fromS), xAt(toS)]
    const said = words.say('path.ribbon.rolled', { what })
    const y = yAt(foot === 'left' ? 1 : 0) + (foot === 'left' ? 3 : -3)
    return (
      <g key={`${foot} ${fromS}`} className={styles.rolled}>
        <title>{said}</title>
        <line x1={from} x2={to} y1={y} y2={y} data-what={what} />
      </g>
    )
  })
}

/** A line breaks where a hold or a part that cannot be reached lies between. */
function pathOf({ points }: RibbonLine, xAt: XAt, yAt: (value: number) => number): string {
  return points
    .map(({ atS, value }, i) => `${i === 0 ? 'M' : 'L'}${xAt(atS).toFixed(1)} ${yAt(value).toFixed(1)}`)
    .join('')
}

/** What is wrong, where it is: a notch at the top and a line down through the rows. */
function Troubles({ path, xAt, height }: { path: ShownPath; xAt: XAt; height: number }) {
  const found = path.transitions.flatMap(({ findings }) => findings.filter(({ severity }) => severity !== 'note'))
  const at = new Map<number, MotionFinding['severity']>()
  for (const { atS, severity } of found) {
    const x = Math.round(xAt(atS) / 4) * 4
    if (at.get(x) !== 'hard') at.set(x, severity)
  }
  return (
    <g>
      {path.transitions.map(({ error, startS, to }) =>
        error ? (
          <rect
            key={`none ${to}`}
            className={styles.none}
            x={xAt(startS)}
            y={TOP}
            width={xAt(nextStart(path, to)) - xAt(startS)}
            height={height - TOP - FOOT}
          />
        ) : null,
      )}
      {[...at].map(([x, severity]) => (
        <g key={x} className={styles.trouble} data-severity={severity}>
          <line x1={x} x2={x} y1={TOP} y2={height - FOOT} />
          <path d={`M${x - 5} 6h10l-5 10z`} />
        </g>
      ))}
    </g>
  )
}

const nextStart = ({ transitions, seconds }: ShownPath, part: number): number =>
  transitions.find(({ from }) => from === part)?.startS ?? seconds

const LETTER = 7.2

/** The parts under their time, as many as have room. */
function PartNames({
  path,
  names,
  xAt,
  y,
  width,
}: {
  path: ShownPath
  names: readonly string[]
  xAt: XAt
  y: number
  width: number
}) {
  const open = usePlay((play) => play.open)
  let free = 0
  return (
    <g>
      {path.transitions.map(({ startS, to }) => {
        const name = names[to] ?? ''
        const x = Math.max(0, Math.min(width - name.length * LETTER, xAt(startS)))
        const tick = <line x1={xAt(startS)} x2={xAt(startS)} y1={TOP} y2={y - 14} className={styles.part} />
        if (x < free) return <g key={to}>{tick}</g>
        free = x + name.length * LETTER + 12
        return (
          <g key={to}>
            {tick}
            <text x={x} y={y} className={styles.partName} data-open={open === to}>
              {name}
            </text>
          </g>
        )
      })}
    </g>
  )
}

/** The one cursor: dragged, or gone through by key. */
function Cursor({ path, xAt, height }: { path: ShownPath; xAt: XAt; height: number }) {
  const words = useWords()
  const at = usePlay((play) => play.at)
  const { atS, said } = useSaid(path)
  const x = xAt(Math.min(at, path.seconds))
  const onKeyDown = (event: KeyboardEvent) => {
    const stops = listStops(path)
    const to: Record<string, number | undefined> = {
      ArrowRight: Math.min(path.seconds, at + (event.shiftKey ? 4 : 1) * STEP_S),
      ArrowLeft: Math.max(0, at - (event.shiftKey ? 4 : 1) * STEP_S),
      ArrowDown: stops.find((stop) => stop > at + 1e-3),
      ArrowUp: stops.findLast((stop) => stop < at - 1e-3),
      Home: 0,
      End: path.seconds,
    }
    const next = to[event.key]
    if (!(event.key in to)) return
    event.preventDefault()
    if (next !== undefined) goTo(next)
  }
  return (
    <g
      role="slider"
      tabIndex={0}
      className={styles.cursor}
      aria-label={words.say('path.ribbon.label')}
      aria-valuemin={0}
      aria-valuemax={Math.round(path.seconds * 10) / 10}
      aria-valuenow={Math.round(atS * 10) / 10}
      aria-valuetext={`${saySeconds(atS, words)}: ${said}`}
      onKeyDown={onKeyDown}
    >
      <line x1={x} x2={x} y1={TOP - 6} y2={height - FOOT} />
      <circle cx={x} cy={TOP - 10} r="7" />
    </g>
  )
}

/** Each part's breath along its way. */
function listBreaths({ transitions, parts: shown }: ShownPath, parts: readonly PartDocument[]) {
  return transitions.map(({ startS, to }) => ({
    breath: parts[to]?.breath ?? ('free' as const),
    startS,
    endS: shown[to]?.arrivesS ?? startS,
  }))
}
