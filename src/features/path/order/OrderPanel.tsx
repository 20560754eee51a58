import Button from '@mui/material/Button'
import { useState } from 'react'
import { type ChoicesSet, chooseOver, type RoutinePart, type ShownPath } from '@/core'
import { toChoices } from '@/documents/choices-document'
import type { RoutineDocument } from '@/documents/routine-document'
import type { BenchOfPerson } from '@/keeping/bench'
import { ChoicesSentence } from '@/ui/words/ChoicesSentence'
import { useWords } from '@/ui/words/use-words'
import type { FacingIn } from '@/words/path'
import { changePart } from '../state/edits'
import { editRoutine } from '../state/store'
import type { Library } from '../state/use-walk'
import { FoldButton } from './FoldButton'
import { Order } from './Order'
import styles from './order.module.css'
import { PartSentence } from './PartSentence'
import { PartTools } from './PartTools'

type OrderPanelProps = {
  /** The part that is open; null: the routine as a whole. */
  open: number | null
  routine: RoutineDocument
  /** Null while it is worked out. */
  path: ShownPath | null
  sized: readonly RoutinePart[] | null
  names: readonly string[]
  headings: readonly number[]
  library: Library
  /** Other routines, which can be put in as phrases. */
  phrases: readonly { id: string; name: string; document: RoutineDocument }[]
  walker: BenchOfPerson
  room: { width: number; depth: number }
  facingIn: FacingIn
  onFacingIn: (facingIn: FacingIn) => void
}

/** A routine of so few parts has only begun. */
const BEGUN = 3

/** The order of the parts, the one that is open as a sentence, what is done with it, and how one comes there. */
export function OrderPanel(props: OrderPanelProps) {
  const words = useWords()
  const { open, routine, path, sized, names, headings, library, phrases, walker, room, facingIn, onFacingIn } = props
  const [choosing, setChoosing] = useState(false)
  const { postures, ways } = library
  const part = open === null ? undefined : routine.parts[open]
  const usual = toChoices(routine.school ?? 'long-upright', ways)
  const label = choosing ? 'less' : part ? 'more' : 'moreAll'
  return (
    <section className={styles.panel} aria-label={words.say('path.order.label')}>
      <h2>{words.say('path.order.label')}</h2>
      <Order path={path} names={names} facing={headings} />
      {routine.parts.length <= BEGUN && <p>{words.say('path.order.goOn')}</p>}
      {part && open !== null && (
        <PartSentence
          key={open}
          at={open}
          part={part}
          headingDeg={headings[open] ?? 0}
          seconds={sized?.[open]?.seconds ?? part.seconds ?? 0}
          stands={placeOf(path, open)}
          postures={postures}
          facingIn={facingIn}
          onFacingIn={onFacingIn}
        />
      )}
      <PartTools at={part ? open : null} routine={routine} postures={postures} phrases={phrases} kept={walker.kept}>
        {!part && sized && <FoldButton person={walker.person.document} parts={sized} room={room} />}
        <Button aria-expanded={choosing} onClick={() => setChoosing(!choosing)}>
          {words.say(`path.order.${label}`)}
        </Button>
      </PartTools>
      {choosing && (
        <ChoicesSentence
          className={styles.sentence}
          given={part ? part.choices : routine.choices}
          usual={part ? chooseOver(usual, routine.choices as ChoicesSet | undefined) : usual}
          onChange={(choices) =>
            editRoutine((was) => (open === null ? { ...was, choices } : changePart(was, open, { choices })))
          }
        />
      )}
    </section>
  )
}

/** Where a part stands in the room, to the centimetre. */
function placeOf(path: ShownPath | null, at: number): { xM: number; yM: number } | null {
  const stood = path?.parts[at]?.stance.at
  return stood ? { xM: Math.round(stood.x * 100) / 100, yM: Math.round(stood.y * 100) / 100 } : null
}
