import {
  DndContext,
  type DragEndEvent,
  MouseSensor,
  TouchSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from '@dnd-kit/core'
import ButtonBase from '@mui/material/ButtonBase'
import { type KeyboardEvent, memo, useEffect, useRef } from 'react'
import type { ShownPath, Verdict } from '@/core'
import { useWords } from '@/ui/words/use-words'
import { VerdictMark } from '@/ui/words/VerdictMark'
import { movePart } from '../state/edits'
import { setPlay, usePlay } from '../state/play'
import { editRoutine } from '../state/store'
import styles from './order.module.css'

type OrderProps = { path: ShownPath | null; names: readonly string[]; facing: readonly number[] }

const SPOKEN = { screenReaderInstructions: { draggable: '' } }

/** The parts in their order, as chalk marks one after another; one of them is open. */
export const Order = memo(function Order({ path, names, facing }: OrderProps) {
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 180, tolerance: 10 } }),
  )
  const drop = ({ active, over }: DragEndEvent) => {
    if (over) move(Number(active.id), Number(over.id))
  }
  return (
    <DndContext id="order" sensors={sensors} onDragEnd={drop} accessibility={SPOKEN}>
      <ol className={styles.order}>
        {names.map((name, i) => (
          <PartMark
            // biome-ignore lint/suspicious/noArrayIndexKey: a part is its place in the order
            key={i}
            at={i}
            name={name}
            verdict={verdictOf(path, i)}
            turn={facing[i] !== facing[i - 1] ? (facing[i] ?? null) : null}
            last={i === names.length - 1}
          />
        ))}
      </ol>
    </DndContext>
  )
})

/** A part that was moved stays open where it is now. */
export function move(from: number, to: number): void {
  if (from === to || to < 0) return
  editRoutine((routine) => movePart(routine, from, to))
  setPlay({ open: to })
}

const verdictOf = (path: ShownPath | null, part: number): Verdict | null => {
  if (!path) return null
  if (part === 0) return path.parts[0]?.error ? 'beyond' : (path.parts[0]?.verdict ?? null)
  const way = path.transitions.find(({ to }) => to === part)
  return way ? (way.verdict ?? 'beyond') : null
}

type PartMarkProps = { at: number; name: string; verdict: Verdict | null; turn: number | null; last: boolean }

function PartMark({ at, name, verdict, turn, last }: PartMarkProps) {
  const words = useWords()
  const open = usePlay((play) => play.open)
  const isOpen = open === at
  const dragging = useDraggable({ id: String(at) })
  const dropping = useDroppable({ id: String(at) })
  const button = useRef<HTMLButtonElement | null>(null)
  const wasOpen = useRef(isOpen)
  // What was moved by key is where one goes on.
  useEffect(() => {
    const { activeElement } = document
    if (isOpen && !wasOpen.current && activeElement?.closest(`.${styles.order}`)) button.current?.focus()
    wasOpen.current = isOpen
  }, [isOpen])
  const onKeyDown = (event: KeyboardEvent) => {
    if (!event.altKey || (event.key !== 'ArrowLeft' && event.key !== 'ArrowRight')) return
    event.preventDefault()
    const to = at + (event.key === 'ArrowRight' ? 1 : -1)
    if (to >= 0 && !(last && to > at)) move(at, to)
  }
  const show = () => setPlay({ open: isOpen ? null : at })
  const shift = dragging.transform
  return (
    <li ref={dropping.setNodeRef} data-over={dropping.isOver && !dragging.isDragging}>
      <ButtonBase
        ref={(element: HTMLButtonElement | null) => {
          button.current = element
          dragging.setNodeRef(element)
        }}
        className={styles.part}
        data-open={isOpen}
        aria-pressed={isOpen}
        aria-label={`${at + 1}. ${name}${verdict ? `: ${words.say(`path.verdictWord.${verdict}`)}` : ''}`}
        aria-description={words.say('path.order.move')}
        style={shift ? { transform: `translate(${shift.x}px, ${shift.y}px)`, zIndex: 2 } : undefined}
        {...dragging.listeners}
        onKeyDown={onKeyDown}
        onClick={show}
      >
        {verdict && <VerdictMark verdict={verdict} size={13} />}
        <span>{name}</span>
        {turn !== null && <Arrow degrees={turn} />}
      </ButtonBase>
    </li>
  )
}

/** Where they face from here on: the room's front is up. */
function Arrow({ degrees }: { degrees: number }) {
  return (
    <svg width="16" height="16" viewBox="-8 -8 16 16" aria-hidden="true">
      <path
        d="M0 6V-5M-4 -1L0 -6L4 -1"
        transform={`rotate(${-degrees})`}
        fill="none"
        stroke="var(--tide)"
        strokeWidth="2"
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    </svg>
  )
}
