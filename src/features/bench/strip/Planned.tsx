import type { PlannedFor } from '@/server/bench'
import styles from '../bench.module.css'
import { findPosture } from '../state/library'

type PlannedProps = { planned: readonly PlannedFor[]; onOpen: (planned: PlannedFor) => void }

/** What this person does in their classes' plans: pressed, it is on the bench. */
export function Planned({ planned, onOpen }: PlannedProps) {
  if (planned.length === 0) return null
  return (
    <section className={styles.planned} aria-label="In class">
      <h2>In class</h2>
      {planned.map((one) => (
        <p key={`${one.group} ${one.posture}`}>
          {one.group}, {findPosture(one.posture).name}:{' '}
          {one.stance ? (
            <button type="button" className={styles.take} onClick={() => onOpen(one)}>
              {one.title}
            </button>
          ) : (
            one.title
          )}
        </p>
      ))}
    </section>
  )
}
