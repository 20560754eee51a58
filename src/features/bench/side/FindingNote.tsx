import type { Finding, House } from '@/core'
import type { Binding } from '@/records/binding'
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
        <strong>{says?.heading ?? sayHeading(finding)}</strong>
        {says?.text ?? sayFinding(finding)} <span className={styles.why}>why</span>
      </summary>
      <p>{sayRule(finding.rule, 'advice')}</p>
      <p>
        It looks at {sayRule(finding.rule, 'looksAt')}. {sayLimitOrigin(finding, limits, house)}
      </p>
    </details>
  )
}
