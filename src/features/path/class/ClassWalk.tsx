import Button from '@mui/material/Button'
import ButtonBase from '@mui/material/ButtonBase'
import LinearProgress from '@mui/material/LinearProgress'
import { useMemo } from 'react'
import type { RoutineDocument } from '@/documents/routine-document'
import type { BenchPerson } from '@/keeping/bench'
import { useSay, useWords } from '@/ui/words/use-words'
import { VerdictMark, verdictWordsIn } from '@/ui/words/VerdictMark'
import { sayUnder, type Words } from '@/words/language'
import { sayWalker, sayWalkers, sayWhyWalker } from '@/words/walkers'
import type { Library } from '../state/use-walk'
import { ClassHall } from './ClassHall'
import styles from './class.module.css'
import { useWalkClass, type Walker } from './use-walk-class'

type ClassWalkProps = {
  people: readonly BenchPerson[]
  /** The group that walks, by its id. */
  group: string
  routine: RoutineDocument
  library: Library
  names: readonly string[]
  room: { width: number; depth: number }
  /** Somebody on a way: that way is opened for them. */
  onOpen: (person: string, part: number) => void
}

const ORDER = { asIs: 0, steps: 1, chair: 2, inPlace: 3, sits: 4 } as const

/** Everybody of a class on the same path: a line of tape for each, every way a mark on it. */
export function ClassWalk({ people, group, routine, library, names, room, onOpen }: ClassWalkProps) {
  const say = useSay('walkers')
  const words = useWords()
  const { walkers, progress, broken, cancel } = useWalkClass(people, group, routine, library)
  const working = progress !== null
  // While it is worked out nobody changes places.
  const sorted = useMemo(
    () => (walkers && !working ? [...walkers].sort(byDemand) : (walkers ?? [])),
    [walkers, working],
  )
  const known = !working && walkers?.every(({ sized, fit }) => fit !== null || !sized)
  const away = people.filter(({ mark }) => mark === 'away').map(({ name }) => name)
  return (
    <section className={styles.class} aria-label={say('label')}>
      {working && (
        <div className={styles.searching}>
          <LinearProgress variant="determinate" value={progress * 100} aria-label={say('searching')} />
          <Button onClick={cancel}>{say('stop')}</Button>
        </div>
      )}
      {broken && <p role="alert">{say('broken')}</p>}
      {known && (
        <p className={styles.sum}>
          {sayWalkers(
            sorted.map(({ fit }) => fit),
            words,
          )}
        </p>
      )}
      {away.length > 0 && <p className={styles.away}>{say('away', { names: away.join(', ') })}</p>}
      {sorted.length > 0 && (
        <div className={styles.line} aria-hidden="true">
          <span />
          <div className={styles.numbers}>
            {names.slice(1).map((_, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: a way is its place in the order
              <span key={i}>{i + 1}</span>
            ))}
          </div>
        </div>
      )}
      <ul className={styles.lines}>
        {sorted.map((walker) => (
          <Line key={walker.person.id} walker={walker} names={names} onOpen={onOpen} />
        ))}
      </ul>
      {sorted.length > 0 && (
        <ol className={styles.key} aria-label={say('ways')}>
          {names.slice(1).map((name, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a way is its place in the order
            <li key={i}>
              {i + 1} {name}
            </li>
          ))}
        </ol>
      )}
      {known && <ClassHall walkers={sorted} room={room} onOpen={onOpen} />}
    </section>
  )
}

function byDemand(a: Walker, b: Walker): number {
  const rank = ({ fit }: Walker) => (fit ? ORDER[fit.how] : 5)
  return rank(a) - rank(b) || (b.fit?.scale ?? 0) - (a.fit?.scale ?? 0) || a.person.name.localeCompare(b.person.name)
}

type LineProps = { walker: Walker; names: readonly string[]; onOpen: ClassWalkProps['onOpen'] }

function Line({ walker, names, onOpen }: LineProps) {
  const say = useSay('walkers')
  const words = useWords()
  const { person, asked, fit, stale } = walker
  return (
    <li className={styles.line} data-how={fit?.how ?? (asked ? 'asked' : 'none')} data-stale={stale}>
      <ButtonBase className={styles.name} onClick={() => onOpen(person.id, 0)}>
        {person.name}
      </ButtonBase>
      <div className={styles.tape}>
        {asked?.map((verdict, i) => {
          const name = names[i + 1] ?? ''
          const chair = fit?.chairs.find(({ part }) => part === i + 1)
          return (
            <ButtonBase
              // biome-ignore lint/suspicious/noArrayIndexKey: a way is its place in the order
              key={i}
              className={styles.mark}
              aria-label={`${person.name}, ${i + 1} ${name}: ${verdict ? verdictWordsIn(words)[verdict] : say('noWay')}`}
              title={`${i + 1} ${name}`}
              onClick={() => onOpen(person.id, i + 1)}
            >
              {verdict ? <VerdictMark verdict={verdict} size={17} /> : <NoWay />}
              {chair && <Chair />}
            </ButtonBase>
          )
        })}
      </div>
      <span className={styles.how}>
        {sayHow(walker, words)}
        {fit?.why && fit.how !== 'asIs' && <small>{sayWhyWalker(fit.why, words)}</small>}
      </span>
    </li>
  )
}

function sayHow({ sized, asked, fit }: Walker, words: Words): string {
  const say = sayUnder(words, 'walkers')
  if (fit || !sized) return sayWalker(fit, words)
  return say(asked ? 'untried' : 'unwalked')
}

/** The tape is broken: there is no way. */
const NoWay = () => (
  <svg width="17" height="17" viewBox="0 0 20 20" aria-hidden="true">
    <path d="M3 6v8M17 6v8" stroke="var(--clay)" strokeWidth="3" strokeLinecap="round" />
  </svg>
)

const Chair = () => (
  <svg className={styles.chair} width="14" height="14" viewBox="0 0 14 14" aria-hidden="true">
    <path d="M3 1v12M3 7h8v6" fill="none" stroke="var(--wood)" strokeWidth="2.2" strokeLinejoin="round" />
  </svg>
)
