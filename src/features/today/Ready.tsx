import type { Hall } from '@/documents/house-settings'
import type { LessonDocument } from '@/documents/lesson-document'
import type { Posture } from '@/documents/posture-document'
import type { TodayPerson } from '@/keeping/today-page'
import type { Group } from '@/records/groups'
import { countNeeds } from '@/teaching/practice/needs'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayNeeds } from '@/words/lessons'
import { sayPostureName } from '@/words/postures'
import styles from './today.module.css'

type ReadyProps = {
  members: readonly TodayPerson[]
  group: Group
  postures: readonly Posture[]
  lesson: LessonDocument | null
  hall: Hall
}

const supportOf = (limits: TodayPerson['person']['limits']): string | null =>
  String(limits.find(({ what }) => what === 'support')?.entry.value ?? '') || null

/** Chairs, wall places and helpers for whoever is here, by their limits and plans; and the tape of the hour's postures. */
export function Ready({ members, group, postures, lesson, hall }: ReadyProps) {
  const say = useSay('today')
  const words = useWords()
  const present = members.filter(({ person }) => person.mark !== 'away')
  const here = present.map(({ person }) => person)
  // What is done on a chair has a seat for each.
  const allSit = lesson?.pieces.some(({ limbs }) => limbs === 'seated') ?? false
  const needs = countNeeds(
    present.map(({ person: { document, limits, helperBeside }, toKnow }) => ({
      helperBeside,
      sitsOn: document.sitsOn,
      worked: allSit || document.limits?.seatedOnly === true ? [{ as: 'seated', room: [0, 0] }] : [],
      support: supportOf(limits) ?? (toKnow.grave.length > 0 || toKnow.isNew ? 'chair-back' : null),
    })),
  )
  // Whoever has a chair to sit on has one beside.
  const asked = allSit ? { ...needs, chairs: 0 } : needs
  const isNothing = asked.chairs + asked.seats + asked.wheelchairs + asked.walls + asked.helpers === 0
  const planned = new Set(
    here.flatMap((one) => one.planned.filter(({ groupId }) => groupId === group.id)).map(({ posture }) => posture),
  )
  const taped = [...new Set(lesson?.pieces.flatMap(({ posture }) => posture ?? []))].filter((id) => planned.has(id))
  return (
    <section aria-label={say('ready')}>
      <h2>{say('ready')}</h2>
      <p>{isNothing ? say('nothing') : sayNeeds(asked, hall, words)}</p>
      {taped.length > 0 && (
        <p className={styles.links}>
          {taped.map((id) => {
            const posture = postures.find((one) => one.id === id)
            const at = `group=${encodeURIComponent(group.id)}&posture=${encodeURIComponent(id)}`
            return (
              <a key={id} href={`/paper?as=tape&${at}`}>
                {say('tape', { posture: posture ? sayPostureName(posture, words) : id })}
              </a>
            )
          })}
        </p>
      )}
    </section>
  )
}
