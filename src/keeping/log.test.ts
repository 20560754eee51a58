import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { sql } from 'drizzle-orm'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { now, stamp } from '@/clock'
import { buildPosture, InputError, postureOf, resolveBody } from '@/core'
import { addDays, weekdayOf } from '@/documents/days'
import { fromStance } from '@/documents/from-core'
import type { LessonDocument } from '@/documents/lesson-document'
import { readLogCsv, writeLogCsv } from '@/documents/log-csv'
import { makeRecord } from '@/documents/record-document'
import { connect, database, openDatabase } from '@/keeping/db/client'
import { putInDemo, putInHistory } from '@/keeping/db/demo/put-in'
import { bringUpToDate } from '@/keeping/db/migrate'
import { TODAY } from '@/testing/clock'
import { decisionsDocument } from '@/words/decisions'
import { ENGLISH } from '@/words/english'
import { ConflictError } from './conflict'
import { keepDecision, readDecisionsOf } from './decisions'
import { listPupils } from './lesson-page'
import { dropLesson, keepLesson, listLessons, shiftLessons } from './lessons'
import { bringInLog, enterLog, listUnreadableLog, readDay, readLogOf, takeOutLog } from './log'
import { addRecords } from './people'
import { keepPlan, listPlans } from './plans'
import { readWeeks } from './weeks'

const folder = mkdtempSync(join(tmpdir(), 'nivrel-log-'))
const GROUP = 'slack-tide'

beforeAll(async () => {
  process.env.NIVREL_DATABASE_URL = `file:${join(folder, 'log.db')}`
  const client = connect()
  await bringUpToDate(client)
  await putInDemo(openDatabase(client), now())
  await putInHistory(openDatabase(client), now())
  client.close()
})
afterAll(() => rmSync(folder, { recursive: true }))

const fieldOf = async (done: Promise<unknown>): Promise<string> => {
  try {
    await done
  } catch (error) {
    if (error instanceof InputError) return error.field
    throw error
  }
  return 'done'
}

const happened = (id: string, what = 'wobble') => ({ id, at: stamp(), what })
const entry = (more: object) => ({ person: 'marit-quill', group: GROUP, day: TODAY, ...more })

