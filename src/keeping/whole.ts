import { z } from 'zod'
import { stamp } from '@/clock'
import { decisionDocument } from '@/documents/decision-document'
import { accepted, list } from '@/documents/fields'
import { lessonDocument } from '@/documents/lesson-document'
import { logBody } from '@/documents/log-document'
import { parse } from '@/documents/parse'
import { planDocument } from '@/documents/plan-document'
import { postureDocument } from '@/documents/posture-document'
import { recordDocument } from '@/documents/record-document'
import { houseRoutine } from '@/documents/routine-document'
import { WHOLE_FORMAT, type WholeDocument, wholePerson, wholeRest } from '@/documents/whole-document'
import { endWhole, readRows, stageWhole, type WholeEnd } from '@/keeping/db/whole'
import { sayGroups } from '@/records/groups'
import { keepByIds, readGroups, takeGroups } from './groups'
import { here } from './here'
import { readHouse } from './house'
import { readKept, type SetAside } from './set-aside'

const importId = z.uuid({ error: accepted('importId') })
const part = z.object({ import: importId, people: list(wholePerson, 'people') })
const end = wholeRest.extend({ import: importId })

/** Everything, as one document: people with what was kept for them, postures, plans, the house's own rules. */
export async function readWhole(): Promise<WholeDocument> {
  const { persons, stances, benches, library, classes, ways, taught, written, decided } = await readRows(await here())
  const groups = await readGroups()
  const {
    revision,
    aside: unreadableHouse,
    rules,
    days,
    signs,
    units,
    ways: goes,
    practice,
    emergency,
  } = await readHouse()
  const setAside: SetAside[] = unreadableHouse ? [unreadableHouse] : []
  const readable = <S extends z.ZodType>(schema: S, raw: unknown, about: Pick<SetAside, 'what' | 'id' | 'name'>) => {
    const { value, aside } = readKept(schema, raw, about)
    if (aside) setAside.push(aside)
    return value as z.infer<S> | null
  }
  const nameOf = (groupId: string) => groups.find((one) => one.id === groupId)?.name ?? groupId
  const people = persons.flatMap(({ id, name, createdAt, record: raw }) => {
    const record = readable(recordDocument, raw, { what: 'person', id, name })
    if (!record) return []
    const kept = stances.filter(({ personId }) => personId === id).map(({ personId: _, ...one }) => one)
    const { personId: _, revision: __, ...draft } = benches.find(({ personId }) => personId === id) ?? {}
    const log = written.flatMap((row) => {
      if (row.personId !== id) return []
      const body = readable(logBody, row.body, { what: 'log', id, name: `${name}, ${row.day}` })
      const { day, groupId, piece, title } = row
      return body
        ? [{ person: id, day, group: nameOf(groupId), ...(piece && { piece }), ...(title && { title }), ...body }]
        : []
    })
    const decisions = decided.flatMap(({ personId, day, document: raw }) => {
      if (personId !== id) return []
      const document = readable(decisionDocument, raw, { what: 'decision', id, name: `${name}, ${day}` })
      return document ? [{ day, document }] : []
    })
    return [
      {
        id,
        createdAt,
        record: sayGroups(record, groups),
        kept,
        draft: Object.keys(draft).length > 0 ? draft : null,
        log,
        decisions,
      },
    ]
  })
  const postures = library.flatMap(({ id, document: raw }) => {
    const document = readable(postureDocument, raw, { what: 'posture', id, name: id })
    return document ? [{ id, document }] : []
  })
  const plans = classes.flatMap(({ id, groupId, posture, document: raw }) => {
    const group = nameOf(groupId)
    const document = readable(planDocument, raw, { what: 'plan', id, name: `${group}, ${posture}` })
    return document ? [{ group, posture, document }] : []
  })
  const routines = ways.flatMap(({ id, document: raw }) => {
    const document = readable(houseRoutine, raw, { what: 'routine', id, name: id })
    return document ? [{ id, document }] : []
  })
  const lessons = taught.flatMap(({ id, groupId, day, document: raw }) => {
    const group = nameOf(groupId)
    const document = readable(lessonDocument, raw, { what: 'lesson', id, name: `${group}, ${day}` })
    return document ? [{ group, day, document }] : []
  })
  plans.sort((a, b) => a.group.localeCompare(b.group) || a.posture.localeCompare(b.posture))
  const house = revision > 0 && !unreadableHouse ? { rules, days, signs, units, ways: goes, practice, emergency } : null
  return {
    format: WHOLE_FORMAT,
    takenOutAt: stamp(),
    people,
    postures,
    plans,
    routines,
    lessons,
    house,
    setAside,
  } as WholeDocument
}

/** Takes some of the people of a whole that comes back; nobody of them is on the list before `endWholeImport`. */
export async function takeWholePart(value: unknown): Promise<void> {
  const { import: id, people } = parse(part, value)
  const records = await keepByIds(people.map(({ record }) => record))
  const groups = await takeGroups({
    names: [...new Set(people.flatMap(({ log }) => log.map(({ group }) => group ?? '')))].filter(Boolean),
  })
  const idOf = (name: string | undefined) => groups.find((one) => one.name === name)?.id
  const kept = people.map((one, i) => ({
    ...one,
    record: records[i] as typeof one.record,
    log: one.log.flatMap(({ person: _, group, day, piece = '', title = '', ...body }) => {
      const groupId = idOf(group) ?? (records[i] as typeof one.record).groups[0]
      return groupId ? [{ day, groupId, piece, title, body }] : []
    }),
  }))
  await stageWhole(await here(), kept, markOf(id), stamp())
}

/** Puts everything in its place at once; what is there already stays as it is. */
export async function endWholeImport(value: unknown): Promise<WholeEnd> {
  const { import: id, ...rest } = parse(end, value)
  const names = [...rest.plans, ...rest.lessons].map(({ group }) => group)
  const groups = await takeGroups({ names: [...new Set(names)] })
  const idOf = (group: string) => groups.find(({ name }) => name === group)?.id as string
  const plans = rest.plans.map(({ group, posture, document }) => ({
    posture,
    document,
    groupId: idOf(group),
  }))
  const lessons = rest.lessons.map(({ group, day, document }) => ({ day, document, groupId: idOf(group) }))
  return endWhole(await here(), { ...rest, plans, lessons }, markOf(id), stamp())
}

const markOf = (importId: string) => `import ${importId}`
