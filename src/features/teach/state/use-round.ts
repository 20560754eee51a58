import { useEffect, useMemo, useRef, useState } from 'react'
import type { Body, ShownPath } from '@/core'
import type { LessonDocument, PieceDocument } from '@/documents/lesson-document'
import { toRoutine } from '@/documents/routine-document'
import { pieceRounds } from '@/teaching/lessons/piece-routine'
import type { HouseStock } from '@/workers/lesson'
import { startWalker, type Walker } from '@/workers/path'
import { makeRound, type Round } from './round'

const SAMPLES = 12

/**
 * One round of a piece, and its path for the body that is shown, once it is worked out.
 * @param half of the piece: an exercise with one foot ahead has the other one ahead in the second
 */
export function useRound(
  piece: PieceDocument,
  lesson: LessonDocument,
  stock: HouseStock,
  shown: Body,
  half: 0 | 1,
): { round: Round | null; path: ShownPath | null; changes: boolean } {
  const [found, setFound] = useState<{ of: string; path: ShownPath } | null>(null)
  const walker = useRef<Walker | null>(null)
  const asked = useRef('')
  const find = useMemo(
    () => (id: string) => stock.postures.find((posture) => posture.id === id) as (typeof stock.postures)[number],
    [stock],
  )
  const rounds = useMemo(() => {
    const routineOf = (id: string) => stock.routines[id] ?? null
    return pieceRounds(piece, lesson, { routineOf, find, formOf: () => null }).map(makeRound)
  }, [piece, lesson, stock, find])
  const round = rounds[half] ?? rounds[0] ?? null
  const of = `${piece.id} ${rounds.length > 1 ? half : 0}`
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
    asked.current = of
    const parts = toRoutine(round.routine, shown, find, stock.ways)
    walker.current?.ask({ person: shown.person, parts, samples: SAMPLES })
  }, [round, of, find, stock, shown])
  return { round, path: found?.of === of ? found.path : null, changes: rounds.length > 1 }
}
