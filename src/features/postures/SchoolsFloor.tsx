import { type Body, type FootSetting, otherSide, type SchoolId, type Stance, setFooting, type Vec2 } from '@/core'
import { midline, solePath } from '@/draw/footprint'
import { fitPlan, toScreen } from '@/draw/plan'
import { useSay } from '@/ui/words/use-words'
import styles from './postures.module.css'
import { SCHOOL_LINES, type SchoolReading } from './read-schools'

const WIDTH = 380
const HEIGHT = 430

/** The stance moved so that the foot on the other side than the named one is where all begin. */
function fromStandingFoot(stance: Stance): Stance {
  const { feet } = stance
  const [x, y] = feet[otherSide(stance.side ?? 'left')].heel
  const move = (foot: FootSetting): FootSetting => ({ ...foot, heel: [foot.heel[0] - x, foot.heel[1] - y] })
  return { ...stance, feet: { left: move(feet.left), right: move(feet.right) } }
}

type SchoolsFloorProps = { readings: readonly SchoolReading[]; body: Body; pointed: SchoolId | null }

/** The feet of every school on one floor, the rear or standing foot of each on the same spot; the centres as dots. */
export function SchoolsFloor({ readings, body, pointed }: SchoolsFloorProps) {
  const t = useSay('screens.postures')
  const laid = readings.map((reading) => ({ ...reading, footing: setFooting(body, fromStandingFoot(reading.stance)) }))
  const corners = laid.flatMap(({ footing: { feet } }): Vec2[] =>
    [feet.left, feet.right].flatMap((foot) => [
      midline(foot, 0),
      midline(foot, 1),
      midline(foot, 0.7, 0.5),
      midline(foot, 0.7, -0.5),
    ]),
  )
  const plan = fitPlan(corners, WIDTH, HEIGHT, { about: 0.06 })
  return (
    <svg
      className={styles.floor}
      width={WIDTH}
      height={HEIGHT}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={t('theFeetFiveSchools')}
    >
      {laid.map(({ school, footing }) => {
        const { stroke, dash } = SCHOOL_LINES[school]
        const faded = pointed !== null && pointed !== school
        const [x, y] = toScreen(plan, footing.centre)
        return (
          <g key={school} opacity={faded ? 0.2 : 1} stroke={stroke} strokeDasharray={dash}>
            {(['left', 'right'] as const).map((side) => (
              <path
                key={side}
                d={solePath(plan, footing.feet[side])}
                fill={pointed === school ? 'var(--tide-wash)' : 'none'}
                strokeWidth={pointed === school ? 3 : 1.8}
                strokeLinejoin="round"
              />
            ))}
            <circle
              cx={x}
              cy={y}
              r={pointed === school ? 7 : 5}
              fill={stroke}
              stroke="var(--paper)"
              strokeWidth="1.5"
              strokeDasharray="0"
            />
          </g>
        )
      })}
    </svg>
  )
}
