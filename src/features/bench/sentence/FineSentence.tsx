'use client'

import { ARM_PRESET_IDS, type Contact, SIDES, type Side } from '@/core'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { NumberWord } from '@/ui/words/NumberWord'
import { Spoken } from '@/ui/words/Spoken'
import { useSay, useWords } from '@/ui/words/use-words'
import type { Words } from '@/words/language'
import { sayArms } from '@/words/postures'
import { findArmPreset, setArm, setArmPreset, setContact, setPressure, setTrunk } from '../state/edits'
import { beginDrag, endDrag, setStance, useBench } from '../state/store'
import type { OnBenchView } from '../state/use-analysis'
import styles from './fine.module.css'
import { HandWords } from './HandWords'

const drag = { onDragStart: beginDrag, onDragEnd: endDrag }

const contactsIn = (words: Words): { value: Contact; name: string }[] => [
  { value: 'whole', name: words.say('screens.bench.flat') },
  { value: 'ball', name: words.say('screens.bench.onItsBall') },
  { value: 'heel', name: words.say('screens.bench.onItsHeel') },
  { value: 'toe-touch', name: words.say('screens.bench.touchingWithToes') },
  { value: 'air', name: words.say('screens.bench.inAir') },
]

const pressuresIn = (words: Words) => [
  { value: '0.6', name: words.say('screens.bench.theBall') },
  { value: '0.45', name: words.say('screens.bench.theMiddle') },
  { value: '0.3', name: words.say('screens.bench.theHeel') },
]

/** The rest of the stance in a second sentence: trunk, arms, how the feet meet the floor, the ground, the hands. */
export function FineSentence({ view }: { view: OnBenchView }) {
  const t = useSay('screens.bench')
  const words = useWords()
  const stance = useBench((state) => state.stance)
  const { trunk, floor } = stance
  return (
    <p className={styles.fine}>
      <Spoken
        of="screens.bench.sentence.fine"
        values={{ falls: String((floor?.slopeDeg ?? 0) > 0) }}
        parts={{
          pelvis: (
            <NumberWord
              label={t('pelvisTurn')}
              value={stance.pelvisYawDeg ?? 0}
              unit="°"
              step={1}
              min={-90}
              max={90}
              onChange={(pelvisYawDeg) => setStance((s) => ({ ...s, pelvisYawDeg }))}
              {...drag}
            />
          ),
          frame: (
            <ChoiceWord
              label={t('frame')}
              value={stance.frame ?? 'upright'}
              choices={[
                { value: 'upright', name: t('upright') },
                { value: 'inclined', name: t('inclinedInOneLine') },
              ]}
              onChoose={(frame) => setStance((s) => ({ ...s, frame }))}
            />
          ),
          pitch: (
            <TrunkNumber part="pitchDeg" label={t('trunkPitch')} value={trunk?.pitchDeg ?? 0} min={-30} max={90} />
          ),
          roll: <TrunkNumber part="rollDeg" label={t('trunkRoll')} value={trunk?.rollDeg ?? 0} min={-45} max={45} />,
          yaw: <TrunkNumber part="yawDeg" label={t('trunkTurn')} value={trunk?.yawDeg ?? 0} min={-90} max={90} />,
          arms: <ArmWords />,
          left: <ContactWord side="left" />,
          right: <ContactWord side="right" />,
          pressure: (
            <ChoiceWord
              label={t('pressure')}
              value={String(stance.feet.left.pressureAt ?? 0.45)}
              choices={pressuresIn(words)}
              onChoose={(at) => setStance((s) => setPressure(s, Number(at)))}
            />
          ),
          eyes: (
            <ChoiceWord
              label={t('eyes')}
              value={stance.eyes ?? 'open'}
              choices={[
                { value: 'open', name: t('open') },
                { value: 'closed', name: t('closed') },
              ]}
              onChoose={(eyes) => setStance((s) => ({ ...s, eyes }))}
            />
          ),
          slope: (
            <NumberWord
              label={t('slopeGround')}
              value={floor?.slopeDeg ?? 0}
              unit="°"
              step={1}
              min={0}
              max={20}
              onChange={(slopeDeg) => setStance((s) => ({ ...s, floor: { ...s.floor, slopeDeg } }))}
              {...drag}
            />
          ),
          toward: (
            <NumberWord
              label={t('downhillDirection')}
              value={floor?.downhillDeg ?? 0}
              unit="°"
              step={5}
              min={-180}
              max={180}
              onChange={(downhillDeg) => setStance((s) => ({ ...s, floor: { ...s.floor, downhillDeg } }))}
              {...drag}
            />
          ),
        }}
      />{' '}
      {SIDES.map((hand) => (
        <HandWords key={hand} hand={hand} view={view} />
      ))}
    </p>
  )
}

type TrunkNumberProps = {
  part: 'pitchDeg' | 'rollDeg' | 'yawDeg'
  label: string
  value: number
  min: number
  max: number
}

function TrunkNumber({ part, label, value, min, max }: TrunkNumberProps) {
  const set = (next: number) => setStance((s) => setTrunk(s, { [part]: next }))
  return <NumberWord label={label} value={value} unit="°" step={1} min={min} max={max} onChange={set} {...drag} />
}

function ContactWord({ side }: { side: Side }) {
  const t = useSay('screens.bench')
  const words = useWords()
  const contact = useBench((state) => state.stance.feet[side].contact ?? 'whole')
  return (
    <ChoiceWord
      label={t('contactSideFoot', { side })}
      value={contact}
      choices={contactsIn(words)}
      onChoose={(next) => setStance((s) => setContact(s, side, next))}
    />
  )
}

const freeIn = (words: Words) => ({ value: 'free', name: words.say('screens.bench.freelyHeld') }) as const
const listPresets = (words: Words) => ARM_PRESET_IDS.map((value) => ({ value, name: sayArms(value, words) }))

/** A preset, or each arm by its own angles. */
function ArmWords() {
  const t = useSay('screens.bench')
  const words = useWords()

  const stance = useBench((state) => state.stance)
  const preset = findArmPreset(stance)
  return (
    <>
      <ChoiceWord
        label={t('arms')}
        value={preset ?? freeIn(words).value}
        choices={[...(preset ? [] : [freeIn(words)]), ...listPresets(words)]}
        onChoose={(next) => next !== freeIn(words).value && setStance((s) => setArmPreset(s, next))}
      />{' '}
      (
      {SIDES.map((side, i) => (
        <span key={side}>
          {i > 0 && ', '}
          <Spoken
            of="screens.bench.sentence.arm"
            values={{ side }}
            parts={{
              height: (
                <ArmNumber side={side} part="elevationDeg" label={t('armHeight', { side })} min={-60} max={180} />
              ),
              opening: (
                <ArmNumber side={side} part="openingDeg" label={t('armOpening', { side })} min={-90} max={180} />
              ),
              elbow: <ArmNumber side={side} part="elbowDeg" label={t('elbow', { side })} min={0} max={160} />,
            }}
          />
        </span>
      ))}
      )
    </>
  )
}

type ArmNumberProps = {
  side: Side
  part: 'elevationDeg' | 'openingDeg' | 'elbowDeg'
  label: string
  min: number
  max: number
}

function ArmNumber({ side, part, label, min, max }: ArmNumberProps) {
  const value = useBench((state) => state.stance.arms?.[side]?.[part] ?? 0)
  const set = (next: number) => setStance((s) => setArm(s, side, { [part]: next }))
  return <NumberWord label={label} value={value} unit="°" step={5} min={min} max={max} onChange={set} {...drag} />
}
