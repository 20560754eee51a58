import type { Feature } from '../stance/stance'
import { makeArm } from './arms'
import { makePosture, type Plan, type Posture } from './posture'
import type { School } from './schools'
import {
  backStepPlan,
  bowPlan,
  dropPlan,
  emptyPlan,
  halfFacingPlan,
  oneLegPlan,
  parallelPlan,
  sideStepPlan,
} from './stances'

type Form = {
  id: string
  keeps: readonly Feature[]
  /** The stance that its legs take, and what the posture makes of it. */
  legs: (school: School) => Plan
  arms: Pick<Plan, 'ownArm' | 'otherArm'>
  more?: Partial<Plan>
  level?: boolean
}

const form = ({ id, keeps, legs, arms, more, level = false }: Form): Posture =>
  makePosture({ id, kind: 'form', sided: !level, keeps }, (school) => ({
    ...legs(school),
    ...more,
    ...arms,
  }))

/** The traditional postures: a stance of the legs with its arms. The own side is the foot in front, or the light one. */
export const FORMS: readonly Posture[] = [
  form({
    id: 'wild-horse',
    keeps: ['share', 'arms'],
    legs: bowPlan,
    arms: { ownArm: makeArm(72, 25, 40), otherArm: makeArm(14, 25, 30) },
  }),
  form({
    id: 'brush-knee',
    keeps: ['share', 'arms'],
    legs: bowPlan,
    arms: { ownArm: makeArm(20, 20, 25), otherArm: makeArm(80, 5, 40) },
  }),
  form({
    id: 'white-crane',
    keeps: ['share', 'contact', 'arms'],
    legs: emptyPlan('ball'),
    arms: { ownArm: makeArm(18, 20, 25), otherArm: makeArm(112, 30, 70) },
  }),
  form({
    id: 'play-lute',
    keeps: ['share', 'contact'],
    legs: emptyPlan('heel'),
    arms: { ownArm: makeArm(66, 5, 45), otherArm: makeArm(40, 5, 75) },
  }),
  form({
    id: 'repulse-monkey',
    keeps: ['share', 'arms'],
    legs: backStepPlan,
    arms: { ownArm: makeArm(74, 8, 25), otherArm: makeArm(35, 25, 80) },
  }),
  form({
    id: 'ward-off',
    keeps: ['share', 'arms'],
    legs: bowPlan,
    arms: { ownArm: makeArm(62, 15, 75, 60), otherArm: makeArm(18, 20, 30) },
  }),
  form({
    id: 'roll-back',
    keeps: ['share', 'pelvisYaw'],
    legs: halfFacingPlan,
    arms: { ownArm: makeArm(60, 25, 50), otherArm: makeArm(40, 10, 80, 40) },
  }),
  form({
    id: 'press',
    keeps: ['share', 'arms'],
    legs: bowPlan,
    arms: { ownArm: makeArm(62, 12, 70, 60), otherArm: makeArm(60, 8, 55, 40) },
  }),
  form({
    id: 'push',
    keeps: ['share', 'arms'],
    legs: bowPlan,
    arms: { ownArm: makeArm(76, 8, 30), otherArm: makeArm(76, 8, 30) },
  }),
  form({
    id: 'single-whip',
    keeps: ['share', 'arms'],
    // The hips turn away from the front foot: at the same height the rear leg reaches less far.
    legs: (school) => {
      const bow = bowPlan(school)
      return { ...bow, track: 0.92 * bow.track, step: 0.88 * (bow.step ?? 0) }
    },
    arms: { ownArm: makeArm(76, 8, 25), otherArm: makeArm(72, 78, 20) },
    more: { pelvisYawDeg: -10 },
  }),
  form({
    id: 'cloud-hands',
    keeps: ['step', 'share'],
    legs: sideStepPlan,
    arms: { ownArm: makeArm(74, 12, 65, 45), otherArm: makeArm(22, 12, 55, 45) },
  }),
  form({
    id: 'golden-rooster',
    keeps: ['share', 'contact', 'arms'],
    legs: oneLegPlan,
    arms: { ownArm: makeArm(78, 5, 95), otherArm: makeArm(12, 15, 25) },
  }),
  form({
    id: 'snake-creeps',
    keeps: ['share', 'height'],
    legs: dropPlan,
    arms: { ownArm: makeArm(35, 10, 15), otherArm: makeArm(62, 68, 30) },
  }),
  form({
    id: 'fair-lady',
    keeps: ['share', 'arms'],
    legs: bowPlan,
    arms: { ownArm: makeArm(108, 18, 65, 40), otherArm: makeArm(70, 6, 40) },
  }),
  form({
    id: 'needle',
    keeps: ['share', 'contact', 'pitch'],
    legs: emptyPlan('ball'),
    arms: { ownArm: makeArm(15, 15, 20), otherArm: makeArm(38, 0, 10) },
    more: { pitchDeg: 18 },
  }),
  form({
    id: 'closing',
    keeps: ['step'],
    legs: parallelPlan,
    arms: { ownArm: makeArm(30, 8, 45), otherArm: makeArm(30, 8, 45) },
    level: true,
  }),
]
