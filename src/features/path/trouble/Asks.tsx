import Button from '@mui/material/Button'
import { memo, useState } from 'react'
import type { ShownPath } from '@/core'
import { useWords } from '@/ui/words/use-words'
import { sayDose, sayKneeWork } from '@/words/path'
import styles from './trouble.module.css'

/** What the routine asks of each leg. */
export const Asks = memo(function Asks({ path, halfBreathS }: { path: ShownPath; halfBreathS: number }) {
  const words = useWords()
  const [why, setWhy] = useState(false)
  return (
    <section aria-label={words.say('path.dose.label')}>
      <p className={styles.dose}>
        {words.say('path.breath.minute', { n: words.number(60 / (2 * halfBreathS), 1) })}{' '}
        {sayDose(path.dose, words).join(' ')} {why && sayKneeWork(path.dose, words)}
      </p>
      <Button aria-expanded={why} onClick={() => setWhy(!why)}>
        {words.say(why ? 'path.dose.less' : 'path.dose.why')}
      </Button>
      <p className={styles.caution}>{words.say('path.trouble.caution')}</p>
    </section>
  )
})
