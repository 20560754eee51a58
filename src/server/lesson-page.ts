import type { DoneDay } from '@/core'
import { addDays } from '@/formats/days'
import { toPractice } from '@/formats/practice-rules'
import { listDoneDays } from '@/teaching/practice/class-days'
import { type BenchPerson, listMembers } from './bench'
import { readHouse } from './house'
import { readLogOfGroup } from './log'

/** Somebody of a class, with what they did in the weeks that count for what they are used to. */
export type Pupil = { person: BenchPerson; done: DoneDay[]; mass: number }

/** Everybody of a group, as a lesson on a day sees them. */
export async function listPupils(group: string, day: string): Promise<Pupil[]> {
  const { practice } = await readHouse()
  const rules = toPractice(practice)
  const [members, rows] = await Promise.all([
    listMembers(group),
    readLogOfGroup(group, addDays(day, -rules.budgetDays), day),
  ])
  return members.map((person) => ({
    person,
    mass: person.document.massKg,
    done: listDoneDays(
      rows.filter((row) => row.person === person.id),
      rules,
    ),
  }))
}
