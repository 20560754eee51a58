import type { PieceDocument } from '@/documents/lesson-document'

/** How an hour is made gentler: everybody stands less of it, higher, holds less long; what is walked is shifts in place. */
export type Ease = { share: number; higherDeg?: number; holdMostS?: number; inPlace?: boolean }

/** From the least change to the most. */
export const GENTLER: readonly Ease[] = [
  { share: 0.75 },
  { share: 0.75, higherDeg: 5 },
  { share: 0.6, higherDeg: 5 },
  { share: 0.5, higherDeg: 10 },
  { share: 0.4, higherDeg: 10, holdMostS: 2 },
  { share: 0.25, higherDeg: 10, holdMostS: 2, inPlace: true },
]

/** Nothing is asked of anybody's legs. */
export const isStill = ({ kind, limbs }: PieceDocument): boolean =>
  kind === 'rest' || kind === 'talk' || limbs === 'seated'

/** Nobody only sits, or listens, for longer; and arms alone are enough after so many minutes. */
const IDLE_MOST = 4
const SEATED_MOST = 6
/** What one does on a chair while legs rest, one after the other. */
const SEATED = ['arms', 'waist', 'arm-circles'] as const

/** The minutes that legs are spared: rests and talk take a little more each, the others are for what one does on a chair. */
function fillFreed(pieces: readonly PieceDocument[], freed: number): PieceDocument[] {
  let left = freed
  const filled = pieces.map((piece) => {
    const room = piece.kind === 'rest' || piece.kind === 'talk' ? Math.max(0, IDLE_MOST - piece.minutes) : 0
    const more = Math.min(left, room)
    left -= more
    return more > 0 ? { ...piece, minutes: piece.minutes + more } : piece
  })
  const taken = new Set(pieces.map(({ id }) => id))
  const free = Array.from({ length: pieces.length + left }, (_, n) => n).filter((n) => !taken.has(`seated-${n}`))
  const count = Math.ceil(left / SEATED_MOST)
  for (let n = 0; n < count; n++) {
    // The last has what is left, half a minute too.
    const minutes = n === count - 1 ? left : Math.ceil(left / (count - n))
    left -= minutes
    const number = free[n] as number
    filled.splice(placeSeated(filled, n), 0, {
      id: `seated-${number}`,
      kind: 'exercise',
      exercise: SEATED[number % SEATED.length] as (typeof SEATED)[number],
      limbs: 'seated',
      minutes,
      paced: true,
    })
  }
  return filled
}

/** After each rest in turn, where one sits already, and after what one does there. */
function placeSeated(pieces: readonly PieceDocument[], n: number): number {
  const rests = pieces.flatMap(({ kind }, i) => (kind === 'rest' ? [i] : []))
  let at = rests[n % Math.max(1, rests.length)] ?? pieces.length - 1
  while (pieces[at + 1]?.limbs === 'seated') at++
  return at + 1
}

/** The same hour in the same minutes, what asks something of the legs for a share of its own. */
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
  return fillFreed(eased, freed)
}
