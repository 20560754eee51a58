/** The names of this machine to itself. Another name that leads here is somebody else's, and may be a trap. */
const OWN = new Set(['127.0.0.1', 'localhost', '::1'])

/** An address as NIVREL_HOST may give it, without the brackets that an IPv6 one may have. */
const bare = (host: string): string => host.replace(/^\[(.*)\]$/, '$1')

/** Whether a NIVREL_HOST, or none, is this machine alone. */
export const isLoopback = (nivrelHost: string | undefined): boolean => OWN.has(bare(nivrelHost || '127.0.0.1'))

/**
 * Whether a request under a name is answered: this machine's own names always; others only where the server was opened
 * to others on purpose, by a NIVREL_HOST that is not this machine alone.
 */
export function isNameAnswered(hostHeader: string, nivrelHost: string | undefined): boolean {
  const name = bare(hostHeader.replace(/:\d+$/, ''))
  return OWN.has(name) || !isLoopback(nivrelHost)
}
