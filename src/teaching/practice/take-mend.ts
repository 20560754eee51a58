import type { PieceDocument } from '@/documents/lesson-document'
import { easePieces, isStill } from './ease-lesson'
import { type Mend, REST_S } from './lesson-loads'

/** The pieces with what mends them. A rest that comes in has the id that is given. */
export function takeMend(pieces: readonly PieceDocument[], mend: Mend, newId: string): PieceDocument[] {
  if (mend.what === 'gentler') return easePieces(pieces, mend)
  if (mend.what === 'rest') {
    const at = pieces.findIndex(({ id }) => id === mend.after)
    return pieces.toSpliced(at + 1, 0, { id: newId, kind: 'rest', minutes: REST_S / 60 })
  }
  return pieces.map((piece) => (piece.id === mend.piece ? changePiece(piece, mend) : piece))
}

function changePiece(piece: PieceDocument, mend: Exclude<Mend, { what: 'gentler' | 'rest' }>): PieceDocument {
  if (mend.what === 'shorter') return { ...piece, minutes: piece.minutes - mend.minutes }
  return mend.what === 'higher' ? { ...piece, higherDeg: mend.higherDeg } : { ...piece, holdS: mend.holdS }
}

/** The same pieces in so many minutes: what is short goes to the longest rest, what is over comes off the longest piece. */
export function keepLength(pieces: readonly PieceDocument[], minutes: number): PieceDocument[] {
  const more = minutes - pieces.reduce((sum, piece) => sum + piece.minutes, 0)
  const some = more > 0 ? pieces.filter(isStill) : pieces
  const [longest] = some.toSorted((a, b) => b.minutes - a.minutes)
  if (more === 0 || !longest) return [...pieces]
  return pieces.map((piece) => (piece === longest ? { ...piece, minutes: Math.max(1, piece.minutes + more) } : piece))
}
