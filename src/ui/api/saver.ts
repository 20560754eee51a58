import type { Refusal } from '@/core'
import { ask, OvertakenError, RefusedError } from './ask'
import { rememberLeaving } from './leaving'
import { dropUnsent, isAlike, keepUnsent, readUnsent, type SaveRequest } from './unsent'

const AGAIN_MS = 3000

export type SaveState<Theirs> = {
  /** What is here is what the server has. */
  isSaved: boolean
  /** Why it is not: the server refused it, or does not answer yet. */
  problem: { kind: 'refused'; why: Refusal | null } | { kind: 'no-server' } | null
  /** What somebody else saved meanwhile; nothing is saved before one of the two was chosen. */
  theirs: Theirs | null
}

export const SAVED = { isSaved: true, problem: null, theirs: null }

/** What a save goes over, which page saves, and the how manieth of its saves this is: an answer may get lost. */
export type Over = { revision: number; saver: string; turn: number }

/** Whatever has something that the server does not have yet. */
const unsaved = new Set<unknown>()

/** Whether the server has all that was changed on this page. */
export const isAllSaved = (): boolean => unsaved.size === 0

const nameSaver = () => crypto.getRandomValues(new Uint32Array(3)).join('-')

/** Puts it there. @throws OvertakenError, RefusedError, another where no server answers */
export type Put = (path: string, body: object & Over) => Promise<{ revision: number }>

const PUT: Put = (path, body) => ask(path, 'PUT', body)

export type Saving<T, Theirs = unknown> = {
  /** Under this name the page that comes next looks for what was sent while this one was left. */
  what: string
  /** What one calls it. */
  title: string
  /** The revision that this began from. */
  revision: number
  /** How long a change rests before it is sent. */
  restMs: number
  /** How it is sent; what it goes over is put in. */
  request: (value: T) => SaveRequest
  /** The server has it. */
  onSaved?: (saved: Theirs, value: T) => void
  /** The value of what is there: where that is what is here, there is nothing to choose. */
  readTheirs?: (theirs: Theirs) => T
}

/**
 * Saves one thing as it changes: shortly after it rests, one save after another, each over the revision that the one
 * before made; again where no server answered; not over somebody else's; and what is not sent yet when the page is left.
 */
export class Saver<T, Theirs extends { revision: number }> {
  private state: SaveState<Theirs> = SAVED
  private revision: number
  private saver = nameSaver()
  private turn = 0
  /** The page on which it was changed: another may be open when no server takes it. */
  private href = ''
  /** How many were sent since then and never answered: each may have arrived. */
  private unanswered = 0
  /** What the server does not have yet, and which of it is on its way. */
  private newest: { value: T } | null = null
  private sent: { value: T } | null = null
  private lastSent: { value: T } | null = null
  private underWay: Promise<void> | null = null
  private timer: ReturnType<typeof setTimeout> | undefined

  constructor(
    private readonly how: Saving<T, Theirs>,
    private readonly onState: (state: SaveState<Theirs>) => void,
    private readonly put: Put = PUT,
  ) {
    this.revision = how.revision
  }

  /** Whether nothing was saved or changed here since it began. */
  get isUntouched(): boolean {
    return this.state.isSaved && this.revision === this.how.revision
  }

  /** Something newer is to be saved. */
  change(value: T): void {
    const { pathname, search } = window.location
    this.href = `${pathname}${search}`
    this.newest = { value }
    this.tell({ isSaved: false })
    this.wait(this.how.restMs)
  }

  /** Sends what is not sent yet, now; done when nothing is on its way. */
  async flush(): Promise<void> {
    clearTimeout(this.timer)
    while (this.underWay) await this.underWay
    if (!this.newest || this.state.theirs) return
    this.underWay = this.send(this.newest).finally(() => {
      this.underWay = null
    })
    await this.underWay
  }

  /** One of the two was chosen: what is here is saved over what is there. */
  settle(revision: number): void {
    this.begin(revision)
    this.tell({ theirs: null, problem: null })
    if (this.newest) this.wait(this.how.restMs)
  }