describe('the log', () => {
  it('loses nothing where many write in one row at once', async () => {
    const touches = Array.from({ length: 12 }, (_, i) => happened(`t${i}`))
    await Promise.all(touches.map((one) => enterLog({ rows: [entry({ piece: 'legs', happened: [one] })] })))
    const said = [{ effort: 4 }, { pain: 1 }, { word: 'fine' }, { wobbles: 2 }]
    await Promise.all(said.map((one) => enterLog({ rows: [entry({ said: one })] })))
    const rows = (await readDay(GROUP, TODAY)).filter(({ person }) => person === 'marit-quill')
    expect(rows.find(({ piece }) => piece === 'legs')?.happened).toHaveLength(12)
    expect(rows.find(({ piece }) => piece === undefined)).toMatchObject({
      effort: 4,
      pain: 1,
      word: 'fine',
      wobbles: 2,
    })
    // Sent again, as after an answer that was lost: nothing is doubled.
    await enterLog({ rows: touches.map((one) => entry({ piece: 'legs', happened: [one] })) })
    const again = (await readDay(GROUP, TODAY)).find(({ piece }) => piece === 'legs')
    expect(again?.happened).toHaveLength(12)
  })

  it('shows what was corrected after the day, and when', async () => {
    const day = addDays(TODAY, -120)
    await enterLog({ rows: [entry({ day, said: { effort: 3 } })] })
    await enterLog({ rows: [entry({ day, said: { effort: 8 } })] })
    const [row] = (await readLogOf('marit-quill')).filter((one) => one.day === day && one.piece === undefined)
    expect(row).toMatchObject({ effort: 8, corrected: [{ was: { effort: 3 } }] })
  })

  it('names what is wrong, and then keeps nothing of it', async () => {
    const day = addDays(TODAY, -121)
    expect(await fieldOf(enterLog({ rows: [entry({ day, said: { effort: 11 } })] }))).toBe('rows.0.said.effort')
    expect(await fieldOf(enterLog({ rows: [entry({ day }), entry({ day, person: 'nobody' })] }))).toBe('person')
    expect(await fieldOf(enterLog({ rows: [entry({ day, group: 'none' })] }))).toBe('group')
    expect(await fieldOf(enterLog({ rows: [entry({ day: '2026-02-30' })] }))).toBe('rows.0.day')
    expect(await readDay(GROUP, day)).toEqual([])
  })

  it('never writes over a row that cannot be read: it is named, and stays as it is', async () => {
    const day = addDays(TODAY, -122)
    const broken = '{"effort": 4, "word": "half a li'
    await enterLog({ rows: [entry({ day, said: { effort: 4 } })] })
    await database().run(sql`update log set body = ${broken} where day = ${day}`)
    expect(await fieldOf(enterLog({ rows: [entry({ day, said: { pain: 1 } })] }))).toBe('log')
    expect(await database().get(sql`select body from log where day = ${day}`)).toMatchObject({ body: broken })
    expect((await listUnreadableLog(GROUP, day)).map(({ what }) => what)).toEqual(['log'])
    await database().run(sql`delete from log where day = ${day}`)
  })

  it('goes out by names and comes back where it is missing; who is unknown is named', async () => {
    const out = await takeOutLog()
    expect(out.rows.find(({ person }) => person === 'Bram Tallow')).toMatchObject({ group: 'Slack Tide' })
    expect(await bringInLog(out)).toEqual({ rows: 0, unknown: [], several: [] })
    const day = addDays(TODAY, -300)
    const more = {
      ...out,
      rows: [
        { person: 'Bram Tallow', day, group: 'Slack Tide', effort: 2 },
        { person: 'A Stranger', day },
      ],
    }
    expect(await bringInLog(more)).toEqual({ rows: 1, unknown: ['A Stranger'], several: [] })
    expect((await readLogOf('bram-tallow'))[0]).toMatchObject({ day, effort: 2 })
  })

  it('two people of one name never get each other’s rows: where the file says not whose they are, they are left out', async () => {
    const made = makeRecord('Ana Twice', { statureM: 1.6, massKg: 60 })
    const [first, second] = await addRecords({
      records: [made, made].map((one) => ({ ...one, groups: ['Slack Tide'] })),
    })
    const day = addDays(TODAY, -290)
    const row = { person: 'Ana Twice', day, group: 'Slack Tide', pain: 9 }
    const log = (...rows: object[]) => ({ format: 'nivrel.log/1', rows })
    expect(await bringInLog(log(row))).toEqual({ rows: 0, unknown: [], several: ['Ana Twice'] })
    expect(await bringInLog(log({ ...row, personId: second?.id }))).toMatchObject({ rows: 1, several: [] })
    expect([await readLogOf(first?.id ?? ''), await readLogOf(second?.id ?? '')]).toMatchObject([[], [{ pain: 9 }]])
    // What goes out says whose it is, and one’s own file is understood by a name that nobody else has.
    const out = readLogCsv(writeLogCsv(await takeOutLog()))
    expect(out.rows.find(({ person }) => person === 'Ana Twice')).toMatchObject({ personId: second?.id })
    const bram = { person: 'Bram Tallow', personId: 'of-another-machine', day, group: 'Slack Tide', pain: 1 }
    expect(await bringInLog(log(bram))).toMatchObject({ rows: 1 })
    const { people } = decisionsDocument(out, TODAY, ENGLISH)
    expect(people.filter(({ person }) => person === 'Ana Twice')).toMatchObject([{ personId: second?.id, classes: 1 }])
  })

  it('gives the weeks of somebody, and what they are used to', async () => {
    const { rows, person } = await readWeeks('isolde-farrant')
    expect(person.name).toBe('Isolde Farrant')
    expect(new Set(rows.map(({ day }) => day)).size).toBe(8)
    const pupils = await listPupils(GROUP, TODAY)
    const days = pupils.find((one) => one.person.id === 'isolde-farrant')?.done ?? []
    expect(days.length).toBeGreaterThanOrEqual(2)
    expect(days.every(({ nms }) => nms.left > 0)).toBe(true)
    expect(await fieldOf(readWeeks('nobody'))).toBe('person')
  })
})

