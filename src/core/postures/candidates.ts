import { PROPORTIONS } from '../body/body'
import { DEG } from '../conventions'
import { type Contact, type Feature, withContact } from '../stance/stance'
import type { Measures } from './measures'

/** A version of a posture that a class could be taught: in measures that can be said, and how far it is from as taught. */
export type Candidate = { measures: Measures; distance: number }

/** Steps, as parts of the step as taught. */
const STEP_PARTS = [1, 0.75, 0.5, 0.25, 0] as const
const STEP_LEAST = 0.03
const FIST = PROPORTIONS.fist / PROPORTIONS.shoulderWidth
/** Feet this many shoulder widths apart or less come no nearer each other; wider ones come in by up to two fists. */
const WIDE = 1.2
/** Knees softer by so much at a time; by twice that from a low stance. */
const KNEE_NOTCH = 5 * DEG
const LOW = 42 * DEG
const KNEE_SOFTEST = 10 * DEG
const SHARE_NOTCH = 0.1
const SHARE_STEPS = 3
/** Hands no higher than the heart, or low; lowering by less than this is no version of its own. */
const ARM_CAPS = [80 * DEG, 30 * DEG] as const
const ARM_LEAST = 10 * DEG
const TURNED = 10 * DEG
const PITCHED = 5 * DEG
const TOE_OUT = 20 * DEG
const TOES_OUT_BY = 15 * DEG

/** Changes that count 1, as for variants (docs/method.md); lengths on a body of this stature. */
const STATURE = 1.65
const SCALE = { length: 0.1, angle: 15 * DEG, share: 0.1, pitch: 10 * DEG, arms: 45 * DEG, contact: 1 }

type Change = { feature: Feature; make: (measures: Measures) => Measures; size: number }

/** One thing that may change, in the ways in which a teacher says it; the first is always "as taught". */
type Axis = readonly Change[]

const AS_TAUGHT: Change = { feature: 'step', make: (measures) => measures, size: 0 }

/**
 * Every version of a posture that a class could be taught: all combinations of a shorter step, a wider track, softer
 * knees, less weight over, toes less far out, hands lower, less turn and lean, the light foot set down. The nearest to
 * as taught comes first; the order is always the same. What the posture is for counts double, as for variants.
 * @example listCandidates(measures, ['share'])[0]?.distance // => 0
 */
export function listCandidates(taught: Measures, keeps: readonly Feature[]): Candidate[] {
  const kept = new Set(keeps)
  let found: Candidate[] = [{ measures: taught, distance: 0 }]
  for (const axis of listAxes(taught)) {
    found = found.flatMap((from) =>
      axis.flatMap(({ feature, make, size }, i): Candidate[] => {
        const measures = make(from.measures)
        // A change that changes nothing here (the load of a foot in the air) is no version of its own.
        if (i > 0 && measures === from.measures) return []
        return [{ measures, distance: from.distance + size * (kept.has(feature) ? 2 : 1) }]
      }),
    )
  }
  return found
    .map((one, i) => ({ one, i }))
    .sort((a, b) => a.one.distance - b.one.distance || a.i - b.i)
    .map(({ one }) => one)
}

function listAxes(taught: Measures): Axis[] {
  if (taught.seated) return []
  return [
    listSteps(taught),
    listTracks(taught),
    listKnees(taught),
    listContacts(taught),
    listShares(taught),
    listToes(taught),
    listArms(taught),
    listTurns(taught),
    listLeans(taught),
  ].filter((axis) => axis.length > 1)
}

function listSteps({ step }: Measures): Axis {
  if (Math.abs(step) < STEP_LEAST) return [AS_TAUGHT]
  return STEP_PARTS.map((part) => ({
    feature: 'step',
    make: (measures) => ({ ...measures, step: part * step }),
    size: ((1 - part) * Math.abs(step) * STATURE) / SCALE.length,
  }))
}

function listTracks({ track, breadths }: Measures): Axis {
  if (breadths > 0) return [AS_TAUGHT]
  const fists = track > WIDE ? [0, -1, -2].filter((n) => track + n * FIST >= 1) : [0, 1, 2]
  return fists.map((n) => ({
    feature: 'width',
    make: (measures) => ({ ...measures, track: track + n * FIST }),
    size: (Math.abs(n) * PROPORTIONS.fist * STATURE) / SCALE.length,
  }))
}

