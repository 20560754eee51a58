import type { TodayPerson } from '@/keeping/today-page'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayOrders } from '@/words/limits'
import { sayToKnow } from '@/words/today'
import styles from './today.module.css'

const gravity = ({ isGrave, orders }: { isGrave: boolean; orders: string }) => (isGrave ? 2 : 0) + (orders ? 1 : 0)

/** What has to be known of people before the class: what happened, then orders; nothing of whoever is away. */
export function ToKnow({ members }: { members: readonly TodayPerson[] }) {
  const say = useSay('today')
  const words = useWords()
  const lines = members
    .filter(({ person }) => person.mark !== 'away')
    .map(({ person, toKnow }) => ({
      person,
      isGrave: toKnow.grave.length > 0,
      orders: sayOrders(person.limits, words),
      said: sayToKnow(toKnow, person, words),
    }))
    .filter(({ said, orders }) => said.length > 0 || orders !== '')
    .toSorted((a, b) => gravity(b) - gravity(a) || b.said.length - a.said.length)
  return (
    <section aria-label={say('know')}>
      <h2>{say('know')}</h2>
      {lines.length === 0 && <p>{say('calm')}</p>}
      <ul className={styles.know}>
        {lines.map(({ person, isGrave, said, orders }) => (
          <li key={person.id} data-grave={isGrave}>
            <a
              href={
                isGrave ? `/log?person=${encodeURIComponent(person.id)}` : `/people/${encodeURIComponent(person.id)}`
              }
            >
              {person.name}
            </a>
            {orders && <strong>{orders}.</strong>}
            {said.map((one) => (
              <span key={one}>{one}</span>
            ))}
          </li>
        ))}
      </ul>
    </section>
  )
}
