import type { Body } from '../body/body'
import { SIDES, type Side } from '../conventions'
import { shareOf } from '../stance/footing'
import { calcLead } from '../stance/layout'
import type { Stance } from '../stance/stance'

/**
 * What a posture is for, read off its stance: what a variant must not give up unless it says so. `step`: a step of more
 * than half a foot keeps its way and half its length; `front`: more than half the weight in front; `level`: level feet
 * stay so; `empty`: a foot that carries next to nothing goes on doing so.
 */
export const MEANINGS = ['step', 'front', 'level', 'empty'] as const
export type Meaning = (typeof MEANINGS)[number]

const EMPTY_MOST = 0.2
const POINT = 0.01
const DUST = 1e-9
/** Postures are laid out in whole millimetres: half a step may come out half a one shorter. */
const MILLIMETRE = 1e-3

/** Whether a left heel so far ahead (or behind) is a step, and no stance with level feet. */
export const isStep = (step: number, { footLength }: Body): boolean => Math.abs(step) > footLength / 2

const leastStep = (step: number): number => Math.abs(step) / 2 - MILLIMETRE

const frontOf = (step: number): Side => (step > 0 ? 'left' : 'right')

/**
 * What a stance gives up of what another one is for.
 * @example findGivenUp(ana, bow, { ...bow, loadLeft: 0.5 }) // => ['front']
 */
export function findGivenUp(body: Body, original: Stance, stance: Stance): Meaning[] {
  if (original.seat || stance.seat) return []
  const [before, after] = [calcLead(original), calcLead(stance)]
  const given: Meaning[] = []
  if (!isStep(before, body)) {
    if (isStep(after, body)) given.push('level')
  } else {
    if (!(after * Math.sign(before) >= leastStep(before))) given.push('step')
    const front = frontOf(before)
    if (shareOf(original, front) > 0.5 && !(shareOf(stance, front) > 0.5)) given.push('front')
  }
  const filled = SIDES.some((side) => isEmpty(original, side) && !isEmpty(stance, side))
  return filled ? [...given, 'empty'] : given
}

/** Whether more weight goes over than does in a stance with most of it in front: no less of the same. */
export function goesFurtherOver(body: Body, original: Stance, stance: Stance): boolean {
  const step = calcLead(original)
  const front = frontOf(step)
  const was = shareOf(original, front)
  return isStep(step, body) && was > 0.5 && shareOf(stance, front) > was + POINT
}

const isEmpty = (stance: Stance, side: Side): boolean => shareOf(stance, side) <= EMPTY_MOST + DUST

/** How far a step (left heel ahead of the right) may be changed with what the posture is for kept: from, to. */
export function listStepRange(body: Body, stance: Stance): readonly [number, number] {
  const step = calcLead(stance)
  const most = body.footLength / 2
  if (!isStep(step, body)) return [-most - step, most - step]
  const shorter = Math.abs(step) - leastStep(step)
  return step > 0 ? [-shorter, Number.POSITIVE_INFINITY] : [Number.NEGATIVE_INFINITY, shorter]
}

/** The shares on the left foot that are left with the limits, of those with which what the posture is for is kept. */
export function listAllowedShares(body: Body, stance: Stance, keeping: boolean): readonly [number, number] {
  const [low, high] = listShareRange(body, stance, keeping)
  return [Math.max(low, 1 - body.loadMax.right), Math.min(high, body.loadMax.left)]
}

/** The shares on the left foot with which what the posture is for is kept. */
export function listShareRange(body: Body, stance: Stance, keeping = true): readonly [number, number] {
  let [low, high] = [0, 1]
  const step = calcLead(stance)
  if (isStep(step, body) && shareOf(stance, frontOf(step)) > 0.5) {
    // Less of the same: no more weight goes over than does.
    if (frontOf(step) === 'left') [low, high] = [keeping ? 0.5 + POINT : 0, stance.loadLeft]
    else [low, high] = [stance.loadLeft, keeping ? 0.5 - POINT : 1]
  }
  // Where an order leaves the other leg less than that, more goes over: another use of the posture, standing.
  if (!keeping) return low > body.loadMax.left + DUST || high < 1 - body.loadMax.right - DUST ? [0, 1] : [low, high]
  if (isEmpty(stance, 'left')) high = Math.min(high, EMPTY_MOST)
  if (isEmpty(stance, 'right')) low = Math.max(low, 1 - EMPTY_MOST)
  return [low, high]
}
