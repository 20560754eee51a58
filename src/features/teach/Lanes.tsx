import ButtonBase from '@mui/material/ButtonBase'
import { useMemo } from 'react'
import { asStoodBy, tryAnalyse } from '@/core'
import type { BenchPerson } from '@/server/bench'
import { SmallFloor } from '@/ui/floor/SmallFloor'
import { SmallVial } from '@/ui/vial/SmallVial'
import { ENGLISH } from '@/words/language'
import type { Lane } from './state/lanes'
import styles from './teach.module.css'

type LanesProps = {
  lanes: readonly Lane[]
  /** Who is up already in this hold. */
  released: ReadonlySet<string>
  onTouch: (person: BenchPerson) => void
}

const FLOOR = 78

/** The footprints of each level with who does it beneath; a name is touched when something happens. */
export function Lanes({ lanes, released, onTouch }: LanesProps) {
  return (
    <div className={styles.lanes}>
      {lanes.map((lane) => (
        <section key={lane.title} style={{ flexGrow: 1 + Math.sqrt(lane.people.length) }}>
          <LaneFloor lane={lane} />
          <div>
            <h2>{lane.title}</h2>
            <ul>
              {lane.people.map((person) => (
                <li key={person.id}>
                  <ButtonBase className={styles.name} data-up={released.has(person.id)} onClick={() => onTouch(person)}>
                    {shortName(person.name, lanes)}
                    <Beside person={person} />
                  </ButtonBase>
                </li>
              ))}
            </ul>
          </div>
        </section>
      ))}
    </div>
  )
}

function LaneFloor({ lane: { body, stance } }: { lane: Lane }) {
  const analysis = useMemo(() => stance && tryAnalyse(body, asStoodBy(body, stance)), [body, stance])
  if (!stance) return null
  return (
    <figure>
      <SmallFloor body={body} stance={stance} width={FLOOR} height={FLOOR} />
      {analysis && <SmallVial margins={analysis.margins.usable} reserve={analysis.reserve} />}
    </figure>
  )
}

/** First names, as a teacher calls them; with the first letter of the other where two are called alike. */
function shortName(name: string, lanes: readonly Lane[]): string {
  const [first = name, ...rest] = name.split(' ')
  const alike = lanes.flatMap(({ people }) => people).filter((one) => one.name.split(' ')[0] === first).length > 1
  return alike ? `${first} ${rest.at(-1)?.charAt(0) ?? ''}`.trim() : first
}

/** What somebody has beside them: a chair, a wall, a helper. */
function Beside({ person: { limits, helperBeside } }: { person: BenchPerson }) {
  const support = limits.find(({ what }) => what === 'support')?.entry.value
  if (support === 'chair-back')
    return (
      <svg width="20" height="20" viewBox="0 0 20 20" role="img" aria-label={ENGLISH.say('lesson.who.chair')}>
        <path d="M5 2V11H15M5 11V18M15 11V18" fill="none" stroke="currentColor" strokeWidth="2.2" />
      </svg>
    )
  if (helperBeside || support === 'helper') return <small>+1</small>
  return null
}