  /** What of this waited on this machine, to go on over what it was to go over; null where nothing did. */
  resume(there: T | null): T | null {
    const unsent = readUnsent<T>(this.how.what, there)
    if (!unsent) return null
    this.begin(unsent.revision)
    return unsent.value
  }

  /** What is there was taken as it is. */
  accept(revision: number): void {
    clearTimeout(this.timer)
    dropUnsent(this.how.what)
    this.newest = null
    this.begin(revision)
    this.tell(SAVED)
  }

  /** The page goes: what is not sent is sent now, over what is on its way. */
  leave(): void {
    clearTimeout(this.timer)
    unsaved.delete(this)
    const unsent = this.newest !== this.sent ? this.newest : null
    const onItsWay = this.underWay ? 1 : 0
    const coming = onItsWay + (unsent ? 1 : 0)
    if (this.state.theirs || coming === 0) return
    rememberLeaving(this.how.what, this.revision + this.unanswered + coming)
    if (this.newest && this.state.problem?.kind === 'no-server') this.keep(this.newest.value)
    if (unsent)
      this.save(unsent.value, this.over(onItsWay)).then(
        () => dropUnsent(this.how.what),
        () => this.keep(unsent.value),
      )
  }

  private begin(revision: number): void {
    this.revision = revision
    this.saver = nameSaver()
    this.unanswered = 0
  }

  private over(onItsWay = 0): Over {
    this.turn += 1
    return { revision: this.revision + onItsWay, saver: this.saver, turn: this.turn }
  }

  private wait(ms: number): void {
    clearTimeout(this.timer)
    this.timer = setTimeout(() => this.flush(), ms)
  }

  private async send(sending: { value: T }): Promise<void> {
    this.sent = sending
    try {
      const saved = await this.save(sending.value, this.over())
      this.revision = saved.revision
      this.how.onSaved?.(saved as Theirs, sending.value)
      this.unanswered = 0
      const isNewest = this.newest === sending
      if (isNewest) {
        this.newest = null
        dropUnsent(this.how.what)
      }
      this.tell({ isSaved: isNewest, problem: null })
    } catch (error) {
      if (error instanceof OvertakenError) this.meet(error.current as (Theirs & { revision: number }) | null)
      else if (error instanceof RefusedError) this.tell({ problem: { kind: 'refused', why: error.why } })
      else {
        this.unanswered += 1
        this.keep(this.newest?.value ?? sending.value)
        this.tell({ problem: { kind: 'no-server' } })
        this.wait(AGAIN_MS)
      }
    } finally {
      this.sent = null
    }
  }

  /**
   * Somebody else saved meanwhile; what is the same is no other, as where an answer got lost. What somebody removed
   * meanwhile is saved as new: nothing that was written here is lost.
   */
  private meet(theirs: (Theirs & { revision: number }) | null): void {
    if (theirs === null) {
      this.begin(0)
      this.wait(this.how.restMs)
      return
    }
    const there = this.how.readTheirs?.(theirs)
    if (there !== undefined && isAlike(there, this.newest?.value)) this.accept(theirs.revision)
    else this.tell({ theirs })
  }

  private save(value: T, over: Over): Promise<{ revision: number }> {
    this.lastSent = { value }
    const { path, body } = this.how.request(value)
    return this.put(path, { ...body, ...over })
  }

  private keep(value: T): void {
    const { what, title, request } = this.how
    const { path, body } = request(value)
    // What was sent last may have arrived: then it is not saved twice. What is newer is a save of its own.
    const turn = value === this.lastSent?.value ? this.turn : this.turn + 1
    const over = { revision: this.revision, saver: this.saver, turn }
    const sent = { path, body: { ...body, ...over } }
    keepUnsent(what, { value, revision: this.revision, request: sent, href: this.href, title })
  }

  private tell(change: Partial<SaveState<Theirs>>): void {
    this.state = { ...this.state, ...change }
    if (this.state.isSaved) unsaved.delete(this)
    else unsaved.add(this)
    this.onState(this.state)
  }
}
