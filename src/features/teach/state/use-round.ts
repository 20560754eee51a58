import { useEffect, useMemo, useRef, useState } from 'react'
import type { Body, ShownPath } from '@/core'
import type { LessonDocument, PieceDocument } from '@/documents/lesson-document'
import { toRoutine } from '@/documents/routine-document'
import { pieceRoutine } from '@/teaching/lessons/piece-routine'
import type { HouseStock } from '@/workers/lesson'
import { startWalker, type Walker } from '@/workers/path'
import { makeRound, type Round } from './round'

const SAMPLES = 12

/** One round of a piece, and its path for the body that is shown, once it is worked out. */
export function useRound(
  piece: PieceDocument,
  lesson: LessonDocument,
  stock: HouseStock,
  shown: Body,
): { round: Round | null; path: ShownPath | null } {
  const [found, setFound] = useState<{ of: string; path: ShownPath } | null>(null)
  const walker = useRef<Walker | null>(null)
  const asked = useRef('')
  const find = useMemo(
    () => (id: string) => stock.postures.find((posture) => posture.id === id) as (typeof stock.postures)[number],
    [stock],
  )
  const round = useMemo(() => {
    const routineOf = (id: string) => stock.routines[id] ?? null
    const routine = pieceRoutine(piece, lesson, { routineOf, find, formOf: () => null })
    return routine && makeRound(routine)
  }, [piece, lesson, stock, find])
  useEffect(() => {
    const mine = startWalker(
      (path) => setFound({ of: asked.current, path }),
      () => {},
    )
    walker.current = mine
    return mine.end
  }, [])
  useEffect(() => {
    if (!round) return
    asked.current = piece.id
    const parts = toRoutine(round.routine, shown, find, stock.ways)
    walker.current?.ask({ person: shown.person, parts, samples: SAMPLES })
  }, [round, piece.id, find, stock, shown])
  return { round, path: found?.of === piece.id ? found.path : null }
}