describe('lessons', () => {
  const document = (minutes: number): LessonDocument => ({
    minutes,
    pieces: [{ id: 'a', kind: 'rest', minutes: 2 }],
  })

  it('of one day: the second of two who save is told; another day is another lesson', async () => {
    const day = addDays(TODAY, 40)
    const first = await keepLesson({ group: GROUP, day, revision: 0, document: document(50) })
    const told = await keepLesson({ group: GROUP, day, revision: 0, document: document(60) }).catch((e: unknown) => e)
    expect(told).toBeInstanceOf(ConflictError)
    await keepLesson({ group: GROUP, day, revision: first.revision, document: document(60) })
    await keepLesson({ group: 'second-launch', day, revision: 0, document: document(20) })
    const kept = (await listLessons()).filter((one) => one.day === day)
    expect(kept.map((one) => [one.group, one.document.minutes]).sort()).toEqual([
      ['second-launch', 20],
      [GROUP, 60],
    ])
    await dropLesson({ group: 'second-launch', day })
    expect(await fieldOf(dropLesson({ group: 'second-launch', day }))).toBe('day')
  })

  it('a missed week moves all that follow, none onto another; what stands in the way is named', async () => {
    const days = [50, 57, 64].map((n) => addDays(TODAY, n))
    for (const [i, day] of days.entries())
      await keepLesson({ group: GROUP, day, revision: 0, document: document(30 + i) })
    const moves = days.map((day) => ({ from: day, to: addDays(day, 7) }))
    const moved = (await shiftLessons({ group: GROUP, moves })).filter(({ day }) => day >= (days[0] as string))
    expect(moved.map((one) => [one.day, one.document.minutes])).toEqual(moves.map(({ to }, i) => [to, 30 + i]))
    const blocked = [{ from: addDays(TODAY, 57), to: addDays(TODAY, 64) }]
    expect(await fieldOf(shiftLessons({ group: GROUP, moves: blocked }))).toBe('day')
  })

  it('the demo has eight weeks of both groups on their weekdays, and the next one planned', async () => {
    const lessons = (await listLessons()).filter(
      ({ group, day }) => group === 'second-launch' && day < addDays(TODAY, 30),
    )
    expect(lessons).toHaveLength(9)
    expect(lessons.every(({ day }) => weekdayOf(day) === 4)).toBe(true)
    expect(lessons.filter((one) => one.document.taughtAt)).toHaveLength(8)
  })
})

it('one decision a day is kept, with its reason', async () => {
  await keepDecision({ person: 'bram-tallow', day: TODAY, document: { proposed: 'easier', taken: 'easier' } })
  await keepDecision({
    person: 'bram-tallow',
    day: TODAY,
    document: { proposed: 'easier', taken: null, reason: 'holiday' },
  })
  const kept = await readDecisionsOf('bram-tallow')
  expect(kept).toHaveLength(1)
  expect(kept[0]?.document).toMatchObject({ taken: null, reason: 'holiday' })
  expect(
    await fieldOf(keepDecision({ person: 'nobody', day: TODAY, document: { proposed: 'same', taken: 'same' } })),
  ).toBe('person')
})

it('what is taken becomes their form in the plan; another decision of the day, or a plan that is gone, takes it back', async () => {
  const body = resolveBody({ stature: 1.7, mass: 70, sex: 'male' })
  // As it comes over the wire.
  const stance = JSON.parse(JSON.stringify(fromStance(buildPosture(postureOf('bow'), body, 'therapeutic', 'left'))))
  const person = { id: 'bram-tallow', level: 1, kind: 'level', stance: null } as const
  const plan = { format: 'nivrel.plan/1', school: 'therapeutic', side: 'left', levels: [], people: [person] }
  await keepPlan({ group: GROUP, posture: 'bow', plan, revision: 0 })
  const peopleNow = async () =>
    (await listPlans()).find((one) => one.group === GROUP && one.posture === 'bow')?.plan.people
  const decide = (taken: 'easier' | null, form?: unknown) =>
    keepDecision({
      person: 'bram-tallow',
      day: TODAY,
      document: { proposed: 'easier', taken },
      ...(form !== undefined && { form }),
    })
  await decide('easier', { group: GROUP, posture: 'bow', stance })
  expect(await peopleNow()).toMatchObject([{ id: 'bram-tallow', level: null, kind: 'own', stance }])
  await decide(null)
  expect(await peopleNow()).toEqual([person])

  // Fitted anew since: what was fitted stays.
  await decide('easier', { group: GROUP, posture: 'bow', stance })
  const fitted = { ...person, level: 2 }
  const revision = (await listPlans()).find((one) => one.group === GROUP && one.posture === 'bow')?.revision ?? 0
  await keepPlan({ group: GROUP, posture: 'bow', plan: { ...plan, people: [fitted] }, revision })
  await decide(null)
  expect(await peopleNow()).toEqual([fitted])
  expect(await fieldOf(decide('easier', { group: GROUP, posture: 'no-such', stance }))).toBe('form.posture')
})
