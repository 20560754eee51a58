import type { Finding, House } from '@/core'
import type { Binding } from '@/records/binding'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayFinding, sayHeading, sayRule } from '@/words/findings'
import { sayLimitOrigin } from '@/words/limit-origin'
import { pointAt } from '../state/pointing'
import styles from './side.module.css'

type FindingNoteProps = {
  finding: Finding
  limits: readonly Binding[]
  house: Partial<House> | undefined
  /** Said in place of the finding's own words. */
  says?: { heading: string; text: string }
}

/** Pointed at, it shows its place on floor and figure; opened, its reason, its figure and its source. */
export function FindingNote({ finding, limits, house, says }: FindingNoteProps) {
  const t = useSay('screens.bench')
  const words = useWords()

  return (
    <details
      className={styles.finding}
      data-severity={finding.severity}
      onPointerEnter={() => pointAt(finding)}
      onPointerLeave={() => pointAt(null)}
      onFocus={() => pointAt(finding)}
      onBlur={() => pointAt(null)}
    >
      <summary>
        <strong>{says?.heading ?? sayHeading(finding, words)}</strong>
        {says?.text ?? sayFinding(finding, words)} <span className={styles.why}>{t('why')}</span>
      </summary>
      <p>{sayRule(finding.rule, 'advice', words)}</p>
      <p>
        {t('itLooksAtRule', {
          rule: sayRule(finding.rule, 'looksAt', words),
          limitOrigin: sayLimitOrigin(finding, limits, house, words),
        })}
      </p>
    </details>
  )
}
