'use client'

import { DEG, type Side } from '@/core'
import { wholeDegrees } from '@/ui/words/lengths'
import { NumberWord } from '@/ui/words/NumberWord'
import {
  heightLeg,
  setKneeBend,
  setLoadLeft,
  setStepLength,
  setTrackWidth,
  stepLength,
  trackWidth,
  turnFoot,
} from '../state/edits'
import { beginDrag, endDrag, setStance, useBench } from '../state/store'
import { useAnalysis } from '../state/use-analysis'

const drag = { onDragStart: beginDrag, onDragEnd: endDrag }

export function TrackWidth() {
  const width = useBench((state) => trackWidth(state.stance))
  const set = (cm: number) => setStance((stance) => setTrackWidth(stance, cm / 100))
  return (
    <NumberWord
      label="Track width"
      value={width * 100}
      unit="cm"
      step={1}
      min={-20}
      max={120}
      onChange={set}
      {...drag}
    />
  )
}

export function StepLength() {
  const length = useBench((state) => stepLength(state.stance))
  const set = (cm: number) => setStance((stance) => setStepLength(stance, cm / 100))
  return (
    <NumberWord
      label="Step length"
      value={length * 100}
      unit="cm"
      step={1}
      min={-60}
      max={120}
      onChange={set}
      {...drag}
    />
  )
}

export function ToeOut({ side, label }: { side: Side; label: string }) {
  const degrees = useBench((state) => state.stance.feet[side].toeOutDeg ?? 0)
  const set = (next: number) => setStance((stance) => turnFoot(stance, side, next))
  return <NumberWord label={label} value={degrees} unit="°" step={1} min={-100} max={100} onChange={set} {...drag} />
}

/** The bend that is asked for; where an ankle or the other leg stops it elsewhere, what is reached is said with it. */
export function KneeBend() {
  const stance = useBench((state) => state.stance)
  const { analysis } = useAnalysis()
  const leg = heightLeg(stance)
  const reached = analysis ? analysis.legs[leg].flexion / DEG : undefined
  const asked = stance.height?.kneeFlexionDeg ?? reached ?? 0
  const set = (next: number) => setStance((s) => setKneeBend(s, next))
  const label = `Bend of the ${leg} knee`
  return (
    <>
      <NumberWord label={label} value={asked} unit="°" step={1} min={0} max={140} onChange={set} {...drag} />
      {reached !== undefined && Math.abs(reached - asked) >= 1 && ` (here ${wholeDegrees(reached)})`}
    </>
  )
}

export function Share({ side }: { side: Side }) {
  const left = useBench((state) => state.stance.loadLeftPct ?? 50)
  const value = side === 'left' ? left : 100 - left
  const set = (percent: number) => setStance((stance) => setLoadLeft(stance, side === 'left' ? percent : 100 - percent))
  return (
    <NumberWord
      label={`Weight on the ${side} foot`}
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
