/** Pages of one browser tell each other that something was saved; what each shows may be another thing then. */
const CHANNEL = 'nivrel.changes'

/** Asked for and answered, or kept for one page alone: nothing that another one shows. */
const OWN = /\/(draft|preview)$/

let channel: BroadcastChannel | null = null
const open = (): BroadcastChannel => {
  channel ??= new BroadcastChannel(CHANNEL)
  return channel
}

/** Something was changed on the server: the other open pages hear of it. */
export function tellChange(path: string, method: string): void {
  if (method !== 'GET' && !OWN.test(path)) open().postMessage(path)
}

/** Calls whoever listens when another page changed something; what is returned ends it. */
export function hearChanges(onChange: () => void): () => void {
  open().addEventListener('message', onChange)
  return () => open().removeEventListener('message', onChange)
}
