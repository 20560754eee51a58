import Button from '@mui/material/Button'
import { memo } from 'react'
import type { ShownPath } from '@/core'
import type { RoutineDocument } from '@/documents/routine-document'
import type { BenchPerson } from '@/keeping/bench'
import { capVerdict } from '@/records/cap-verdict'
import { useSay, useWords } from '@/ui/words/use-words'
import { VerdictMark, verdictWordsIn } from '@/ui/words/VerdictMark'
import { sayUnanswered } from '@/words/records'
import { sayMends, sayWalkable, sayWhyNot } from '@/words/walkable'
import { editRoutine } from '../state/store'
import { takeFit } from '../state/take'
import type { FoundFit } from '../state/use-fit'
import type { FoundMends } from '../state/use-mends'
import type { Trouble } from '../trouble/list-troubles'
import styles from './said.module.css'

type PathSaidProps = {
  path: ShownPath
  person: BenchPerson
  /** What is needed for it; null where it is walked as it is. */
  fit: FoundFit | null
  /** What mends it way by way, where no one measure does. */
  mends: FoundMends
  worst: Trouble | undefined
  names: readonly string[]
}

/** The one thing that matters: whether they can walk it, with what, and why not as it is; what helps is its button. */
export const PathSaid = memo(function PathSaid({ path, person, fit, mends, worst, names }: PathSaidProps) {
  const say = useSay('path.said')
  const words = useWords()
  const { name, unanswered } = person
  const verdict = capVerdict(path.verdict, unanswered.length)
  const mended = typeof mends === 'object' ? mends : null
  const fitted = typeof fit === 'object' && fit?.parts ? { ...fit, parts: fit.parts } : null
  const offered = (was: RoutineDocument) => mended?.routine ?? (fitted ? takeFit(was, fitted) : was)
  return (
    <section className={styles.said} aria-label={say('label')}>
      <h2 data-testid="path-verdict" aria-live="polite">
        <VerdictMark verdict={verdict} size={26} /> {verdictWordsIn(words)[verdict]}
      </h2>
      <p className={styles.can}>
        <strong>
          {mended
            ? say('how.mended', { who: name, n: mended.mends.length })
            : sayWalkable(name, path, mends === 'searching' ? 'searching' : fit, names, unanswered.length > 0, words)}
        </strong>{' '}
        {mended && <>{sayMends(mended.mends, names, words)} </>}
        {fit !== null && worst && <span>{sayWhyNot(path, worst, names, name, words)}</span>}
        {fit === 'broken' && <span role="alert">{say('broken')}</span>}
      </p>
      {(mended || fitted) && (
        <Button variant="contained" onClick={() => editRoutine(offered)}>
          {say('take')}
        </Button>
      )}
      {unanswered.length > 0 && <p className={styles.unanswered}>{sayUnanswered(unanswered, words)}</p>}
    </section>
  )
})
