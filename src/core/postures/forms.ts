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
  name: string
  purpose: string
  keeps: readonly Feature[]
  cue: string
  watch: readonly string[]
  /** The stance that its legs take, and what the posture makes of it. */
  legs: (school: School) => Plan
  arms: Pick<Plan, 'ownArm' | 'otherArm'>
  more?: Partial<Plan>
  level?: boolean
}

const form = ({ id, name, purpose, keeps, cue, watch, legs, arms, more, level = false }: Form): Posture =>
  makePosture(id, { name, kind: 'form', sided: !level, purpose, keeps, cue, watch }, (school) => ({
    ...legs(school),
    ...more,
    ...arms,
  }))

/** The traditional postures: a stance of the legs with its arms. The own side is the foot in front, or the light one. */
export const FORMS: readonly Posture[] = [
  form({
    id: 'wild-horse',
    name: 'part the wild horse’s mane',
    purpose: 'To open forward from the waist, the front arm rising with the weight.',
    keeps: ['share', 'arms'],
    cue: 'Step out, fill, the front hand opens to the heart’s height.',
    watch: ['front knee past the toes', 'rear hand behind the side'],
    legs: bowPlan,
    arms: { ownArm: makeArm(72, 25, 40), otherArm: makeArm(14, 25, 30) },
  }),
  form({
    id: 'brush-knee',
    name: 'brush knee',
    purpose: 'To push forward over a filled front leg, the other hand passing the knee.',
    keeps: ['share', 'arms'],
    cue: 'Step, brush past the knee, the rear hand pushes from the ear.',
    watch: ['leaning into the push', 'feet on one line'],
    legs: bowPlan,
    arms: { ownArm: makeArm(20, 20, 25), otherArm: makeArm(80, 5, 40) },
  }),
  form({
    id: 'white-crane',
    name: 'white crane',
    purpose: 'To stand open on one leg, the other foot only touching.',
    keeps: ['share', 'contact', 'arms'],
    cue: 'Sit on the rear leg, touch with the ball, one hand up, one hand down.',
    watch: ['shoulder raised with the hand', 'the empty foot holding weight'],
    legs: emptyPlan('ball'),
    arms: { ownArm: makeArm(18, 20, 25), otherArm: makeArm(112, 30, 70) },
  }),
  form({
    id: 'play-lute',
    name: 'play the lute',
    purpose: 'To gather before the body, weight behind, the front heel light.',
    keeps: ['share', 'contact'],
    cue: 'Sit back, the heel rests, both hands hold the lute.',
    watch: ['leaning back', 'elbows locked'],
    legs: emptyPlan('heel'),
    arms: { ownArm: makeArm(66, 5, 45), otherArm: makeArm(40, 5, 75) },
  }),
  form({
    id: 'repulse-monkey',
    name: 'repulse the monkey',
    purpose: 'To step back while one hand pushes and the other gathers.',
    keeps: ['share', 'arms'],
    cue: 'Toes reach back and out, sit, the hands pass each other.',
    watch: ['stepping on one line', 'hand behind the shoulder line'],
    legs: backStepPlan,
    arms: { ownArm: makeArm(74, 8, 25), otherArm: makeArm(35, 25, 80) },
  }),
  form({
    id: 'ward-off',
    name: 'ward off',
    purpose: 'To fill forward like a ball, the arm rounded before the chest.',
    keeps: ['share', 'arms'],
    cue: 'Fill the front leg, the forearm rises, round.',
    watch: ['elbow higher than the shoulder', 'leaning'],
    legs: bowPlan,
    arms: { ownArm: makeArm(62, 15, 75, 60), otherArm: makeArm(18, 20, 30) },
  }),
  form({
    id: 'roll-back',
    name: 'roll back',
    purpose: 'To receive and turn, the weight going back.',
    keeps: ['share', 'pelvisYaw'],
    cue: 'Sit back, the waist turns, the hands go along.',
    watch: ['rear knee falling in', 'turning beyond the hips'],
    legs: halfFacingPlan,
    arms: { ownArm: makeArm(60, 25, 50), otherArm: makeArm(40, 10, 80, 40) },
  }),
  form({
    id: 'press',
    name: 'press',
    purpose: 'To give forward with both hands joined, from the middle.',
    keeps: ['share', 'arms'],
    cue: 'Turn square, join the hands, fill forward.',
    watch: ['shoulders raised', 'front knee past the toes'],
    legs: bowPlan,
    arms: { ownArm: makeArm(62, 12, 70, 60), otherArm: makeArm(60, 8, 55, 40) },
  }),
  form({
    id: 'push',
    name: 'push',
    purpose: 'To give forward with both palms, from the rear leg.',
    keeps: ['share', 'arms'],
    cue: 'Sit back, settle, fill forward; elbows stay heavy.',
    watch: ['elbows locked', 'leaning into the push'],
    legs: bowPlan,
    arms: { ownArm: makeArm(76, 8, 30), otherArm: makeArm(76, 8, 30) },
  }),
  form({
    id: 'single-whip',
    name: 'single whip',
    purpose: 'To open both sides: one hand before, one behind, the waist between.',
    keeps: ['share', 'arms'],
    cue: 'Step wide, open, the rear hand hooks, both elbows heavy.',
    watch: ['rear arm behind the line of the shoulders', 'front knee in'],
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
    name: 'cloud hands',
    purpose: 'To carry the weight sideways while the waist turns the hands.',
    keeps: ['step', 'share'],
    cue: 'Fill, turn, the hands go round like clouds; the head stays level.',
    watch: ['knees falling in when the waist turns', 'looking down'],
    legs: sideStepPlan,
    arms: { ownArm: makeArm(74, 12, 65, 45), otherArm: makeArm(22, 12, 55, 45) },
  }),
  form({
    id: 'golden-rooster',
    name: 'golden rooster',
    purpose: 'To stand on one leg, knee and hand rising together.',
    keeps: ['share', 'contact', 'arms'],
    cue: 'Root, the knee floats up under the elbow.',
    watch: ['hip sagging out', 'breath held'],
    legs: oneLegPlan,
    arms: { ownArm: makeArm(78, 5, 95), otherArm: makeArm(12, 15, 25) },
  }),
  form({
    id: 'snake-creeps',
    name: 'snake creeps down',
    purpose: 'To go down along the front leg, and rise by the way it was entered.',
    keeps: ['share', 'height'],
    cue: 'Sit back and down, only as low as you can rise from.',
    watch: ['lower than they can rise from', 'bending the back instead of the knees'],
    legs: dropPlan,
    arms: { ownArm: makeArm(35, 10, 15), otherArm: makeArm(62, 68, 30) },
  }),
  form({
    id: 'fair-lady',
    name: 'fair lady at the shuttle',
    purpose: 'To step to a corner, one hand lifting, one pushing.',
    keeps: ['share', 'arms'],
    cue: 'Step to the corner, the front hand lifts, the other pushes.',
    watch: ['shoulder raised', 'feet on one line'],
    legs: bowPlan,
    arms: { ownArm: makeArm(108, 18, 65, 40), otherArm: makeArm(70, 6, 40) },
  }),
  form({
    id: 'needle',
    name: 'needle at sea bottom',
    purpose: 'To fold a little over a light front foot, hand pointing down.',
    keeps: ['share', 'contact', 'pitch'],
    cue: 'Sit on the rear leg, fold at the hips, the back stays long.',
    watch: ['bending the back', 'looking down'],
    legs: emptyPlan('ball'),
    arms: { ownArm: makeArm(15, 15, 20), otherArm: makeArm(38, 0, 10) },
    more: { pitchDeg: 18 },
  }),
  form({
    id: 'closing',
    name: 'closing form',
    purpose: 'To gather, stand level again, and let the hands sink.',
    keeps: ['step'],
    cue: 'Feet level, rise slowly, the hands sink to the belly.',
    watch: ['locking the knees on the way up'],
    legs: parallelPlan,
    arms: { ownArm: makeArm(30, 8, 45), otherArm: makeArm(30, 8, 45) },
    level: true,
  }),
]
