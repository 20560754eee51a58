// A class against postures: as taught, and the search for its levels, in one thread.
import {
  chooseForClass,
  LIBRARY,
  listCandidates,
  type Person,
  postureOf,
  readAsTaught,
  resolveBody,
  type Taught,
  weighBody,
} from '@/core'
import { loadReference } from './reference-body'

const DEG = Math.PI / 180

/** Somebody of an invented class: by turns able, limited at a knee, a hip or a leg's load, frail, or holding on. */
function makePerson(i: number): Person {
  const person: Person = {
    stature: 1.5 + ((i * 7) % 38) / 100,
    mass: 52 + ((i * 11) % 45),
    sex: i % 2 ? 'male' : 'female',
    age: 58 + ((i * 5) % 33),
  }
  const limits = [
    {},
    { left: { kneeFlexionMax: (22 + (i % 4) * 5) * DEG } },
    {},
    { right: { hipFlexionMax: 90 * DEG, hipAdductionMax: 0, hipInwardMax: 5 * DEG, hipOrdered: true } },
    { support: 'chair-back' as const },
    { loadMax: { left: 0.5, right: 1 } },
    {},
    { dorsiflexionMax: 18 * DEG },
  ][i % 8]
  return { ...person, limits: limits ?? {} }
}

const makeBodies = (count: number) => Array.from({ length: count }, (_, i) => resolveBody(makePerson(i)))
const median = (times: number[]) => times.sort((a, b) => a - b)[Math.floor(times.length / 2)] as number

function time(run: () => void, times: number): number {
  return median(
    Array.from({ length: times }, () => {
      const start = performance.now()
      run()
      return performance.now() - start
    }),
  )
}

const SCHOOL = 'long-upright'
const of24 = LIBRARY.slice(0, 24)
const sixteen = makeBodies(16)
const asTaught = time(() => {
  for (const body of sixteen) {
    for (const { id, measures, keeps } of of24)
      readAsTaught(body, measures[SCHOOL], { posture: id, side: 'left', keeps })
  }
}, 7)
const reference = await loadReference()
const pass = time(() => {
  for (let i = 0; i < 384; i++) reference.positionPass()
}, 7)
console.log(
  `16 people × 24 postures as taught     ${asTaught.toFixed(0).padStart(7)} ms   ${(asTaught / pass).toFixed(1)} × reference (384 position passes)   wanted: 300 ms or less`,
)

function fitClass(posture: string, people: number): { ms: number; versions: number; unfitted: number } {
  const { measures, keeps } = postureOf(posture)
  const taught: Taught = { posture, side: 'left', keeps }
  const bodies = makeBodies(people)
  const start = performance.now()
  const candidates = listCandidates(measures[SCHOOL], keeps)
  const weighed = bodies.map((body) => weighBody(body, measures[SCHOOL], taught, true, candidates))
  const { choice } = chooseForClass(bodies, measures[SCHOOL], taught, weighed, { levels: 3, chairs: true })
  return { ms: performance.now() - start, versions: candidates.length, unfitted: choice.unfitted }
}

fitClass('brush-knee', 8)
console.log('levels, three at most, in one thread (a pool shares the weighing)')
console.log('people   brush knee      golden rooster   snake creeps down')
for (const people of [8, 16, 30, 60, 120]) {
  const cells = ['brush-knee', 'golden-rooster', 'snake-creeps'].map((posture) => {
    const { ms, unfitted } = fitClass(posture, people)
    return `${(ms / 1000).toFixed(2).padStart(6)} s${unfitted ? ` (${unfitted} alone)` : ''}`.padEnd(17)
  })
  console.log(`${String(people).padStart(5)}  ${cells.join('')}`)
}
console.log('wanted, on two cores: 16 people in 3 s or less, 60 people in 15 s or less')
