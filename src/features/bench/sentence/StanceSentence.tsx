'use client'

import type { ReactNode } from 'react'
import { type Measures, otherSide, SCHOOL_IDS, SIDES, type Side } from '@/core'
import type { StanceBody } from '@/documents/stance-document'
import type { NamedPerson } from '@/keeping/bench'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { sayPostureName, saySchool } from '@/words/postures'
import styles from '../bench.module.css'
import { frontSide } from '../state/edits'
import { findPosture, useLibrary } from '../state/library'
import { choosePosture, chooseSchool, useBench } from '../state/store'
import { FullerKnee, KneeBend, SeatHeight, Share, StepLength, ToeOut, TrackWidth } from './numbers'

const SCHOOL_CHOICES = SCHOOL_IDS.map((value) => ({ value, name: saySchool(value) }))
const SIDE_CHOICES = [
  { value: 'left', name: 'left' },
  { value: 'right', name: 'right' },
] as const

type StanceSentenceProps = {
  people: readonly NamedPerson[]
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
  const first = useBench((state) => spokenSide(state.stance))
  const postures = useLibrary((state) => state.postures)
  const { sided, measures } = findPosture(posture)
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
        choices={postures.map((one) => ({ value: one.id, name: sayPostureName(one) }))}
        onChoose={(next) => choosePosture(next)}
        then=","
      />{' '}
      <ChoiceWord label="School" value={school} choices={SCHOOL_CHOICES} onChoose={chooseSchool} then=":" />{' '}
      {sayMeasures(measures[school])(first)}
    </h1>
  )
}

/** The foot that the sentence speaks of first: the one in the air, else the one in front, wherever it was moved to. */
const spokenSide = (stance: StanceBody): Side =>
  SIDES.find((side) => stance.feet[side].contact === 'air') ?? frontSide(stance)

/** How far the feet are from each other sideways, or how far they cross. */
const Apart = () => <TrackWidth usual="apart" other="across each other" />

const level = () => (
  <>
    feet <Apart />, toes <ToeOut side="left" label="Left toes" /> and <ToeOut side="right" label="Right toes" />, knees
    bent <KneeBend />, <Share side="left" /> on the left.
  </>
)

const stepping = (side: Side) => (
  <>
    feet <Apart />, a step <StepLength usual="long" other="back" />, front toes{' '}
    <ToeOut side={side} label="Front toes" /> and rear toes <ToeOut side={otherSide(side)} label="Rear toes" />,{' '}
    <FullerKnee /> knee bent <KneeBend />, <Share side={side} /> in front.
  </>
)

const empty = (side: Side) => (
  <>
    feet <Apart />, the light foot <StepLength usual="ahead" other="behind" />, rear toes{' '}
    <ToeOut side={otherSide(side)} label="Rear toes" />, rear knee bent <KneeBend />, <Share side={side} /> in front.
  </>
)

const held = (side: Side) => (
  <>
    raised foot <StepLength usual="ahead" other="behind" /> and{' '}
    <TrackWidth usual="to the side" other="across the other" />, standing toes{' '}
    <ToeOut side={otherSide(side)} label="Standing toes" />, standing knee bent <KneeBend />.
  </>
)

const seated = () => (
  <>
    feet <Apart />, on a seat <SeatHeight /> high.
  </>
)

const LEVEL_FEET = 0.03

/** What a posture has to say of its feet and height, by what it is: seated, on one leg, light in front, stepping, level. */
function sayMeasures({ seated: sits, own, step, ownLoad }: Measures): (side: Side) => ReactNode {
  if (sits) return seated
  if (own.contact === 'air') return held
  if (Math.abs(step) < LEVEL_FEET) return level
  return own.contact !== 'whole' && ownLoad < 0.5 ? empty : stepping
}
