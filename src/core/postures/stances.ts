import type { Contact } from '../stance/stance'
import { ARM_PRESETS, makeArm } from './arms'
import { makePosture, type Plan, type Posture, type PostureWords } from './posture'
import type { School } from './schools'

const FRONT_ARM = makeArm(68, 4, 45)
const REAR_ARM = makeArm(18, 15, 40)
const ROUND = ARM_PRESETS.round.arms.left
const EASY = makeArm(12, 12, 25)

/** The low of a school, kept to what a stance's name allows: high 10 to 25°, middle to 45°, low beyond. */
const atMost = (school: School, degrees: number) => Math.min(school.kneeDeg, degrees)

/** What part of a middle stance's room a school's height leaves: standing high, a leg reaches less far. */
const room = (school: School) => Math.min(1, school.kneeDeg / 35)

export const bowPlan = (school: School): Plan => ({
  track: school.track,
  step: school.bowStep,
  other: { toeOutDeg: school.rearToeOutDeg, contact: school.rearContact },
  ownLoad: school.bowLoad,
  kneeDeg: school.kneeDeg,
  kneeOf: 'own',
  pitchDeg: school.bowPitchDeg,
  ownArm: FRONT_ARM,
  otherArm: REAR_ARM,
})

export const emptyPlan =
  (contact: Contact) =>
  (school: School): Plan => ({
    track: 0.5,
    step: 0.13 * room(school),
    own: { contact },
    other: { toeOutDeg: Math.min(school.rearToeOutDeg, 40) },
    ownLoad: 0.1,
    kneeDeg: atMost(school, 32),
    kneeOf: 'other',
    ownArm: makeArm(50, 6, 50),
    otherArm: makeArm(25, 20, 60),
  })

export const parallelPlan = (school: School): Plan => ({
  track: Math.min(1, school.track),
  kneeDeg: atMost(school, 25),
  ownArm: EASY,
  otherArm: EASY,
})

export const halfFacingPlan = (school: School): Plan => ({
  track: 0.8 * room(school),
  step: 0.15 * room(school),
  own: { toeOutDeg: 5 },
  other: { toeOutDeg: Math.min(school.rearToeOutDeg, 45) },
  ownLoad: 0.3,
  kneeDeg: atMost(school, 35),
  kneeOf: 'other',
  pelvisYawDeg: -20,
  ownArm: FRONT_ARM,
  otherArm: REAR_ARM,
})

export const backStepPlan = (school: School): Plan => ({
  track: 0.9,
  step: 0.14 * room(school),
  other: { toeOutDeg: 20 },
  ownLoad: 0.35,
  kneeDeg: atMost(school, 28),
  kneeOf: 'other',
  ownArm: makeArm(65, 5, 35),
  otherArm: makeArm(30, 15, 80),
})

export const sideStepPlan = (school: School): Plan => ({
  track: 0.3 + 0.8 * room(school),
  ownLoad: 0.65,
  kneeDeg: atMost(school, 28),
  kneeOf: 'own',
  ownArm: makeArm(70, 10, 70, 50),
  otherArm: makeArm(20, 10, 60, 50),
})

export const oneLegPlan = (school: School): Plan => ({
  track: 0.45,
  step: 0.04 + 0.5 * school.lift,
  own: { contact: 'air', clearance: school.lift },
  other: { toeOutDeg: 15 },
  ownLoad: 0,
  kneeDeg: 12,
  kneeOf: 'other',
  ownArm: makeArm(75, 5, 85),
  otherArm: makeArm(12, 15, 25),
})

export const dropPlan = (school: School): Plan => ({
  track: 1.1 * room(school),
  step: (0.07 + 0.2 * school.bowStep) * room(school),
  own: { toeOutDeg: 10 },
  other: { toeOutDeg: 35 },
  ownLoad: 0.25,
  kneeDeg: Math.min(school.kneeDeg + 15, 52),
  kneeOf: 'other',
  pelvisYawDeg: 8,
  pitchDeg: 8,
  ownArm: makeArm(40, 15, 10),
  otherArm: makeArm(60, 60, 40),
})

