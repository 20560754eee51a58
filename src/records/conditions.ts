import type { Side } from '@/core'
import type { LimitEntry, LimitWhat, RecordDocument } from '@/formats/record-document'
import { LIMIT_KINDS } from './limit-list'

/** One usual caution: what it would limit where it is confirmed, or only words for the teacher. */
export type Caution = {
  id: string
  text: string
  limits?: readonly { what: LimitWhat; value: LimitEntry['value'] }[]
  /** A change to the body itself: how far the trunk's centre lies forward. */
  trunkShiftM?: number
  /** Whether the figure is a medical decision. */
  askClinician?: boolean
}

export type Condition = {
  id: string
  name: string
  /** Whether it concerns one side. */
  sided?: boolean
  cautions: readonly Caution[]
}

const CHAIR: Caution = {
  id: 'chair',
  text: 'A chair within reach.',
  limits: [{ what: 'support', value: 'chair-back' }],
}
const EYES: Caution = { id: 'eyes', text: 'No work with closed eyes.', limits: [{ what: 'eyesOpen', value: true }] }
const ALONE: Caution = {
  id: 'beside',
  text: 'Nobody alone: somebody beside.',
  limits: [{ what: 'helperBeside', value: true }],
}

/** Conditions and their usual cautions: house wording of common teaching, a clinician's order always wins. */
export const CONDITIONS: readonly Condition[] = [
  {
    id: 'hip-posterior',
    name: 'hip replacement, posterior precautions',
    sided: true,
    cautions: [
      {
        id: 'flexion',
        text: 'No hip bend past 90°.',
        limits: [{ what: 'hipFlexionMaxDeg', value: 90 }],
        askClinician: true,
      },
      {
        id: 'midline',
        text: 'No crossing of the midline.',
        limits: [{ what: 'hipAdductionMaxDeg', value: 0 }],
        askClinician: true,
      },
      {
        id: 'inward',
        text: 'No inward turn past neutral.',
        limits: [{ what: 'hipInwardMaxDeg', value: 0 }],
        askClinician: true,
      },
      { id: 'toes', text: 'Turns in which the toes point at each other are left out.' },
    ],
  },
  {
    id: 'hip-anterior',
    name: 'hip replacement, anterior precautions',
    sided: true,
    cautions: [
      {
        id: 'extension',
        text: 'No strong extension with outward turn.',
        limits: [{ what: 'hipExtensionOutwardMaxDeg', value: 10 }],
        askClinician: true,
      },
      { id: 'toes', text: 'Turns in which the toes point at each other are left out.' },
    ],
  },
  {
    id: 'knee',
    name: 'knee replacement or arthritis',
    sided: true,
    cautions: [
      { id: 'high', text: 'A higher stance.', limits: [{ what: 'kneeFlexionMaxDeg', value: 35 }] },
      { id: 'short', text: 'Short holds.', limits: [{ what: 'holdMaxS', value: 10 }] },
      { id: 'twist', text: 'No twist on a loaded foot; the knee stays over the foot.' },
    ],
  },
  {
    id: 'weight-bearing',
    name: 'partial weight bearing',
    sided: true,
    cautions: [
      {
        id: 'load',
        text: 'A hard limit on that leg’s share, in every phase of every step.',
        limits: [{ what: 'loadMaxPct', value: 50 }],
        askClinician: true,
      },
    ],
  },
  {
    id: 'osteoporosis',
    name: 'osteoporosis',
    cautions: [
      { id: 'bend', text: 'No loaded forward bend of the spine.', limits: [{ what: 'trunkForwardMaxDeg', value: 15 }] },
      { id: 'twist', text: 'No end-range twist of the spine.', limits: [{ what: 'trunkTwistMaxDeg', value: 25 }] },
      { id: 'cues', text: 'Cues to hollow the chest or tuck the tail are left out.' },
    ],
  },
  {
    id: 'low-back',
    name: 'low back pain',
    cautions: [
      { id: 'turns', text: 'Small turns.', limits: [{ what: 'trunkTwistMaxDeg', value: 20 }] },
      { id: 'back', text: 'No backward bend; a long back.', limits: [{ what: 'trunkBackMaxDeg', value: 0 }] },
    ],
  },
  {
    id: 'shoulder',
    name: 'shoulder trouble',
    sided: true,
    cautions: [
      { id: 'low', text: 'Hands low, or behind the back.', limits: [{ what: 'armElevationMaxDeg', value: 60 }] },
      { id: 'back', text: 'Arms no further back than the side.', limits: [{ what: 'armBackMaxDeg', value: 0 }] },
    ],
  },
  {
    id: 'numb-feet',
    name: 'numb feet or poor sight',
    cautions: [
      { id: 'hand', text: 'A hand on a support.', limits: [{ what: 'support', value: 'touch' }] },
      EYES,
      { id: 'floor', text: 'Shoes, a clear floor.' },
    ],
  },
  {
    id: 'dizziness',
    name: 'dizziness',
    cautions: [CHAIR, EYES, { id: 'head', text: 'No quick turns of the head; stop if it comes.', askClinician: true }],
  },
  {
    id: 'parkinson-stroke',
    name: 'Parkinson’s, or after a stroke',
    cautions: [ALONE, { id: 'marks', text: 'Marks on the floor to step to; the weight shifts before the step.' }],
  },
  {
    id: 'heart-lung',
    name: 'heart or lung disease',
    cautions: [
      { id: 'arms', text: 'Arms below the shoulders at first.', limits: [{ what: 'armElevationMaxDeg', value: 80 }] },
      { id: 'breath', text: 'No breath holding; effort 3 to 4 of 10.', askClinician: true },
    ],
  },
  {
    id: 'abdomen',
    name: 'pregnancy or a large abdomen',
    cautions: [
      {
        id: 'centre',
        text: 'The centre lies further forward: a wider track, look at the margin ahead.',
        trunkShiftM: 0.03,
      },
    ],
  },
  {
    id: 'fear',
    name: 'fear of falling',
    cautions: [
      {
        id: 'hand',
        text: 'Begin in front of a wall or between two chairs.',
        limits: [{ what: 'support', value: 'touch' }],
      },
    ],
  },
]

