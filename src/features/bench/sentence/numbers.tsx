'use client'

import { DEG, type Side } from '@/core'
import { bendOf } from '@/documents/bends'
import type { StanceBody } from '@/documents/stance-document'
import { bodyOf } from '@/documents/to-core'
import { NumberWord } from '@/ui/words/NumberWord'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayDegrees, sayDepth } from '@/words/figures'
import { metresIn, stepOf } from '@/words/units'
import styles from '../bench.module.css'
import {
  frontSide,
  heightLeg,
  setKneeBend,
  setLoadLeft,
  setSeatHeight,
  setStepLength,
  setTrackWidth,
  stepLength,
  trackWidth,
  turnFoot,
} from '../state/edits'
import { useFloorView } from '../state/floor-view'
import { beginDrag, endDrag, setStance, useBench } from '../state/store'
import { useAnalysis } from '../state/use-analysis'

const drag = { onDragStart: beginDrag, onDragEnd: endDrag }

/** What a length is called where it goes the usual way, and where it goes the other. */
const WAYS = {
  apart: ['apart', 'across'],
  side: ['side', 'acrossOther'],
  long: ['long', 'back'],
  ahead: ['ahead', 'behind'],
} as const

/** Which way a length goes, in words. */
function useWay(ways: keyof typeof WAYS): (value: number) => string {
  const t = useSay('screens.bench.sentence')
  return (value) => t('ways', { way: WAYS[ways][value < 0 ? 1 : 0] })
}

export function TrackWidth({ ways }: { ways: 'apart' | 'side' }) {
  const t = useSay('screens.bench')
  const width = useBench((state) => trackWidth(state.stance))
  const way = useWay(ways)
  return <Length label={t('trackWidth')} metres={width} min={-0.2} max={1.2} onChange={setTrackWidth} way={way} />
}

export function StepLength({ ways }: { ways: 'long' | 'ahead' }) {
  const t = useSay('screens.bench')
  const length = useBench((state) => stepLength(state.stance))
  const way = useWay(ways)
  return <Length label={t('stepLength')} metres={length} min={-0.6} max={1.2} onChange={setStepLength} way={way} />
}

type LengthProps = {
  label: string
  metres: number
  min: number
  max: number
  onChange: (stance: StanceBody, metres: number) => StanceBody
  way: (value: number) => string
}

/** A length in the unit that was chosen. */
function Length({ label, metres, min, max, onChange, way }: LengthProps) {
  const unit = useFloorView((state) => state.unit)
  const document = useBench((state) => state.person.document)
  const size = metresIn(unit, bodyOf(document))
  const set = (value: number) => setStance((stance) => onChange(stance, value * size))
  const digits = unit === 'cm' || unit === 'in' ? 1 : 2
  return (
    <NumberWord
      label={label}
      value={metres / size}
      unit={unit}
      step={stepOf(unit)}
      min={min / size}
      max={max / size}
      digits={digits}
      way={way}
      onChange={set}
      {...drag}
    />
  )
}

export function ToeOut({ side, label }: { side: Side; label: string }) {
  const t = useSay('screens.bench.sentence')
  const degrees = useBench((state) => state.stance.feet[side].toeOutDeg ?? 0)
  const set = (next: number) => setStance((stance) => turnFoot(stance, side, next))
  return (
    <NumberWord
      label={label}
      value={degrees}
      unit="°"
      step={1}
      min={-100}
      max={100}
      way={(value) => t('ways', { way: value < 0 ? 'in' : 'out' })}
      onChange={set}
      {...drag}
    />
  )
}

/** The bend that is asked for; where an ankle or the other leg stops it elsewhere, what is reached is said with it. */
export function KneeBend() {
  const t = useSay('screens.bench')
  const stance = useBench((state) => state.stance)
  const { analysis } = useAnalysis()
  const leg = heightLeg(stance)
  const reached = analysis ? analysis.legs[leg].flexion / DEG : undefined
  const asked = stance.height?.kneeFlexionDeg ?? reached ?? 0
  const set = (next: number) => setStance((s) => setKneeBend(s, next))
  const label = t('bendLegKnee', { leg })
  const words = useWords()
  return (
    <>
      <NumberWord label={label} value={asked} unit="°" step={1} min={0} max={140} onChange={set} {...drag} />
      {reached !== undefined &&
        Math.abs(reached - asked) >= 1 &&
        ` ${t('sentence.here', { angle: sayDegrees(analysis?.legs[leg].flexion ?? 0, words) })}`}
      <span className={styles.depth}>, {sayDepth(bendOf(Math.round(reached ?? asked)), words)}</span>
    </>
  )
}

export function Share({ side }: { side: Side }) {
  const t = useSay('screens.bench')
  const left = useBench((state) => state.stance.loadLeftPct ?? 50)
  const value = side === 'left' ? left : 100 - left
  const set = (percent: number) => setStance((stance) => setLoadLeft(stance, side === 'left' ? percent : 100 - percent))
  return (
    <NumberWord
      label={t('weightOnSideFoot', { side })}
      value={value}
      unit="%"
      step={1}
      min={0}
      max={100}
      onChange={set}
      {...drag}
    />
  )
}

/** Which knee sets the height, by where it stands. */
export function FullerKnee() {
  const t = useSay('screens.bench.sentence')
  const stance = useBench((state) => state.stance)
  return t('fuller', { knee: heightLeg(stance) === frontSide(stance) ? 'front' : 'rear' })
}

export function SeatHeight() {
  const t = useSay('screens.bench')
  const height = useBench((state) => state.stance.seat?.heightM ?? 0.45)
  const set = (cm: number) => setStance((stance) => setSeatHeight(stance, cm / 100))
  return (
    <NumberWord
      label={t('seatHeight')}
      value={height * 100}
      unit="cm"
      step={1}
      min={20}
      max={100}
      onChange={set}
      {...drag}
    />
  )
}
