import ButtonBase from '@mui/material/ButtonBase'
import { type Analysis, DEG, kneeLoad, type SchoolId, type WayIn } from '@/core'
import { FlatFigure } from '@/ui/figure/FlatFigure'
import { FROM_RIGHT, see, viewFrom } from '@/ui/figure/view'
import { SmallVial } from '@/ui/vial/SmallVial'
import { useSay, useWords } from '@/ui/words/use-words'
import { VerdictMark, verdictWordsIn } from '@/ui/words/VerdictMark'
import { sayCentimetres } from '@/words/figures'
import type { Words } from '@/words/language'
import { saySchoolBecause } from '@/words/postures'
import { sayWorst } from '@/words/reasons'
import { briefWayIn } from '@/words/way-in'
import styles from './postures.module.css'
import { SCHOOL_LINES, type SchoolReading } from './read-schools'

const HEIGHT = 250
const WIDTH = 150

type SchoolFiguresProps = {
  readings: readonly SchoolReading[]
  /** How each is come to; undefined as long as that is worked out. */
  waysIn: readonly (WayIn | null | undefined)[]
  pointed: SchoolId | null
  onPoint: (school: SchoolId | null) => void
  onEdit: (school: SchoolId) => void
}

/** Each school's figure from its right side, at one scale, over what it costs: margin, knee, split. */
export function SchoolFigures({ readings, waysIn, pointed, onPoint, onEdit }: SchoolFiguresProps) {
  const t = useSay('screens.postures')
  const words = useWords()

  const tallest = Math.max(...readings.map(({ analysis }) => analysis?.pose.joints.vertex[2] ?? 1.6))
  const scale = (HEIGHT - 46) / (tallest + 0.05)
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what is wider than a phone is scrolled, by keys too
    <section className={styles.scroll} aria-label={t('theSchoolsFigures')} tabIndex={0}>
      <table className={styles.schools}>
        <thead>
          <tr>
            <td />
            {readings.map(({ school, name, analysis }) => (
              <th
                key={school}
                scope="col"
                data-pointed={pointed === school}
                onPointerEnter={() => onPoint(school)}
                onPointerLeave={() => onPoint(null)}
              >
                {analysis ? (
                  <Figure analysis={analysis} scale={scale} name={name} />
                ) : (
                  <p className={styles.impossible}>{t('cannotStoodByBody')}</p>
                )}
                <ButtonBase onFocus={() => onPoint(school)} onBlur={() => onPoint(null)} onClick={() => onEdit(school)}>
                  {name}
                </ButtonBase>
                <svg width="70" height="8" viewBox="0 0 70 8" aria-hidden="true">
                  <line
                    x1="2"
                    x2="68"
                    y1="4"
                    y2="4"
                    stroke={SCHOOL_LINES[school].stroke}
                    strokeWidth="3"
                    strokeDasharray={SCHOOL_LINES[school].dash}
                  />
                </svg>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rowsIn(words).map(({ name, read }) => (
            <tr key={name}>
              <th scope="row">{name}</th>
              {readings.map(({ school, analysis }, i) => (
                <td key={school} data-pointed={pointed === school}>
                  {analysis ? read(analysis, waysIn[i], words) : '–'}
                </td>
              ))}
            </tr>
          ))}
          <tr className={styles.because}>
            <th scope="row">{words.say('postures.because.label')}</th>
            {readings.map(({ school }) => (
              <td key={school} data-pointed={pointed === school}>
                {saySchoolBecause(school, words)}
              </td>
            ))}
          </tr>
        </tbody>
      </table>
    </section>
  )
}

function WayInFigure({ wayIn }: { wayIn: WayIn | null | undefined }) {
  const words = useWords()
  if (wayIn === undefined) return '…'
  if (wayIn === null) return '–'
  return (
    <span className={styles.verdict}>
      <VerdictMark verdict={wayIn.verdict} size={15} /> {verdictWordsIn(words)[wayIn.verdict].toLowerCase()}
      {wayIn.verdict !== 'holds' && <small>{briefWayIn(wayIn, words)}</small>}
    </span>
  )
}

const rowsIn = (words: Words) => [
  {
    name: words.say('screens.postures.verdict'),
    read: (analysis: Analysis, _: unknown, words: Words) => (
      <span className={styles.verdict}>
        <VerdictMark verdict={analysis.verdict} size={15} /> {verdictWordsIn(words)[analysis.verdict].toLowerCase()}
        {analysis.verdict !== 'holds' && <small>{sayWorst(analysis, words)}</small>}
      </span>
    ),
  },
  {
    name: words.say('screens.postures.theWayInBack'),
    read: (_: Analysis, wayIn: WayIn | null | undefined) => <WayInFigure wayIn={wayIn} />,
  },
  {
    name: words.say('screens.postures.itsVial'),
    read: ({ margins: { usable }, reserve }: Analysis) => <SmallVial margins={usable} reserve={reserve} />,
  },
  {
    name: words.say('screens.postures.roomNeededForSway'),
    read: ({ assured, reserve }: Analysis, _: unknown, words: Words) => (
      <>
        {sayCentimetres(Math.max(0, assured.margin), words)}{' '}
        <small>{words.say('screens.postures.needsCentimetres', { centimetres: sayCentimetres(reserve, words) })}</small>
      </>
    ),
  },
  {
    name: words.say('screens.postures.kneeLoadLeftRight'),
    read: ({ legs }: Analysis) => `${Math.round(kneeLoad(legs.left))} · ${Math.round(kneeLoad(legs.right))} Nm`,
  },
  {
    name: words.say('screens.postures.kneesBent'),
    read: ({ legs }: Analysis) => `${Math.round(legs.left.flexion / DEG)}° · ${Math.round(legs.right.flexion / DEG)}°`,
  },
  {
    name: words.say('screens.postures.weightLeftRight'),
    read: ({ pose }: Analysis) =>
      pose.stance.seat ? 'seated' : `${Math.round(pose.loadLeft * 100)} · ${Math.round((1 - pose.loadLeft) * 100)} %`,
  },
]

function Figure({ analysis, scale, name }: { analysis: Analysis; scale: number; name: string }) {
  const t = useSay('screens.postures')
  const view = viewFrom(FROM_RIGHT)
  const xs = Object.values(analysis.pose.joints).map((joint) => see(view, joint)[0])
  const middle = (Math.min(...xs) + Math.max(...xs)) / 2
  return (
    <FlatFigure
      analysis={analysis}
      view={view}
      label={t('nameFromRightSide', { name })}
      width={WIDTH}
      height={HEIGHT}
      scale={scale}
      middle={middle}
      withoutKnees
    />
  )
}
