import { type DoneDay, decide, GRAVE_DAYS, type Reason } from '@/core'
import { addDays } from '@/documents/days'
import { toPractice } from '@/documents/practice-rules'
import { listClassDays, listDoneDays } from '@/teaching/practice/class-days'
import { type BenchPerson, listMembers } from './bench'
import { readAnswered } from './decisions'
import { readHouse } from './house'
import { readLogOfGroup } from './log'

/** Somebody of a class, with what they did in the weeks that count for what they are used to. */
export type Pupil = {
  person: BenchPerson
  done: DoneDay[]
  mass: number
  /** What happened to them, and is not answered yet. */
  grave: Reason[]
}

/** Everybody of a group, as a lesson on a day sees them. */
export async function listPupils(group: string, day: string): Promise<Pupil[]> {
  const { practice } = await readHouse()
  const rules = toPractice(practice)
  const [members, rows, answered] = await Promise.all([
    listMembers(group),
    readLogOfGroup(group, addDays(day, -Math.max(rules.budgetDays, GRAVE_DAYS)), day),
    readAnswered(),
  ])
  return members.map((person) => {
    const own = rows.filter((row) => row.person === person.id)
    return {
      person,
      mass: person.document.massKg,
      done: listDoneDays(own, rules),
      grave: decide(listClassDays(own), day, rules, answered[person.id] ?? null).grave,
    }
  })
}
