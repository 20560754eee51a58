import { describe, expect, it } from 'vitest'
import { analyse } from '../analysis'
import { resolveBody } from '../body/body'
import { HOUSE_RULES } from '../body/house'
import type { Limits, Person } from '../body/person'
import type { SupportKind } from '../body/support-kinds'
import { bySide, DEG, type Vec2 } from '../conventions'
import { type Stance, withContact } from '../stance/stance'
import { makeStandingStance } from '../stance/standing'
import type { Severity } from './finding'
import { RULES } from './registry'

const BASE: Person = { stature: 1.7, mass: 70, sex: 'male', age: 50 }

type Case = { limits?: Limits; person?: Partial<Person>; stance?: Partial<Stance> }

function find({ limits, person, stance }: Case) {
  const body = resolveBody({ ...BASE, ...person, ...(limits && { limits }) })
  return analyse(body, { ...makeStandingStance(body), ...stance }, { standing: null, withoutFreeTurn: true })
}

const body = resolveBody(BASE)
const standing = makeStandingStance(body)
const feet = (leftX: number, rightX: number, toeOutDeg = 0, leftY = 0): Pick<Stance, 'feet'> => ({
  feet: {
    left: { ...standing.feet.left, heel: [leftX, leftY] as Vec2, toeOut: toeOutDeg * DEG },
    right: { ...standing.feet.right, heel: [rightX, 0] as Vec2, toeOut: toeOutDeg * DEG },
  },
})
const bent = (degrees: number): Pick<Stance, 'height'> => ({ height: { kneeFlexion: degrees * DEG, leg: 'left' } })
const trunk = (pitch: number, roll = 0, yaw = 0) => ({
  trunk: { pitch: pitch * DEG, roll: roll * DEG, yaw: yaw * DEG },
})
const inAir: Partial<Stance> = {
  feet: {
    ...standing.feet,
    left: { ...standing.feet.left, heel: [-0.15, 0.3], contact: 'air', clearance: 0.3 },
  },
  loadLeft: 0,
}

const arms = (elevation: number, opening: number, elbow = 30): Partial<Stance> => {
  const arm = { elevation: elevation * DEG, opening: opening * DEG, elbow: elbow * DEG, elbowInward: 0 }
  return { arms: { left: arm, right: arm } }
}
const holding = (kind: SupportKind): Partial<Stance> => ({
  supports: [{ kind, hand: 'right', at: [0.4, 0.2, 0.9], maxLoad: 0.05 }],
})
const squat = (pelvisDrop: number): Partial<Stance> => ({
  feet: bySide((side) => withContact(standing.feet[side], 'ball')),
  height: { pelvisDrop },
})
const empty = (share: number): Partial<Stance> => {
  const { feet: set } = feet(-0.12, 0.12, 0, 0.25)
  return {
    keeps: ['contact'],
    feet: { ...set, left: withContact(set.left, 'ball') },
    loadLeft: share,
    ...bentRight,
  }
}
const bentRight: Pick<Stance, 'height'> = { height: { kneeFlexion: 25 * DEG, leg: 'right' } }

