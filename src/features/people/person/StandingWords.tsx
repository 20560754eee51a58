import type { RecordDocument } from '@/documents/record-document'
import type { OwnStanding } from '@/records/standing'
import type { Effects } from '@/records/test-effects'
import { SmallVial } from '@/ui/vial/SmallVial'
import { Judged, VERDICT_WORDS } from '@/ui/words/VerdictMark'
import { sayCentimetres } from '@/words/figures'
import { ENGLISH } from '@/words/language'
import styles from './person.module.css'

type StandingWordsProps = { standing: OwnStanding; record: RecordDocument; effects: Effects; day: string }

/** Their own standing in words: everything later is judged against it. */
export function StandingWords({ standing: { analysis, seen, cautious }, record, effects, day }: StandingWordsProps) {
  if (!analysis)
    return <p className={styles.standing}>Standing, feet under the shoulders, is not possible within these limits.</p>
  const { usable } = analysis.margins
  const sits = analysis.pose.stance.seat !== undefined
  const needsHand = analysis.findings.some(({ code }) => code === 'support.needed')
  return (
    <div className={styles.standing}>
      <p className={styles.standingLine}>
        {!cautious && <Judged verdict={analysis.verdict} size={18} estimated={!effects.usableAlong} />}
        <strong>
          {cautious
            ? 'Stands unaided'
            : `${sits ? 'Sitting' : 'Own standing'}: ${VERDICT_WORDS[analysis.verdict].toLowerCase()}`}
        </strong>
        <SmallVial margins={usable} reserve={analysis.reserve} />
      </p>
      {cautious && seen ? (
        <p>
          Seen on {ENGLISH.day(seen.on, day.slice(0, 4))}. The usable part of the feet is only an estimate from age, and
          it is cautious; a functional reach would replace it.
        </p>
      ) : (
        <p>
          {sayCentimetres(Math.max(0, analysis.assured.margin))} of room, normal sway needs{' '}
          {sayCentimetres(analysis.reserve)}
          {effects.usableAlong ? '' : `; ${sayEstimate(record)}`}.{needsHand && ' Stands with a hand on a support.'}
        </p>
      )}
    </div>
  )
}

/** Where the estimate comes from, and what would replace it. */
const sayEstimate = ({ body }: RecordDocument): string =>
  `the usable part of the feet is an estimate ${
    body.ageYears === undefined ? 'for 80, since no age is given' : 'from age'
  }, which a functional reach would replace`
