import { nowMs } from '@/clock'
import type { Refusal } from '@/core'
import { RefusedError } from './ask'
import { readJson, type Shelf } from './shelf'

const AGAIN_MS = 3000
const MOST_AT_ONCE = 200

export type OutboxState = {
  /** How many entries the server does not have yet. */
  waiting: number
  /** Why the server did not take some: they stay on this machine. */
  refused: { why: Refusal | null } | null
  /** How many of them this browser does not keep: they are lost with the page. */
  unkept: number
  /** Entries on this machine that cannot be read, as they lie there. */
  unreadable: string[]
}

type Waiting<T> = { id: string; value: T }

/** One window at a time: another one has the same entries before it. Where a browser knows no locks, at once. */
export type Alone = (what: string, run: () => Promise<void>) => Promise<void>

let last = 0
/** Names of entries in the order in which they are made, also where the clock goes back; no two windows make the same. */
function nameNext(): string {
  last = Math.max(last + 1, nowMs() * 1000)
  return `${String(last).padStart(17, '0')} ${crypto.randomUUID()}`
}

/**
 * Sends entries one after another, in order, and keeps on this machine what is not sent yet: through a server that is
 * gone, a page that is closed, a crash. Each entry has a place of its own there, so that no window writes over another's.
 * What no shelf takes is sent all the same. What the server refuses is set aside, never lost, and never in the way.
 */
export class Outbox<T> {
  private timer: ReturnType<typeof setTimeout> | undefined
  private underWay: Promise<void> | null = null
  private refused: { why: Refusal | null } | null = null
  private readonly unkept = new Map<string, T>()

  constructor(
    private readonly key: string,
    private readonly send: (values: T[]) => Promise<void>,
    private readonly onState: (state: OutboxState) => void,
    private readonly shelf: Shelf,
    private readonly alone: Alone,
  ) {
    this.adoptOldest()
    this.tell()
    if (this.read().length > 0) this.flush()
  }

  add(values: readonly T[]): void {
    for (const value of values) this.keep(nameNext(), value)
    this.tell()
    this.flush()
  }

  /** What waits, for whoever shows the newest. */
  get waiting(): T[] {
    return this.read().map(({ value }) => value)
  }

  /** Sends what waits, now; done when nothing waits, or no server answers. */
  async flush(): Promise<void> {
    clearTimeout(this.timer)
    if (!this.underWay)
      this.underWay = this.alone(this.key, () => this.sendAll()).finally(() => {
        this.underWay = null
      })
    await this.underWay
  }

  /** Says how it stands: also what another window sent. */
  tell(): void {
    const { length } = this.read()
    this.onState({
      waiting: length,
      refused: this.refused,
      unkept: this.unkept.size,
      unreadable: this.unread().flatMap((key) => this.shelf.read(key) ?? []),
    })
  }

  /** Whoever has taken out what cannot be read needs it here no longer. */
  forgetUnreadable(): void {
    for (const key of this.unread()) this.shelf.remove(key)
    this.tell()
  }

  end(): void {
    clearTimeout(this.timer)
  }

  private async sendAll(): Promise<void> {
    for (let some = this.read().slice(0, MOST_AT_ONCE); some.length > 0; some = this.read().slice(0, MOST_AT_ONCE)) {
      try {
        await this.send(some.map(({ value }) => value))
        for (const { id } of some) this.drop(id)
      } catch (error) {
        if (!(error instanceof RefusedError)) return this.wait()
        if (!(await this.sendEach(some))) return
      }
      this.tell()
    }
  }

  /** One of them is refused: the others are not kept waiting for it. False where no server answers any more. */
  private async sendEach(some: readonly Waiting<T>[]): Promise<boolean> {
    for (const { id, value } of some) {
      try {
        await this.send([value])
        this.drop(id)
      } catch (error) {
        if (!(error instanceof RefusedError)) {
          this.wait()
          return false
        }
        this.refused = { why: error.why }
        this.drop(id)
        this.shelf.write(`${this.key} refused ${id}`, JSON.stringify({ value, why: error.why }))
      }
    }
    return true
  }

  private wait(): void {
    this.tell()
    this.timer = setTimeout(() => this.flush(), AGAIN_MS)
  }

  private get before(): string {
    return `${this.key} waits `
  }

  private keep(id: string, value: T): void {
    if (!this.shelf.write(this.before + id, JSON.stringify({ value }))) this.unkept.set(id, value)
  }

  private drop(id: string): void {
    this.shelf.remove(this.before + id)
    this.unkept.delete(id)
  }

  private keys(): string[] {
    return this.shelf.keys().filter((key) => key.startsWith(this.before))
  }

  private unread(): string[] {
    const isOldestLost = this.shelf.read(this.key) !== null && !readJson(this.shelf, this.key)
    const oldest = isOldestLost ? [this.key] : []
    return [...oldest, ...this.keys().filter((key) => !readJson(this.shelf, key))]
  }

  private read(): Waiting<T>[] {
    const kept = this.keys().flatMap((key): Waiting<T>[] => {
      const one = readJson<{ value: T }>(this.shelf, key)
      return one ? [{ id: key.slice(this.before.length), value: one.value }] : []
    })
    const unkept = [...this.unkept].map(([id, value]) => ({ id, value }))
    return [...kept, ...unkept].sort((a, b) => (a.id < b.id ? -1 : 1))
  }

  /** Entries as they lay in one place before each had its own. */
  private adoptOldest(): void {
    const oldest = readJson<Waiting<T>[]>(this.shelf, this.key)
    if (!Array.isArray(oldest)) return
    for (const { value } of oldest) this.keep(nameNext(), value)
    // Where there is no room for them yet they stay where they are, too: what is sent twice is put in once.
    if (this.unkept.size === 0) this.shelf.remove(this.key)
  }
}
