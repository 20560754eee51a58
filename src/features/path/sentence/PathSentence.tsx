import { SCHOOL_IDS, type SchoolId } from '@/core'
import { HALF_BREATH_S, type RoutineDocument } from '@/documents/routine-document'
import type { NamedPerson } from '@/keeping/bench'
import type { Group } from '@/records/groups'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { NumberWord } from '@/ui/words/NumberWord'
import { useSay, useWords } from '@/ui/words/use-words'
import { saySchool } from '@/words/postures'
import { beginDrag, editRoutine, endDrag } from '../state/store'

type PathSentenceProps = {
  people: readonly NamedPerson[]
  groups: readonly Group[]
  /** Who walks: a person's id, or a group's behind `GROUP`. */
  walker: string
  routines: readonly { id: string; name: string; purpose: string | null }[]
  open: string
  routine: RoutineDocument
  onWalker: (id: string) => void
  onRoutine: (id: string) => void
}

const drag = { onDragStart: beginDrag, onDragEnd: endDrag }
/** Before the id of a group, where everybody of it walks. */
export const GROUP = 'group '

/** Who walks what, how, how slowly: each word that can be another is chosen in its place. */
export function PathSentence(props: PathSentenceProps) {
  const say = useSay('path.sentence')
  const words = useWords()
  const { people, groups, walker, routines, open, routine, onWalker, onRoutine } = props
  const { school = 'long-upright', tempo } = routine
  return (
    <h1>
      <ChoiceWord
        label={say('person')}
        value={walker}
        choices={[
          ...groups.map(({ id, name }) => ({ value: `${GROUP}${id}`, name, detail: say('everybody') })),
          ...people.map(({ id, name, story }) => ({ value: id, name, detail: story })),
        ]}
        onChoose={onWalker}
      />{' '}
      {say('walks')}{' '}
      <ChoiceWord
        label={say('routine')}
        value={open}
        choices={routines.map(({ id, name, purpose }) => ({ value: id, name, ...(purpose && { detail: purpose }) }))}
        onChoose={onRoutine}
        then=","
      />{' '}
      <ChoiceWord
        label={say('school')}
        value={school}
        choices={SCHOOL_IDS.map((value) => ({ value, name: saySchool(value, words) }))}
        onChoose={(next: SchoolId) => editRoutine((was) => ({ ...was, school: next }))}
        then=","
      />{' '}
      <NumberWord
        label={say('halfBreath')}
        value={tempo?.halfBreathS ?? HALF_BREATH_S}
        unit="s"
        step={0.5}
        min={1}
        max={20}
        onChange={(halfBreathS) => editRoutine((was) => setHalfBreath(was, halfBreathS))}
        {...drag}
      />{' '}
      {say('toAHalf')}
    </h1>
  )
}

/** A slower breath slows every movement with it, in proportion. */
function setHalfBreath(routine: RoutineDocument, halfBreathS: number): RoutineDocument {
  const before = routine.tempo?.halfBreathS ?? HALF_BREATH_S
  const parts = routine.parts.map((part) =>
    part.seconds === undefined
      ? part
      : {
          ...part,
          seconds: Math.min(120, Math.max(0.5, Math.round((part.seconds * halfBreathS * 100) / before) / 100)),
        },
  )
  return { ...routine, tempo: { ...routine.tempo, halfBreathS }, parts }
}
