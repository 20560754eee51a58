import Button from '@mui/material/Button'
import ButtonBase from '@mui/material/ButtonBase'
import { memo, useMemo, useState } from 'react'
import type { RoutinePart, ShownPath } from '@/core'
import { HALF_BREATH_S, type RoutineDocument } from '@/formats/routine-document'
import { capVerdict } from '@/records/cap-verdict'
import type { BenchPerson } from '@/server/bench'
import { VERDICT_WORDS, VerdictMark } from '@/ui/words/VerdictMark'
import { sayFinding, sayHeading } from '@/words/findings'
import { ENGLISH } from '@/words/language'
import { sayRefused, saySeconds } from '@/words/path'
import { sayUnanswered } from '@/words/records'
import { goTo, setPlay } from '../state/play'
import { listTroubles, type Trouble as One } from './list-troubles'
import { TempoOffers } from './TempoOffers'
import styles from './trouble.module.css'

type TroubleProps = {
  path: ShownPath
  names: readonly string[]
  who: string
  routine: RoutineDocument
  parts: readonly RoutinePart[]
  /** Usual cautions of whoever walks that nobody answered. */
  unanswered: BenchPerson['unanswered']
}

const FIRST = 1

/** What is wrong on the way, as prose, the worst first; each leads to its instant. */
export const Trouble = memo(function Trouble({ path, names, who, routine, parts, unanswered }: TroubleProps) {
  const troubles = useMemo(() => listTroubles(path), [path])
  const [all, setAll] = useState(false)
  const verdict = capVerdict(path.verdict, unanswered.length)
  const shown = all ? troubles : troubles.slice(0, FIRST)
  return (
    <section className={styles.trouble} aria-label={ENGLISH.say('path.trouble.label')}>
      <h2 data-testid="path-verdict" aria-live="polite">
        <VerdictMark verdict={verdict} size={24} /> {VERDICT_WORDS[verdict]}
      </h2>
      {unanswered.length > 0 && <p>{sayUnanswered(unanswered)}</p>}
      {troubles.length === 0 && <p>{ENGLISH.say('path.empty')}</p>}
      <ul>
        {shown.map((trouble) => (
          <li key={trouble.key} data-severity={trouble.severity}>
            <TroubleLine trouble={trouble} names={names} who={who} />
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
      {troubles.length > FIRST && (
        <Button aria-expanded={all} onClick={() => setAll(!all)}>
          {ENGLISH.say(all ? 'path.trouble.fewer' : 'path.trouble.more', { n: troubles.length - FIRST })}
        </Button>
      )}
    </section>
  )
})

function TroubleLine({ trouble, names, who }: { trouble: One; names: readonly string[]; who: string }) {
  const { finding, error, atS, part, step, again } = trouble
  const name = names[part] ?? ''
  const show = () => {
    goTo(atS)
    setPlay({ open: part > 0 ? part : null })
  }
  return (
    <>
      <ButtonBase className={styles.show} onClick={show}>
        {ENGLISH.say('path.step.title', {
          step: step ?? 'none',
          heading: finding ? sayHeading(finding) : ENGLISH.say('path.trouble.noWay'),
        })}
      </ButtonBase>
      <span>{ENGLISH.say('path.step.at', { name, at: saySeconds(atS) })}</span>
      <p>{finding ? sayFinding(finding) : error && sayRefused(error, who)}</p>
      {again > 0 && <span>{ENGLISH.say('path.trouble.again', { n: again })}</span>}
      {finding?.code === 'step.falls' && <p className={styles.test}>{ENGLISH.say('path.step.test')}</p>}
    </>
  )
}
