import type { PieceDocument } from '@/documents/lesson-document'
import { easePieces, GENTLER } from './ease-lesson'
import { findMend, type Learning, type Mend } from './lesson-loads'
import { keepLength, takeMend } from './take-mend'

/** An hour as it is proposed, and whom it still asks too much of. */
export type Proposal<P> = { pieces: PieceDocument[]; past: P[] }

/** So many remedies are tried, one after another, where being gentler with all of it is not enough; of rests but two. */
const MENDS = 4
const RESTS = 2

/**
 * The first hour, from the one that is wished to gentler and gentler ones, that asks nobody for more than they are used
 * to; where none does, the one that does so for the fewest, with the remedies that whoever opens it would be offered.
 * @param ask what an hour asks of everybody whom it is for, the hardest pressed first
 */
export async function fitProposal<P>(
  wished: readonly PieceDocument[],
  ask: (pieces: PieceDocument[]) => Promise<readonly Learning<P>[]>,
  mendOf: (one: Learning<P>, pieces: readonly PieceDocument[]) => Mend | null = findMend,
): Promise<Proposal<P>> {
  const restsWished = wished.filter(({ kind }) => kind === 'rest').length
  const minutes = wished.reduce((sum, piece) => sum + piece.minutes, 0)
  const tryOut = async (pieces: PieceDocument[]) => {
    const pressed = (await ask(pieces)).filter((one) => one.pressed.share > 1)
    return { pieces, pressed }
  }
  let best = await tryOut([...wished])
  for (const ease of GENTLER) {
    if (best.pressed.length === 0) break
    const next = await tryOut(easePieces(wished, ease))
    if (next.pressed.length < best.pressed.length) best = next
  }
  for (let n = 0; n < MENDS; n++) {
    const [hardest] = best.pressed
    const mend = hardest && mendOf(hardest, best.pieces)
    const rests = best.pieces.filter(({ kind }) => kind === 'rest').length
    if (!mend || (mend.what === 'rest' && rests >= restsWished + RESTS)) break
    const next = await tryOut(keepLength(takeMend(best.pieces, mend, `rest-${n}`), minutes))
    if (next.pressed.length > best.pressed.length) break
    best = next
  }
  return { pieces: best.pieces, past: best.pressed.map(({ person }) => person) }
}
