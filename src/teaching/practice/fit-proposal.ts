import type { PieceDocument } from '@/documents/lesson-document'
import { easePieces, GENTLER, isStill } from './ease-lesson'
import { findMend, type Learning, type Mend } from './lesson-loads'
import { keepLength, takeMend } from './take-mend'

/** An hour as it is proposed, and whom it still asks too much of. */
export type Proposal<P> = { pieces: PieceDocument[]; past: P[] }

/** So many remedies are tried, one after another, where being gentler with all of it is not enough; of rests but two. */
const MENDS = 4
const RESTS = 2

/** A group stands for this much of its hour at the least, unless more than half of it needs more of a chair. */
const STANDING_LEAST = 0.5

const minutesOf = (pieces: readonly PieceDocument[]): number => pieces.reduce((sum, { minutes }) => sum + minutes, 0)

const standingOf = (pieces: readonly PieceDocument[]): number => minutesOf(pieces.filter((piece) => !isStill(piece)))

/**
 * The first hour, from the one that is wished to gentler and gentler ones, that asks nobody for more than they are used
 * to; where none does, the one that does so for the fewest, with the remedies that whoever opens it would be offered. A
 * group is not sat down for the few who would need it: they are named, for a change of their own.
 * @param ask what an hour asks of everybody whom it is for, the hardest pressed first
 */
export async function fitProposal<P>(
  wished: readonly PieceDocument[],
  ask: (pieces: PieceDocument[]) => Promise<readonly Learning<P>[]>,
  mendOf: (one: Learning<P>, pieces: readonly PieceDocument[]) => Mend | null = findMend,
): Promise<Proposal<P>> {
  const restsWished = wished.filter(({ kind }) => kind === 'rest').length
  const minutes = minutesOf(wished)
  const tryOut = async (pieces: PieceDocument[]) => {
    const all = await ask(pieces)
    const pressed = all.filter((one) => one.pressed.share > 1)
    return { pieces, pressed, isForFew: pressed.length <= all.length / 2 }
  }
  const least = Math.min(standingOf(wished), STANDING_LEAST * minutes)
  let best = await tryOut([...wished])
  const sitsDown = (pieces: readonly PieceDocument[]) => best.isForFew && standingOf(pieces) < least
  for (const ease of GENTLER) {
    const eased = easePieces(wished, ease)
    if (best.pressed.length === 0 || sitsDown(eased)) break
    const next = await tryOut(eased)
    if (next.pressed.length < best.pressed.length) best = next
  }
  for (let n = 0; n < MENDS; n++) {
    const [hardest] = best.pressed
    const mend = hardest && mendOf(hardest, best.pieces)
    const rests = best.pieces.filter(({ kind }) => kind === 'rest').length
    if (!mend || (mend.what === 'rest' && rests >= restsWished + RESTS)) break
    const mended = keepLength(takeMend(best.pieces, mend, `rest-${n}`), minutes)
    if (sitsDown(mended)) break
    const next = await tryOut(mended)
    if (next.pressed.length > best.pressed.length) break
    best = next
  }
  return { pieces: best.pieces, past: best.pressed.map(({ person }) => person) }
}
