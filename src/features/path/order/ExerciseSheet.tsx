import { useState } from 'react'
import type { PartDocument } from '@/documents/routine-document'
import { EXERCISE_IDS, type Exercise, type ExerciseId, exerciseParts, usualRange } from '@/documents/routines/exercises'
import { Form } from '@/ui/forms/Form'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { NumberWord } from '@/ui/words/NumberWord'
import { Sheet } from '@/ui/words/Sheet'
import { useSay } from '@/ui/words/use-words'
import styles from './order.module.css'

const FIRST: Exercise = { id: 'side-to-side', counts: 4, sets: 2, fromPct: 50, toPct: 80, seconds: 5, holdS: 0 }

const rangeOf = (id: ExerciseId) => {
  const { fromPct, toPct } = usualRange(id, FIRST)
  return { fromPct, toPct }
}

/** An exercise in place: what, how often, how far from set to set, how slowly. */
export function ExerciseSheet({
  open,
  onClose,
  onAdd,
}: {
  open: boolean
  onClose: () => void
  onAdd: (parts: PartDocument[]) => void
}) {
  const say = useSay('path.exercise')
  const [exercise, setExercise] = useState(FIRST)
  const { id, counts, sets, fromPct, toPct, seconds, holdS } = exercise
  const figure = (key: 'counts' | 'sets' | 'fromPct' | 'toPct' | 'seconds' | 'holdS', unit: string, range: Range) => (
    <NumberWord
      label={say(key)}
      value={exercise[key]}
      unit={unit}
      {...range}
      onChange={(value) => setExercise({ ...exercise, [key]: value })}
    />
  )
  return (
    <Sheet title={say('title')} open={open} onClose={onClose}>
      <Form
        verb={say('add')}
        onLeave={onClose}
        onEnter={() => {
          onAdd(exerciseParts({ id, counts, sets, fromPct, toPct, seconds, holdS }))
          onClose()
        }}
      >
        <p className={styles.sentence}>
          <ChoiceWord
            label={say('what')}
            value={id}
            choices={EXERCISE_IDS.map((value) => ({ value, name: say(`ids.${value}`) }))}
            onChoose={(next: ExerciseId) => setExercise({ ...exercise, id: next, ...rangeOf(next) })}
          />{' '}
          {figure('counts', say('times'), { step: 1, min: 1, max: 12 })}, {say('in')}{' '}
          {figure('sets', say('setsOf'), { step: 1, min: 1, max: 4 })}, {say('from')}{' '}
          {figure('fromPct', '%', { step: 5, min: 10, max: 100 })} {say('to')}{' '}
          {figure('toPct', '%', { step: 5, min: 10, max: 100 })} {say('way')},{' '}
          {figure('seconds', 's', { step: 0.5, min: 1, max: 30 })} {say('each')}{' '}
          {figure('holdS', 's', { step: 1, min: 0, max: 60 })}.
        </p>
      </Form>
    </Sheet>
  )
}

type Range = { step: number; min: number; max: number }
