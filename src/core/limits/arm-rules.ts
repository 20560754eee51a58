import { DEG } from '../conventions'
import { AT_LIMIT } from './knee-rules'
import type { LegFacts, LegRule } from './rule'
import { degrees } from './words'

/** An arm raised less than this hangs; its elbow may be straight. */
const RAISED = 30 * DEG

/** A free arm of a stance; null for one whose hand is on a support. */
function readArm({ side, footing: { stance } }: LegFacts) {
  if (stance.supports.some(({ hand }) => hand === side)) return null
  const { elevation, opening, elbow } = stance.arms[side]
  // How far the upper arm points behind the side, in the trunk's frame.
  const behind = Math.asin(Math.min(1, Math.max(-1, -Math.sin(elevation) * Math.cos(opening))))
  return { elevation, elbow, behind }
}

const ALWAYS = ['standing', 'held', 'seated'] as const

const behind: LegRule = {
  id: 'arm.behind',
  code: 'arm.behind',
  when: ALWAYS,
  looksAt: 'whether an upper arm goes behind the line of the shoulders',
  house: ['armBehind'],
  limits: ['armBackMax'],
  source: 'house threshold: a note; a person’s own limit is kept',
  heading: (where) => `The ${where} is behind the side`,
  advice: 'Bring the elbow forward, a little off the ribs.',
  find: (facts) => {
    const arm = readArm(facts)
    const own = facts.body.sides[facts.side].armBackMax
    const limit = Math.min(own, facts.body.house.armBehind)
    if (!arm || !(arm.behind > limit + AT_LIMIT)) return null
    const hard = arm.behind > own + AT_LIMIT
    const text = `The ${facts.side} upper arm goes ${degrees(arm.behind)} behind the side; ${hard ? 'its limit' : 'usual'} is ${degrees(limit)}.`
    const by = limit === own ? 'armBackMax' : 'armBehind'
    return {
      severity: hard ? 'hard' : 'note',
      where: `${facts.side} arm`,
      value: arm.behind,
      limit,
      unit: 'rad',
      by,
      text,
    }
  },
}

const raised: LegRule = {
  id: 'arm.limit',
  code: 'arm.limit',
  when: ALWAYS,
  looksAt: 'how high an upper arm is raised',
  limits: ['armElevationMax'],
  source: 'the person’s own limit',
  heading: (where) => `The ${where} is raised past its limit`,
  advice: 'Lower the hands: heart, belly or hip height does as well.',
  find: (facts) => {
    const arm = readArm(facts)
    const limit = facts.body.sides[facts.side].armElevationMax
    if (!arm || !(arm.elevation > limit + AT_LIMIT)) return null
    const text = `The ${facts.side} upper arm is raised ${degrees(arm.elevation)}; its limit is ${degrees(limit)}.`
    return { severity: 'hard', where: `${facts.side} arm`, value: arm.elevation, limit, unit: 'rad', text }
  },
}

const elbow: LegRule = {
  id: 'elbow.locked',
  code: 'elbow.locked',
  when: ALWAYS,
  looksAt: 'a straight elbow on a raised arm',
  house: ['elbowLocked'],
  source: 'house threshold',
  heading: (where) => `The ${where} is locked`,
  advice: 'Let the elbow be heavy, never straight.',
  find: (facts) => {
    const arm = readArm(facts)
    const limit = facts.body.house.elbowLocked
    if (!arm || arm.elevation < RAISED || !(arm.elbow < limit - AT_LIMIT)) return null
    const text = `The ${facts.side} elbow is straight on a raised arm; a heavy, soft elbow is usual.`
    return { severity: 'note', where: `${facts.side} elbow`, value: arm.elbow, limit, unit: 'rad', text }
  },
}

export const ARM_RULES: readonly LegRule[] = [raised, behind, elbow]
