import { SCHOOL_IDS } from '@/core'
import type { Posture } from '@/documents/posture-document'
import type { Group } from '@/records/groups'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { Spoken } from '@/ui/words/Spoken'
import { useSay, useWords } from '@/ui/words/use-words'
import type { Words } from '@/words/language'
import { sayPostureName, saySchool } from '@/words/postures'
import type { Choosing } from './layout'
import { EVERYBODY } from './use-group'

/** Instead of a posture: all of them. */
export const SEVERAL = '*'
const sidesIn = (words: Words) =>
  [
    { value: 'left', name: words.say('screens.classFit.left') },
    { value: 'right', name: words.say('screens.classFit.right') },
  ] as const
const countsIn = (words: Words) =>
  [
    { value: '1', name: words.say('screens.classFit.oneLevel') },
    { value: '2', name: words.say('screens.classFit.twoLevels') },
    { value: '3', name: words.say('screens.classFit.threeLevels') },
  ] as const
const chairsIn = (words: Words) =>
  [
    { value: 'yes', name: words.say('screens.classFit.withChairs') },
    { value: 'no', name: words.say('screens.classFit.withoutChairs') },
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
  const t = useSay('screens.classFit')
  const words = useWords()

  return (
    <h1>
      <Spoken
        of="screens.classFit.sentence"
        values={{ sided: String(posture.sided || several), several: String(several) }}
        parts={{
          group: (
            <ChoiceWord
              label={t('group')}
              value={group}
              choices={[
                ...groups.map(({ id, name }) => ({ value: id, name })),
                { value: EVERYBODY, name: t('everybody') },
              ]}
              onChoose={onGroup}
            />
          ),
          posture: (
            <ChoiceWord
              label={t('posture')}
              value={several ? SEVERAL : posture.id}
              choices={[
                { value: SEVERAL, name: t('everyPostureSideBy') },
                ...postures.map((one) => ({ value: one.id, name: sayPostureName(one, words) })),
              ]}
              onChoose={onPosture}
              then={t('pause')}
            />
          ),
          side: (
            <ChoiceWord
              label={t('side')}
              value={side}
              choices={sidesIn(words)}
              onChoose={(next) => onTaught({ side: next })}
              then={t('pause')}
            />
          ),
          school: (
            <ChoiceWord
              label={t('school')}
              value={school}
              choices={SCHOOL_IDS.map((value) => ({ value, name: saySchool(value, words) }))}
              onChoose={(next) => onTaught({ school: next })}
              then={t(several ? 'stop' : 'pause')}
            />
          ),
          levels: (
            <ChoiceWord
              label={t('levels')}
              value={String(most) as '1' | '2' | '3'}
              choices={countsIn(words)}
              onChoose={(count) => onLevels({ most: Number(count) as Choosing['most'] })}
            />
          ),
          chairs: (
            <ChoiceWord
              label={t('chairs')}
              value={chairs ? 'yes' : 'no'}
              choices={chairsIn(words)}
              onChoose={(choice) => onLevels({ chairs: choice === 'yes' })}
              then={t('stop')}
            />
          ),
        }}
      />
    </h1>
  )
}
