import Button from '@mui/material/Button'
import { type ReactNode, useState } from 'react'
import { mirrorPart } from '@/documents/mirror-part'
import type { Posture } from '@/documents/posture-document'
import type { PartDocument, RoutineDocument } from '@/documents/routine-document'
import type { KeptStance } from '@/keeping/bench'
import { ChoiceButton } from '@/ui/words/ChoiceButton'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayPostureName } from '@/words/postures'
import {
  changePart,
  duplicatePart,
  insertParts,
  mirrorRoutine,
  PARTS_LEAST,
  repeatParts,
  takeOutPart,
} from '../state/edits'
import { setPlay } from '../state/play'
import { editRoutine } from '../state/store'
import { ExerciseSheet } from './ExerciseSheet'
import { move } from './Order'
import styles from './order.module.css'

type PartToolsProps = {
  /** The part that is open; null: what is added goes to the end. */
  at: number | null
  routine: RoutineDocument
  postures: readonly Posture[]
  /** Other routines, which can be put in as phrases. */
  phrases: readonly { id: string; name: string; document: RoutineDocument }[]
  kept: readonly KeptStance[]
  children?: ReactNode
}

/** What is done with a part, and what can be put in after it. */
export function PartTools({ at, routine, postures, phrases, kept, children }: PartToolsProps) {
  const say = useSay('path.order')
  const words = useWords()
  const [adding, setAdding] = useState(false)
  const { parts } = routine
  const end = at === null ? parts.length : at + 1
  const insert = (added: readonly PartDocument[]) => {
    editRoutine((was) => insertParts(was, end, added))
    setPlay({ open: end })
  }
  return (
    <div className={styles.tools}>
      <ChoiceButton
        label={say(at === null ? 'add' : 'addAfter')}
        choices={[
          ...postures.map((one) => ({ value: one.id, name: sayPostureName(one, words) })),
          ...kept.map(({ id, name }) => ({ value: `kept ${id}`, name, detail: say('keptStance') })),
        ]}
        onChoose={(value) => insert([partOf(value, kept, parts.slice(0, end))])}
      />
      <ChoiceButton
        label={say('phrase')}
        choices={phrases.map(({ id, name }) => ({ value: id, name }))}
        onChoose={(id) => insert(phrases.find((one) => one.id === id)?.document.parts ?? [])}
      />
      <Button onClick={() => setAdding(true)}>{say('exercise')}</Button>
      {at !== null && (
        <>
          <Button onClick={() => editRoutine((was) => duplicatePart(was, at))}>{say('duplicate')}</Button>
          <Button onClick={() => editRoutine((was) => changePart(was, at, mirrorPart(was.parts[at] as PartDocument)))}>
            {say('mirror')}
          </Button>
          <Button disabled={at === 0} onClick={() => move(at, at - 1)}>
            {say('earlier')}
          </Button>
          <Button disabled={at === parts.length - 1} onClick={() => move(at, at + 1)}>
            {say('later')}
          </Button>
          <Button
            disabled={parts.length <= PARTS_LEAST}
            onClick={() => {
              editRoutine((was) => takeOutPart(was, at))
              setPlay({ open: null })
            }}
          >
            {say('takeOut')}
          </Button>
        </>
      )}
      {at === null && (
        <>
          <Button onClick={() => editRoutine(mirrorRoutine)}>{say('even')}</Button>
          <Button onClick={() => editRoutine((was) => repeatParts(was, 0, was.parts.length - 1, true))}>
            {say('again')}
          </Button>
        </>
      )}
      {children}
      <ExerciseSheet open={adding} onClose={() => setAdding(false)} onAdd={insert} />
    </div>
  )
}

const SECONDS = 10

/** A second of the same posture is on the other side. */
function partOf(value: string, kept: readonly KeptStance[], before: readonly PartDocument[]): PartDocument {
  const last = before.findLast(({ posture }) => posture === value)
  const side = last && (last.side ?? 'left') === 'left' ? 'right' : 'left'
  const stance = kept.find(({ id }) => `kept ${id}` === value)?.stance
  return { ...(stance ? { stance } : { posture: value, side }), seconds: SECONDS, breath: 'in-out' }
}
