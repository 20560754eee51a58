import type { RecordDocument } from '@/documents/record-document'
import type { OwnStanding } from '@/records/standing'
import type { Effects } from '@/records/test-effects'
import { SmallVial } from '@/ui/vial/SmallVial'
import { useSay, useWords } from '@/ui/words/use-words'
import { Judged, verdictWordsIn } from '@/ui/words/VerdictMark'
import { sayCentimetres } from '@/words/figures'
import type { Words } from '@/words/language'
import styles from './person.module.css'

type StandingWordsProps = { standing: OwnStanding; record: RecordDocument; effects: Effects; day: string }

/** Their own standing in words: everything later is judged against it. */
export function StandingWords({ standing: { analysis, seen, cautious }, record, effects, day }: StandingWordsProps) {
  const t = useSay('screens.people')
  const words = useWords()

  if (!analysis) return <p className={styles.standing}>{t('standingFeetUnderShoulders')}</p>
  const { usable } = analysis.margins
  const sits = analysis.pose.stance.seat !== undefined
  const needsHand = analysis.findings.some(({ code }) => code === 'support.needed')
  return (
    <div className={styles.standing}>
      <p className={styles.standingLine}>
        {!cautious && <Judged verdict={analysis.verdict} size={18} estimated={!effects.usableAlong} />}
        <strong>
          {cautious
            ? t('standsUnaided')
            : `${sits ? t('sitting') : t('ownStanding')}: ${verdictWordsIn(words)[analysis.verdict].toLowerCase()}`}
        </strong>
        <SmallVial margins={usable} reserve={analysis.reserve} />
      </p>
      {cautious && seen ? (
        <p>{t('seenOnDayUsable', { day: words.day(seen.on, day.slice(0, 4)) })}</p>
      ) : (
        <p>
          {t('centimetresRoomNormalSway', {
            centimetres: sayCentimetres(Math.max(0, analysis.assured.margin), words),
            centimetres2: sayCentimetres(analysis.reserve, words),
            which: effects.usableAlong ? '' : `; ${sayEstimate(record, words)}`,
          })}
          {needsHand && t('standsWithHandOn')}
        </p>
      )}
    </div>
  )
}

/** Where the estimate comes from, and what would replace it. */
const sayEstimate = ({ body }: RecordDocument, words: Words): string =>
  words.say('screens.people.theUsablePartFeet', {
    which:
      body.ageYears === undefined ? words.say('screens.people.forSinceNoAge') : words.say('screens.people.fromAge'),
  })
