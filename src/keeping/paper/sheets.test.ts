import { beforeEach, describe, expect, it } from 'vitest'
import type { InputError } from '@/core'
import { addDays } from '@/documents/days'
import type { LessonDocument } from '@/documents/lesson-document'
import { makeRecord, type RecordDocument } from '@/documents/record-document'
import { widthOf } from '@/paper/letters'
import type { Mark, Sheet } from '@/paper/sheet'
import type { Stood } from '@/paper/stood'
import { openHouse } from '@/testing/screens/house'
import { ENGLISH } from '@/words/english'
import { LENGTH_UNITS } from '@/words/units'
import { today } from '../clock'
import { takeGroups } from '../groups'
import { keepLesson } from '../lessons'
import { enterLog } from '../log'
import { addRecords, readRecord, saveRecord } from '../people'
import { readAsked } from './asked'
import { makeSheets } from './make'
import { listPrintable } from './of-person'

type Text = Extract<Mark, { kind: 'text' }>

/** The text that stands on a sheet itself, not in a drawing on it. */
const textsOf = ({ marks }: Sheet): Text[] => marks.filter((mark) => mark.kind === 'text')
const read = (sheets: readonly Sheet[]): string =>
  sheets
    .flatMap(textsOf)
    .map(({ text }) => text)
    .join('\n')

