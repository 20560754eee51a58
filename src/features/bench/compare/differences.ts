import { otherSide, SIDES, type Stance } from '@/core'
import { fromStance } from '@/documents/from-core'
import type { StanceBody } from '@/documents/stance-document'
import { sayContact } from '@/words/changes'
import { saySupport } from '@/words/findings'
import type { Words } from '@/words/language'
import { frontSide, stepLength, trackWidth } from '../state/edits'

/** What differs from one stance to another, in words. */
export function sayDifferences(from: Stance, to: Stance, words: Words): string[] {
  const a = fromStance(from)
  const b = fromStance(to)
  const said: string[] = []
  const tell = (what: string, was: string, is: string) => said.push(words.say('differences.said', { what, was, is }))
  /** A figure whose sign is a word: 30° in, 5 cm back. */
  const show = (ways: string, value: number) =>
    words.say(`differences.ways.${ways}`, {
      size: words.number(Math.abs(value), 1),
      way: value === 0 ? 'none' : value < 0 ? 'less' : 'more',
    })
  const say = (what: string, of: (stance: StanceBody) => number, ways: string, least: number) => {
    const [x, y] = [of(a), of(b)]
    if (Math.abs(y - x) >= least) tell(what, show(ways, x), show(ways, y))
  }
  const name = (key: string, values = {}) => words.say(`differences.${key}`, values)
  const front = frontSide(a)
  const rear = otherSide(front)
  say(name('step'), (s) => stepLength(s) * 100, 'length', 0.1)
  say(name('feet'), (s) => trackWidth(s) * 100, 'apart', 0.1)
  say(name('frontToes'), (s) => s.feet[front].toeOutDeg ?? 0, 'toes', 0.5)
  say(name('rearToes'), (s) => s.feet[rear].toeOutDeg ?? 0, 'toes', 0.5)
  say(name('load'), (s) => s.loadLeftPct ?? 50, 'percent', 0.5)
  say(name('knee'), (s) => s.height?.kneeFlexionDeg ?? 0, 'degrees', 0.5)
  say(name('pelvis'), (s) => s.pelvisYawDeg ?? 0, 'turn', 0.5)
  say(name('trunk'), (s) => s.trunk?.pitchDeg ?? 0, 'lean', 0.5)
  for (const side of SIDES) {
    const [x, y] = [a.feet[side].contact, b.feet[side].contact]
    if (x !== y) tell(name('foot', { side }), sayContact(x, words), sayContact(y, words))
    say(name('arm', { side }), (s) => s.arms?.[side]?.elevationDeg ?? 0, 'degrees', 1)
  }
  const hands = (s: StanceBody) =>
    (s.supports ?? [])
      .map(({ kind, hand }) => name('hand', { side: hand, support: saySupport(kind, words) }))
      .join(', ')
  const [was, is] = [hands(a) || name('noHand'), hands(b) || name('noHand')]
  if (was !== is) said.push(name('hands', { was, is }))
  return said
}
