import { InputError } from '@/core'
import { toErrorDocument } from '@/documents/error-document'
import { fromReading } from '@/documents/readings/line'
import { readReadings } from '@/documents/readings/text'
import { IN_DOCUMENTS } from '@/words/documents'
import { isFromHere } from '../from-here'
import { publish, subscribe } from './hub'

const LARGEST = 1_000_000
const KEEP_ALIVE_MS = 15_000
/** A page that does not take what it gets is behind by no more than so many messages: then some are left out. */
const BEHIND_MOST = 500

/** Lines in: how many readings they held, and what was wrong with the others. */
export async function takeIn(request: Request): Promise<Response> {
  const refuse = (error: InputError) => Response.json(toErrorDocument(error, IN_DOCUMENTS), { status: 400 })
  if (!isFromHere(request.headers)) return refuse(new InputError('request', null, { code: 'fromHere' }))
  const text = await request.text()
  if (text.length > LARGEST)
    return refuse(new InputError('document', text.length, { code: 'characters', most: LARGEST }))
  const { readings, wrong } = readReadings(text)
  if (readings.length === 0 && wrong[0]) return refuse(wrong[0].error)
  publish(readings)
  return Response.json({
    readings: readings.length,
    wrong: wrong.map(({ line, error }) => ({ line, ...toErrorDocument(error, IN_DOCUMENTS) })),
  })
}

/** Readings out as server-sent events, each the line that came in, from now on. */
export function sendOut(request: Request): Response {
  if (!isFromHere(request.headers)) return new Response(null, { status: 403 })
  const encoder = new TextEncoder()
  const stream = new ReadableStream<Uint8Array>(
    {
      start(controller) {
        const write = (text: string) => {
          if ((controller.desiredSize ?? 0) > 0) controller.enqueue(encoder.encode(text))
        }
        const end = subscribe((readings) =>
          write(readings.map((one) => `data: ${JSON.stringify(fromReading(one))}\n\n`).join('')),
        )
        const alive = setInterval(() => write(': here\n\n'), KEEP_ALIVE_MS)
        write(': here\n\n')
        request.signal.addEventListener('abort', () => {
          end()
          clearInterval(alive)
          controller.close()
        })
      },
    },
    new CountQueuingStrategy({ highWaterMark: BEHIND_MOST }),
  )
  return new Response(stream, {
    headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store', 'x-accel-buffering': 'no' },
  })
}
