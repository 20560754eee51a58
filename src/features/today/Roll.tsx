import { RollList } from '@/ui/people/RollList'
import { useSay } from '@/ui/words/use-words'
import styles from './today.module.css'
import type { RollState } from './use-roll'

/** The roll, in place on the day of the class; before it who is in the group. */
export function Roll({ roll: { members, isToday, called, mark, failed } }: { roll: RollState }) {
  const say = useSay('today')
  const sorted = members.toSorted((a, b) => a.person.name.localeCompare(b.person.name))
  return (
    <section className={styles.roll} aria-label={say('roll')}>
      <h2>{say('roll')}</h2>
      {failed && <p role="alert">{say('unmarked')}</p>}
      {isToday ? (
        <>
          <p className={styles.soft}>{called ? say('called') : say('rollHow')}</p>
          <RollList
            people={sorted.map(({ person: { id, name, mark, today, soreAt } }) => ({
              id,
              name,
              mark,
              today,
              at: soreAt,
            }))}
            onMark={mark}
          />
        </>
      ) : (
        <ul className={styles.names}>
          {sorted.map(({ person: { id, name } }) => (
            <li key={id}>
              <a href={`/people/${encodeURIComponent(id)}`}>{name}</a>
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
