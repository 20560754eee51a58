import Button from '@mui/material/Button'
import ButtonBase from '@mui/material/ButtonBase'
import { memo, useState } from 'react'
import type { RoutinePart, SaferWays, ShownPath } from '@/core'
import { HALF_BREATH_S, type RoutineDocument } from '@/documents/routine-document'
import { useWords } from '@/ui/words/use-words'
import { VerdictMark } from '@/ui/words/VerdictMark'
import { sayFinding } from '@/words/findings'
import { sayRefused, saySeconds } from '@/words/path'
import { sayWayChanges } from '@/words/safer'
import type { SaferThere } from '../state/use-safer-there'
import type { Trouble as One } from './list-troubles'
import { letterOf, sayTrouble } from './say-trouble'
import { showTrouble } from './show-trouble'
import { TempoOffers } from './TempoOffers'
import { takeWay } from './take-way'
import styles from './trouble.module.css'

type TroubleProps = {
  path: ShownPath
  troubles: readonly One[]
  names: readonly string[]
  who: string
  routine: RoutineDocument
  parts: readonly RoutinePart[]
  safer: SaferThere
}

/** So many stand on the floor, too. */
export const PINNED = 3

/** What is wrong on the way, the worst first: each leads to its instant, the first ones with what helps there. */
export const Trouble = memo(function Trouble(props: TroubleProps) {
  const words = useWords()
  const { path, troubles, names, who, routine, parts, safer } = props
  const [all, setAll] = useState(false)
  const shown = all ? troubles : troubles.slice(0, PINNED)
  // Of a part that several are about, what helps stands at the first.
  const isFirst = (i: number) => troubles.findIndex(({ part }) => part === troubles[i]?.part) === i
  return (
    <section className={styles.trouble} aria-label={words.say('path.trouble.label')}>
      {troubles.length === 0 && <p>{words.say('path.empty')}</p>}
      <ul>
        {shown.map((trouble, i) => (
          <li key={trouble.key} data-severity={trouble.severity}>
            {i < PINNED && <b aria-hidden="true">{letterOf(i)}</b>}
            <TroubleLine trouble={trouble} name={names[trouble.part] ?? ''} who={who} />
            {i < PINNED && isFirst(i) && <Helps found={safer.get(trouble.part)} at={trouble.part} />}
            {trouble.finding && (
              <TempoOffers
                finding={trouble.finding}
                part={trouble.part}
                breath={routine.parts[trouble.part]?.breath}
                seconds={parts[trouble.part]?.seconds ?? 0}
                halfBreathS={routine.tempo?.halfBreathS ?? HALF_BREATH_S}
                way={path.transitions.find(({ to }) => to === trouble.part)}
              />
            )}
          </li>
        ))}
      </ul>
      {troubles.length > PINNED && (
        <Button aria-expanded={all} onClick={() => setAll(!all)}>
          {words.say(all ? 'path.trouble.fewer' : 'path.trouble.more', { n: troubles.length - PINNED })}
        </Button>
      )}
    </section>
  )
})

function TroubleLine({ trouble, name, who }: { trouble: One; name: string; who: string }) {
  const words = useWords()
  const { finding, error, atS, again } = trouble
  return (
    <>
      <ButtonBase className={styles.show} onClick={() => showTrouble(trouble)}>
        {sayTrouble(trouble, words)}
      </ButtonBase>
      <p>{finding ? sayFinding(finding, words) : error && sayRefused(error, who, words)}</p>
      <span>
        {words.say('path.step.at', { name, at: saySeconds(atS, words) })}
        {again > 0 && ` ${words.say('path.trouble.again', { n: again })}`}
      </span>
      {finding?.code === 'step.falls' && <p className={styles.test}>{words.say('path.step.test')}</p>}
    </>
  )
}

/** The least that helps on that way, with its button; more of it where the way is opened. */
function Helps({ found, at }: { found: SaferWays | 'broken' | undefined; at: number }) {
  const words = useWords()
  const one = typeof found === 'object' ? found.ways[0] : undefined
  if (!one) return null
  return (
    <div className={styles.helps}>
      <VerdictMark verdict={one.marks.verdict ?? 'beyond'} size={15} /> <span>{sayWayChanges(one.changes, words)}</span>
      <Button onClick={() => takeWay(at, one)}>{words.say('safer.take')}</Button>
    </div>
  )
}
