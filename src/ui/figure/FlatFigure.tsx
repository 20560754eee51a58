import { DEG, type Seat, SIDES, type Side, type Vec2, type Vec3 } from '@/core'
import type { Drawn } from './moving'
import { drawBody, type Part } from './parts'
import { type Place as Pointed, placeOf } from './place'
import { nearness, see, type View } from './view'

type FlatFigureProps = {
  analysis: Drawn
  view: View
  /** What the drawing shows, for those who don't see it. */
  label: string
  width: number
  height: number
  /** Pixels to a metre, and the place that the middle of the drawing shows. */
  scale: number
  middle: number
  /** A place that is pointed at. */
  pointed?: Pointed | null
  /** Leaves the knees' bend unwritten. */
  withoutKnees?: boolean
}

/** The body drawn level from one side, on its plumb line, with the base on the floor under it. */
export function FlatFigure({ label, width, height, scale, middle, ...drawn }: FlatFigureProps) {
  const place = ([x, z]: Vec2): Vec2 => [width / 2 + (x - middle) * scale, height - 30 - z * scale]
  return (
    <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} role="img" aria-label={label}>
      <FloorUnder analysis={drawn.analysis} view={drawn.view} place={place} />
      <Figure {...drawn} place={place} />
    </svg>
  )
}

type FigureProps = Pick<FlatFigureProps, 'analysis' | 'view' | 'pointed' | 'withoutKnees'> & { place: Place }

/** The body with its chair, what a hand is on, its plumb line and its knees, wherever the picture has it. */
export function Figure({ analysis, view, pointed, withoutKnees, place }: FigureProps) {
  const { pose } = analysis
  const path = (ring: readonly Vec2[]) =>
    `M${ring
      .map((p) =>
        place(p)
          .map((v) => v.toFixed(1))
          .join(' '),
      )
      .join('L')}Z`
  const farSide: Side = view.sin > 0.3 ? 'left' : view.sin < -0.3 ? 'right' : 'left'
  const isFar = (part: Part) => Math.abs(view.sin) > 0.3 && part.side === farSide
  const [px, py] = place(see(view, pose.centreOfMass))
  const [fx, fy] = place(see(view, [pose.centre[0], pose.centre[1], 0]))
  return (
    <>
      {pose.stance.seat && <Chair seat={pose.stance.seat} view={view} place={place} />}
      {pose.stance.supports.map((support) => (
        <Post key={support.hand} at={support.at} view={view} place={place} />
      ))}
      {drawBody(pose, view).map((part) => (
        <path
          key={part.key}
          d={path(part.ring)}
          fill={TONES[isFar(part) ? 'far' : part.tone]}
          stroke="var(--paper)"
          strokeWidth="1"
          strokeLinejoin="round"
        />
      ))}
      <line x1={px} y1={py} x2={fx} y2={fy} stroke="var(--clay)" strokeWidth="1.8" strokeDasharray="5 4" />
      <circle cx={px} cy={py} r="6" fill="var(--clay)" stroke="var(--paper)" strokeWidth="1.5" />
      {pointed && <Ring at={placeOf(pose, pointed)} view={view} place={place} />}
      {!withoutKnees &&
        SIDES.map((side) => <KneeMark key={side} analysis={analysis} side={side} view={view} place={place} />)}
    </>
  )
}

const TONES = {
  leg: 'var(--body-near)',
  arm: 'var(--body-mid)',
  trunk: 'var(--body-mid)',
  head: 'var(--body-near)',
  far: 'var(--body-far)',
}

type Place = (point: Vec2) => Vec2

const HALF = 0.2
const BACK = 0.42
const ARM = 0.22
const RIM = 0.3
/** A large wheel under the back of the seat: y and z of its rim. */
const WHEEL = Array.from({ length: 24 }, (_, i): Vec2 => {
  const angle = (i / 24) * 2 * Math.PI
  return [RIM * Math.cos(angle) - 0.1, RIM * Math.sin(angle) + RIM]
})

