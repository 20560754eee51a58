import { SCHOOL_IDS } from '@/core'
import type { Posture } from '@/documents/posture-document'
import type { Group } from '@/records/groups'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { sayPostureName, saySchool } from '@/words/postures'
import type { Choosing } from './layout'
import { EVERYBODY } from './use-group'

/** Instead of a posture: all of them. */
export const SEVERAL = '*'
const SIDES = [
  { value: 'left', name: 'left' },
  { value: 'right', name: 'right' },
] as const
const COUNTS = [
  { value: '1', name: 'one level' },
  { value: '2', name: 'two levels' },
  { value: '3', name: 'three levels' },
] as const
const CHAIRS = [
  { value: 'yes', name: 'with chairs' },
  { value: 'no', name: 'without chairs' },
] as const

type ClassSentenceProps = {
  groups: readonly Group[]
  postures: readonly Posture[]
  choosing: Choosing
  /** Every posture stands side by side. */
  several: boolean
  onGroup: (id: string) => void
  /** A posture's id, or `SEVERAL`. */
  onPosture: (id: string) => void
  onTaught: (part: Partial<Pick<Choosing, 'school' | 'side'>>) => void
  onLevels: (part: Partial<Pick<Choosing, 'most' | 'chairs'>>) => void
}

/** Who does what, in how many levels: each word that can be another is chosen in its place. */
export function ClassSentence({
  groups,
  postures,
  choosing: { group, posture, side, school, most, chairs },
  several,
  onGroup,
  onPosture,
  onTaught,
  onLevels,
}: ClassSentenceProps) {
  return (
    <h1>
      <ChoiceWord
        label="Group"
        value={group}
        choices={[...groups.map(({ id, name }) => ({ value: id, name })), { value: EVERYBODY, name: 'Everybody' }]}
        onChoose={onGroup}
      />{' '}
      does{' '}
      <ChoiceWord
        label="Posture"
        value={several ? SEVERAL : posture.id}
        choices={[
          { value: SEVERAL, name: 'every posture, side by side' },
          ...postures.map((one) => ({ value: one.id, name: sayPostureName(one) })),
        ]}
        onChoose={onPosture}
        then=","
      />{' '}
      {(posture.sided || several) && (
        <>
          <ChoiceWord
            label="Side"
            value={side}
            choices={SIDES}
            onChoose={(next) => onTaught({ side: next })}
            then=","
          />{' '}
        </>
      )}
      <ChoiceWord
        label="School"
        value={school}
        choices={SCHOOL_IDS.map((value) => ({ value, name: saySchool(value) }))}
        onChoose={(next) => onTaught({ school: next })}
        then={several ? '.' : ','}
      />{' '}
      {!several && (
        <>
          in{' '}
          <ChoiceWord
            label="Levels"
            value={String(most) as '1' | '2' | '3'}
            choices={COUNTS}
            onChoose={(count) => onLevels({ most: Number(count) as Choosing['most'] })}
          />{' '}
          <ChoiceWord
            label="Chairs"
            value={chairs ? 'yes' : 'no'}
            choices={CHAIRS}
            onChoose={(choice) => onLevels({ chairs: choice === 'yes' })}
            then="."
          />
        </>
      )}
    </h1>
  )
}
