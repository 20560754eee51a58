import { randomUUID } from 'node:crypto'
import { z } from 'zod'
import { stamp } from '@/clock'
import { analyse, InputError, SCHOOL_IDS, type SchoolId } from '@/core'
import { filledText, oneOf, text } from '@/documents/fields'
import type { PainPlace } from '@/documents/pain-places'
import { parse } from '@/documents/parse'
import type { PersonDocument } from '@/documents/person-document'
import type { PlanDocument } from '@/documents/plan-document'
import type { MeasuresDocument } from '@/documents/posture-document'
import type { TestEntry } from '@/documents/record-document'
import { type StanceBody, stanceBody } from '@/documents/stance-document'
import { bodyOf, toStance } from '@/documents/to-core'
import {
  addKept,
  findDraft,
  findLatestDraft,
  type KeptRow,
  listAllKept,
  listKept,
  removeKept,
  renameKept,
  saveDraft,
} from '@/keeping/db/kept'
import { type Binding, findToday } from '@/records/binding'
import { beginsWithHand, type FallsTold, findFalls } from '@/records/falls'
import type { Group } from '@/records/groups'
import type { KeptRecord } from '@/records/kept-record'
import { resolveRecord } from '@/records/resolve'
import { readStanding } from '@/records/standing'
import type { Effect } from '@/records/test-effects'
import { type Mark, readMark } from '@/records/today'
import { readUnanswered, type Unanswered } from '@/records/unanswered'
import type { Decided } from '@/teaching/answer'
import { today } from './clock'
import { over, saveOver } from './conflict'
import { readGroups } from './groups'
import { here } from './here'
import { type HouseSettings, readHouse } from './house'
import { requirePosture } from './library'
import { listRecords, readRecord } from './people'
import { type ClassPlan, listPlans } from './plans'

/** What a person does in a class's plan, by the name of the group: a level of it, or a form of their own. */
export type PlannedFor = Pick<PlanDocument, 'school' | 'side' | 'taught'> &
  Pick<PlanDocument['people'][number], 'kind' | 'level' | 'stance'> & {
    group: string
    groupId: string
    posture: string
    /** Since when. */
    on: string
    levels: MeasuresDocument[]
  }

/** A figure that a test put in place of an estimate. */
export type MeasuredBy = { effect: 'usable' | 'reserve' | 'reserveOneFoot'; from: TestEntry }

/** What a bench shows of a person on this day. */
export type BenchPerson = {
  id: string
  name: string
  story: string
  document: PersonDocument
  limits: Binding[]
  /** Nobody alone: somebody stands beside them. */
  helperBeside: boolean
  measured: MeasuredBy[]
  watch: { sign: string; on: string }[]
  /** What was told of falls, and whether they begin with a hand until they are timed. */
  falls: FallsTold | null
  beginsWithHand: boolean
  /** Usual cautions of their conditions that would limit them, a note that came in with a list: what nobody answered yet. */
  unanswered: Unanswered[]
  /** What else was written down of them, or came in with a list. */
  notes: string
  /** Why today is lowered. */
  today: string | null
  /** Where they are sore today, where that was said. */
  soreAt: PainPlace | null
  /** How the roll call has them today; null where the day was lowered for a reason of its own. */
  mark: Mark | null
  /** Seen standing by themselves, though the estimate alone calls that short: when. */
  seenStanding: string | null
  planned: PlannedFor[]
  /** What was decided for them: in plans of their groups, the newest first, then what was kept, the newest first. */
  decided: Decided[]
  groups: Group[]
}

export type OnBench = { posture: string; school: string; stance: StanceBody }

export type KeptStance = OnBench & { id: string; name: string; note: string; createdAt: string }

export type Draft = OnBench & { revision: number }

export type BenchOfPerson = { person: BenchPerson; draft: Draft | null; kept: KeptStance[] }

const onBench = z.object({ posture: text(80), school: oneOf(SCHOOL_IDS), stance: stanceBody })
const drafting = over.extend(onBench.shape)
const words = z.object({ name: filledText(80), note: text(500) })
const keeping = onBench.extend(words.shape)

/** Somebody as a choice of people shows them. */
export type NamedPerson = { id: string; name: string; story: string; groups: string[] }

const STORY_SHOWN = 90

/** Everybody who is not put away, by name. */
export async function listNames(): Promise<NamedPerson[]> {
  return (await listRecords()).flatMap(({ id, record: { archived, name, story, groups } }) =>
    archived ? [] : [{ id, name, story: shorten(story), groups }],
  )
}

const shorten = (text: string) => (text.length > STORY_SHOWN ? `${text.slice(0, STORY_SHOWN - 1)}…` : text)

/** A group, by its id, with all that its screens need of each; everybody where no group is named. */
export async function listMembers(group: string | null): Promise<BenchPerson[]> {
  const [records, house, plans, groups, kept, day] = await Promise.all([
    listRecords(),
    readHouse(),
    listPlans(),
    readGroups(),
    listAllKept(await here()),
    today(),
  ])
  return records
    .filter(({ record }) => !record.archived && (group === null || record.groups.includes(group)))
    .map((record) => toBenchPerson(record, house, plans, groups, kept, day))
}

