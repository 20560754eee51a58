import { makePath, resolveBody } from '@/core'
import { planTransition } from '@/core/motion/transition'
import { makeRoutine } from './routine'

const body = resolveBody({ stature: 1.62, mass: 68, sex: 'female', age: 74 })
const routineOf = (count: number) => makeRoutine(count, body)

const middle = (values: number[]) => values.sort((a, b) => a - b)[values.length >> 1] ?? Number.NaN
const time = (rounds: number, run: () => void): number =>
  middle(
    Array.from({ length: rounds }, () => {
      const start = performance.now()
      run()
      return performance.now() - start
    }),
  )

const twelve = routineOf(12)
/** Every way of the routine, from where to where and what is held on it. */
const asked = makePath(body, twelve, 20).transitions.flatMap(({ made, to }) => {
  const phases = made?.transition.phases ?? []
  const [first, last] = [phases[0], phases.at(-1)]
  const choices = twelve[to]?.choices
  return made && first && last && choices ? [{ body, from: first.from, to: last.to, held: made.held, choices }] : []
})
console.log(
  `planning of ${asked.length} ways               ${time(9, () => asked.forEach((ask) => void planTransition(ask)))
    .toFixed(0)
    .padStart(6)} ms`,
)
console.log(
  `path of 12 parts, 60 samples      ${time(7, () => makePath(body, twelve, 60))
    .toFixed(0)
    .padStart(6)} ms`,
)
console.log(
  `path of 12 parts, 20 samples      ${time(7, () => makePath(body, twelve, 20))
    .toFixed(0)
    .padStart(6)} ms`,
)
for (const count of [2, 5, 12, 25, 50, 100]) {
  const routine = routineOf(count)
  console.log(
    `${String(count).padStart(4)} parts, 20 samples            ${time(3, () => makePath(body, routine, 20))
      .toFixed(0)
      .padStart(6)} ms`,
  )
}
