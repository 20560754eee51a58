import { RefusedError } from './ask'

const AGAIN_MS = 3000
const MOST_AT_ONCE = 200

/** Where what waits is kept on this machine, so that a page that is closed, or a machine that goes out, loses nothing. */
export type Shelf = { read: (key: string) => string | null; write: (key: string, text: string) => void }

export type OutboxState = {
  /** How many entries the server does not have yet. */
  waiting: number
  /** Why the server did not take some: they stay on this machine. */
  refused: string | null
}

type Waiting<T> = { id: string; value: T }

const readShelf = <T>(key: string, shelf: Shelf): Waiting<T>[] => JSON.parse(shelf.read(key) ?? '[]') as Waiting<T>[]

/** How many entries of a page that was left wait on this machine. */
export const countWaiting = (key: string, shelf: Shelf): number => readShelf(key, shelf).length

/**
 * Sends entries one after another, in order, and keeps on this machine what is not sent yet: through a server that is
 * gone, a page that is closed, a crash. What the server refuses is set aside, never lost, and never in the way.
 */
export class Outbox<T> {
  private timer: ReturnType<typeof setTimeout> | undefined
  private underWay: Promise<void> | null = null
  private refused: string | null = null

  constructor(
    private readonly key: string,
    private readonly send: (values: T[]) => Promise<void>,
    private readonly onState: (state: OutboxState) => void,
    private readonly shelf: Shelf,
  ) {
    this.tell()
    if (this.read().length > 0) this.flush()
  }

  add(values: readonly T[]): void {
    this.write([...this.read(), ...values.map((value) => ({ id: crypto.randomUUID(), value }))])
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
      this.underWay = this.sendAll().finally(() => {
        this.underWay = null
      })
    await this.underWay
  }

  end(): void {
    clearTimeout(this.timer)
  }

  private async sendAll(): Promise<void> {
    for (let some = this.read().slice(0, MOST_AT_ONCE); some.length > 0; some = this.read().slice(0, MOST_AT_ONCE)) {
      try {
        await this.send(some.map(({ value }) => value))
        this.drop(some)
      } catch (error) {
        if (!(error instanceof RefusedError)) return this.wait()
        if (!(await this.sendEach(some))) return
      }
      this.tell()
    }
  }

  /** One of them is refused: the others are not kept waiting for it. False where no server answers any more. */
  private async sendEach(some: readonly Waiting<T>[]): Promise<boolean> {
    for (const one of some) {
      try {
        await this.send([one.value])
      } catch (error) {
        if (!(error instanceof RefusedError)) {
          this.wait()
          return false
        }
        this.refused = error.message
        const aside = JSON.parse(this.shelf.read(`${this.key} refused`) ?? '[]') as unknown[]
        this.shelf.write(`${this.key} refused`, JSON.stringify([...aside, { ...one, reason: error.message }]))
      }
      this.drop([one])
    }
    return true
  }

  private wait(): void {
    this.timer = setTimeout(() => this.flush(), AGAIN_MS)
  }

  private drop(sent: readonly Waiting<T>[]): void {
    const ids = new Set(sent.map(({ id }) => id))
    this.write(this.read().filter(({ id }) => !ids.has(id)))
  }

  private read(): Waiting<T>[] {
    return readShelf(this.key, this.shelf)
  }

  private write(entries: readonly Waiting<T>[]): void {
    this.shelf.write(this.key, JSON.stringify(entries))
  }

  private tell(): void {
    this.onState({ waiting: this.read().length, refused: this.refused })
  }
}
