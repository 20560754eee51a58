import { z } from 'zod'
import { number, text } from '@/documents/fields'

/** Somebody else saved since: carries what is there now, so that the second can see both and choose. */
export class ConflictError<T = unknown> extends Error {
  constructor(readonly current: T) {
    super('somebody else saved this in the meantime')
  }
}

/** What a save goes over: a revision, and, from a page, which page saves and the how manieth of its saves this is. */
export const over = z.object({
  revision: number(0, 1e9),
  saver: text(40).optional(),
  turn: number(1, 1e9).optional(),
})
export type Over = z.infer<typeof over>

/** What each page saved last, the latest last: the answer to a save may never have reached it. */
const last = new Map<string, { turn: number; revision: number }>()
const REMEMBERED = 2000

function remember(saver: string, turn: number, revision: number): void {
  last.delete(saver)
  last.set(saver, { turn, revision })
  const [oldest] = last.keys()
  if (last.size > REMEMBERED && oldest !== undefined) last.delete(oldest)
}

/** How long a save waits for the one before it, and how often it looks. */
const PATIENCE_MS = 1500
const LOOK_EVERY_MS = 40

/**
 * Saves over a revision. One that is not there yet is on its way: a page that is left may send two saves, and they may
 * arrive in the other order; so it is waited for. What the same page saved since is no somebody else's: it did not hear
 * that it was saved, and what it sent before never goes over what it sent later.
 * @throws ConflictError with what is there, where somebody else saved since
 */
export async function saveOver<T extends { revision: number }, Found extends { revision: number }>(
  { revision: from, saver = '', turn = 0 }: Over,
  save: (revision: number) => Promise<T | null>,
  find: () => Promise<Found | null>,
): Promise<T | Found> {
  const newest = () => Math.max(from, last.get(saver)?.revision ?? 0)
  const until = performance.now() + PATIENCE_MS
  for (;;) {
    const isLate = saver !== '' && (last.get(saver)?.turn ?? 0) >= turn
    const saved = isLate ? null : await save(newest())
    if (saved) {
      if (saver) remember(saver, turn, saved.revision)
      return saved
    }
    const there = await find()
    if (isLate && there) return there
    if ((there?.revision ?? 0) > newest() || performance.now() >= until) throw new ConflictError(there)
    await new Promise((done) => setTimeout(done, LOOK_EVERY_MS))
  }
}