// Each rule: a stance just past its limit, and one just within it.
const CASES: [string, Severity, Case, Case][] = [
  [
    'balance.outside',
    'hard',
    { limits: { loadMax: { left: 0.3, right: 1 } } },
    { limits: { loadMax: { left: 0.7, right: 1 } } },
  ],
  ['balance.reserve', 'caution', { person: { swayReserve: 0.05 } }, { person: { swayReserve: 0.02 } }],
  ['balance.reserve', 'hard', { person: { usableAcross: 0.1, usableAlong: 0.08 } }, { person: { usableAlong: 0.5 } }],
  ['balance.one-leg', 'caution', { person: { age: 60 }, stance: inAir }, { person: { age: 59 }, stance: inAir }],
  [
    'balance.one-leg',
    'caution',
    { person: { age: 60, oneLegStand: { left: 12, right: 9.9 } }, stance: inAir },
    { person: { age: 60, oneLegStand: { right: 10 } }, stance: inAir },
  ],
  [
    'balance.one-leg',
    'caution',
    { person: { age: undefined }, stance: inAir },
    { person: { age: 70 }, stance: { ...inAir, ...holding('touch') } },
  ],
  [
    'load.limit',
    'hard',
    { limits: { loadMax: { left: 0.49, right: 1 } } },
    { limits: { loadMax: { left: 0.5, right: 1 } } },
  ],
  [
    'knee.flexion',
    'hard',
    { limits: { kneeFlexionMax: 29 * DEG }, stance: bent(30) },
    { limits: { kneeFlexionMax: 31 * DEG }, stance: bent(30) },
  ],
  [
    'knee.flexion',
    'hard',
    { limits: { kneeRangeMax: 60 * DEG }, stance: inAir },
    { limits: { kneeFlexionMax: 60 * DEG }, stance: inAir },
  ],
  [
    'knee.drift',
    'caution',
    { limits: { hipOutwardMax: 10 * DEG }, stance: { ...feet(-0.3, 0.3, 25), ...bent(45) } },
    { stance: { ...feet(-0.3, 0.3, 25), ...bent(45) } },
  ],
  [
    'knee.side-tilt',
    'caution',
    { limits: { hipOutwardMax: 10 * DEG }, stance: { ...feet(-0.3, 0.3, 25), ...bent(45) } },
    { stance: bent(30) },
  ],
  ['knee.past-toes', 'note', { limits: { dorsiflexionMax: 60 * DEG }, stance: bent(60) }, { stance: bent(30) }],
  [
    'knee.past-toes',
    'caution',
    { limits: { dorsiflexionMax: 60 * DEG }, stance: bent(75) },
    { limits: { dorsiflexionMax: 60 * DEG }, stance: bent(52) },
  ],
  ['knee.locked', 'note', { limits: { kneeFlexionMin: 4 * DEG }, stance: bent(4) }, { stance: bent(5) }],
  [
    'hip.range',
    'note',
    { limits: { hipOutwardMax: 10 * DEG }, stance: { ...feet(-0.3, 0.3, 25), ...bent(45) } },
    { stance: { ...feet(-0.3, 0.3, 25), ...bent(45) } },
  ],
  [
    'hip.range',
    'caution',
    {
      limits: { hipAbductionMax: 0, hipOutwardMax: 0, hipInwardMax: 0 },
      stance: { ...feet(-0.5, 0.5, 60), ...bent(40) },
    },
    { limits: { hipOutwardMax: 10 * DEG }, stance: { ...feet(-0.3, 0.3, 25), ...bent(45) } },
  ],
  [
    'hip.limit',
    'hard',
    { limits: { hipFlexionMax: 20 * DEG }, stance: bent(60) },
    { limits: { hipFlexionMax: 60 * DEG }, stance: bent(60) },
  ],
  [
    'hip.limit',
    'hard',
    { limits: { hipAdductionMax: 2 * DEG }, stance: feet(-0.02, 0.12) },
    { limits: { hipAdductionMax: 2 * DEG }, stance: feet(-0.2, 0.2) },
  ],
  [
    'hip.limit',
    'hard',
    { limits: { hipOutwardOrdered: true, hipOutwardMax: 20 * DEG }, stance: { ...feet(-0.3, 0.3, 25), ...bent(45) } },
    { limits: { hipOutwardOrdered: true, hipOutwardMax: 70 * DEG }, stance: { ...feet(-0.3, 0.3, 25), ...bent(45) } },
  ],
  ['ankle.limit', 'caution', { limits: { dorsiflexionMax: 15 * DEG }, stance: bent(60) }, { stance: bent(30) }],
  [
    'ankle.limit',
    'hard',
    { limits: { dorsiflexionMax: 4 * DEG }, stance: { ...feet(-0.1, 0.1, 0, 0.7), loadLeft: 0.5 } },
    { limits: { dorsiflexionMax: 15 * DEG }, stance: bent(60) },
  ],
  ['trunk.lean', 'caution', { stance: trunk(21) }, { stance: trunk(20) }],
  ['trunk.lean', 'caution', { stance: trunk(-11) }, { stance: trunk(-10) }],
  ['trunk.lean', 'caution', { stance: trunk(0, 11) }, { stance: trunk(0, -10) }],
  [
    'trunk.lean',
    'caution',
    { stance: { ...trunk(36), frame: 'inclined' } },
    { stance: { ...trunk(34), frame: 'inclined' } },
  ],
  [
    'trunk.twist',
    'caution',
    { limits: { trunkTwistMax: 20 * DEG }, stance: trunk(0, 0, 21) },
    { limits: { trunkTwistMax: 20 * DEG }, stance: trunk(0, 0, 20) },
  ],
  [
    'trunk.twist',
    'caution',
    { limits: { left: { trunkTwistMax: 20 * DEG }, right: { trunkTwistMax: 50 * DEG } }, stance: trunk(0, 0, 21) },
    { limits: { left: { trunkTwistMax: 20 * DEG }, right: { trunkTwistMax: 50 * DEG } }, stance: trunk(0, 0, -49) },
  ],
  ['ankle.limit', 'caution', { limits: { dorsiflexionMax: 8 * DEG }, stance: bent(25) }, { stance: bent(25) }],
  ['trunk.twist', 'caution', { stance: trunk(0, 0, 46) }, { stance: trunk(0, 0, -45) }],
  ['back.hollow', 'caution', { stance: { pelvisTilt: 11 * DEG } }, { stance: { pelvisTilt: 11 * DEG, ...trunk(5) } }],
  ['eyes.closed', 'note', { stance: { eyes: 'closed' } }, { stance: { eyes: 'open' } }],
  ['foot.narrow', 'note', { stance: feet(-0.01, 0.05, 0, 0.35) }, { stance: feet(-0.05, 0.05, 0, 0.35) }],
  [
    'hip.limit/extension-outward',
    'hard',
    {
      limits: { right: { hipExtensionOutwardMax: 5 * DEG } },
      stance: { ...feet(-0.12, 0.12, 35, 0.5), ...bent(20), loadLeft: 0.8 },
    },
    {
      limits: { left: { hipExtensionOutwardMax: 5 * DEG } },
      stance: { ...feet(-0.12, 0.12, 35, 0.5), ...bent(20), loadLeft: 0.8 },
    },
  ],
  [
    'knee.flexion',
    'hard',
    { limits: { kneeFlexionMax: 40 * DEG, left: { kneeFlexionMax: 29 * DEG } }, stance: bent(30) },
    { limits: { kneeFlexionMax: 20 * DEG, left: { kneeFlexionMax: 31 * DEG }, right: {} }, stance: inAir },
  ],
  ['hip.low', 'caution', { stance: { ...squat(0.5), ...trunk(60) } }, { stance: { ...squat(0.45), ...trunk(60) } }],
  [
    'rise.limit',
    'caution',
    { limits: { riseFrom: 0.45 }, stance: squat(0.38) },
    { limits: { riseFrom: 0.45 }, stance: squat(0.35) },
  ],
  ['trunk.lean-high', 'note', { stance: { ...trunk(13), ...bent(15) } }, { stance: { ...trunk(13), ...bent(30) } }],
  [
    'trunk.limit/twist',
    'hard',
    { limits: { trunkOrdered: true, trunkTwistMax: 20 * DEG }, stance: trunk(0, 0, -21) },
    { limits: { trunkTwistMax: 20 * DEG }, stance: trunk(0, 0, -21) },
  ],
  [
    'trunk.limit/bend',
    'hard',
    { limits: { trunkForwardMax: 10 * DEG }, stance: trunk(11) },
    { limits: { trunkForwardMax: 10 * DEG, trunkBackMax: 0 }, stance: trunk(10) },
  ],
  [
    'trunk.limit/bend',
    'hard',
    { limits: { trunkBackMax: 0 }, stance: trunk(-1) },
    { limits: { trunkBackMax: 0 }, stance: trunk(1) },
  ],
  [
    'trunk.off-foot',
    'note',
    { stance: { ...feet(-0.12, 0.12, 0, 0.3), pelvisYaw: 46 * DEG } },
    { stance: { ...feet(-0.12, 0.12, 0, 0.05), pelvisYaw: 46 * DEG } },
  ],
  [
    'arm.limit',
    'hard',
    { limits: { right: { armElevationMax: 60 * DEG } }, stance: arms(61, 0) },
    { limits: { armElevationMax: 61 * DEG }, stance: arms(61, 0) },
  ],
  ['arm.behind', 'note', { stance: arms(-11, 0) }, { stance: arms(-9, 0) }],
  [
    'arm.behind',
    'hard',
    { limits: { armBackMax: 0 }, stance: arms(40, 95) },
    { limits: { armBackMax: 0 }, stance: arms(40, 90) },
  ],
  ['elbow.locked', 'note', { stance: arms(31, 0, 4) }, { stance: arms(29, 0, 4) }],
  [
    'support.needed',
    'hard',
    { limits: { support: 'chair-back' }, stance: holding('touch') },
    { limits: { support: 'touch' }, stance: holding('chair-back') },
  ],
  ['support.needed/seat', 'hard', { limits: { seatedOnly: true } }, { limits: { seatedOnly: false } }],
  ['eyes.closed', 'hard', { limits: { eyesOpen: true }, stance: { eyes: 'closed' } }, { stance: { eyes: 'closed' } }],
  ['foot.turned-out', 'note', { stance: feet(-0.2, 0.2, 66) }, { stance: feet(-0.2, 0.2, 65) }],
  ['foot.not-empty', 'note', { stance: empty(0.21) }, { stance: empty(0.2) }],
]

