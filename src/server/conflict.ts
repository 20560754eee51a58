/** Somebody else saved since: carries what is there now, so that the second can see both and choose. */
export class ConflictError<T = unknown> extends Error {
  constructor(readonly current: T) {
    super('somebody else saved this in the meantime')
  }
}

/** How long a save waits for the one before it, and how often it looks. */
const PATIENCE_MS = 1500
const LOOK_EVERY_MS = 40

/**
 * Saves over a revision. One that is not there yet is on its way: a page that is left may send two saves, and they may
 * arrive in the other order; so it is waited for.
 * @throws ConflictError with what is there, where somebody else saved since
 */
export async function saveOver<T>(
  revision: number,
  save: () => Promise<T | null>,
  find: () => Promise<{ revision: number } | null>,
): Promise<T> {
  const until = performance.now() + PATIENCE_MS
  for (;;) {
    const saved = await save()
    if (saved) return saved
    const there = await find()
    if ((there?.revision ?? 0) > revision || performance.now() >= until) throw new ConflictError(there)
    await new Promise((done) => setTimeout(done, LOOK_EVERY_MS))
  }
}
