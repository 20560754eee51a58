import Button from '@mui/material/Button'
import type { Analysis } from '@/core'
import { SmallVial } from '@/ui/vial/SmallVial'
import { Sheet } from '@/ui/words/Sheet'
import sheet from '@/ui/words/sheet.module.css'
import { useSay, useWords } from '@/ui/words/use-words'
import { byEstimateIn, Judged, verdictWordsIn } from '@/ui/words/VerdictMark'
import { sayFinding, sayHeading } from '@/words/findings'
import { sayAllBound, sayToday } from '@/words/limits'
import { restsOnEstimate, sayReason, worstFirst } from '@/words/reasons'
import styles from './class-fit.module.css'
import type { Member } from './member'

type WhySheetProps = { member: Member; analysis: Analysis | null; onClose: () => void; onAway: () => void }

/** Why somebody does or does not hold in the posture as taught, what limits them today, and the ways to them. */
export function WhySheet({ member, analysis, onClose, onAway }: WhySheetProps) {
  const t = useSay('screens.classFit')
  const words = useWords()

  const { today, limits } = member.person
  const verdict = analysis?.verdict ?? 'beyond'
  const estimated = analysis !== null && restsOnEstimate(analysis)
  return (
    <Sheet title={t('nameAsTaught', { name: member.name })} open onClose={onClose}>
      <p className={styles.why}>
        <Judged verdict={verdict} size={22} estimated={estimated} />
        <strong>
          {verdictWordsIn(words)[verdict]}
          {estimated && `, ${byEstimateIn(words)}`}.
        </strong>
        {analysis && <SmallVial margins={analysis.margins.usable} reserve={analysis.reserve} />}
      </p>
      {analysis && analysis.findings.length > 0 ? (
        <ul className={styles.reasons}>
          {worstFirst(analysis.findings).map((finding) => (
            <li key={`${finding.code} ${finding.side} ${finding.part}`}>
              <b>{sayHeading(finding, words)}</b>: {sayFinding(finding, words)}
            </li>
          ))}
        </ul>
      ) : (
        <p>{sayReason(analysis, words)}</p>
      )}
      {today && <p>{t('todayToday', { today: sayToday(today, words) })}</p>}
      {limits.length > 0 && <p className={styles.quiet}>{sayAllBound(limits, words)}.</p>}
      <div className={sheet.actions}>
        <Button href={`/bench?person=${member.id}`} variant="contained">
          {t('putOnBench')}
        </Button>
        <Button href={`/people/${member.id}`} variant="outlined">
          {t('theirPage')}
        </Button>
        <Button variant="outlined" onClick={onAway}>
          {t('notHereToday')}
        </Button>
      </div>
    </Sheet>
  )
}
