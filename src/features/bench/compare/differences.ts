import { otherSide, type Stance } from '@/core'
import { fromStance } from '@/formats/from-core'
import { frontSide, stepLength, trackWidth } from '../state/edits'

/** What differs from one stance to another, in words. */
export function sayDifferences(from: Stance, to: Stance): string[] {
  const a = fromStance(from)
  const b = fromStance(to)
  const said: string[] = []
  const say = (name: string, x: number, y: number, unit: string, least: number) => {
    const show = (value: number) => `${Number(value.toFixed(1))}${unit === '°' ? '°' : ` ${unit}`}`
    if (Math.abs(y - x) >= least) said.push(`${name} ${show(x)} → ${show(y)}`)
  }
  const front = frontSide(a)
  const rear = otherSide(front)
  say('step', stepLength(a) * 100, stepLength(b) * 100, 'cm', 0.1)
  say('feet', trackWidth(a) * 100, trackWidth(b) * 100, 'cm apart', 0.1)
  say('front toes', a.feet[front].toeOutDeg ?? 0, b.feet[front].toeOutDeg ?? 0, '°', 0.5)
  say('rear toes', a.feet[rear].toeOutDeg ?? 0, b.feet[rear].toeOutDeg ?? 0, '°', 0.5)
  say('left foot’s weight', a.loadLeftPct ?? 50, b.loadLeftPct ?? 50, '%', 0.5)
  say('knee bend asked for', a.height?.kneeFlexionDeg ?? 0, b.height?.kneeFlexionDeg ?? 0, '°', 0.5)
  say('pelvis', a.pelvisYawDeg ?? 0, b.pelvisYawDeg ?? 0, '°', 0.5)
  say('trunk forward', a.trunk?.pitchDeg ?? 0, b.trunk?.pitchDeg ?? 0, '°', 0.5)
  for (const side of ['left', 'right'] as const) {
    const [x, y] = [a.feet[side].contact, b.feet[side].contact]
    if (x !== y) said.push(`${side} foot ${x} → ${y}`)
    say(`${side} arm up`, a.arms?.[side]?.elevationDeg ?? 0, b.arms?.[side]?.elevationDeg ?? 0, '°', 1)
  }
  const hands = (s: typeof a) =>
    (s.supports ?? []).map(({ kind, hand }) => `${hand} hand on a ${kind.replace('-', ' ')}`)
  const [was, is] = [hands(a).join(', ') || 'no hand held', hands(b).join(', ') || 'no hand held']
  if (was !== is) said.push(`${was} → ${is}`)
  return said
}
