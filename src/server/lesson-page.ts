import type { DoneDay, Reason } from '@/core'
import { addDays } from '@/formats/days'
import { toPractice } from '@/formats/practice-rules'
import { listClassDays, listDoneDays } from '@/teaching/practice/class-days'
import { type BenchPerson, listMembers } from './bench'
import { readGrave } from './grave'
import { readHouse } from './house'
import { readLogOfGroup } from './log'

/** Somebody of a class, with what they did in the weeks that count for what they are used to. */
export type Pupil = {
  person: BenchPerson
  done: DoneDay[]
  mass: number
  /** What happened in their last class, and is not answered yet. */
  grave: Reason[]
}

/** Everybody of a group, as a lesson on a day sees them. */
export async function listPupils(group: string, day: string): Promise<Pupil[]> {
  const { practice } = await readHouse()
  const rules = toPractice(practice)
  const [members, rows] = await Promise.all([
    listMembers(group),
    readLogOfGroup(group, addDays(day, -rules.budgetDays), day),
  ])
  return Promise.all(
    members.map(async (person) => {
      const own = rows.filter((row) => row.person === person.id)
      return {
        person,
        mass: person.document.massKg,
        done: listDoneDays(own, rules),
        grave: await readGrave(person.id, listClassDays(own), day, rules),
      }
    }),
  )
}
