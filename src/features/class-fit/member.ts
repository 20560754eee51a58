import type { Body } from '@/core'
import { bodyOf } from '@/documents/to-core'
import type { BenchPerson } from '@/keeping/bench'
import { shortNames } from '@/words/people'

/** Somebody of the class, with the body that the model sees on this day. */
export type Member = { id: string; name: string; short: string; body: Body; person: BenchPerson }

/** Everybody of a group, by the shortest name that tells them apart. */
export function makeMembers(people: readonly BenchPerson[]): Member[] {
  const short = shortNames(people.map(({ name }) => name))
  return people.map((person, i) => ({
    id: person.id,
    name: person.name,
    short: short[i] as string,
    body: bodyOf(person.document),
    person,
  }))
}
