'use client'

import type { ReactNode } from 'react'
import { otherSide, POSTURE_IDS, POSTURES, type PostureId, SCHOOL_IDS, SCHOOLS, type Side } from '@/core'
import type { BenchPerson } from '@/server/bench'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import styles from '../bench.module.css'
import { choosePosture, chooseSchool, useBench } from '../state/store'
import { FullerKnee, KneeBend, SeatHeight, Share, StepLength, ToeOut, TrackWidth } from './numbers'

const POSTURE_CHOICES = POSTURE_IDS.map((value) => ({ value, name: POSTURES[value].name }))
const SCHOOL_CHOICES = SCHOOL_IDS.map((value) => ({ value, name: SCHOOLS[value].name }))
const SIDE_CHOICES = [
  { value: 'left', name: 'left' },
  { value: 'right', name: 'right' },
] as const

type StanceSentenceProps = {
  people: readonly BenchPerson[]
  onChoosePerson: (id: string) => void
  onNewPerson: () => void
}

const NEW = { value: 'new', name: 'Somebody new…' }

/** The stance as one sentence; its underlined words open or set what they say. */
export function StanceSentence({ people, onChoosePerson, onNewPerson }: StanceSentenceProps) {
  const person = useBench((state) => state.person)
  const posture = useBench((state) => state.posture)
  const school = useBench((state) => state.school)
  const side = useBench((state) => state.stance.side ?? 'left')
  const sided = POSTURES[posture].sided
  return (
    <h1 className={styles.sentence}>
      <ChoiceWord
        label="Person"
        value={person.id}
        choices={[...people.map(({ id, name, story }) => ({ value: id, name, detail: story })), NEW]}
        onChoose={(id) => (id === NEW.value ? onNewPerson() : onChoosePerson(id))}
      />{' '}
      in a{' '}
      {sided && (
        <>
          <ChoiceWord
            label="Side"
            value={side}
            choices={SIDE_CHOICES}
            onChoose={(next) => choosePosture(posture, next)}
          />{' '}
        </>
      )}
      <ChoiceWord
        label="Posture"
        value={posture}
        choices={POSTURE_CHOICES}
        onChoose={(next: PostureId) => choosePosture(next)}
      />
      , <ChoiceWord label="School" value={school} choices={SCHOOL_CHOICES} onChoose={chooseSchool} />:{' '}
      {MEASURES[posture](side)}
    </h1>
  )
}

const level = () => (
  <>
    feet <TrackWidth /> apart, toes <ToeOut side="left" label="Left toes" /> and{' '}
    <ToeOut side="right" label="Right toes" /> out, knees bent <KneeBend />, <Share side="left" /> on the left.
  </>
)

const stepping = (side: Side) => (
  <>
    feet <TrackWidth /> apart, a step <StepLength /> long, front toes <ToeOut side={side} label="Front toes" /> and rear
    toes <ToeOut side={otherSide(side)} label="Rear toes" /> out, <FullerKnee /> knee bent <KneeBend />,{' '}
    <Share side={side} /> in front.
  </>
)

const empty = (side: Side) => (
  <>
    feet <TrackWidth /> apart, the light foot <StepLength /> ahead, rear toes{' '}
    <ToeOut side={otherSide(side)} label="Rear toes" /> out, rear knee bent <KneeBend />, <Share side={side} /> in
    front.
  </>
)

const held = (side: Side) => (
  <>
    raised foot <StepLength /> ahead and <TrackWidth /> to the side, standing toes{' '}
    <ToeOut side={otherSide(side)} label="Standing toes" /> out, standing knee bent <KneeBend />.
  </>
)

const seated = () => (
  <>
    feet <TrackWidth /> apart, on a seat <SeatHeight /> high.
  </>
)

/** What each posture has to say of its feet and height. */
const MEASURES: Record<PostureId, (side: Side) => ReactNode> = {
  parallel: level,
  'heels-together': level,
  horse: level,
  'side-step': level,
  bow: stepping,
  'half-horse': stepping,
  'half-facing': stepping,
  'back-step': stepping,
  drop: stepping,
  'empty-ball': empty,
  'empty-heel': empty,
  'one-leg': held,
  'heel-kick': held,
  seated,
}
