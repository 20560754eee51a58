import type { Body } from '../body/body'
import type { BySide } from '../conventions'
import { otherSide } from '../conventions'
import { listCandidates } from '../postures/candidates'
import { layOut, measureStance } from '../postures/measures'
import type { Stance } from '../stance/stance'

/**
 * A stance in every version in which a class could be taught it, the nearest first: the same list that levels are chosen
 * from, so that what a class fit finds for somebody is found for them alone. The standing foot stays where it is, and
 * what is not a posture's (supports, eyes, floor) stays as it is. `flexion`: each knee's bend as reached.
 */
export function listVersions(body: Body, stance: Stance, flexion: BySide<number>): Stance[] {
  const side = stance.side ?? 'left'
  const other = otherSide(side)
  const measures = measureStance(stance, body, side, flexion)
  return listCandidates(measures, stance.keeps ?? []).map((candidate) => {
    const laid = layOut(candidate.measures, body, side, stance.posture, stance.keeps)
    const dx = stance.feet[other].heel[0] - laid.feet[other].heel[0]
    const dy = stance.feet[other].heel[1] - laid.feet[other].heel[1]
    const move = (foot: Stance['feet']['left']) => ({
      ...foot,
      heel: [foot.heel[0] + dx, foot.heel[1] + dy] as const,
    })
    const { supports, eyes, floor, loadMeasured, at } = stance
    const feet = { left: move(laid.feet.left), right: move(laid.feet.right) }
    return { ...laid, feet, supports, eyes, floor, loadMeasured, at }
  })
}
