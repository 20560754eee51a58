'use client'

import { DndContext, type DragEndEvent, MouseSensor, TouchSensor, useSensor, useSensors } from '@dnd-kit/core'
import { Fragment, type ReactNode } from 'react'
import type { Measures } from '@/core'
import type { Posture } from '@/documents/posture-document'
import { useSay, useWords } from '@/ui/words/use-words'
import type { Words } from '@/words/language'
import { sayPosture } from '@/words/postures'
import { Aside } from './Aside'
import styles from './class-fit.module.css'
import { Lane } from './Lane'
import type { Place } from './layout'
import type { Class } from './use-class'

type HallProps = {
  state: Class
  posture: Posture
  measures: Measures
  stale: boolean
  /** What lies along the foot of the hall. */
  children: ReactNode
}

/** Whoever drags sees where it goes; what came of it is said with the hall. */
const silent = () => undefined

/** What is heard: keys move people, and nothing else has to be explained. */
const spokenIn = (words: Words) => ({
  announcements: { onDragStart: silent, onDragOver: silent, onDragEnd: silent, onDragCancel: silent },
  screenReaderInstructions: { draggable: words.say('screens.classFit.theLeftRightArrow') },
})

/** The hall from above: the wall, a lane to each level between lines of tape, and who stands in it. */
export function Hall({ state, posture, measures, stale, children }: HallProps) {
  const t = useSay('screens.classFit')
  const words = useWords()

  const { levels, standing: placed, move, edit } = state
  // A press is a press; a drag of some pixels picks somebody up, or a finger that rests: one that moves at once scrolls.
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 180, tolerance: 10 } }),
  )
  const drop = ({ active, over }: DragEndEvent) => {
    if (!over) return
    const place: Place = over.id === 'aside' ? 'aside' : Number(over.id)
    const now = placed.find(({ member }) => member.id === active.id)?.place
    if (place !== now) move(String(active.id), place)
  }
  const step = (id: string, by: 1 | -1) => {
    const now = placed.find(({ member }) => member.id === id)?.place
    const order: Place[] = [...levels.map((_, i) => i), 'aside']
    const next = order[order.indexOf(now ?? 'aside') + by]
    if (next !== undefined) move(id, next)
  }
  return (
    <DndContext id="hall" sensors={sensors} onDragEnd={drop} accessibility={spokenIn(words)}>
      <div className={styles.hall} data-stale={stale}>
        <div className={styles.floor}>
          <div className={styles.wall}>{t('wall')}</div>
          <div className={styles.lanes}>
            {levels.map((level, i) => (
              <Lane
                // biome-ignore lint/suspicious/noArrayIndexKey: a lane is its place in the hall
                key={i}
                at={i}
                level={level}
                posture={sayPosture(posture, words)}
                taught={measures}
                side={state.standing[0]?.stance?.side ?? 'left'}
                people={placed.filter(({ place }) => place === i)}
                onStep={step}
                onEdit={(change) => edit(i, change)}
              />
            ))}
          </div>
          {/* Before the lanes it stands in their place: it comes anew under them, it does not move. */}
          <Fragment key={levels.length > 0 ? t('underLanes') : 'alone'}>{children}</Fragment>
        </div>
        <Aside state={state} posture={posture} onStep={step} />
      </div>
    </DndContext>
  )
}
