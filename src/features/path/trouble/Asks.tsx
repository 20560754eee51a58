import { memo } from 'react'
import type { ShownPath } from '@/core'
import { ENGLISH } from '@/words/language'
import { sayDose } from '@/words/path'
import styles from './trouble.module.css'

/** What the routine asks of each leg. */
export const Asks = memo(function Asks({ path }: { path: ShownPath }) {
  return (
    <section aria-label={ENGLISH.say('path.dose.label')}>
      <p className={styles.dose}>{sayDose(path.dose).join(' ')}</p>
      <p className={styles.caution}>{ENGLISH.say('path.trouble.caution')}</p>
    </section>
  )
})
