'use client'

import { useDroppable } from '@dnd-kit/core'
import Button from '@mui/material/Button'
import { useMemo, useState } from 'react'
import {
  calcDeeperBend,
  DEG,
  findGivenUp,
  isAsSaid,
  layOut,
  type Measures,
  resolveBody,
  type Side,
  type Stance,
} from '@/core'
import { SmallFloor } from '@/ui/floor/SmallFloor'
import { sayCount } from '@/words/levels'
import { capital } from '@/words/lists'
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
  const { setNodeRef, isOver } = useDroppable({ id: String(at) })
  const [editing, setEditing] = useState(false)
  const stance = useMemo(() => layOut(level.candidate.measures, MIDDLING, side), [level, side])
  const asTaught = useMemo(() => layOut(taught, MIDDLING, side), [taught, side])
  const note = sayNote({ givesUp: findGivenUp(MIDDLING, asTaught, stance) }, posture)
  const worst = people.toSorted((a, b) => spare(a) - spare(b))
  return (
    <section
      ref={setNodeRef}
      className={styles.lane}
      data-over={isOver}
      aria-label={`Level ${at + 1}: ${level.words.title}`}
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
              aria-label={`Change level ${at + 1}: ${level.words.sentence}`}
              onClick={() => setEditing(true)}
            >
              {level.words.sentence}
            </Button>
          )}
          {level.edited && !isAsSaid(MIDDLING, stance) && (
            <p className={styles.deeper}>{sayDeeper(level.candidate.measures, stance)}</p>
          )}
        </div>
        <SmallFloor body={MIDDLING} stance={stance} over={asTaught} width={92} height={104} />
      </div>
      <ul>
        {worst.map((placed) => (
          <PersonInLane key={placed.member.id} placed={placed} onStep={onStep} />
        ))}
      </ul>
      <p className={styles.laneFoot}>{sayLane(people)}</p>
    </section>
  )
}

/** A level that was changed by hand into what its step doesn't allow. */
function sayDeeper({ kneeFlexion }: Measures, stance: Stance): string {
  const deeper = calcDeeperBend(MIDDLING, stance)
  if (deeper === null) return 'This cannot be stood.'
  return `This step takes the knee to ${Math.round((kneeFlexion + deeper) / DEG)}°.`
}

const spare = ({ passes, analysis }: Placed) =>
  (passes ? 1 : 0) + (analysis ? analysis.assured.margin - analysis.reserve : -1)

function sayLane(people: readonly Placed[]): string {
  const chairs = people.filter(({ stance }) => supportOf(stance) === 'chair').length
  const wall = people.filter(({ stance }) => supportOf(stance) === 'wall').length
  const parts = [
    people.length === 1 ? 'one person' : `${sayCount(people.length)} people`,
    chairs > 0 && (chairs === 1 ? 'one chair' : `${sayCount(chairs)} chairs`),
    wall > 0 && `${sayCount(wall)} at the wall`,
  ].filter((part): part is string => typeof part === 'string')
  return capital(parts.join(', '))
}
