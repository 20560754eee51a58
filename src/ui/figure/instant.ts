import type { ShownInstant, ShownPart, ShownPath, ShownPhase, ShownTransition, Stance, Vec2 } from '@/core'

/** Two neighbouring instants of a path and how far between them one is; in a hold both are the same. */
export type Between = {
  a: Stance
  b: Stance
  part: number
  /** Of a part that is only stood: its centre in the room. */
  centre: Vec2 | null
  /** The instants themselves; null where a part is only stood. */
  from: ShownInstant | null
  to: ShownInstant | null
  transition: number | null
  phase: ShownPhase | null
}

/** What a path shows at a second from its start; null where there is nothing to show: a part that cannot be stood. */
export function findInstant({ parts, transitions }: ShownPath, seconds: number): Between | null {
  const t = transitions.findLastIndex(({ startS }) => startS <= seconds + 1e-9)
  const transition = transitions[t]
  if (!transition) return standing(parts[0])
  const { phases, error, from, to } = transition
  const phase = phases.find(({ startS, seconds: long }) => seconds < startS + long - 1e-9)
  if (!phase) {
    const last = phases.at(-1)?.instants.at(-1)
    if (last) return { ...between(last, last, 0), transition: t, phase: null }
    return standing(parts[error ? from : to])
  }
  const { startS, seconds: long, instants } = phase
  const place = long > 0 ? Math.min(1, Math.max(0, (seconds - startS) / long)) * (instants.length - 1) : 0
  const index = Math.min(instants.length - 2, Math.floor(place))
  const [a, b] = [instants[index], instants[index + 1]] as [ShownInstant, ShownInstant]
  return { ...between(a, b, place - index), transition: t, phase }
}

const between = (from: ShownInstant, to: ShownInstant, part: number) => ({
  a: from.stance,
  b: to.stance,
  part,
  centre: null,
  from,
  to,
})

function standing(part: ShownPart | undefined): Between | null {
  if (!part || part.error) return null
  const { stance, centre } = part
  return { a: stance, b: stance, part: 0, centre, from: null, to: null, transition: null, phase: null }
}

type Timed = { atS: number; instant: ShownInstant; transition: number }

/** All instants in the order of time, each with its second. */
export const listInstants = ({ transitions }: Pick<ShownPath, 'transitions'>): Timed[] =>
  transitions.flatMap(({ phases }, transition) =>
    phases.flatMap(({ startS, seconds, instants }) =>
      instants.map((instant, i) => ({ atS: startS + (seconds * i) / (instants.length - 1), instant, transition })),
    ),
  )

/** The seconds at which phases begin and parts are reached, in order. */
export function listStops({ transitions, seconds }: ShownPath): number[] {
  const stops = transitions.flatMap(({ startS, phases }: ShownTransition) => [
    startS,
    ...phases.map((phase) => phase.startS + phase.seconds),
  ])
  return [...new Set([0, ...stops, seconds].map((one) => Math.round(one * 1000) / 1000))].sort((a, b) => a - b)
}

/** When the way to a part begins and when what follows it does; the first part is only held. */
export function spanOfPart({ transitions, seconds }: ShownPath, part: number): [number, number] {
  const start = transitions.find(({ to }) => to === part)?.startS ?? 0
  return [start, transitions.find(({ from }) => from === part)?.startS ?? seconds]
}
