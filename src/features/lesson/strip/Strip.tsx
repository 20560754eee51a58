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
import { type KeyboardEvent, type PointerEvent, useEffect, useRef } from 'react'
import type { PieceDocument } from '@/documents/lesson-document'
import { useWords } from '@/ui/words/use-words'
import { type Named, sayMinutes, sayPiece } from '@/words/lessons'
import { capital } from '@/words/lists'
import { movePiece, setMinutes } from '../state/edits'
import { beginDrag, choosePiece, editLesson, endDrag, useLesson } from '../state/store'
import styles from './strip.module.css'

type StripProps = { pieces: readonly PieceDocument[]; named: Named; warned: ReadonlySet<string> }

const SPOKEN = { screenReaderInstructions: { draggable: '' } }

/** The hour as a strip of tape, its pieces torn off one after another: dragged along it, their edges for their minutes. */
export function Strip({ pieces, named, warned }: StripProps) {
  const words = useWords()
  const strip = useRef<HTMLOListElement>(null)
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 180, tolerance: 10 } }),
  )
  const drop = ({ active, over }: DragEndEvent) => {
    const to = pieces.findIndex(({ id }) => id === over?.id)
    if (to >= 0 && over?.id !== active.id) editLesson((lesson) => movePiece(lesson, String(active.id), to))
  }
  const all = pieces.reduce((sum, { minutes }) => sum + minutes, 0)
  const perMinute = () => (strip.current?.getBoundingClientRect().width ?? 1) / Math.max(1, all)
  return (
    <DndContext id="strip" sensors={sensors} onDragEnd={drop} accessibility={SPOKEN}>
      <div className={styles.scroller}>
        <ol
          ref={strip}
          className={styles.strip}
          style={{ gridTemplateColumns: pieces.map(({ minutes }) => `minmax(0, ${minutes}fr)`).join(' ') }}
          aria-label={words.say('lesson.piece.strip')}
        >
          {pieces.map((piece, i) => (
            <Piece
              key={piece.id}
              piece={piece}
              at={i}
              name={sayPiece(piece, named, words)}
              warned={warned.has(piece.id)}
              perMinute={perMinute}
            />
          ))}
        </ol>
      </div>
    </DndContext>
  )
}

type PieceProps = { piece: PieceDocument; at: number; name: string; warned: boolean; perMinute: () => number }

function Piece({ piece, at, name, warned, perMinute }: PieceProps) {
  const words = useWords()
  const chosen = useLesson(({ chosen }) => chosen === piece.id)
  const dragging = useDraggable({ id: piece.id })
  const dropping = useDroppable({ id: piece.id })
  const button = useRef<HTMLButtonElement | null>(null)
  const place = useRef(at)
  // What was moved by key is where one goes on.
  useEffect(() => {
    if (place.current !== at && chosen) button.current?.focus()
    place.current = at
  }, [at, chosen])
  const onKeyDown = (event: KeyboardEvent) => {
    const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0
    if (by === 0 || !(event.altKey || event.shiftKey)) return
    event.preventDefault()
    choosePiece(piece.id)
    editLesson((lesson) =>
      event.altKey ? movePiece(lesson, piece.id, at + by) : setMinutes(lesson, piece.id, piece.minutes + by),
    )
  }
  const shift = dragging.transform
  return (
    <li ref={dropping.setNodeRef} data-over={dropping.isOver && !dragging.isDragging}>
      <ButtonBase
        ref={(element: HTMLButtonElement | null) => {
          button.current = element
          dragging.setNodeRef(element)
        }}
        className={styles.piece}
        data-kind={piece.kind}
        data-chosen={chosen}
        data-warned={warned}
        aria-pressed={chosen}
        aria-label={`${at + 1}. ${name}, ${sayMinutes(piece.minutes, words)}`}
        aria-description={words.say('lesson.piece.move')}
        title={name}
        style={shift ? { transform: `translate(${shift.x}px, ${shift.y}px)`, zIndex: 2 } : undefined}
        {...dragging.listeners}
        onKeyDown={onKeyDown}
        onClick={() => choosePiece(chosen ? null : piece.id)}
      >
        <span>{capital(name)}</span>
        {(piece.side === 'left' || piece.side === 'right') && <i data-side={piece.side} />}
      </ButtonBase>
      <Edge piece={piece} perMinute={perMinute} />
      <small>{sayMinutes(piece.minutes, words)}</small>
    </li>
  )
}

/** Where a piece is torn off: pulled along, it has more minutes or fewer. */
function Edge({ piece, perMinute }: Pick<PieceProps, 'piece' | 'perMinute'>) {
  const from = useRef<{ x: number; minutes: number; scale: number } | null>(null)
  const down = (event: PointerEvent<HTMLSpanElement>) => {
    event.stopPropagation()
    event.currentTarget.setPointerCapture(event.pointerId)
    from.current = { x: event.clientX, minutes: piece.minutes, scale: perMinute() }
    choosePiece(piece.id)
    beginDrag()
  }
  const move = (event: PointerEvent) => {
    const began = from.current
    if (!began) return
    const minutes = began.minutes + (event.clientX - began.x) / began.scale
    if (Math.round(minutes) !== piece.minutes) editLesson((lesson) => setMinutes(lesson, piece.id, minutes))
  }
  const up = () => {
    if (from.current) endDrag()
    from.current = null
  }
  return (
    <span
      className={styles.edge}
      aria-hidden="true"
      onPointerDown={down}
      onPointerMove={move}
      onPointerUp={up}
      onPointerCancel={up}
    />
  )
}
