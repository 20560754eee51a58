import type { Side } from '@/core'
import { type LimitWhat, rowOf } from '@/documents/limit-fields'
import type { LimitEntry, RecordDocument } from '@/documents/record-document'

/** One usual caution: what it would limit where it is confirmed; nothing where it is only for the teacher to know. */
export type Caution = {
  id: string
  limits?: readonly { what: LimitWhat; value: LimitEntry['value'] }[]
  /** What is asked of the clinician, where there is no usual figure. */
  asks?: LimitWhat
  /** A change to the body itself: how far the trunk's centre lies forward. */
  trunkShiftM?: number
  /** Whether the figure is a medical decision. */
  askClinician?: boolean
}

export type Condition = {
  id: string
  /** Whether it concerns one side. */
  sided?: boolean
  /** Offered no more; what was said under it stands. */
  retired?: boolean
  cautions: readonly Caution[]
}

const CHAIR: Caution = {
  id: 'chair',
  limits: [{ what: 'support', value: 'chair-back' }],
}
const EYES: Caution = { id: 'eyes', limits: [{ what: 'eyesOpen', value: true }] }
const ALONE: Caution = {
  id: 'beside',
  limits: [{ what: 'helperBeside', value: true }],
}

/** Conditions and their usual cautions, after common teaching; a clinician's order always wins. */
export const CONDITIONS: readonly Condition[] = [
  {
    id: 'hip-posterior',
    sided: true,
    cautions: [
      {
        id: 'flexion',
        limits: [{ what: 'hipFlexionMaxDeg', value: 90 }],
        askClinician: true,
      },
      {
        id: 'midline',
        limits: [{ what: 'hipAdductionMaxDeg', value: 0 }],
        askClinician: true,
      },
      {
        id: 'inward',
        limits: [{ what: 'hipInwardMaxDeg', value: 0 }],
        askClinician: true,
      },
      { id: 'toes' },
    ],
  },
  {
    id: 'hip-anterior',
    sided: true,
    cautions: [
      {
        id: 'extension',
        limits: [{ what: 'hipExtensionOutwardMaxDeg', value: 10 }],
        askClinician: true,
      },
      { id: 'toes' },
    ],
  },
  {
    id: 'knee',
    sided: true,
    cautions: [
      { id: 'high', limits: [{ what: 'kneeFlexionMaxDeg', value: 35 }] },
      { id: 'short', limits: [{ what: 'holdMaxS', value: 10 }] },
      { id: 'twist', limits: [{ what: 'loadedTurnMaxDeg', value: 0 }] },
    ],
  },
  {
    id: 'weight-bearing',
    sided: true,
    cautions: [
      {
        id: 'load',
        limits: [{ what: 'loadMaxPct', value: 50 }],
        askClinician: true,
      },
    ],
  },
  {
    id: 'osteoporosis',
    cautions: [
      { id: 'bend', limits: [{ what: 'trunkForwardMaxDeg', value: 15 }] },
      { id: 'twist', limits: [{ what: 'trunkTwistMaxDeg', value: 25 }] },
      { id: 'cues' },
    ],
  },
  {
    id: 'low-back',
    cautions: [
      { id: 'turns', limits: [{ what: 'trunkTwistMaxDeg', value: 20 }] },
      { id: 'back', limits: [{ what: 'trunkBackMaxDeg', value: 0 }] },
    ],
  },
  {
    id: 'shoulder',
    sided: true,
    cautions: [
      { id: 'low', limits: [{ what: 'armElevationMaxDeg', value: 60 }] },
      { id: 'back', limits: [{ what: 'armBackMaxDeg', value: 0 }] },
    ],
  },
  {
    id: 'numb-feet',
    cautions: [{ id: 'hand', limits: [{ what: 'support', value: 'touch' }] }, EYES, { id: 'floor' }, { id: 'light' }],
  },
  {
    id: 'dizziness',
    cautions: [CHAIR, EYES, { id: 'head', askClinician: true }],
  },
  {
    id: 'stroke',
    sided: true,
    cautions: [
      ALONE,
      { id: 'load', asks: 'loadMaxPct', askClinician: true },
      { id: 'ankle', asks: 'dorsiflexionMaxDeg', askClinician: true },
      { id: 'marks' },
    ],
  },
  {
    id: 'parkinson',
    cautions: [
      ALONE,
      { id: 'turns', limits: [{ what: 'loadedTurnMaxDeg', value: 0 }] },
      { id: 'start' },
      { id: 'marks' },
    ],
  },
  // Written down before the two were told apart.
  { id: 'parkinson-stroke', retired: true, cautions: [ALONE, { id: 'marks' }, { id: 'which' }] },
  {
    id: 'heart-lung',
    cautions: [
      { id: 'arms', limits: [{ what: 'armElevationMaxDeg', value: 80 }] },
      { id: 'breath', askClinician: true },
    ],
  },
  {
    id: 'abdomen',
    cautions: [
      {
        id: 'centre',
        trunkShiftM: 0.03,
      },
    ],
  },
  {
    id: 'fear',
    cautions: [
      {
        id: 'hand',
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

/**
 * The cautions that nobody answered and that would change what a person may do: a verdict without them is not known.
 * What only the teacher keeps in mind is not among them, nor what a limit already says.
 */
export function listUnanswered(record: RecordDocument): Proposal[] {
  const isSaid = (what: LimitWhat, side: Side | undefined) =>
    record.limits.some((limit) => limit.what === what && (!side || !limit.side || limit.side === side))
  return listProposals(record).filter(({ caution, side, answer }) => {
    if (answer) return false
    const whats = [...(caution.limits ?? []).map(({ what }) => what), ...(caution.asks ? [caution.asks] : [])]
    return caution.trunkShiftM !== undefined || whats.some((what) => !isSaid(what, side))
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
      ...(side && rowOf(limit.what).per === 'side' && { side }),
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
