import { type LogBody, SAID_KEYS } from '@/documents/log-document'

/** What is entered of a row: what is said now, what was touched on the screen, what was touched by mistake. */
export type RowPatch = {
  said: Partial<LogBody>
  happened: NonNullable<LogBody['happened']>
  mistaken: string[]
}

const isSame = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b)

/**
 * Puts what is entered into what is there: touches of two people are added up, each once however often it is sent, and one that
 * was taken back stays so; of
 * what is said the last word counts. What was said before is kept beside it where that is corrected after the day.
 */
export function mergeRow(
  before: LogBody | null,
  { said, happened, mistaken }: RowPatch,
  { at, isLater }: { at: string; isLater: boolean },
): LogBody {
  const known = before ?? {}
  const there = known.happened ?? []
  const takenBack = [...new Set([...(known.takenBack ?? []), ...mistaken])]
  const added = happened.filter((one) => !there.some(({ id }) => id === one.id))
  const left = [...there, ...added].filter(({ id }) => !takenBack.includes(id))
  const changed = SAID_KEYS.filter((key) => key in said && !isSame(said[key] ?? null, known[key] ?? null))
  const was = Object.fromEntries(changed.map((key) => [key, known[key] ?? null]))
  const corrected =
    isLater && before && changed.length > 0 ? [...(known.corrected ?? []), { at, was }] : known.corrected
  return {
    ...known,
    ...said,
    ...((left.length > 0 || known.happened) && { happened: left }),
    ...(takenBack.length > 0 && { takenBack }),
    ...(corrected && { corrected }),
  }
}
