import { DEG } from '../conventions'
import { calcLead, calcTrack } from '../stance/layout'
import type { Stance } from '../stance/stance'
import type { ChangeValue, ChangeWhat } from './variant'

/** Lengths, angles and shares that differ by less than this are the same to whoever sets them. */
const SAME = { m: 5e-4, rad: 0.05 * DEG, share: 5e-4 } as const

/** One thing in which two stances can differ: what it was and is, and the first stance with that alone. */
type Aspect = {
  what: ChangeWhat
  unit: ChangeValue['unit']
  read: (stance: Stance, flexion: number) => number | string
  take: (from: Stance, to: Stance) => Stance
}

const feet = (from: Stance, make: (side: 'left' | 'right') => Partial<Stance['feet']['left']>): Stance => ({
  ...from,
  feet: { left: { ...from.feet.left, ...make('left') }, right: { ...from.feet.right, ...make('right') } },
})

const bothArms = (from: Stance, to: Stance, key: 'elevation' | 'opening'): Stance => ({
  ...from,
  arms: {
    left: { ...from.arms.left, [key]: to.arms.left[key] },
    right: { ...from.arms.right, [key]: to.arms.right[key] },
  },
})

const sided = (side: 'left' | 'right', what: ChangeWhat, key: 'toeOut' | 'contact'): Aspect => ({
  what,
  unit: key === 'toeOut' ? 'rad' : 'word',
  read: (stance) => stance.feet[side][key],
  take: (from, to) => {
    const { toeOut, contact, lift } = to.feet[side]
    return feet(from, (one) => (one !== side ? {} : key === 'toeOut' ? { toeOut } : { contact, lift }))
  },
})

const arm = (side: 'left' | 'right', what: ChangeWhat): Aspect => ({
  what,
  unit: 'rad',
  read: (stance) => stance.arms[side].elevation,
  take: (from, to) => ({ ...from, arms: { ...from.arms, [side]: to.arms[side] } }),
})

/** In the order in which they are said: what was demanded, then the feet from the ground up. */
const ASPECTS: readonly Aspect[] = [
  {
    what: 'seat',
    unit: 'word',
    read: ({ seat }) => (seat ? 'seated' : 'standing'),
    take: (_, to) => to,
  },
  {
    what: 'support',
    unit: 'word',
    read: ({ supports: [first] }) => (first ? `${first.kind}/${first.hand}` : 'none'),
    take: (from, to) => ({ ...from, supports: to.supports }),
  },
  { what: 'eyes', unit: 'word', read: ({ eyes }) => eyes, take: (from, to) => ({ ...from, eyes: to.eyes }) },
  sided('left', 'contactLeft', 'contact'),
  sided('right', 'contactRight', 'contact'),
  {
    what: 'stepLength',
    unit: 'm',
    read: calcLead,
    take: (from, to) => feet(from, (side) => ({ heel: [from.feet[side].heel[0], to.feet[side].heel[1]] })),
  },
  {
    what: 'trackWidth',
    unit: 'm',
    read: calcTrack,
    take: (from, to) => feet(from, (side) => ({ heel: [to.feet[side].heel[0], from.feet[side].heel[1]] })),
  },
  sided('left', 'toeOutLeft', 'toeOut'),
  sided('right', 'toeOutRight', 'toeOut'),
  {
    what: 'kneeFlexion',
    unit: 'rad',
    read: ({ height }, flexion) => ('kneeFlexion' in height ? height.kneeFlexion : flexion),
    take: (from, to) => ({ ...from, height: to.height }),
  },
  {
    what: 'trunkPitch',
    unit: 'rad',
    read: ({ trunk }) => trunk.pitch,
    take: (from, to) => ({ ...from, trunk: { ...from.trunk, pitch: to.trunk.pitch } }),
  },
  {
    what: 'pelvisYaw',
    unit: 'rad',
    read: ({ pelvisYaw }) => pelvisYaw,
    take: (from, to) => ({ ...from, pelvisYaw: to.pelvisYaw }),
  },
  {
    what: 'armHeight',
    unit: 'rad',
    read: ({ arms }) => arms.left.elevation,
    take: (from, to) => bothArms(from, to, 'elevation'),
  },
  arm('left', 'armLeft'),
  arm('right', 'armRight'),
  {
    what: 'armOpening',
    unit: 'rad',
    read: ({ arms }) => arms.left.opening,
    take: (from, to) => bothArms(from, to, 'opening'),
  },
  {
    what: 'loadLeft',
    unit: 'share',
    read: ({ loadLeft }) => loadLeft,
    take: (from, to) => ({ ...from, loadLeft: to.loadLeft }),
  },
]

export type Difference = ChangeValue & { alone: Stance }

/**
 * In what two stances of a body differ, each with the first stance changed in that alone. `flexion`: the bend that sets
 * the height of the first, where that is given otherwise. Where the whole stance sits down, nothing else is told.
 */
export function listDifferences(from: Stance, to: Stance, flexion: number): Difference[] {
  const together = areArmsMovedTogether(from, to)
  const found = ASPECTS.filter(({ what }) =>
    what === 'armHeight' ? together : what === 'armLeft' || what === 'armRight' ? !together : true,
  ).flatMap(({ what, unit, read, take }): Difference[] => {
    const [a, b] = [read(from, flexion), read(to, flexion)]
    const [was, is] = what === 'stepLength' ? [Math.abs(Number(a)), Math.abs(Number(b))] : [a, b]
    if (isSame(a, b, unit)) return []
    return [{ what, unit, from: was, to: is, alone: take(from, to) }]
  })
  return found[0]?.what === 'seat' ? found.slice(0, 1) : found
}

const isSame = (a: number | string, b: number | string, unit: ChangeValue['unit']): boolean =>
  typeof a === 'number' && typeof b === 'number' && unit !== 'word' ? Math.abs(a - b) < SAME[unit] : a === b

function areArmsMovedTogether({ arms: a }: Stance, { arms: b }: Stance): boolean {
  const [left, right] = [b.left.elevation - a.left.elevation, b.right.elevation - a.right.elevation]
  return Math.abs(left - right) < SAME.rad
}
