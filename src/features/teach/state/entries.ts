import { DEG } from '@/core'
import type { PieceDocument } from '@/formats/lesson-document'
import type { Worked } from '@/formats/lessons/work-piece'
import type { LogEntry } from '@/ui/api/use-outbox'

type Place = { group: string; day: string }

const STEPS: ReadonlySet<string> = new Set(['posture', 'transition', 'routine'])

/** A piece counts as done from this part of its minutes on. */
const DONE_FROM = 0.25

/** What is written down of a piece that was taught for so long: in which form each did it, and what it asked of them. */
export function entriesOf(
  { group, day }: Place,
  piece: PieceDocument,
  title: string,
  taughtS: number,
  people: readonly { id: string; worked: Worked | undefined }[],
): LogEntry[] {
  const planned = piece.minutes * 60
  const part = taughtS / planned
  if (piece.kind === 'rest' || piece.kind === 'talk' || part < DONE_FROM) return []
  return people.flatMap(({ id, worked }): LogEntry[] => {
    if (!worked || worked.as === 'none') return []
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
          ...(spareM !== null && { spareM }),
          ...(bend > 0 && { kneeFlexionDeg: Math.round(bend / DEG) }),
          ...(STEPS.has(piece.kind) && { stepPct: Math.round(worked.part * 100) }),
        },
      },
    ]
  })
}
