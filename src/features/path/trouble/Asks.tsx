import Button from '@mui/material/Button'
import { memo, useState } from 'react'
import type { ShownPath } from '@/core'
import { ENGLISH } from '@/words/language'
import { sayDose, sayKneeWork } from '@/words/path'
import styles from './trouble.module.css'

/** What the routine asks of each leg. */
export const Asks = memo(function Asks({ path, halfBreathS }: { path: ShownPath; halfBreathS: number }) {
  const [why, setWhy] = useState(false)
  return (
    <section aria-label={ENGLISH.say('path.dose.label')}>
      <p className={styles.dose}>
        {ENGLISH.say('path.breath.minute', { n: ENGLISH.number(60 / (2 * halfBreathS), 1) })}{' '}
        {sayDose(path.dose).join(' ')} {why && sayKneeWork(path.dose)}
      </p>
      <Button aria-expanded={why} onClick={() => setWhy(!why)}>
        {ENGLISH.say(why ? 'path.dose.less' : 'path.dose.why')}
      </Button>
      <p className={styles.caution}>{ENGLISH.say('path.trouble.caution')}</p>
    </section>
  )
})
