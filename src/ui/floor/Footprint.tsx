import { bearingRing, type DrawnFoot, solePath } from '@/draw/footprint'
import { type Plan, ringPath } from '@/draw/plan'

type FootprintProps = {
  plan: Plan
  foot: DrawnFoot
  look?: 'solid' | 'former' | 'small'
  /** Its sole's path, where the caller has it already. */
  sole?: string
}

/** One footprint: what bears is inked, what is lifted stays a pale outline; only proposed or former: dotted. */
export function Footprint({ plan, foot, look = 'solid', sole = solePath(plan, foot) }: FootprintProps) {
  if (look === 'former') {
    return (
      <path
        d={sole}
        fill="none"
        stroke="var(--ink-soft)"
        strokeWidth="1.3"
        strokeDasharray="2 3"
        strokeLinecap="round"
      />
    )
  }
  const id = `bears-${foot.side}-${look}-${foot.contact}`
  const lifted = foot.contact !== 'whole'
  const stroke = look === 'small' ? 1.4 : 1.8
  return (
    <g>
      <path
        d={sole}
        fill={lifted ? 'var(--paper)' : look === 'small' ? 'var(--tide-wash)' : 'var(--sole)'}
        stroke="var(--ink)"
        strokeWidth={stroke}
        strokeDasharray={lifted ? '5 4' : undefined}
        strokeLinejoin="round"
      />
      {lifted && foot.contact !== 'air' && (
        <>
          <clipPath id={id}>
            <path d={ringPath(plan, bearingRing(foot))} />
          </clipPath>
          <path
            d={sole}
            clipPath={`url(#${id})`}
            fill={look === 'small' ? 'var(--tide-wash)' : 'var(--sole)'}
            stroke="var(--ink)"
            strokeWidth={stroke + 0.6}
          />
        </>
      )}
    </g>
  )
}
