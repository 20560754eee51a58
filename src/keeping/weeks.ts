import type { HouseWays } from '@/documents/choices-document'
import type { LogRow } from '@/documents/log-document'
import type { PracticeDocument } from '@/documents/practice-rules'
import type { RecordDocument } from '@/documents/record-document'
import { type BenchPerson, type KeptStance, listKeptOf, readBench } from './bench'
import { type Decided, readDecisionsOf } from './decisions'
import { readHouse } from './house'
import { findLastLesson, type Lesson } from './lessons'
import { readLogOf } from './log'
import { readRecord } from './people'
import { listRoutines, type OwnRoutine } from './routines'

/** Somebody's weeks: what was written down, what was decided, and who they are. */
export type Weeks = {
  person: BenchPerson
  record: RecordDocument
  rows: LogRow[]
  decided: Decided[]
  kept: KeptStance[]
  practice: PracticeDocument
}

/** @throws InputError where nobody has that id */
export async function readWeeks(personId: string): Promise<Weeks> {
  const [{ person }, { record }, rows, decided, kept, house] = await Promise.all([
    readBench(personId),
    readRecord(personId),
    readLogOf(personId),
    readDecisionsOf(personId),
    listKeptOf(personId),
    readHouse(),
  ])
  return { person, record, rows, decided, kept, practice: house.practice }
}

/** The last lesson of somebody's groups, and what the house walks it with. */
export type LastLesson = { lesson: Lesson; routines: OwnRoutine[]; ways: HouseWays }

export async function readLastLesson(groups: readonly string[], on: string): Promise<LastLesson | null> {
  const [lesson, routines, { ways }] = await Promise.all([findLastLesson(groups, on), listRoutines(), readHouse()])
  return lesson && { lesson, routines, ways }
}
