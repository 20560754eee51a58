import ButtonBase from '@mui/material/ButtonBase'
import { type CSSProperties, useMemo } from 'react'
import { asStoodBy, tryAnalyse } from '@/core'
import type { BenchPerson } from '@/keeping/bench'
import { SmallFloor } from '@/ui/floor/SmallFloor'
import { SmallVial } from '@/ui/vial/SmallVial'
import { useWords } from '@/ui/words/use-words'
import { shortNames } from '@/words/people'
import type { Lane } from './state/lanes'
import styles from './teach.module.css'

type LanesProps = {
  lanes: readonly Lane[]
  /** Who is up already in this hold. */
  released: ReadonlySet<string>
  onTouch: (person: BenchPerson) => void
}

const FLOOR = 110
/** So many people have letters as large as can be. */
const ROOMY = 14
/** And so many levels footprints: names stay as large. */
const ROWS = 2.5

/** The footprints of each level with who does it beneath; a name is touched when something happens. */
export function Lanes({ lanes, released, onTouch }: LanesProps) {
  const people = lanes.flatMap((lane) => lane.people)
  const short = shortNames(people.map(({ name }) => name))
  return (
    <div
      className={styles.lanes}
      style={
        {
          '--many': Math.min(1, Math.sqrt(ROOMY / Math.max(1, people.length))),
          '--rows': Math.min(1, ROWS / Math.max(1, lanes.length)),
        } as CSSProperties
      }
    >
      {lanes.map((lane) => (
        <section key={lane.title} style={{ flexGrow: 1 + Math.sqrt(lane.people.length) }}>
          <LaneFloor lane={lane} />
          <div>
            <h2>{lane.title}</h2>
            <ul>
              {lane.people.map((person) => (
                <li key={person.id}>
                  <ButtonBase className={styles.name} data-up={released.has(person.id)} onClick={() => onTouch(person)}>
                    {short[people.indexOf(person)]}
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

/** What somebody has beside them: a chair, a wall, a helper. */
function Beside({ person: { limits, helperBeside } }: { person: BenchPerson }) {
  const words = useWords()
  const support = limits.find(({ what }) => what === 'support')?.entry.value
  if (support === 'chair-back')
    return (
      <svg width="20" height="20" viewBox="0 0 20 20" role="img" aria-label={words.say('lesson.who.chair')}>
        <path d="M5 2V11H15M5 11V18M15 11V18" fill="none" stroke="currentColor" strokeWidth="2.2" />
      </svg>
    )
  if (helperBeside || support === 'helper') return <small>+1</small>
  return null
}
