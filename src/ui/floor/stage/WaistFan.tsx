import { type Analysis, DEG, directionVector, type Side } from '@/core'
import { type Plan, toScreen } from '@/draw/plan'
import { useSay } from '@/ui/words/use-words'

const RADIUS = 0.24

/** How far somebody's waist turns to each side, where that was tried and written down; the hand of it is where it is. */
export function WaistFan({ plan, analysis }: { plan: Plan; analysis: Analysis }) {
  const t = useSay('screens.ui')
  const { pose } = analysis
  const { limits } = pose.body.person
  const own = (side: Side) => limits?.[side]?.trunkTwistMax ?? limits?.trunkTwistMax
  const [left, right] = [own('left'), own('right')]
  if (left === undefined || right === undefined) return null
  const { pelvisYaw, trunk } = pose.stance
  const centre = toScreen(plan, pose.centre)
  const rim = (turn: number) => {
    const [ux, uy] = directionVector(pelvisYaw + turn)
    return toScreen(plan, [pose.centre[0] + RADIUS * ux, pose.centre[1] + RADIUS * uy]).join(' ')
  }
  const radius = RADIUS * plan.scale
  const isPast = trunk.yaw > left + 1e-9 || -trunk.yaw > right + 1e-9
  return (
    <g pointerEvents="none">
      <title>{t('waistTurns', { left: Math.round(left / DEG), right: Math.round(right / DEG) })}</title>
      <path
        d={`M${centre.join(' ')}L${rim(left)}A${radius} ${radius} 0 0 1 ${rim(-right)}Z`}
        fill="var(--wood)"
        fillOpacity="0.16"
        stroke="var(--wood)"
        strokeWidth="1.2"
        strokeDasharray="5 3"
      />
      <path
        d={`M${centre.join(' ')}L${rim(trunk.yaw)}`}
        stroke={isPast ? 'var(--clay)' : 'var(--wood)'}
        strokeWidth="2.4"
        strokeLinecap="round"
      />
    </g>
  )
}
