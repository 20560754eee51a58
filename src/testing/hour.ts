import type { PieceDocument } from '@/documents/lesson-document'
import { isStill } from '@/teaching/practice/ease-lesson'

/** Fifty minutes of every kind of piece. */
export const HOUR: PieceDocument[] = [
  { id: 'talk', kind: 'talk', minutes: 5 },
  { id: 'warm', kind: 'exercise', exercise: 'arms', minutes: 10 },
  { id: 'legs', kind: 'posture', posture: 'bow', minutes: 20, holdS: 6 },
  { id: 'rest', kind: 'rest', minutes: 2 },
  { id: 'walk', kind: 'routine', routine: 'quay-four', minutes: 13 },
]

/** Their minutes, and those on the legs. */
export const sum = (pieces: readonly PieceDocument[]) => pieces.reduce((all, { minutes }) => all + minutes, 0)
export const standing = (pieces: readonly PieceDocument[]) => sum(pieces.filter((piece) => !isStill(piece)))
