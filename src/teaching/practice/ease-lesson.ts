import type { PieceDocument } from '@/documents/lesson-document'

/** How an hour is made gentler: everybody stands less of it, higher, holds less long; what is walked is shifts in place. */
export type Ease = { share: number; higherDeg?: number; holdMostS?: number; inPlace?: boolean }

/** From the least change to the most. */
export const GENTLER: readonly Ease[] = [
  { share: 0.75 },
  { share: 0.5 },
  { share: 0.5, higherDeg: 5 },
  { share: 0.35, higherDeg: 10, holdMostS: 2 },
  { share: 0.25, higherDeg: 10, holdMostS: 2, inPlace: true },
]

export const isStill = ({ kind }: PieceDocument): boolean => kind === 'rest' || kind === 'talk'

/** The same pieces in the same minutes, what asks something of the legs for a share of its own; the others are longer. */
export function easePieces(
  pieces: readonly PieceDocument[],
  { share, higherDeg = 0, holdMostS = Number.POSITIVE_INFINITY, inPlace = false }: Ease,
): PieceDocument[] {
  let freed = 0
  const eased = pieces.map((piece): PieceDocument => {
    if (isStill(piece)) return piece
    const minutes = Math.max(1, Math.round(piece.minutes * share))
    freed += piece.minutes - minutes
    if (inPlace && piece.kind === 'routine')
      return { id: piece.id, kind: 'exercise', exercise: 'side-to-side', minutes, side: 'both', fromPct: 30, toPct: 60 }
    return {
      ...piece,
      minutes,
      ...(piece.holdS !== undefined && { holdS: Math.min(piece.holdS, holdMostS) }),
      ...(higherDeg > 0 && piece.kind !== 'exercise' && { higherDeg: (piece.higherDeg ?? 0) + higherDeg }),
    }
  })
  const still = eased.filter(isStill)
  if (freed <= 0 || still.length === 0)
    return freed > 0 ? [...eased, { id: 'ease', kind: 'rest', minutes: freed }] : eased
  const each = Math.floor(freed / still.length)
  let left = freed - each * still.length
  return eased.map((piece) =>
    isStill(piece) ? { ...piece, minutes: piece.minutes + each + (left-- > 0 ? 1 : 0) } : piece,
  )
}
