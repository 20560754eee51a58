import { otherSide, type Stance } from '@/core'
import { fromStance } from '@/formats/from-core'
import type { StanceBody } from '@/formats/stance-document'
import { sayContact } from '@/words/changes'
import { saySupport } from '@/words/findings'
import { frontSide, stepLength, trackWidth } from '../state/edits'

/** A figure whose sign is a word: 30° in, 5 cm back. */
const withWay = (unit: string, more: string, less: string) => (value: number) =>
  `${Number(Math.abs(value).toFixed(1))}${unit}${value === 0 ? '' : ` ${value < 0 ? less : more}`}`

const LENGTH = withWay(' cm', 'long', 'back')
const APART = withWay(' cm', 'apart', 'across each other')
const TOES = withWay('°', 'out', 'in')
const TURN = withWay('°', 'to the left', 'to the right')
const LEAN = withWay('°', 'forward', 'back')
const DEGREES = withWay('°', '', 'below')
const PERCENT = withWay(' %', '', '')

/** What differs from one stance to another, in words. */
export function sayDifferences(from: Stance, to: Stance): string[] {
  const a = fromStance(from)
  const b = fromStance(to)
  const said: string[] = []
  const say = (name: string, of: (stance: StanceBody) => number, show: (value: number) => string, least: number) => {
    const [x, y] = [of(a), of(b)]
    if (Math.abs(y - x) >= least) said.push(`${name} ${show(x).trim()} → ${show(y).trim()}`)
  }
  const front = frontSide(a)
  const rear = otherSide(front)
  say('step', (s) => stepLength(s) * 100, LENGTH, 0.1)
  say('feet', (s) => trackWidth(s) * 100, APART, 0.1)
  say('front toes', (s) => s.feet[front].toeOutDeg ?? 0, TOES, 0.5)
  say('rear toes', (s) => s.feet[rear].toeOutDeg ?? 0, TOES, 0.5)
  say('left foot’s weight', (s) => s.loadLeftPct ?? 50, PERCENT, 0.5)
  say('knee bend asked for', (s) => s.height?.kneeFlexionDeg ?? 0, DEGREES, 0.5)
  say('pelvis', (s) => s.pelvisYawDeg ?? 0, TURN, 0.5)
  say('trunk', (s) => s.trunk?.pitchDeg ?? 0, LEAN, 0.5)
  for (const side of ['left', 'right'] as const) {
    const [x, y] = [a.feet[side].contact, b.feet[side].contact]
    if (x !== y) said.push(`${side} foot ${sayContact(x)} → ${sayContact(y)}`)
    say(`${side} arm up`, (s) => s.arms?.[side]?.elevationDeg ?? 0, DEGREES, 1)
  }
  const hands = (s: typeof a) => (s.supports ?? []).map(({ kind, hand }) => `${hand} hand on ${saySupport(kind)}`)
  const [was, is] = [hands(a).join(', ') || 'no hand held', hands(b).join(', ') || 'no hand held']
  if (was !== is) said.push(`${was} → ${is}`)
  return said
}