function listKnees({ kneeFlexion }: Measures): Axis {
  const notch = kneeFlexion > LOW ? 2 * KNEE_NOTCH : KNEE_NOTCH
  const softer = [kneeFlexion]
  for (let knee = kneeFlexion - notch; knee >= KNEE_SOFTEST - 1e-9; knee -= notch) softer.push(knee)
  return softer.map((knee) => ({
    feature: 'height',
    make: (measures) => ({ ...measures, kneeFlexion: knee }),
    size: (kneeFlexion - knee) / SCALE.angle,
  }))
}

/** From lifted to light to flat. */
const DOWN_FROM: Partial<Record<Contact, readonly Contact[]>> = {
  air: ['toe-touch', 'whole'],
  'toe-touch': ['whole'],
  ball: ['whole'],
  heel: ['whole'],
}

function listContacts({ own }: Measures): Axis {
  const down = DOWN_FROM[own.contact] ?? []
  return [own.contact, ...down].map((contact, i) => ({
    feature: 'contact',
    make: (measures) => ({ ...measures, own: withContact(measures.own, contact) }),
    size: i * SCALE.contact,
  }))
}

/** Toward the other foot, and past the middle where a leg may carry little. A held foot carries nothing. */
function listShares({ own, ownLoad }: Measures): Axis {
  const way = ownLoad > 0.5 ? -1 : 1
  const steps = Array.from({ length: SHARE_STEPS + 1 }, (_, i) => i)
  const held = own.contact === 'air'
  return steps.map((i) => ({
    feature: 'share',
    make: (measures) =>
      measures.own.contact === 'air' || i === 0
        ? measures
        : { ...measures, ownLoad: tidy(ownLoad + way * i * SHARE_NOTCH) },
    // A foot that was set down takes its first tenth for nothing: that is what setting it down means.
    size: (Math.max(0, held ? i - 1 : i) * SHARE_NOTCH) / SCALE.share,
  }))
}

/** The rear foot straighter; feet that are nearly straight may turn out a little, both. */
function listToes({ own, other }: Measures): Axis {
  if (Math.abs(other.toeOut) >= TOE_OUT) {
    return [1, 0.5].map((part) => ({
      feature: 'toeOut',
      make: (measures) => ({ ...measures, other: { ...measures.other, toeOut: part * other.toeOut } }),
      size: ((1 - part) * Math.abs(other.toeOut)) / SCALE.angle,
    }))
  }
  if (own.contact !== 'whole') return [AS_TAUGHT]
  return [0, TOES_OUT_BY].map((by) => ({
    feature: 'toeOut',
    make: (measures) => ({
      ...measures,
      own: { ...measures.own, toeOut: own.toeOut + by },
      other: { ...measures.other, toeOut: other.toeOut + by },
    }),
    size: (2 * by) / SCALE.angle,
  }))
}

function listArms({ ownArm, otherArm }: Measures): Axis {
  const highest = Math.max(ownArm.elevation, otherArm.elevation)
  const caps = ARM_CAPS.filter((cap) => highest > cap + ARM_LEAST)
  return [
    AS_TAUGHT,
    ...caps.map(
      (cap): Change => ({
        feature: 'arms',
        make: (measures) => ({
          ...measures,
          ownArm: { ...measures.ownArm, elevation: Math.min(measures.ownArm.elevation, cap) },
          otherArm: { ...measures.otherArm, elevation: Math.min(measures.otherArm.elevation, cap) },
        }),
        size: (highest - cap) / SCALE.arms,
      }),
    ),
  ]
}

function listTurns({ pelvisYaw }: Measures): Axis {
  if (Math.abs(pelvisYaw) < TURNED) return [AS_TAUGHT]
  return [1, 0.5].map((part) => ({
    feature: 'pelvisYaw',
    make: (measures) => ({ ...measures, pelvisYaw: part * pelvisYaw }),
    size: ((1 - part) * Math.abs(pelvisYaw)) / SCALE.angle,
  }))
}

function listLeans({ trunk: { pitch } }: Measures): Axis {
  if (Math.abs(pitch) < PITCHED) return [AS_TAUGHT]
  return [1, 0.5, 0].map((part) => ({
    feature: 'pitch',
    make: (measures) => ({ ...measures, trunk: { ...measures.trunk, pitch: part * pitch } }),
    size: ((1 - part) * Math.abs(pitch)) / SCALE.pitch,
  }))
}

const tidy = (share: number) => Math.round(share * 1e9) / 1e9
