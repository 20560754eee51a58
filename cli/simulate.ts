import { now } from '@/clock'
import {
  buildPosture,
  disturb,
  NO_MISCHIEF,
  postureOf,
  type Reading,
  type ReadingKind,
  resolveBody,
  seeded,
  standIn,
} from '@/core'
import { dayOf } from '@/documents/day'
import { parse } from '@/documents/parse'
import { fromReading, READING_KINDS } from '@/documents/readings/line'
import { BAD_CABLE, RATES, standInOf } from '@/documents/readings/stand-in-of'
import { stanceDocument } from '@/documents/stance-document'
import { toPerson, toStance } from '@/documents/to-core'
import { readPerson } from '@/records/person-of'
import { print, RefusedError, readDocument, takeOption, takeWhole, UsageError } from './options'

const SECONDS = 60
const SHIFT_AT_S = 10
const BATCH_MS = 100

/**
 * A stand-in for a device: somebody of the model who sways, one reading a line. With `--to` the readings go to a running
 * Nivrel as time passes.
 */
export async function simulate(args: string[]): Promise<void> {
  const [kind, ...rest] = args
  const found = READING_KINDS.find((one) => one === kind)
  if (!found) throw new UsageError(`simulate takes ${READING_KINDS.join(', ')}`)
  const { to, readings } = readAsked(found, rest)
  if (to) return sendOn(to, readings)
  for (const one of readings) await print(JSON.stringify(fromReading(one)))
}

function readAsked(kind: ReadingKind, args: string[]): { to: string | undefined; readings: Iterable<Reading> } {
  const values: Record<string, string | undefined> = {}
  let rest = args
  for (const name of ['person', 'stance', 'seed', 'seconds', 'shift', 'wobble', 'bad', 'to'])
    ({ value: values[name], rest } = takeOption(rest, `--${name}`))
  if (rest[0] !== undefined) throw new UsageError(`"${rest[0]}" is not understood`)
  const { person, stance } = values
  const document = stance === undefined ? null : parse(stanceDocument, readDocument(stance))
  const who =
    person !== undefined
      ? toPerson(readPerson(readDocument(person), dayOf(now())))
      : document
        ? toPerson(document.person)
        : { stature: 1.66, mass: 68, sex: 'female' as const, age: 72 }
  const body = resolveBody(who)
  const stands = document ? toStance(document.stance) : buildPosture(postureOf('parallel'), body, 'therapeutic', 'left')
  const seed = takeWhole('--seed', values.seed, 0, 2 ** 31) ?? 1
  const seconds = takeWhole('--seconds', values.seconds, 1, 36_000) ?? SECONDS
  const wobble = takeWhole('--wobble', values.wobble, 1, 3600) ?? null
  const shift = takeWhole('--shift', values.shift, 0, 100)
  const shifts = shift === undefined ? [] : [{ atS: SHIFT_AT_S, loadLeft: shift / 100 }]
  const all = standIn(kind, standInOf(body, stands, 1, wobble), RATES[kind], seeded(seed), shifts)
  const mischief =
    values.bad === 'yes' ? { ...BAD_CABLE, unplugsAtS: seconds } : { ...NO_MISCHIEF, unplugsAtS: seconds }
  return { to: values.to, readings: disturb(all, mischief, seeded(seed + 1)) }
}

/** Each reading when its time has come, a tenth of a second of them together. */
async function sendOn(to: string, readings: Iterable<Reading>): Promise<void> {
  const url = new URL('/api/v1/readings', to)
  const start = performance.now()
  let batch: string[] = []
  const send = async () => {
    const answer = await fetch(url, { method: 'POST', body: batch.join('\n') }).catch(() => {
      throw new RefusedError(`${url.origin}: no Nivrel answers there`)
    })
    if (!answer.ok) throw new RefusedError(`${url}: ${answer.status} ${await answer.text()}`)
    batch = []
  }
  for (const one of readings) {
    batch.push(JSON.stringify(fromReading(one)))
    const ahead = one.atS * 1000 - (performance.now() - start)
    if (ahead < BATCH_MS) continue
    await send()
    await new Promise((resolve) => setTimeout(resolve, ahead))
  }
  await send()
}
