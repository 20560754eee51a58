import { Vial } from '@/ui/vial/Vial'
import { useWords } from '@/ui/words/use-words'
import { sayPercent } from '@/words/figures'
import styles from '../measure.module.css'

type SplitBeamProps = {
  /** Share on the left; null: nobody stands on the scales. */
  loadLeft: number | null
  sd: number | null
  /** Most that an order allows on each leg, as shares on the left: hatched beyond. */
  orders: readonly { at: number; toward: 'left' | 'right' }[]
  goal: number | null
}

const WIDTH = 640
const INSET = 24
const VIAL = 40
const BEAM = 96

/** The weight between two scales: the left one's end on the left, as on the bench; the bubble above it goes along. */
export function SplitBeam({ loadLeft, sd, orders, goal }: SplitBeamProps) {
  const words = useWords()
  const at = (share: number) => INSET + (1 - share) * (WIDTH - 2 * INSET)
  const x = at(loadLeft ?? 0.5)
  return (
    <svg
      viewBox={`0 0 ${WIDTH} 124`}
      className={styles.beam}
      role="img"
      aria-label={loadLeft === null ? '–' : sayPercent(loadLeft, words)}
    >
      <g transform={`translate(${INSET} ${VIAL})`}>
        <Vial
          length={WIDTH - 2 * INSET}
          bubbleAt={x - INSET}
          scale={WIDTH - 2 * INSET}
          toLow={(x - INSET) / (WIDTH - 2 * INSET)}
          toHigh={1 - (x - INSET) / (WIDTH - 2 * INSET)}
          reserve={0.1}
          beyond={false}
        />
      </g>
      <line x1={INSET} x2={WIDTH - INSET} y1={BEAM} y2={BEAM} stroke="var(--ink)" strokeWidth="1.8" />
      {[0, 0.25, 0.5, 0.75, 1].map((share) => (
        <line
          key={share}
          x1={at(share)}
          x2={at(share)}
          y1={BEAM - 6}
          y2={BEAM + 6}
          stroke="var(--ink)"
          strokeWidth="1.4"
        />
      ))}
      {orders.map(({ at: most, toward }) => {
        const end = toward === 'left' ? INSET : WIDTH - INSET
        return (
          <g key={toward} stroke="var(--clay)">
            <line
              x1={at(most)}
              x2={end}
              y1={BEAM}
              y2={BEAM}
              strokeWidth="10"
              strokeDasharray="2 4"
              strokeOpacity="0.7"
            />
            <line x1={at(most)} x2={at(most)} y1={BEAM - 14} y2={BEAM + 14} strokeWidth="2.6" />
          </g>
        )
      })}
      {goal !== null && <path d={`M${at(goal)} ${BEAM + 10}l7 14h-14z`} fill="var(--tide)" />}
      {loadLeft !== null && (
        <g>
          {sd !== null && (
            <line
              x1={at(loadLeft + sd)}
              x2={at(loadLeft - sd)}
              y1={BEAM}
              y2={BEAM}
              stroke="var(--tide)"
              strokeWidth="12"
              strokeOpacity="0.35"
            />
          )}
          <circle cx={x} cy={BEAM} r="19" fill="var(--paper)" stroke="var(--clay)" strokeWidth="2.4" />
          <path d={`M${x} ${BEAM - 13}L${x + 10} ${BEAM}L${x} ${BEAM + 13}L${x - 10} ${BEAM}Z`} fill="var(--ink)" />
        </g>
      )}
    </svg>
  )
}
