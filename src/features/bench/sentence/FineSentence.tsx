'use client'

import { ARM_PRESET_IDS, type Contact, SIDES, type Side } from '@/core'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { NumberWord } from '@/ui/words/NumberWord'
import { sayArms } from '@/words/postures'
import { findArmPreset, setArm, setArmPreset, setContact, setPressure, setTrunk } from '../state/edits'
import { beginDrag, endDrag, setStance, useBench } from '../state/store'
import type { OnBenchView } from '../state/use-analysis'
import styles from './fine.module.css'
import { HandWords } from './HandWords'

const drag = { onDragStart: beginDrag, onDragEnd: endDrag }

const CONTACTS: { value: Contact; name: string }[] = [
  { value: 'whole', name: 'flat' },
  { value: 'ball', name: 'on its ball' },
  { value: 'heel', name: 'on its heel' },
  { value: 'toe-touch', name: 'touching with the toes' },
  { value: 'air', name: 'in the air' },
]

const PRESSURES = [
  { value: '0.6', name: 'the ball' },
  { value: '0.45', name: 'the middle' },
  { value: '0.3', name: 'the heel' },
]

/** The rest of the stance in a second sentence: trunk, arms, how the feet meet the floor, the ground, the hands. */
export function FineSentence({ view }: { view: OnBenchView }) {
  const stance = useBench((state) => state.stance)
  const { trunk, floor } = stance
  return (
    <p className={styles.fine}>
      Pelvis turned{' '}
      <NumberWord
        label="Pelvis turn"
        value={stance.pelvisYawDeg ?? 0}
        unit="°"
        step={1}
        min={-90}
        max={90}
        onChange={(pelvisYawDeg) => setStance((s) => ({ ...s, pelvisYawDeg }))}
        {...drag}
      />{' '}
      left, trunk{' '}
      <ChoiceWord
        label="Frame"
        value={stance.frame ?? 'upright'}
        choices={[
          { value: 'upright', name: 'upright' },
          { value: 'inclined', name: 'inclined in one line' },
        ]}
        onChoose={(frame) => setStance((s) => ({ ...s, frame }))}
        then=","
      />{' '}
      <TrunkNumber part="pitchDeg" label="Trunk pitch" value={trunk?.pitchDeg ?? 0} min={-30} max={90} /> forward,{' '}
      <TrunkNumber part="rollDeg" label="Trunk roll" value={trunk?.rollDeg ?? 0} min={-45} max={45} /> to the right,{' '}
      <TrunkNumber part="yawDeg" label="Trunk turn" value={trunk?.yawDeg ?? 0} min={-90} max={90} /> past the pelvis.
      Arms <ArmWords />. Left foot <ContactWord side="left" />, right foot <ContactWord side="right" />, pressure on{' '}
      <ChoiceWord
        label="Pressure"
        value={String(stance.feet.left.pressureAt ?? 0.45)}
        choices={PRESSURES}
        onChoose={(at) => setStance((s) => setPressure(s, Number(at)))}
        then=","
      />{' '}
      eyes{' '}
      <ChoiceWord
        label="Eyes"
        value={stance.eyes ?? 'open'}
        choices={[
          { value: 'open', name: 'open' },
          { value: 'closed', name: 'closed' },
        ]}
        onChoose={(eyes) => setStance((s) => ({ ...s, eyes }))}
        then=","
      />{' '}
      ground falling{' '}
      <NumberWord
        label="Slope of the ground"
        value={floor?.slopeDeg ?? 0}
        unit="°"
        step={1}
        min={0}
        max={20}
        onChange={(slopeDeg) => setStance((s) => ({ ...s, floor: { ...s.floor, slopeDeg } }))}
        {...drag}
      />
      {(floor?.slopeDeg ?? 0) > 0 && (
        <>
          {' '}
          toward{' '}
          <NumberWord
            label="Downhill direction"
            value={floor?.downhillDeg ?? 0}
            unit="°"
            step={5}
            min={-180}
            max={180}
            onChange={(downhillDeg) => setStance((s) => ({ ...s, floor: { ...s.floor, downhillDeg } }))}
            {...drag}
          />
        </>
      )}
      .{' '}
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
  const contact = useBench((state) => state.stance.feet[side].contact ?? 'whole')
  return (
    <ChoiceWord
      label={`Contact of the ${side} foot`}
      value={contact}
      choices={CONTACTS}
      onChoose={(next) => setStance((s) => setContact(s, side, next))}
    />
  )
}

const FREE = { value: 'free', name: 'freely held' } as const
const PRESETS = ARM_PRESET_IDS.map((value) => ({ value, name: sayArms(value) }))

/** A preset, or each arm by its own angles. */
function ArmWords() {
  const stance = useBench((state) => state.stance)
  const preset = findArmPreset(stance)
  return (
    <>
      <ChoiceWord
        label="Arms"
        value={preset ?? FREE.value}
        choices={preset ? PRESETS : [FREE, ...PRESETS]}
        onChoose={(next) => next !== FREE.value && setStance((s) => setArmPreset(s, next))}
      />{' '}
      (
      {SIDES.map((side, i) => (
        <span key={side}>
          {i > 0 && ', '}
          {side} <ArmNumber side={side} part="elevationDeg" label="arm height" min={-60} max={180} /> up{' '}
          <ArmNumber side={side} part="openingDeg" label="arm opening" min={-90} max={180} /> open{' '}
          <ArmNumber side={side} part="elbowDeg" label="elbow" min={0} max={160} /> bent
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
  return (
    <NumberWord
      label={`${side} ${label}`}
      value={value}
      unit="°"
      step={5}
      min={min}
      max={max}
      onChange={set}
      {...drag}
    />
  )
}
