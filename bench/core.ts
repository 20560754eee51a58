import { Bench } from 'tinybench'
import { buildPosture, postureOf, resolveBody, type Stance } from '@/core'
import { analyse, calcStandingMargin } from '@/core/analysis'
import { findVariants } from '@/core/variants/variants'
import { Scale } from '@/core/variants/weigh'
import { loadReference } from './reference-body'

const PERSON = { stature: 1.62, mass: 68, sex: 'female' as const, age: 74 }
const body = resolveBody(PERSON)
const bow = buildPosture(postureOf('bow'), body, 'long-upright', 'left')
const standing = calcStandingMargin(body)
const scale = new Scale(body, new Map())
const reference = await loadReference()

/** As a search walks: each differs from the one before by a notch of a lever; in half of them a hip's range decides. */
const neighbours: Stance[] = Array.from({ length: 24 }, (_, i) => {
  const notch = i < 12 ? i : 24 - i
  const { left } = bow.feet
  const heel: Stance['feet']['left']['heel'] =
    i % 2 === 0 ? left.heel : [left.heel[0] + 0.002 * notch, left.heel[1] - 0.005 * notch]
  return { ...bow, loadLeft: bow.loadLeft - 0.005 * notch, feet: { ...bow.feet, left: { ...left, heel } } }
})
let at = 0
const nextOne = () => neighbours[at++ % neighbours.length] as Stance

const TASKS: [name: string, run: () => void][] = [
  ['reference: position pass', () => reference.positionPass()],
  ['one analysis of a bow', () => void analyse(body, bow, { standing, withoutFreeTurn: true })],
  ['one candidate weighed whole', () => void new Scale(body, new Map()).weigh(bow)],
  ['the same among neighbours', () => void scale.weigh(nextOne())],
  ['one candidate whose margin is short', () => void scale.weigh(nextOne(), 1)],
]
const ROUNDS = 9
const middle = (values: number[]): number => values.sort((a, b) => a - b)[values.length >> 1] ?? Number.NaN

// In rounds, each against the reference of its own: what else the machine does then weighs on both alike.
const rounds: number[][] = []
for (let round = 0; round < ROUNDS; round++) {
  const bench = new Bench({ time: 200, warmupTime: 100 })
  for (const [name, run] of TASKS) bench.add(name, run)
  await bench.run()
  rounds.push(
    TASKS.map(([name]) => {
      const result = bench.getTask(name)?.result as { latency?: { p50: number } } | undefined
      return (result?.latency?.p50 ?? Number.NaN) * 1000
    }),
  )
}
console.log(`reference body: ${reference.bodies} bodies, ${reference.contacts} contacts`)
TASKS.forEach(([name], i) => {
  const time = middle(rounds.map((round) => round[i] as number))
  const ratio = middle(rounds.map((round) => (round[i] as number) / (round[0] as number)))
  console.log(`${name.padEnd(38)} ${time.toFixed(1).padStart(8)} µs   ${ratio.toFixed(2)} × reference`)
})

const knee = resolveBody({ ...PERSON, limits: { kneeFlexionMax: (30 * Math.PI) / 180 } })
for (const [name, who] of [
  ['a bow that holds', body],
  ['a bow past a knee limit', knee],
] as const) {
  const times = Array.from({ length: 7 }, () => {
    const start = performance.now()
    const { weighed } = findVariants(who, bow)
    return { ms: performance.now() - start, weighed }
  })
  const sorted = times.map(({ ms }) => ms).sort((a, b) => a - b)
  console.log(
    `variants of ${name.padEnd(26)} ${sorted[3]?.toFixed(0).padStart(6)} ms   ${times[0]?.weighed} candidates`,
  )
}
