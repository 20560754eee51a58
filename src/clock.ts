/**
 * What time it is: the one place in which the program asks. NIVREL_CLOCK, an instant such as 2026-03-13T10:00:00Z, is
 * when the program started, for the whole of it; from there it goes on. Only tests set it, and a server that could be
 * anybody's refuses it (server/pinned-clock.ts).
 */
export const nowMs = (): number => {
  const started = process.env.NIVREL_CLOCK
  return started ? Math.floor(readInstant(started) + performance.now()) : Date.now()
}

export const now = (): Date => new Date(nowMs())

/** This instant, as it is kept. */
export const stamp = (): string => now().toISOString()

/** Milliseconds of an instant. @throws RangeError in one line where it is none */
export function readInstant(text: string): number {
  const at = Date.parse(text)
  if (!Number.isFinite(at))
    throw new RangeError(`NIVREL_CLOCK ${text}: an instant such as 2026-03-13T10:00:00Z is needed`)
  return at
}