describe('the rules', () => {
  it.each(CASES)('%s, %s: fires past its limit and not within it', (id, severity, past, within) => {
    const fired = (one: Case) =>
      find(one).findings.filter((f) => (f.rule === id || f.code === id) && f.severity === severity)
    expect(fired(past).length).toBeGreaterThan(0)
    expect(fired(within)).toEqual([])
    for (const { side, part } of fired(past)) expect(side === null).toBe(/^(trunk|feet|balance)/.test(part))
  })

  it('has a case for every rule', () => {
    const cased = new Set(CASES.flatMap(([, , past]) => find(past).findings.map(({ rule }) => rule)))
    for (const rule of RULES) {
      expect(cased, rule.id).toContain(rule.id)
      expect(rule.id.startsWith(rule.code)).toBe(true)
    }
    expect(new Set(RULES.map(({ id }) => id)).size).toBe(RULES.length)
  })

  it('speaks from the house: another threshold is another finding, another reserve another verdict', () => {
    const lean = { stance: trunk(15) }
    const codes = (one: Case) => find(one).findings.map(({ code }) => code)
    expect(codes(lean)).not.toContain('trunk.lean')
    expect(codes({ ...lean, person: { house: { leanForward: 14 * DEG } } })).toContain('trunk.lean')
    expect(find({ person: { house: { swayReserve: 0.06 } } }).reserve).toBe(0.06)
  })

  const fires = (one: Case, id: string, severity: Severity) =>
    find(one).findings.some((finding) => finding.rule === id && finding.severity === severity)

  // Closed eyes are said whatever they ask of the reserve.
  it.each(RULES.filter(({ id, house }) => house && id !== 'eyes.closed'))(
    '$id: silent at one end of a threshold that it names, and not at the other',
    ({ id, house = [] }) => {
      const flips = CASES.some(([, severity, past]) => {
        if (!fires(past, id, severity)) return false
        const fired = (['min', 'max'] as const).map((end) => {
          const set = Object.fromEntries(house.map((key) => [key, HOUSE_RULES[key][end]]))
          // What a person has of their own goes before the house's.
          const { swayReserve: _, ...person } = past.person ?? {}
          return fires({ stance: past.stance ?? {}, person: { ...person, house: set } }, id, severity)
        })
        return fired[0] !== fired[1]
      })
      expect(flips).toBe(true)
    },
  )

  it.each(RULES.filter(({ limits }) => limits))(
    '$id: silent without the limits of a person that it names',
    ({ id, limits = [] }) => {
      const without = (given: Limits = {}): Limits =>
        Object.fromEntries(
          Object.entries(given).flatMap(([key, value]) => {
            if (key === 'left' || key === 'right') return [[key, without(value as Limits)]]
            return limits.includes(key as keyof Limits) ? [] : [[key, value]]
          }),
        )
      const silenced = CASES.some(
        ([, severity, past]) =>
          fires(past, id, severity) && !fires({ ...past, limits: without(past.limits) }, id, severity),
      )
      expect(silenced).toBe(true)
    },
  )

  it('a leg in the air has only its knee’s flexion', () => {
    const limits = { kneeRangeMax: 60 * DEG, hipOutwardMax: 0, hipInwardMax: 0, dorsiflexionMax: 0, kneeFlexionMin: 0 }
    const left = find({ limits, stance: inAir }).findings.filter((f) => f.side === 'left')
    expect(left.map((f) => f.code)).toEqual(['knee.flexion'])
  })

  it('says whose figure a limit is wherever its rule speaks from several', () => {
    for (const [, , past] of CASES) {
      for (const { rule, by, cause } of find(past).findings) {
        const { house = [], limits = [], id } = RULES.find((one) => one.id === rule) as (typeof RULES)[0]
        const keys = [...new Set<string>([...house, ...limits])]
        if (by) expect(keys, id).toContain(by)
        else if (!cause && !id.startsWith('eyes')) expect(keys.length, id).toBeLessThanOrEqual(1)
      }
    }
  })

  it('is close by one leg that nobody timed, on a stance that keeps its reserve', () => {
    const steady = { age: 62, usableAlong: 0.6, swayReserveOneFoot: 0.001 }
    expect(find({ person: steady, stance: inAir }).verdict).toBe('close')
    expect(find({ person: { ...steady, oneLegStand: { right: 11 } }, stance: inAir }).verdict).toBe('holds')
  })

  it('asks the reserve of one foot under 5 % on the other, of two from 15 %, and in between in a straight line', () => {
    const at = (loadLeft: number) => find({ stance: { loadLeft } }).reserve
    expect([at(0.04), at(0.05), at(0.15), at(0.5), at(0.96)].map((m) => Math.round(m * 1e6) / 1e6)).toEqual([
      0.009, 0.009, 0.015, 0.015, 0.009,
    ])
    expect(at(0.1)).toBeCloseTo(0.012, 9)
  })

  it('is close by a loaded joint’s caution, and not by a light one’s', () => {
    const stiff = { left: { hipOutwardMax: 10 * DEG }, right: { hipOutwardMax: 90 * DEG } }
    const at = (loadLeft: number) =>
      find({
        limits: stiff,
        person: { usableAlong: 0.6, swayReserve: 0.001, swayReserveOneFoot: 0.001 },
        stance: { ...feet(-0.2, 0.2, 25), height: { kneeFlexion: 30 * DEG, leg: 'right' }, loadLeft },
      })
    for (const loadLeft of [0.5, 0.21, 0.19]) {
      const cautions = at(loadLeft).findings.filter((f) => f.severity === 'caution')
      expect(cautions.map((f) => f.side)).toContain('left')
      expect(cautions.map((f) => f.side)).not.toContain('right')
    }
    expect([0.5, 0.21, 0.19].map((loadLeft) => at(loadLeft).verdict)).toEqual(['close', 'close', 'holds'])
  })

  it('asks half as much again of closed eyes, and six tenths on one foot', () => {
    expect(find({ stance: { eyes: 'closed' } }).reserve).toBeCloseTo(0.0225, 9)
    expect(find({ stance: inAir }).reserve).toBeCloseTo(0.009, 9)
    expect(find({ stance: inAir, person: { swayReserveOneFoot: 0.02 } }).reserve).toBe(0.02)
  })
})
