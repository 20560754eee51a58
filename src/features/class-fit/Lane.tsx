'use client'

import { useDroppable } from '@dnd-kit/core'
import Button from '@mui/material/Button'
import { useMemo, useState } from 'react'
import {
  calcDeeperBend,
  findGivenUp,
  isAsSaid,
  layOut,
  type Measures,
  resolveBody,
  type Side,
  type Stance,
} from '@/core'
import { SmallFloor } from '@/ui/floor/SmallFloor'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayLane } from '@/words/class'
import { sayBend } from '@/words/figures'
import type { Words } from '@/words/language'
import { sayNote } from '@/words/variants'
import styles from './class-fit.module.css'
import { LevelEditor } from './LevelEditor'
import type { Level, Placed } from './layout'
import { PersonInLane } from './PersonInLane'
import { supportOf } from './words'

/** The body that a level is drawn for: nobody's own. */
const MIDDLING = resolveBody({ stature: 1.65, mass: 68, sex: 'unspecified' })

type LaneProps = {
  at: number
  level: Level
  posture: string
  taught: Measures
  side: Side
  people: readonly Placed[]
  onStep: (id: string, by: 1 | -1) => void
  onEdit: (change: (level: Measures) => Measures) => void
}

/** A lane between two lines of tape: the level as footprints and as a teacher says it, and who does it. */
export function Lane({ at, level, posture, taught, side, people, onStep, onEdit }: LaneProps) {
  const t = useSay('screens.classFit')
  const { setNodeRef, isOver } = useDroppable({ id: String(at) })
  const [editing, setEditing] = useState(false)
  const words = useWords()
  const stance = useMemo(() => layOut(level.candidate.measures, MIDDLING, side), [level, side])
  const asTaught = useMemo(() => layOut(taught, MIDDLING, side), [taught, side])
  const note = sayNote({ givesUp: findGivenUp(MIDDLING, asTaught, stance) }, posture, words)
  const worst = people.toSorted((a, b) => spare(a) - spare(b))
  const heldBy = (support: 'chair' | 'wall') => people.filter(({ stance }) => supportOf(stance) === support).length
  return (
    <section
      ref={setNodeRef}
      className={styles.lane}
      data-over={isOver}
      aria-label={t('levelTitle', { at: at + 1, title: level.words.title })}
    >
      <div className={styles.laneHead}>
        <div>
          <h2>{level.words.title}</h2>
          {note && <p className={styles.givesUp}>{note}</p>}
          {editing ? (
            <LevelEditor
              level={level.candidate.measures}
              taught={taught}
              onEdit={onEdit}
              onDone={() => setEditing(false)}
            />
          ) : (
            <Button
              className={styles.say}
              data-print="yes"
              aria-label={t('changeLevel', { at: at + 1, sentence: level.words.sentence })}
              onClick={() => setEditing(true)}
            >
              {level.words.sentence}
            </Button>
          )}
          {level.edited && !isAsSaid(MIDDLING, stance) && (
            <p className={styles.deeper}>{sayDeeper(level.candidate.measures, stance, words)}</p>
          )}
        </div>
        <SmallFloor body={MIDDLING} stance={stance} over={asTaught} width={92} height={104} />
      </div>
      <ul>
        {worst.map((placed) => (
          <PersonInLane key={placed.member.id} placed={placed} onStep={onStep} />
        ))}
      </ul>
      <p className={styles.laneFoot}>{sayLane(people.length, heldBy('chair'), heldBy('wall'), words)}</p>
    </section>
  )
}

/** A level that was changed by hand into what its step doesn't allow. */
function sayDeeper({ kneeFlexion }: Measures, stance: Stance, words: Words): string {
  const deeper = calcDeeperBend(MIDDLING, stance)
  if (deeper === null) return words.say('class.lane.notStood')
  return words.say('class.lane.deeper', { bend: sayBend(kneeFlexion + deeper, words) })
}

const spare = ({ passes, analysis }: Placed) =>
  (passes ? 1 : 0) + (analysis ? analysis.assured.margin - analysis.reserve : -1)
