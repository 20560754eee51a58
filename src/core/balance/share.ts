import type { Body } from '../body/body'
import { InputError } from '../errors'
import { setFooting } from '../stance/footing'
import type { Stance } from '../stance/stance'
import { makeStandingStance } from '../stance/standing'
import { readBalance } from './balance'

/** A split that keeps the orders: the share on the left foot, and whether the reserve is kept with it. */
export type KeptShare = { loadLeft: number; keeps: boolean }

/** As finely as a share is set. */
const POINT = 0.01

/**
 * The share on the left foot nearest to the stance's own at which every order on load and the reserve are kept, the
 * rest of the stance as it is; where none keeps the reserve, the one with the largest assured margin. Shares 0 to 1, in
 * whole points. Null where no share can be stood, with a foot in the air, and seated.
 * @example findKeptShare(ana, parallel) // => { loadLeft: 0.5, keeps: true }
 */
export function findKeptShare(body: Body, stance: Stance): KeptShare | null {
  const { left, right } = stance.feet
  if (stance.seat || left.contact === 'air' || right.contact === 'air') return null
  let best: { loadLeft: number; margin: number } | null = null
  for (const loadLeft of listShares(body, stance.loadLeft)) {
    const read = tryBalance(body, { ...stance, loadLeft })
    if (!read) continue
    const { margin } = read.assured
    if (margin >= read.reserve) return { loadLeft, keeps: true }
    if (!best || margin > best.margin) best = { loadLeft, margin }
  }
  return best && { loadLeft: best.loadLeft, keeps: false }
}

/** The shares that the orders allow, the nearest to the wanted one first. */
function listShares({ loadMax }: Body, wanted: number): number[] {
  const shares = Array.from({ length: 101 }, (_, i) => i * POINT).concat(wanted)
  return shares
    .filter((share) => share <= loadMax.left + 1e-9 && 1 - share <= loadMax.right + 1e-9)
    .sort((a, b) => Math.abs(a - wanted) - Math.abs(b - wanted) || a - b)
}

function tryBalance(body: Body, stance: Stance) {
  try {
    return readBalance(setFooting(body, stance))
  } catch (error) {
    if (error instanceof InputError) return null
    throw error
  }
}

/**
 * The person's own standing at a share that their orders allow: even, or the nearest to it that keeps the reserve.
 * @example makeOwnStanding(resolveBody({ ...ana.person, limits: { loadMax: { left: 0.3, right: 1 } } })).loadLeft <= 0.3 // => true
 */
export function makeOwnStanding(body: Body): Stance {
  const standing = makeStandingStance(body)
  if (body.loadMax.left >= 1 && body.loadMax.right >= 1) return standing
  return { ...standing, loadLeft: findKeptShare(body, standing)?.loadLeft ?? standing.loadLeft }
}
