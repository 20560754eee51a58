import { calcHour, DEG, NO_LOAD, timesLoad, type WorkedPiece } from '@/core'
import type { PieceDocument } from '@/documents/lesson-document'
import type { Worked } from '@/teaching/lessons/work-piece'
import type { LogEntry } from '@/ui/api/use-outbox'

type Place = { group: string; day: string }

const STEPS: ReadonlySet<string> = new Set(['posture', 'transition', 'routine'])

/** A piece counts as done from this part of its minutes on. */
const DONE_FROM = 0.25

/** The pieces until now, each as long as it was taught. */
const asTaught = (
  pieces: readonly PieceDocument[],
  taught: Readonly<Record<number, number>>,
  worked: readonly Worked[],
): WorkedPiece[] =>
  pieces.map(({ kind, minutes }, i) => {
    const seconds = taught[i] ?? 0
    return { seconds, rests: kind === 'rest', load: timesLoad(worked[i]?.load ?? NO_LOAD, seconds / (minutes * 60)) }
  })

/** What is written down of a piece that was taught for so long: in which form each did it, and what it asked of them. */
export function entriesOf(
  { group, day }: Place,
  pieces: readonly PieceDocument[],
  at: number,
  title: string,
  taught: Readonly<Record<number, number>>,
  people: readonly { id: string; worked: readonly Worked[] | undefined }[],
): LogEntry[] {
  const piece = pieces[at] as PieceDocument
  const taughtS = taught[at] ?? 0
  const part = taughtS / (piece.minutes * 60)
  if (piece.kind === 'rest' || piece.kind === 'talk' || part < DONE_FROM) return []
  return people.flatMap(({ id, worked: all }): LogEntry[] => {
    const worked = all?.[at]
    if (!all || !worked || worked.as === 'none') return []
    const { stretch } = calcHour(asTaught(pieces.slice(0, at + 1), taught, all))
    const { load, as, rounds, spareM, bend } = worked
    const scaled = (sides: { left: number; right: number }) => ({ left: sides.left * part, right: sides.right * part })
    return [
      {
        person: id,
        group,
        day,
        piece: piece.id,
        title,
        said: {
          as,
          rounds: Math.min(999, Math.max(1, Math.round(rounds * part))),
          minutes: Math.min(600, Math.round((taughtS / 60) * 10) / 10),
          kneeNms: scaled(load.kneeNms),
          loadedS: scaled(load.loadedS),
          stretchNms: { left: stretch.left.nms, right: stretch.right.nms },
          ...(spareM !== null && { spareM }),
          ...(bend > 0 && { kneeFlexionDeg: Math.round(bend / DEG) }),
          ...(STEPS.has(piece.kind) && { stepPct: Math.round(worked.part * 100) }),
        },
      },
    ]
  })
}
