import Button from '@mui/material/Button'
import { memo } from 'react'
import type { ShownPath } from '@/core'
import { capVerdict } from '@/records/cap-verdict'
import type { BenchPerson } from '@/server/bench'
import { VERDICT_WORDS, VerdictMark } from '@/ui/words/VerdictMark'
import { ENGLISH } from '@/words/language'
import { sayUnanswered } from '@/words/records'
import { sayWalkable, sayWhyNot } from '@/words/walkable'
import { editRoutine } from '../state/store'
import { takeFit } from '../state/take'
import type { FoundFit } from '../state/use-fit'
import type { Trouble } from '../trouble/list-troubles'
import styles from './said.module.css'

type PathSaidProps = {
  path: ShownPath
  person: BenchPerson
  /** What is needed for it; null where it is walked as it is. */
  fit: FoundFit | null
  worst: Trouble | undefined
  names: readonly string[]
}

const say = (key: string) => ENGLISH.say(`path.said.${key}`)

/** The one thing that matters: whether they can walk it, with what, and why not as it is; what helps is its button. */
export const PathSaid = memo(function PathSaid({ path, person, fit, worst, names }: PathSaidProps) {
  const { name, unanswered } = person
  const verdict = capVerdict(path.verdict, unanswered.length)
  const offer = typeof fit === 'object' && fit?.parts ? { ...fit, parts: fit.parts } : null
  return (
    <section className={styles.said} aria-label={say('label')}>
      <h2 data-testid="path-verdict" aria-live="polite">
        <VerdictMark verdict={verdict} size={26} /> {VERDICT_WORDS[verdict]}
      </h2>
      <p className={styles.can}>
        <strong>{sayWalkable(name, path, fit, names)}</strong>{' '}
        {fit !== null && worst && <span>{sayWhyNot(path, worst, names, name)}</span>}
        {fit === 'broken' && <span role="alert">{say('broken')}</span>}
      </p>
      {offer && (
        <Button variant="contained" onClick={() => editRoutine((was) => takeFit(was, offer))}>
          {say('take')}
        </Button>
      )}
      {unanswered.length > 0 && <p className={styles.unanswered}>{sayUnanswered(unanswered)}</p>}
    </section>
  )
})