export const findCondition = (id: string): Condition | undefined => CONDITIONS.find((one) => one.id === id)

/** A caution that a person's condition brings, and what was answered to it. */
export type Proposal = {
  condition: Condition
  side?: Side
  caution: Caution
  /** What the answer is kept under. */
  key: string
  answer: RecordDocument['answers'][number] | null
}

/** Every usual caution of a person's conditions, with the last answer to each. */
export function listProposals({ conditions, answers }: RecordDocument): Proposal[] {
  return conditions.flatMap((had) => {
    const condition = findCondition(had.condition)
    if (!condition) return []
    return condition.cautions.map((caution) => {
      const key = [condition.id, had.side, caution.id].filter(Boolean).join('/')
      const answer = answers.findLast((one) => one.caution === key) ?? null
      return { condition, ...(had.side && { side: had.side }), caution, key, answer }
    })
  })
}

type Answering = { on: string; source: LimitEntry['source']; value?: LimitEntry['value'] }

/** The record once a caution is confirmed, as it stands or with another figure. */
export function confirmCaution(
  record: RecordDocument,
  proposal: Proposal,
  { on, source, value }: Answering,
): RecordDocument {
  const { caution, key, side } = proposal
  const limits = (caution.limits ?? []).map(
    (limit): LimitEntry => ({
      what: limit.what,
      ...(side && LIMIT_KINDS[limit.what].sided && { side }),
      value: value ?? limit.value,
      source,
      on,
      cause: key,
    }),
  )
  const changed = value !== undefined && caution.limits?.some((limit) => limit.value !== value)
  return {
    ...record,
    ...(caution.trunkShiftM !== undefined && {
      body: { ...record.body, trunkShiftM: record.body.trunkShiftM ?? caution.trunkShiftM },
    }),
    limits: [...record.limits.filter(({ cause }) => cause !== key), ...limits],
    answers: [...record.answers, { caution: key, answer: changed ? 'changed' : 'confirmed', on }],
  }
}

/** The record once a caution is declined: what it had limited goes, the reason is kept. */
export function declineCaution(record: RecordDocument, { key }: Proposal, reason: string, on: string): RecordDocument {
  return {
    ...record,
    limits: record.limits.filter(({ cause }) => cause !== key),
    answers: [...record.answers, { caution: key, answer: 'declined', reason, on }],
  }
}
