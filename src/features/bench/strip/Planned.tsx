import Button from '@mui/material/Button'
import { toMeasures } from '@/documents/posture-document'
import type { PlannedFor } from '@/keeping/bench'
import { useSay, useWords } from '@/ui/words/use-words'
import type { Words } from '@/words/language'
import { sayLevels, sayOwnKind } from '@/words/levels'
import { sayPostureName } from '@/words/postures'
import shared from '../shared.module.css'
import { findPosture } from '../state/library'
import styles from './strip.module.css'

type PlannedProps = { planned: readonly PlannedFor[]; onOpen: (planned: PlannedFor) => void }

/** What this person does in their classes' plans: pressed, it is on the bench. */
export function Planned({ planned, onOpen }: PlannedProps) {
  const t = useSay('screens.bench')
  const words = useWords()

  if (planned.length === 0) return null
  return (
    <section className={styles.planned} aria-label={t('inClass')}>
      <h2>{t('inClass')}</h2>
      {planned.map((one) => (
        <p key={`${one.group} ${one.posture}`}>
          {one.group}, {sayPostureName(findPosture(one.posture), words)}:{' '}
          {one.stance ? (
            <Button className={shared.take} data-print="yes" onClick={() => onOpen(one)}>
              {sayPlanned(one, words)}
            </Button>
          ) : (
            sayPlanned(one, words)
          )}
        </p>
      ))}
    </section>
  )
}

/** The level by its title among the plan's others, or the form of their own. */
function sayPlanned({ kind, level, levels, taught, posture, school }: PlannedFor, words: Words): string {
  if (level === null) return sayOwnKind(kind, words)
  const asTaught = taught ? toMeasures(taught) : findPosture(posture).measures[school]
  return sayLevels(levels.map(toMeasures), asTaught, words)[level]?.title ?? sayOwnKind('level', words)
}
