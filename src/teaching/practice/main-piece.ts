import type { PieceDocument } from '@/documents/lesson-document'

/** The piece that matters most of an hour: the last that is done with legs and arms. */
export const pickMain = (pieces: readonly PieceDocument[]): PieceDocument | null =>
  pieces.findLast(
    ({ kind, limbs }) => (kind === 'posture' || kind === 'transition') && limbs !== 'arms' && limbs !== 'seated',
  ) ??
  pieces.findLast(({ kind }) => kind !== 'rest' && kind !== 'talk') ??
  null