function expectOnPaper(sheets: readonly Sheet[]): void {
  expect(sheets.length).toBeGreaterThan(0)
  for (const sheet of sheets)
    for (const { text, x, y, size, bold, anchor = 'start' } of textsOf(sheet)) {
      const wide = widthOf(text, size, bold)
      const left = anchor === 'start' ? x : anchor === 'end' ? x - wide : x - wide / 2
      expect([text, y <= sheet.height - 5, left >= 0, left + wide <= sheet.width]).toEqual([text, true, true, true])
      expect(text).not.toMatch(/NaN|undefined|null|\[object|Infinity/)
    }
}

const print = async (given: Record<string, string>) => (await makeSheets(readAsked(given), ENGLISH)).sheets
const fieldOf = (given: Record<string, string>) =>
  print(given).then(
    () => null,
    (error: unknown) => (error as InputError).field,
  )
const change = async (id: string, make: (record: RecordDocument) => RecordDocument) => {
  const { revision, record } = await readRecord(id)
  await saveRecord(id, { revision, record: make(record) })
}

beforeEach(async () => {
  await openHouse('history')
})

describe('what is printed of somebody', () => {
  it.each(['marit-quill', 'bram-tallow', 'wilhelm-aster', 'calla-wynd', 'yuki-harland'])(
    'stays on every paper, in every unit: %s',
    async (person) => {
      for (const as of ['plan', 'card', 'home', 'clinician', 'tape'])
        for (const size of ['a4', 'letter'])
          for (const unit of as === 'plan' || as === 'home' ? LENGTH_UNITS : (['cm'] as const)) {
            const sheets = await print({ as, person, size, unit }).catch((error: InputError) => error.field)
            if (typeof sheets === 'string') expect(sheets).toBe('person')
            else if (sheets.length > 0) expectOnPaper(sheets)
          }
    },
  )

  it('a card of whom nothing is kept is one that they may do: seated, where both feet may not carry', async () => {
    const [first] = (await listPrintable('calla-wynd', ENGLISH)).stoods
    expect(first?.stance.seat).toBeDefined()
    expect(await print({ as: 'card', person: 'calla-wynd' })).not.toEqual([])
    // Nobody sits on a card who stands, or stands with a hand.
    for (const [id, hands] of [
      ['tomasz-ferrow', []],
      ['marit-quill', ['chair-back']],
    ] as const) {
      const { stance } = (await listPrintable(id, ENGLISH)).stoods[0] as Stood
      expect([id, stance.seat, stance.supports.map(({ kind }) => kind)]).toEqual([id, undefined, hands])
    }
  })

  it('the clinician’s page holds orders with dates and what was seen, and goes on where one page is not enough', async () => {
    const on = await today()
    const order = (value: number) => ({
      what: 'kneeFlexionMaxDeg' as const,
      value,
      source: { kind: 'clinician' as const, name: `Dr. ${'Venn-Albrecht '.repeat(4)}` },
      on,
    })
    await change('bram-tallow', (record) => ({
      ...record,
      limits: [...record.limits, { ...order(30), side: 'left' }, { ...order(35), side: 'right' }],
    }))
    const word = 'said that the left knee was warm after the class and that he had to sit on the stairs; '
      .repeat(5)
      .slice(0, 499)
    for (const back of [1, 8, 15])
      await enterLog({
        rows: [
          {
            person: 'bram-tallow',
            group: 'slack-tide',
            day: addDays(on, -back),
            said: { came: true, word, pain: 5, painAt: 'knee' },
          },
        ],
      })
    const sheets = await print({ as: 'clinician', person: 'bram-tallow' })
    expectOnPaper(sheets)
    expect(read(sheets)).toMatch(/Venn-Albrecht/)
    expect(read(sheets)).toMatch(/no diagnosis/)
  })

  it('a home page names whom to ask, never more than the hold that they may, and is nobody’s where they cannot stand it', async () => {
    const [{ id } = { id: '' }] = await addRecords({
      records: [
        {
          ...makeRecord('Ola Brandt', { statureM: 1.6, massKg: 60, footLengthM: 0.24 }),
          limits: [{ what: 'holdMaxS', value: 3, source: { kind: 'instructor' }, on: await today() }],
          tests: [{ test: 'functional-reach', on: await today(), trials: [30] }],
        },
      ],
    })
    const said = read(await print({ as: 'home', person: id, hold: '20', counts: '6' }))
    expect(said).toMatch(/3 s/)
    expect(said).not.toMatch(/20 s/)
    expect(await fieldOf({ as: 'home', person: 'nobody-here' })).toBe('person')
    expect(await fieldOf({ as: 'home', person: id, hold: 'long' })).toBe('hold')
    expect(await fieldOf({ as: 'poster', person: id })).toBe('as')
    expect(await fieldOf({ as: 'home' })).toBe('person')
  })
})

describe('what is printed of a group', () => {
  const LONG = 'Wilhelmina-Theodora Featherstonehaugh-Cholmondeley'

  it('a lesson of twenty pieces and long words stays on its pages, each minute in its place', async () => {
    const pieces: LessonDocument['pieces'] = Array.from({ length: 20 }, (_, i) => ({
      id: `p${i}`,
      kind: i % 5 === 4 ? 'rest' : 'posture',
      minutes: 3,
      ...(i % 5 !== 4 && { posture: 'bow', side: 'left' as const, holdS: 4 }),
      say: 'Pour the weight over as slowly as honey, and keep the head as level as a bowl of water. '.repeat(4).trim(),
      lookAt: 'the knee over the foot, and whoever holds the breath',
    }))
    const day = addDays(await today(), 7)
    expect(await fieldOf({ as: 'lesson', group: 'slack-tide', day })).toBe('day')
    await keepLesson({ group: 'slack-tide', day, revision: 0, document: { minutes: 60, pieces } })
    const sheets = await print({ as: 'lesson', group: 'slack-tide', day })
    expectOnPaper(sheets)
    expect(sheets.length).toBeGreaterThan(1)
    expect(read(sheets)).toMatch(/57/)
    // Whom something binds is on it, with who said so.
    expect(read(sheets)).toMatch(/Odalys Marrin: left knee bend 30° at most \(their own word/)
    expect(await fieldOf({ as: 'lesson', group: 'slack-tide' })).toBe('day')
    expect(await fieldOf({ as: 'lesson', group: 'nobody', day })).toBe('group')
  })

  it('a log sheet of forty people with long names has a line for each', async () => {
    const records = Array.from({ length: 40 }, (_, i) => ({
      ...makeRecord(`${LONG} ${i + 1}`, { statureM: 1.6, massKg: 60 }),
      groups: ['Large'],
    }))
    await addRecords({ records })
    const [{ id: group } = { id: '' }] = await takeGroups({ names: ['Large'] })
    const sheets = await print({ as: 'log', group, day: await today() })
    expectOnPaper(sheets)
    expect(read(sheets).match(/Wilhelmina/g)).toHaveLength(40)
  })

  it('who joined after the plan was kept is on the class sheet, as not in it yet; forty in a lane stay on the page', async () => {
    const { keepPlan } = await import('../plans')
    const { listMembers } = await import('../bench')
    const { mergeLibrary, fromMeasures } = await import('@/documents/posture-document')
    const records = Array.from({ length: 40 }, (_, i) => ({
      ...makeRecord(`${LONG} ${i + 1}`, { statureM: 1.6, massKg: 60 }),
      groups: ['Large'],
    }))
    await addRecords({ records })
    const [{ id: group } = { id: '' }] = await takeGroups({ names: ['Large'] })
    expect(await fieldOf({ as: 'class', group, posture: 'bow' })).toBe('posture')
    const bow = mergeLibrary([]).find(({ id }) => id === 'bow')
    if (!bow) throw new Error('no bow')
    const members = await listMembers(group)
    const measures = fromMeasures(bow.measures.therapeutic)
    await keepPlan({
      group,
      posture: 'bow',
      revision: 0,
      plan: {
        format: 'nivrel.plan/1',
        school: 'therapeutic',
        side: 'left',
        chairs: true,
        levels: [{ measures, edited: false }],
        people: members.map(({ id }) => ({ id, kind: 'level', level: 0, stance: null, pinned: false })),
      },
    })
    await addRecords({ records: [{ ...makeRecord('Late Comer', { statureM: 1.7, massKg: 70 }), groups: ['Large'] }] })
    const sheets = await print({ as: 'class', group, posture: 'bow' })
    expectOnPaper(sheets)
    expect(read(sheets).match(/Wilhelmina/g)?.length).toBeGreaterThanOrEqual(40)
    expect(read(sheets)).toMatch(/Not in the plan yet/)
    expect(read(sheets)).toMatch(/Late Comer/)
    expect(await fieldOf({ as: 'tape', group, posture: 'bow', of: '3' })).toBe('of')
    expectOnPaper(await print({ as: 'plan', group, posture: 'bow' }))
  })
})

describe('what is printed of a routine', () => {
  it('has every part on it for whoever walks it; what is not there is named', async () => {
    for (const routine of ['quay-four', 'harbour-twelve']) {
      const sheets = await print({ as: 'path', routine, person: 'yuki-harland' })
      expectOnPaper(sheets)
      expectOnPaper(await print({ as: 'tape', routine, person: 'yuki-harland', of: '2' }))
    }
    const bound = read(await print({ as: 'path', routine: 'quay-four', person: 'odalys-marrin' }))
    expect(bound).toMatch(/Not like this for Odalys\sMarrin: \d/)
    expect(bound).toMatch(/For Odalys Marrin: left knee bend 30° at most/)
    expect(await fieldOf({ as: 'path', routine: 'nothing', person: 'yuki-harland' })).toBe('routine')
    expect(await fieldOf({ as: 'path', person: 'yuki-harland' })).toBe('routine')
  })
})
