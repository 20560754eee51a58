'use client'

import { type Measures, otherSide, SCHOOL_IDS, SIDES, type Side } from '@/core'
import type { StanceBody } from '@/documents/stance-document'
import type { NamedPerson } from '@/keeping/bench'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { Spoken } from '@/ui/words/Spoken'
import { useSay, useWords } from '@/ui/words/use-words'
import type { Words } from '@/words/language'
import { sayPostureName, saySchool } from '@/words/postures'
import styles from '../bench.module.css'
import { frontSide } from '../state/edits'
import { findPosture, useLibrary } from '../state/library'
import { choosePosture, chooseSchool, useBench } from '../state/store'
import { FullerKnee, KneeBend, SeatHeight, Share, StepLength, ToeOut, TrackWidth } from './numbers'

const listSchools = (words: Words) => SCHOOL_IDS.map((value) => ({ value, name: saySchool(value, words) }))
const sideChoicesIn = (words: Words) =>
  [
    { value: 'left', name: words.say('screens.bench.left') },
    { value: 'right', name: words.say('screens.bench.right') },
  ] as const

type StanceSentenceProps = {
  people: readonly NamedPerson[]
  onChoosePerson: (id: string) => void
  onNewPerson: () => void
}

const newIn = (words: Words) => ({ value: 'new', name: words.say('screens.bench.somebodyNew') })

/** The stance as one sentence; its underlined words open or set what they say. */
export function StanceSentence({ people, onChoosePerson, onNewPerson }: StanceSentenceProps) {
  const t = useSay('screens.bench')
  const words = useWords()

  const person = useBench((state) => state.person)
  const posture = useBench((state) => state.posture)
  const school = useBench((state) => state.school)
  const side = useBench((state) => state.stance.side ?? 'left')
  const first = useBench((state) => spokenSide(state.stance))
  const postures = useLibrary((state) => state.postures)
  const { sided, measures } = findPosture(posture)
  return (
    <h1 className={styles.sentence}>
      <Spoken
        of="screens.bench.sentence.whole"
        values={{ sided: String(sided) }}
        parts={{
          person: (
            <ChoiceWord
              label={t('person')}
              value={person.id}
              choices={[...people.map(({ id, name, story }) => ({ value: id, name, detail: story })), newIn(words)]}
              onChoose={(id) => (id === newIn(words).value ? onNewPerson() : onChoosePerson(id))}
            />
          ),
          side: (
            <ChoiceWord
              label={t('side')}
              value={side}
              choices={sideChoicesIn(words)}
              onChoose={(next) => choosePosture(posture, next)}
            />
          ),
          posture: (
            <ChoiceWord
              label={t('posture')}
              value={posture}
              choices={postures.map((one) => ({ value: one.id, name: sayPostureName(one, words) }))}
              onChoose={(next) => choosePosture(next)}
              then={t('sentence.pause')}
            />
          ),
          school: (
            <ChoiceWord
              label={t('school')}
              value={school}
              choices={listSchools(words)}
              onChoose={chooseSchool}
              then={t('sentence.colon')}
            />
          ),
        }}
      />{' '}
      <FeetSentence measures={measures[school]} side={first} />
    </h1>
  )
}

/** The foot that the sentence speaks of first: the one in the air, else the one in front, wherever it was moved to. */
const spokenSide = (stance: StanceBody): Side =>
  SIDES.find((side) => stance.feet[side].contact === 'air') ?? frontSide(stance)

/** What a posture has to say of its feet and height, by what it is: seated, on one leg, light in front, stepping, level. */
function FeetSentence({ measures, side }: { measures: Measures; side: Side }) {
  const t = useSay('screens.bench')
  const kind = kindOf(measures)
  const front = kind === 'stepping' ? side : otherSide(side)
  return (
    <Spoken
      of={`screens.bench.sentence.${kind}`}
      parts={{
        apart: <TrackWidth ways={kind === 'held' ? 'side' : 'apart'} />,
        step: <StepLength ways={kind === 'stepping' ? 'long' : 'ahead'} />,
        left: <ToeOut side="left" label={t('leftToes')} />,
        right: <ToeOut side="right" label={t('rightToes')} />,
        front: <ToeOut side={front} label={t(kind === 'stepping' ? 'frontToes' : 'standingToes')} />,
        rear: <ToeOut side={otherSide(side)} label={t('rearToes')} />,
        knee: <FullerKnee />,
        bend: <KneeBend />,
        share: <Share side={kind === 'level' ? 'left' : side} />,
        seat: <SeatHeight />,
      }}
    />
  )
}

const LEVEL_FEET = 0.03

function kindOf({ seated, own, step, ownLoad }: Measures): 'seated' | 'held' | 'level' | 'empty' | 'stepping' {
  if (seated) return 'seated'
  if (own.contact === 'air') return 'held'
  if (Math.abs(step) < LEVEL_FEET) return 'level'
  return own.contact !== 'whole' && ownLoad < 0.5 ? 'empty' : 'stepping'
}
