import {
  type Analysis,
  type Body,
  type Candidate,
  findOwnForm,
  type Measures,
  type OwnForm,
  type SchoolId,
  type Side,
  type Stance,
  standLevel,
  type Taught,
  tryAnalyse,
  type WayIn,
} from '@/core'
import { fromStance } from '@/documents/from-core'
import { PLAN_FORMAT, type PlanDocument } from '@/documents/plan-document'
import type { Posture } from '@/documents/posture-document'
import { fromMeasures, toMeasures } from '@/documents/posture-document'
import { toStance } from '@/documents/to-core'
import type { ClassPlan } from '@/keeping/plans'
import type { LevelWords } from '@/words/levels'
import type { ClassFound, FoundLevels } from '@/workers/fit'
import type { Member } from './member'

export type Choosing = {
  group: string
  posture: Posture
  school: SchoolId
  side: Side
  most: 1 | 2 | 3
  chairs: boolean
}

/** Where somebody is: a lane, or beside the lanes with a form of their own. */
export type Place = number | 'aside'

/** Somebody where they are put: how they stand there, and whether that keeps all their limits. */
export type Put = {
  member: Member
  place: Place
  pinned: boolean
  /** Not here today: their place waits for them. */
  away: boolean
  /** Had no place when the plan was kept: this one is proposed. */
  joined: boolean
  kind: OwnForm['kind'] | 'level'
  stance: Stance | null
  analysis: Analysis | null
  passes: boolean
}

/** The same, with how they come to it; undefined as long as that is worked out, null where they sit or it does not pass anyway. */
export type Placed = Put & { wayIn: WayIn | null | undefined }

export type Level = { candidate: Candidate; words: LevelWords; edited: boolean }

/** The levels of a class, and where everybody is put. */
export type Layout = {
  levels: readonly { candidate: Candidate; edited: boolean }[]
  places: ReadonlyMap<string, Place>
  pinned: ReadonlySet<string>
  own: ReadonlyMap<string, OwnForm>
  more: FoundLevels | null
  fewer: FoundLevels | null
  found: FoundLevels | null
  /** Whom the levels were found for, in that order. */
  ids: readonly string[]
}

/** Where a search puts everybody. */
export function readFound(found: ClassFound, members: readonly Member[]): Layout {
  const places = new Map<string, Place>()
  const own = new Map<string, OwnForm>()
  members.forEach(({ id }, i) => {
    const place = found.found.of[i] as number
    places.set(id, place < 0 ? 'aside' : place)
    const form = found.own[i]
    if (form) own.set(id, form)
  })
  return {
    levels: found.found.levels.map((candidate) => ({ candidate, edited: false })),
    places,
    pinned: new Set(),
    own,
    found: found.found,
    more: found.more,
    fewer: found.fewer,
    ids: members.map(({ id }) => id),
  }
}

/** Whether a plan is for what is chosen. */
export const matches = ({ plan, posture, group }: ClassPlan, choosing: Choosing): boolean =>
  group === choosing.group &&
  posture === choosing.posture.id &&
  plan.school === choosing.school &&
  plan.side === choosing.side

/** The plan of a class as it stands: `measures` are the posture as taught. Whoever left the group since keeps their place in it. */
export const writePlan = (
  { school, side }: Choosing,
  { levels, placed, measures }: { levels: Layout['levels']; placed: readonly Put[]; measures: Measures },
  before: PlanDocument | null,
): PlanDocument => ({
  format: PLAN_FORMAT,
  ...(before?.name !== undefined && { name: before.name }),
  ...(before?.note !== undefined && { note: before.note }),
  school,
  side,
  taught: fromMeasures(measures),
  levels: levels.map(({ candidate }) => ({ measures: fromMeasures(candidate.measures) })),
  people: [
    ...placed.map(({ member, place, kind, stance, pinned }) => ({
      id: member.id,
      level: place === 'aside' ? null : place,
      kind,
      ...(pinned && { pinned }),
      stance: stance && fromStance(stance),
    })),
    ...(before?.people ?? []).filter(
      ({ id, level }) => !placed.some(({ member }) => member.id === id) && (level ?? 0) < levels.length,
    ),
  ],
})

/** Where a kept plan puts everybody. */
export function readPlan({ plan }: ClassPlan): Layout {
  return {
    levels: plan.levels.map(({ measures }) => ({
      edited: true,
      candidate: { measures: toMeasures(measures), distance: 0 },
    })),
    places: new Map(plan.people.map(({ id, level }) => [id, level ?? 'aside'])),
    pinned: new Set(plan.people.filter(({ pinned }) => pinned).map(({ id }) => id)),
    own: new Map(
      plan.people
        .filter(({ kind }) => kind !== 'level')
        .map(({ id, kind, stance }) => [id, { kind: kind as OwnForm['kind'], stance: stance && toStance(stance) }]),
    ),
    more: null,
    fewer: null,
    found: null,
    ids: [],
  }
}

export const isAway = ({ person }: Member): boolean => person.mark === 'away'

/** What fitting anew would drop of a layout, by ids and levels; null: nothing that anybody chose. */
export function listDrops({
  levels,
  pinned,
  found,
}: Layout): { pinned: string[]; edited: number[]; kept: boolean } | null {
  const kept = found === null
  const edited = kept ? [] : levels.flatMap((level, i) => (level.edited ? [i] : []))
  if (!kept && edited.length === 0 && pinned.size === 0) return null
  return { pinned: [...pinned], edited, kept }
}

/** Somebody in the place that a layout gives them; whoever has none is proposed one. */
export function placeMember(member: Member, layout: Layout, asTaught: Candidate, taught: Taught, chairs: boolean): Put {
  const { body, id } = member
  const stand = (level: Candidate) => standLevel(body, level, asTaught, taught, chairs)
  const known = layout.places.get(id)
  const joined = known === undefined
  // Whoever joined since is proposed the first level that they pass.
  const fitting = joined ? layout.levels.findIndex(({ candidate }) => stand(candidate).passes) : -1
  const place = known ?? (fitting < 0 ? 'aside' : fitting)
  const shared = { member, joined, pinned: layout.pinned.has(id), away: isAway(member) }
  const level = place === 'aside' ? undefined : layout.levels[place]
  if (level) return { ...shared, place, kind: 'level', ...stand(level.candidate) }
  const form = layout.own.get(id) ?? (joined ? proposeOwnForm(body, asTaught.measures, taught) : undefined)
  const stance = form?.stance ?? null
  const analysis = stance && tryAnalyse(body, stance)
  const passes = analysis !== null && analysis.verdict !== 'beyond'
  return { ...shared, place: 'aside', kind: form?.kind ?? 'none', stance, analysis, passes }
}

const proposed = new WeakMap<Body, { taught: Taught; measures: Measures; form: OwnForm }>()

/** A form of their own for somebody who joined; looked for once for a body and a posture. */
function proposeOwnForm(body: Body, measures: Measures, taught: Taught): OwnForm {
  const before = proposed.get(body)
  if (before?.taught === taught && before.measures === measures) return before.form
  const form = findOwnForm(body, measures, taught)
  proposed.set(body, { taught, measures, form })
  return form
}