const stance = (
  id: string,
  name: string,
  words: Pick<PostureWords, 'purpose' | 'cue' | 'watch' | 'keeps'> & { level?: boolean },
  plan: (school: School) => Plan,
): Posture => {
  const { level = false, ...rest } = words
  return makePosture(id, { name, kind: 'stance', sided: !level, ...rest }, plan)
}

/** The stances of the legs, each sized to a body and coloured by a school. */
export const STANCES: readonly Posture[] = [
  stance(
    'parallel',
    'parallel stance',
    {
      level: true,
      purpose: 'To find the centre: everything later is judged against it.',
      keeps: ['step'],
      cue: 'Feet under the shoulders, knees unlocked, crown up, tail heavy.',
      watch: ['pressure even, left and right', 'knees soft', 'not leaning back'],
    },
    parallelPlan,
  ),
  stance(
    'heels-together',
    'heels-together stance',
    {
      level: true,
      purpose: 'To begin and to end: gathered, quiet.',
      keeps: ['step', 'width', 'toeOut'],
      cue: 'Heels near each other, toes apart, stand tall.',
      watch: ['a narrow base', 'sway'],
    },
    () => ({ track: 0, breadths: 0.55, own: { toeOutDeg: 30 }, other: { toeOutDeg: 30 }, kneeDeg: 8 }),
  ),
  stance(
    'horse',
    'horse',
    {
      level: true,
      purpose: 'To load both legs alike, wide, the weight in the middle.',
      keeps: ['step', 'width', 'height'],
      cue: 'Wide, sit between the heels, knees over the toes.',
      watch: ['knees falling in', 'hollow back', 'too low'],
    },
    (school) => ({
      track: 1.2 + 0.25 * school.track,
      own: { toeOutDeg: 20 },
      other: { toeOutDeg: 20 },
      kneeDeg: atMost(school, 45),
      ownArm: ROUND,
      otherArm: ROUND,
    }),
  ),
  stance(
    'half-horse',
    'half-horse',
    {
      purpose: 'To turn while the weight stays in the middle.',
      keeps: ['width', 'pelvisYaw'],
      cue: 'Wide, a little turned, sit in the middle.',
      watch: ['weight sliding forward', 'front knee in'],
    },
    (school) => ({
      track: 1 + 0.25 * school.track,
      step: 0.1,
      own: { toeOutDeg: 5 },
      other: { toeOutDeg: Math.min(school.rearToeOutDeg, 25) },
      ownLoad: 0.5,
      kneeDeg: atMost(school, 34),
      pelvisYawDeg: -8,
      ownArm: FRONT_ARM,
      otherArm: REAR_ARM,
    }),
  ),
  stance(
    'bow',
    'bow',
    {
      purpose: 'To give forward: the front leg fills, the rear leg reaches.',
      keeps: ['share'],
      cue: 'Step out as well as on, fill the front leg, the crown stays up.',
      watch: ['front knee past the toes', 'feet on one line', 'leaning'],
    },
    bowPlan,
  ),
  stance(
    'follow-step',
    'follow step',
    {
      purpose: 'To give forward with the rear foot drawn up behind, light on its ball.',
      keeps: ['share', 'contact'],
      cue: 'Step, fill, let the other foot follow and touch.',
      watch: ['rear foot too near or on one line', 'bobbing up'],
    },
    (school) => ({
      ...bowPlan(school),
      track: 0.6,
      step: 0.09,
      other: { toeOutDeg: Math.min(20, school.rearToeOutDeg), contact: 'ball' },
      ownLoad: 0.85,
      kneeDeg: atMost(school, 26),
    }),
  ),
  stance(
    'empty-ball',
    'empty stance, ball down',
    {
      purpose: 'To carry on one leg, the front foot light on its ball.',
      keeps: ['share', 'contact'],
      cue: 'Sit on the rear leg, touch with the ball, nothing on it.',
      watch: ['the empty foot holding weight', 'hip sagging out'],
    },
    emptyPlan('ball'),
  ),
  stance(
    'empty-heel',
    'empty stance, heel down',
    {
      purpose: 'To carry on one leg, the front foot light on its heel.',
      keeps: ['share', 'contact'],
      cue: 'Sit on the rear leg, rest the heel, toes up.',
      watch: ['the empty foot holding weight', 'leaning back'],
    },
    emptyPlan('heel'),
  ),
  stance(
    'half-facing',
    'half-facing stance',
    {
      purpose: 'To receive: weight back, body half turned.',
      keeps: ['share', 'pelvisYaw'],
      cue: 'Sit back, let the waist turn, the front foot stays soft.',
      watch: ['leaning back', 'rear knee in'],
    },
    halfFacingPlan,
  ),
  stance(
    'back-step',
    'back step',
    {
      purpose: 'To go back without losing the ground in front.',
      keeps: ['share'],
      cue: 'Reach back with the toes, out to the side, then sit.',
      watch: ['stepping on one line', 'hurry', 'looking down'],
    },
    backStepPlan,
  ),
  stance(
    'side-step',
    'side step',
    {
      purpose: 'To carry the weight from foot to foot, sideways.',
      keeps: ['step', 'share'],
      cue: 'Fill one leg, the other follows, the head stays level.',
      watch: ['knees falling in', 'steps too wide'],
    },
    sideStepPlan,
  ),
  stance(
    'toed-in',
    'toed-in stance',
    {
      purpose: 'In passing, in the middle of a turn: one foot turned in, light, before the other opens.',
      keeps: ['toeOut'],
      cue: 'Turn in the light foot, then change the weight.',
      watch: ['a turn on a loaded foot', 'left out with a replaced hip'],
    },
    (school) => ({
      track: 0.9,
      step: 0.06,
      own: { toeOutDeg: -25 },
      other: { toeOutDeg: 5 },
      ownLoad: 0.4,
      kneeDeg: atMost(school, 20),
      kneeOf: 'other',
      ownArm: EASY,
      otherArm: EASY,
    }),
  ),
  stance(
    'one-leg',
    'one-leg stance',
    {
      purpose: 'To stand wholly on one leg, the other knee raised.',
      keeps: ['share', 'contact'],
      cue: 'Root the standing leg, the knee floats up, the hand with it.',
      watch: ['hip sagging out', 'standing knee locked'],
    },
    oneLegPlan,
  ),
  stance(
    'heel-kick',
    'heel kick',
    {
      purpose: 'To stand on one leg while the other opens, heel first.',
      keeps: ['share', 'contact'],
      cue: 'Knee first, then the heel, no higher than is quiet.',
      watch: ['leaning back', 'breath held'],
    },
    (school) => ({
      track: 0.5,
      step: 0.16 + 0.6 * school.lift,
      own: { contact: 'air', clearance: 0.06 + 0.5 * school.lift },
      other: { toeOutDeg: 25 },
      ownLoad: 0,
      kneeDeg: 12,
      kneeOf: 'other',
      ownArm: makeArm(75, 20, 15),
      otherArm: makeArm(75, 70, 15),
    }),
  ),
  stance(
    'drop',
    'drop',
    {
      purpose: 'To go down along the front leg and come up again.',
      keeps: ['share', 'height'],
      cue: 'Sit back and down, only as low as you can rise from.',
      watch: ['lower than they can rise from', 'seat lifted, back hollowed', 'rear knee in'],
    },
    dropPlan,
  ),
  stance(
    'seated',
    'seated form',
    {
      level: true,
      purpose: 'The same waist and arms from a firm chair.',
      keeps: ['arms'],
      cue: 'Sit forward on the chair, feet flat, crown up.',
      watch: ['leaning on the back rest', 'feet not flat'],
    },
    () => ({ track: 1, kneeDeg: 90, seated: true, ownArm: makeArm(35, 10, 60), otherArm: makeArm(35, 10, 60) }),
  ),
]
