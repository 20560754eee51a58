import { RefusedError, takeOption, UsageError } from './options'

const ABOUT = ['as', 'group', 'person', 'posture', 'routine', 'day', 'of', 'counts', 'hold', 'size', 'unit'] as const

/**
 * The sheets that a running Nivrel makes of what it keeps: of a class, a lesson, somebody, by their ids. The PDF goes to
 * standard output; what it refuses is said in its words.
 */
export async function printFrom(from: string, args: string[]): Promise<void> {
  const asked = new URLSearchParams()
  let rest = args
  for (const name of ABOUT) {
    const taken = takeOption(rest, `--${name}`)
    if (taken.value !== undefined) asked.set(name, taken.value)
    rest = taken.rest
  }
  if (rest[0] !== undefined) throw new UsageError(`"${rest[0]}" is not understood`)
  if (!URL.canParse(from))
    throw new UsageError('--from takes the address of a running Nivrel, as http://127.0.0.1:4173')
  const url = new URL(`/api/paper?${asked}`, from)
  const answer = await fetch(url).catch(() => {
    throw new RefusedError(`${url.origin}: no Nivrel answers there`)
  })
  if (!answer.ok) throw new RefusedError(await readRefusal(answer))
  process.stdout.write(new Uint8Array(await answer.arrayBuffer()))
}

async function readRefusal(answer: Response): Promise<string> {
  const text = await answer.text()
  try {
    const { error } = JSON.parse(text)
    return `${error.field}: ${error.accepts}`
  } catch {
    return `${answer.status} ${text}`
  }
}
