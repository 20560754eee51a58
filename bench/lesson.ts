import { calcHour, LIBRARY, postureOf, resolveBody } from '@/core'
import { dayOf } from '@/documents/day'
import { toPerson } from '@/documents/to-core'
import { SECOND_LAUNCH } from '@/keeping/db/demo/second-launch'
import { SLACK_TIDE } from '@/keeping/db/demo/slack-tide'
import { readPerson } from '@/records/person-of'
import { workPiece } from '@/teaching/lessons/work-piece'
import { proposeLesson } from '@/teaching/practice/propose-lesson'
import { knowTraits } from '@/teaching/practice/stages'
import { ENGLISH } from '@/words/english'
import { readShipped } from '@/words/routines'

/** An hour of fifty minutes for sixteen people of the demo, every load: in one thread, nothing known before. */
const now = new Date('2026-03-13T10:00:00Z')
const routineOf = (id: string) => readShipped(id as Parameters<typeof readShipped>[0], ENGLISH)
const stepped = ['parallel', 'parallel', 'bow', 'bow'].map((posture) => [
  { id: 'a', kind: 'posture' as const, posture, minutes: 5 },
])
const pieces = proposeLesson({
  minutes: 50,
  aim: 'way-back',
  had: stepped,
  known: { routineOf, traitsOf: knowTraits(LIBRARY) },
})
const persons = [...SLACK_TIDE, ...SECOND_LAUNCH]
  .slice(0, 16)
  .map(({ make }) => toPerson(readPerson(make(now), dayOf(now))))
const makings = { routineOf, find: postureOf, formOf: () => null }
const times: number[] = []
for (let round = 0; round < 5; round++) {
  // New bodies: what was worked out for a body is known the next time.
  const bodies = persons.map(resolveBody)
  const start = performance.now()
  for (const body of bodies) {
    const worked = pieces.map((piece) => workPiece(body, piece, { school: 'therapeutic' }, makings))
    calcHour(
      pieces.map(({ minutes, kind }, i) => ({
        seconds: minutes * 60,
        rests: kind === 'rest',
        load: (worked[i] as (typeof worked)[number]).load,
      })),
    )
  }
  times.push(performance.now() - start)
}
const [first = 0, ...warm] = times
const median = warm.sort((a, b) => a - b)[warm.length >> 1] ?? 0
console.log(
  `an hour of ${pieces.length} pieces for ${persons.length} people, every load, in one thread  ${(median / 1000).toFixed(2)} s, the first time ${(first / 1000).toFixed(2)} s`,
)
