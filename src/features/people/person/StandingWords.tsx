import type { RecordDocument } from '@/formats/record-document'
import { sayDay } from '@/records/say'
import type { OwnStanding } from '@/records/standing'
import type { Effects } from '@/records/test-effects'
import { SmallVial } from '@/ui/vial/SmallVial'
import { centimetres } from '@/ui/words/lengths'
import { VERDICT_WORDS, VerdictMark } from '@/ui/words/VerdictMark'
import styles from './person.module.css'

type StandingWordsProps = { standing: OwnStanding; record: RecordDocument; effects: Effects; day: string }

/** Their own standing in words: everything later is judged against it. */
export function StandingWords({ standing: { analysis, seen, cautious }, effects, day }: StandingWordsProps) {
  if (!analysis)
    return <p className={styles.standing}>Standing, feet under the shoulders, is not possible within these limits.</p>
  const { usable } = analysis.margins
  const needsHand = analysis.findings.some(({ code }) => code === 'support.needed')
  return (
    <div className={styles.standing}>
      <p className={styles.standingLine}>
        {!cautious && <VerdictMark verdict={analysis.verdict} size={18} />}
        <strong>
          {cautious ? 'Stands unaided' : `Own standing: ${VERDICT_WORDS[analysis.verdict].toLowerCase()}`}
        </strong>
        <SmallVial margins={usable} reserve={analysis.reserve} />
      </p>
      {cautious && seen ? (
        <p>
          Seen on {sayDay(seen.on, day.slice(0, 4))}. The usable part of the feet is only an estimate from age, and it
          is cautious; a functional reach would replace it.
        </p>
      ) : (
        <p>
          {centimetres(Math.max(0, analysis.assured.margin))} are sure, the reserve for sway is{' '}
          {centimetres(analysis.reserve)}
          {effects.usableAlong ? '' : '; the usable part of the feet is an estimate from age'}.
          {needsHand && ' Stands with a hand on a support.'}
        </p>
      )}
    </div>
  )
}