function toBenchPerson(
  { id, record }: KeptRecord,
  house: HouseSettings,
  plans: readonly ClassPlan[],
  groups: readonly Group[],
  kept: readonly KeptRow[],
  day: string,
): BenchPerson {
  const { document, bindings, effects } = resolveRecord(record, day, house.rules)
  const standing = readStanding(record, document, day)
  const { usableAlong, swayReserveM, swayReserveOneFootM } = effects
  const measured: [MeasuredBy['effect'], Effect | null][] = [
    ['usable', usableAlong],
    ['reserve', swayReserveM],
    ['reserveOneFoot', swayReserveOneFootM],
  ]
  const mine = plans.filter(({ group }) => record.groups.includes(group))
  const nameOf = (group: string) => groups.find((one) => one.id === group)?.name ?? group
  return {
    id,
    name: record.name,
    story: record.story,
    document,
    helperBeside: bindings.some(({ what }) => what === 'helperBeside'),
    // What a limit outranks is for the person's own page.
    limits: bindings.map((binding) => ({ ...binding, outranked: [] })),
    measured: measured.flatMap(([effect, found]) => (found ? [{ effect, from: found.from }] : [])),
    watch: record.watch.filter(({ gone }) => !gone).map(({ sign, on }) => ({ sign, on })),
    unanswered: readUnanswered(record),
    notes: record.notes,
    falls: findFalls(record, day),
    beginsWithHand: beginsWithHand(record, day),
    today: findToday(record, day)?.reason ?? null,
    soreAt: findToday(record, day)?.at ?? null,
    mark: readMark(record, day),
    groups: groups.filter((one) => record.groups.includes(one.id)),
    seenStanding: standing.cautious && standing.seen ? standing.seen.on : null,
    planned: mine.flatMap(({ group, posture, plan, updatedAt }) => {
      const does = plan.people.find((one) => one.id === id)
      if (!does) return []
      const { school, side, taught } = plan
      const levels = plan.levels.map(({ measures }) => measures)
      const { kind, level, stance } = does
      return [
        {
          ...{ group: nameOf(group), groupId: group, on: updatedAt, posture, school, side },
          ...(taught && { taught }),
          ...{ levels, kind, level, stance },
        },
      ]
    }),
    decided: [
      ...mine
        .toSorted((a, b) => b.updatedAt.localeCompare(a.updatedAt))
        .flatMap(({ group, posture, plan, updatedAt }): Decided[] => {
          const stance = plan.people.find((one) => one.id === id)?.stance
          return stance
            ? [{ from: 'plan', posture, school: plan.school, stance, of: nameOf(group), groupId: group, on: updatedAt }]
            : []
        }),
      ...kept
        .filter(({ personId }) => personId === id)
        .map(({ posture, school, stance, name, createdAt }): Decided => {
          return { from: 'kept', posture, school: school as SchoolId, stance, of: name, on: createdAt }
        }),
    ],
  }
}

/** Who was on the bench last. */
export async function findLastPersonId(): Promise<string | null> {
  return (await findLatestDraft(await here()))?.personId ?? null
}

/** Everything that was kept for somebody, in any posture, the newest first. */
export const listKeptOf = async (personId: string): Promise<KeptStance[]> =>
  (await listKept(await here(), personId)).map(toKept)

/** @throws InputError for an unknown person */
export async function readBench(personId: string): Promise<BenchOfPerson> {
  const record = await readRecord(personId)
  const [house, plans, groups, day, draft, kept] = await Promise.all([
    readHouse(),
    listPlans(),
    readGroups(),
    today(),
    findDraft(await here(), personId),
    listKept(await here(), personId),
  ])
  const person = toBenchPerson(record, house, plans, groups, kept, day)
  return { person, draft: draft && toDraft(draft), kept: kept.map(toKept) }
}

/**
 * Saves what is on the bench over the revision that it was made from (0: there was nothing).
 * @throws ConflictError where another page saved since; InputError naming the field that is wrong
 */
export async function keepDraft(personId: string, value: unknown): Promise<Draft> {
  await readRecord(personId)
  const { posture, school, stance, ...at } = parse(drafting, value)
  const on = { posture, school, stance }
  await requirePosture(on.posture)
  const saved = await saveOver(
    at,
    async (revision) => saveDraft(await here(), { personId, ...on, updatedAt: stamp() }, revision),
    async () => {
      const there = await findDraft(await here(), personId)
      return there && toDraft(there)
    },
  )
  return toDraft(saved)
}

/** Keeps a stance that can be analysed. @throws InputError naming the field that is wrong */
export async function keepStance(personId: string, value: unknown): Promise<KeptStance> {
  const { record } = await readRecord(personId)
  const given = parse(keeping, value)
  await requirePosture(given.posture)
  const { document } = resolveRecord(record, await today(), (await readHouse()).rules)
  analyse(bodyOf(document), toStance(given.stance), { standing: null, withoutFreeTurn: true })
  const row = { id: randomUUID(), personId, ...given, createdAt: stamp() }
  await addKept(await here(), row)
  return toKept(row)
}

export async function rewordKept(id: string, value: unknown): Promise<void> {
  const { name, note } = parse(words, value)
  if (!(await renameKept(await here(), id, name, note))) throw new InputError('id', id, { code: 'known.kept' })
}

/** @throws InputError where there is none */
export async function takeAwayKept(id: string): Promise<KeptStance> {
  const row = await removeKept(await here(), id)
  if (!row) throw new InputError('id', id, { code: 'known.kept' })
  return toKept(row)
}

const toDraft = (row: Draft): Draft => ({ ...pickOnBench(row), revision: row.revision })

const pickOnBench = ({ posture, school, stance }: OnBench): OnBench => ({ posture, school, stance })

const toKept = (row: Omit<KeptRow, 'siteId'>): KeptStance => ({
  ...pickOnBench(row),
  id: row.id,
  name: row.name,
  note: row.note,
  createdAt: row.createdAt,
})
