import { CARRIES, DEG, type Path, type PathTransition, SIDES } from '@/core'

type Made = NonNullable<PathTransition['made']>
/** A usual cause of a complaint that a way between stances shows: radians or seconds, larger is more; 0: not at all. */
type WayCause = { id: WayCauseId; unit: 'rad' | 's'; least: number; of: (made: Made) => number }

export const WAY_CAUSES = ['twist', 'drift', 'low', 'turn', 'hurry'] as const
export type WayCauseId = (typeof WAY_CAUSES)[number]

const most = (values: readonly number[]): number => Math.max(0, ...values)
const instants = ({ transition }: Made) => transition.phases.flatMap(({ samples }) => samples)

const TWIST: WayCause = {
  id: 'twist',
  unit: 'rad',
  least: 10 * DEG,
  of: ({ readings }) => most(readings.turns.filter(({ load }) => load >= CARRIES).map(({ angle }) => Math.abs(angle))),
}
const DRIFT: WayCause = {
  id: 'drift',
  unit: 'rad',
  least: 2 * DEG,
  of: (made) =>
    most(
      instants(made).flatMap(({ legs }) =>
        SIDES.map((side) => (legs[side].share >= CARRIES ? Math.abs(legs[side].drift) : 0)),
      ),
    ),
}
const LOW: WayCause = {
  id: 'low',
  unit: 'rad',
  least: 20 * DEG,
  of: (made) =>
    most(
      instants(made).flatMap(({ legs }) => SIDES.map((side) => (legs[side].share >= CARRIES ? legs[side].flexion : 0))),
    ),
}
const TURN: WayCause = {
  id: 'turn',
  unit: 'rad',
  least: 5 * DEG,
  of: (made) => most(instants(made).map(({ stance }) => Math.abs(stance.trunk.yaw))),
}
/** So many seconds more are needed for one half of it to be safe. */
const HURRY: WayCause = {
  id: 'hurry',
  unit: 's',
  least: 0.2,
  of: ({ findings }) =>
    most(findings.flatMap(({ code, limit, value }) => (code === 'tempo.short' ? [limit - value] : []))),
}

const OF: Record<string, readonly WayCause[]> = {
  knee: [TWIST, DRIFT, LOW],
  'low-back': [TURN],
  thighs: [LOW],
  'way-back': [HURRY],
}

/** Where it is largest: on the way into which posture, in which of the pieces that were given. */
export type FoundWayCause = { cause: WayCauseId; piece: string; posture: string; value: number; unit: 'rad' | 's' }

/** Where on somebody's own ways each usual cause of a complaint is largest; nothing of a cause that shows nowhere. */
export function findWayCauses(complaint: string, walked: readonly { piece: string; path: Path }[]): FoundWayCause[] {
  return (OF[complaint] ?? []).flatMap(({ id, unit, least, of }) => {
    let largest: FoundWayCause | null = null
    for (const { piece, path } of walked) {
      for (const { to, made } of path.transitions) {
        const value = made ? of(made) : 0
        if (value < (largest?.value ?? least)) continue
        largest = { cause: id, piece, posture: path.parts[to]?.stance.posture ?? '', value, unit }
      }
    }
    return largest ? [largest] : []
  })
}
