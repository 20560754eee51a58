import type { PieceDocument } from '@/documents/lesson-document'
import type { Posture } from '@/documents/posture-document'
import { EXERCISE_IDS } from '@/documents/routines/exercises'
import { ChoiceButton } from '@/ui/words/ChoiceButton'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayExercise } from '@/words/lessons'
import { sayPostureName } from '@/words/postures'
import { addAfter } from '../state/edits'
import { editLesson } from '../state/store'

type AddPieceProps = {
  routines: readonly { id: string; name: string }[]
  postures: readonly Posture[]
  after: string | null
}

/** Everything that a piece can be, found by typing. */
export function AddPiece({ routines, postures, after }: AddPieceProps) {
  const say = useSay('lesson')
  const words = useWords()
  const choices = [
    { value: 'rest', name: say('add.rest') },
    { value: 'talk', name: say('add.talk') },
    ...EXERCISE_IDS.map((id) => ({
      value: `exercise ${id}`,
      name: sayExercise(id, words),
      detail: say('kinds.exercise'),
    })),
    ...routines.map(({ id, name }) => ({ value: `routine ${id}`, name, detail: say('kinds.routine') })),
    ...postures.map((posture) => ({
      value: `posture ${posture.id}`,
      name: sayPostureName(posture, words),
      detail: say('kinds.posture'),
    })),
  ]
  const add = (value: string) => {
    const [kind, of = ''] = value.split(' ') as [PieceDocument['kind'], string?]
    const piece: PieceDocument = {
      id: crypto.randomUUID(),
      kind,
      minutes: kind === 'rest' ? 2 : 5,
      ...(kind === 'exercise' && { exercise: of as PieceDocument['exercise'] }),
      ...(kind === 'posture' && { posture: of, side: 'both' as const }),
      ...(kind === 'routine' && { routine: of, paced: true }),
    }
    editLesson((now) => addAfter(now, after, piece))
  }
  return <ChoiceButton label={say('add.label')} choices={choices} onChoose={add} />
}