/** A chair as it is seen level: its seat, legs and back; the back is behind who sits. */
function Chair({
  seat: { at, height, kind, turned = 0 },
  view,
  place,
}: {
  seat: Seat & { turned?: number }
  view: View
  place: Place
}) {
  const corner = (x: number, y: number, z: number): Vec2 => {
    const [sin, cos] = [Math.sin(turned), Math.cos(turned)]
    return place(see(view, [at[0] + x * cos - y * sin, at[1] + x * sin + y * cos, z]))
  }
  const sides = [-HALF, HALF]
  const bars: [Vec2, Vec2, number][] = [
    ...sides.flatMap((x): [Vec2, Vec2, number][] => [
      ...sides.map((y): [Vec2, Vec2, number] => [corner(x, y, 0), corner(x, y, height - 0.02), 3]),
      [corner(x, -HALF, height), corner(x, -HALF, height + BACK), 3.5],
      [corner(x, -HALF, height - 0.02), corner(x, HALF, height - 0.02), 6],
    ]),
    [corner(-HALF, HALF, height - 0.02), corner(HALF, HALF, height - 0.02), 6],
    ...[0.55, 1].map((part): [Vec2, Vec2, number] => [
      corner(-HALF, -HALF, height + part * BACK),
      corner(HALF, -HALF, height + part * BACK),
      3.5,
    ]),
    ...(kind === 'armrests' || kind === 'wheelchair'
      ? sides.flatMap((x): [Vec2, Vec2, number][] => [
          [corner(x, -HALF, height + ARM), corner(x, HALF * 0.7, height + ARM), 4],
          [corner(x, HALF * 0.7, height), corner(x, HALF * 0.7, height + ARM), 3],
        ])
      : []),
  ]
  // A wheel is a ring of its own in whichever direction it is seen.
  const rims = kind === 'wheelchair' ? sides.map((x) => WHEEL.map(([y, z]) => corner(x, y, z))) : []
  return (
    <g stroke="var(--wood)" strokeLinecap="round">
      {rims.map((rim) => (
        <polygon key={String(rim[0])} points={rim.map((point) => point.join()).join(' ')} fill="none" strokeWidth="3" />
      ))}
      {bars.map(([[x1, y1], [x2, y2], width], i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a chair's bars keep their places
        <line key={i} x1={x1} y1={y1} x2={x2} y2={y2} strokeWidth={width} />
      ))}
    </g>
  )
}

/** The floor's line, the full base thin on it and the usable base thick. */
function FloorUnder({ analysis, view, place }: { analysis: Drawn; view: View; place: Place }) {
  const span = (ring: readonly { x: number; y: number }[]) => {
    const xs = ring.map(({ x, y }) => see(view, [x, y, 0])[0])
    return [place([Math.min(...xs), 0]), place([Math.max(...xs), 0])] as const
  }
  const [full, usable] = [span(analysis.full), span(analysis.usable)]
  const y = full[0][1] + 5
  return (
    <g strokeLinecap="round">
      <line x1={full[0][0]} x2={full[1][0]} y1={y} y2={y} stroke="var(--ink-soft)" strokeWidth="1.5" />
      <line x1={usable[0][0]} x2={usable[1][0]} y1={y} y2={y} stroke="var(--tide-line)" strokeWidth="6" />
    </g>
  )
}

function Ring({ at, view, place }: { at: Vec3; view: View; place: Place }) {
  const [x, y] = place(see(view, at))
  return <circle cx={x} cy={y} r="17" fill="none" stroke="var(--clay)" strokeWidth="4" strokeOpacity="0.6" />
}

function Post({ at, view, place }: { at: Vec3; view: View; place: Place }) {
  const [x, y] = place(see(view, at))
  const [, floor] = place(see(view, [at[0], at[1], 0]))
  return (
    <g stroke="var(--wood)" strokeWidth="4" strokeLinecap="round">
      <line x1={x} x2={x} y1={y} y2={floor} />
      <line x1={x - 9} x2={x + 9} y1={y} y2={y} />
    </g>
  )
}

/** The knee's bend at the knee; past its limit the joint itself is marked. */
function KneeMark({ analysis, side, view, place }: { analysis: Drawn; side: Side; view: View; place: Place }) {
  const { pose, legs, findings } = analysis
  const at = pose.joints[`${side}Knee`]
  const [x, y] = place(see(view, at))
  const over = findings.some((f) => f.side === side && f.part === 'knee' && f.severity !== 'note')
  const [other] = SIDES.filter((s) => s !== side)
  const otherAt = pose.joints[`${other as Side}Knee`]
  const toRight =
    see(view, at)[0] > see(view, otherAt)[0] || (see(view, at)[0] === see(view, otherAt)[0] && nearness(view, at) > 0)
  return (
    <g>
      <circle
        cx={x}
        cy={y}
        r="7.5"
        fill="var(--paper)"
        stroke={over ? 'var(--clay)' : 'var(--ink)'}
        strokeWidth={over ? 3.5 : 2}
      />
      <text
        x={x + (toRight ? 14 : -14)}
        y={y + 5}
        textAnchor={toRight ? 'start' : 'end'}
        className="figure-degrees"
        fill={over ? 'var(--clay)' : 'var(--ink)'}
      >
        {Math.round(legs[side].flexion / DEG)}°
      </text>
    </g>
  )
}
