import { type Body, resolveBody } from '@/core'
import { toPerson } from '@/formats/to-core'
import type { BenchPerson } from '@/server/bench'

/** Somebody of the class, with the body that the model sees on this day. */
export type Member = { id: string; name: string; short: string; body: Body; person: BenchPerson }

/** First names where they are enough to tell people apart, else with the initial, else whole. */
export function makeMembers(people: readonly BenchPerson[]): Member[] {
  const first = (name: string) => name.split(' ')[0] as string
  const withInitial = (name: string) => `${first(name)} ${name.split(' ').at(-1)?.charAt(0) ?? ''}`
  const count = (of: (name: string) => string, name: string) => people.filter((p) => of(p.name) === of(name)).length
  return people.map((person) => ({
    id: person.id,
    name: person.name,
    short:
      count(first, person.name) === 1
        ? first(person.name)
        : count(withInitial, person.name) === 1
          ? withInitial(person.name)
          : person.name,
    body: resolveBody(toPerson(person.document)),
    person,
  }))
}
