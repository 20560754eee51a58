import { MessageChannel, type MessagePort } from 'node:worker_threads'
import { expose } from 'comlink'

const modules = import.meta.glob('../../workers/*.worker.ts')

/** What each worker's module offers, by its file; it is loaded once. */
const offered = new Map<string, unknown>()
let last: unknown
let loading: Promise<void> = Promise.resolve()

/** Stands in for comlink's own where a worker's module offers what it can do. */
export const offer = (api: unknown): void => {
  last = keepAnswers(api as Record<string, Answer>)
}

type Answer = (...asked: unknown[]) => unknown

/** What the same worker was asked before it answers as before: tests open the same pages again and again. */
function keepAnswers(api: Record<string, Answer>): Record<string, Answer> {
  return Object.fromEntries(
    Object.entries(api).map(([name, answer]) => {
      const known = new Map<string, unknown>()
      const once: Answer = (...asked) => {
        const key = JSON.stringify(asked)
        if (!known.has(key)) known.set(key, answer(...asked))
        return known.get(key)
      }
      // What is only done is done each time.
      return [name, answer.length === 0 ? answer : once]
    }),
  )
}

/** Stands in for a browser's worker: the module runs here, and everything goes over a line as it would. */
export class WorkerHere {
  private readonly port: MessagePort

  constructor(url: URL) {
    const { port1, port2 } = new MessageChannel()
    this.port = port1
    port1.unref()
    this.open(String(url), port2)
  }

  private async open(url: string, port: MessagePort): Promise<void> {
    const name = /[^/]+\.worker\.ts/.exec(url)?.[0]
    const file = `../../workers/${name}`
    const load = modules[file]
    if (!load) throw new Error(`no worker is at ${url}`)
    // One after the other: what was offered last is what was loaded last.
    loading = loading.then(async () => {
      if (offered.has(file)) return
      await load()
      offered.set(file, last)
    })
    await loading
    expose(offered.get(file), port as unknown as Parameters<typeof expose>[1])
  }

  postMessage(message: unknown, transfer: never[] = []): void {
    this.port.postMessage(message, transfer)
  }

  addEventListener(kind: string, listen: (event: Event) => void): void {
    if (kind === 'message') this.port.addEventListener('message', listen as never)
    this.port.start()
  }

  removeEventListener(kind: string, listen: (event: Event) => void): void {
    if (kind === 'message') this.port.removeEventListener('message', listen as never)
  }

  terminate(): void {
    this.port.close()
  }
}
