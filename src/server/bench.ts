import { randomUUID } from 'node:crypto'
import { z } from 'zod'
import { analyse, InputError, resolveBody, SCHOOL_IDS } from '@/core'
import { database } from '@/db/client'
import {
  addKept,
  findDraft,
  findLatestDraft,
  type KeptRow,
  listKept,
  removeKept,
  renameKept,
  saveDraft,
} from '@/db/kept'
import { number, oneOf, text } from '@/formats/fields'
import { parse } from '@/formats/parse'
import type { PersonDocument } from '@/formats/person-document'
import { type StanceBody, stanceBody } from '@/formats/stance-document'
import { toPerson, toStance } from '@/formats/to-core'
import { findToday } from '@/records/binding'
import { resolveRecord } from '@/records/resolve'
import { sayBinding, sayDay, sayOrigin } from '@/records/say'
import { SIMPLE_TESTS } from '@/records/simple-tests'
import { readStanding } from '@/records/standing'
import { now, today } from './clock'
import { saveOver } from './conflict'
import { type HouseSettings, readHouse } from './house'
import { requirePosture } from './library'
import { type KeptRecord, listRecords, readRecord } from './people'
import { type ClassPlan, listPlans } from './plans'

/** A limit that binds somebody: what, where, in words, and who said so when. */
export type LimitLine = { what: string; side: 'left' | 'right' | null; text: string; origin: string }

/** What a person does in a class's plan. */
export type PlannedFor = { group: string; posture: string; school: string; title: string; stance: StanceBody | null }

/** What a bench shows of a person on this day. */
export type BenchPerson = {
  id: string
  name: string
  story: string
  groups: string[]
  document: PersonDocument
  limits: LimitLine[]
  /** Nobody alone: somebody stands beside them. */
  helperBeside: boolean
  /** Figures that a test put in place of an estimate, in words. */
  measured: string[]
  watch: string[]
  today: string | null
  /** Seen standing by themselves, though the estimate alone calls that short: when. */
  seenStanding: string | null
  planned: PlannedFor[]
}

export type OnBench = { posture: string; school: string; stance: StanceBody }

export type KeptStance = OnBench & { id: string; name: string; note: string; createdAt: string }

export type Draft = OnBench & { revision: number }

export type BenchOfPerson = { person: BenchPerson; draft: Draft | null; kept: KeptStance[] }

const onBench = z.object({ posture: text(80), school: oneOf(SCHOOL_IDS), stance: stanceBody })
const drafting = onBench.extend({ revision: number(0, 1e9, '') })
const words = z.object({ name: text(80).trim().min(1, 'a name of 1 to 80 characters'), note: text(500) })
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

/** A group with all that its screens need of each; everybody where no group is named. */
export async function listMembers(group: string | null): Promise<BenchPerson[]> {
  const [records, house, plans, day] = await Promise.all([listRecords(), readHouse(), listPlans(), today()])
  return records
    .filter(({ record }) => !record.archived && (group === null || record.groups.includes(group)))
    .map((kept) => toBenchPerson(kept, house, plans, day))
}

function toBenchPerson(
  { id, record }: KeptRecord,
  house: HouseSettings,
  plans: readonly ClassPlan[],
  day: string,
): BenchPerson {
  const { document, bindings, effects } = resolveRecord(record, day, house.rules)
  const standing = readStanding(record, document, day)
  const { usableAlong, swayReserveM, swayReserveOneFootM } = effects
  const measured = [
    usableAlong && `usable base from the ${testName(usableAlong.from)} of ${sayDay(usableAlong.from.on)}`,
    swayReserveM && `reserve for sway from the ${testName(swayReserveM.from)} stand of ${sayDay(swayReserveM.from.on)}`,
    swayReserveOneFootM &&
      `reserve on one foot from the stand ${testName(swayReserveOneFootM.from)} of ${sayDay(swayReserveOneFootM.from.on)}`,
  ]
  return {
    id,
    name: record.name,
    story: record.story,
    groups: record.groups,
    document,
    helperBeside: bindings.some(({ what }) => what === 'helperBeside'),
    limits: bindings.map((binding) => ({
      what: binding.what,
      side: binding.side ?? null,
      text: sayBinding(binding),
      origin: sayOrigin(binding.entry),
    })),
    measured: measured.filter((line): line is string => line !== null && line !== undefined),
    watch: record.watch.filter(({ gone }) => !gone).map(({ sign, on }) => `${sign} (${sayDay(on)})`),
    today: findToday(record, day)?.reason ?? null,
    seenStanding: standing.cautious && standing.seen ? standing.seen.on : null,
    planned: plans.flatMap(({ group, posture, plan }) => {
      const mine = plan.people.find((one) => one.id === id)
      if (!mine || !record.groups.includes(group)) return []
      const title = mine.level === null ? OWN_TITLES[mine.kind] : (plan.levels[mine.level]?.title ?? 'As taught')
      return [{ group, posture, school: plan.school, title, stance: mine.stance }]
    }),
  }
}

const OWN_TITLES = { level: 'As taught', own: 'a form of their own', seated: 'seated', none: 'nothing that was found' }

const testName = ({ test }: { test: keyof typeof SIMPLE_TESTS }) => SIMPLE_TESTS[test].name.toLowerCase()

/** Who was on the bench last. */
export async function findLastPersonId(): Promise<string | null> {
  return (await findLatestDraft(database()))?.personId ?? null
}

/** @throws InputError for an unknown person */
export async function readBench(personId: string): Promise<BenchOfPerson> {
  const record = await readRecord(personId)
  const [house, plans, day, draft, kept] = await Promise.all([
    readHouse(),
    listPlans(),
    today(),
    findDraft(database(), personId),
    listKept(database(), personId),
  ])
  return { person: toBenchPerson(record, house, plans, day), draft: draft && toDraft(draft), kept: kept.map(toKept) }
}

/**
 * Saves what is on the bench over the revision that it was made from (0: there was nothing).
 * @throws ConflictError where another page saved since; InputError naming the field that is wrong
 */
export async function keepDraft(personId: string, value: unknown): Promise<Draft> {
  await readRecord(personId)
  const { revision, ...on } = parse(drafting, value)
  await requirePosture(on.posture)
  const saved = await saveOver(
    revision,
    () => saveDraft(database(), { personId, ...on, updatedAt: now() }, revision),
    async () => {
      const there = await findDraft(database(), personId)
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
  analyse(resolveBody(toPerson(document)), toStance(given.stance), { standing: null, withoutFreeTurn: true })
  const row: KeptRow = { id: randomUUID(), personId, ...given, createdAt: now() }
  await addKept(database(), row)
  return toKept(row)
}

export async function rewordKept(id: string, value: unknown): Promise<void> {
  const { name, note } = parse(words, value)
  if (!(await renameKept(database(), id, name, note))) throw new InputError('id', id, 'a kept stance that is there')
}

/** @throws InputError where there is none */
export async function takeAwayKept(id: string): Promise<KeptStance> {
  const row = await removeKept(database(), id)
  if (!row) throw new InputError('id', id, 'a kept stance that is there')
  return toKept(row)
}

const toDraft = (row: Draft): Draft => ({ ...pickOnBench(row), revision: row.revision })

const pickOnBench = ({ posture, school, stance }: OnBench): OnBench => ({ posture, school, stance })

const toKept = (row: KeptRow): KeptStance => ({
  ...pickOnBench(row),
  id: row.id,
  name: row.name,
  note: row.note,
  createdAt: row.createdAt,
})
