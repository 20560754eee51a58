import { Bench } from 'tinybench'
import { buildPosture, postureOf, resolveBody } from '@/core'
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

const bench = new Bench({ time: 1500, warmupTime: 500 })
bench
  .add('reference: position pass', () => reference.positionPass())
  .add('one analysis of a bow', () => void analyse(body, bow, { standing, withoutFreeTurn: true }))
  .add('one candidate weighed whole', () => void scale.weigh(bow))
  .add('one candidate whose margin is short', () => void scale.weigh(bow, 1))
await bench.run()

const median = (name: string): number => {
  const result = bench.getTask(name)?.result as { latency?: { p50: number } } | undefined
  return (result?.latency?.p50 ?? Number.NaN) * 1000
}
const of = median('reference: position pass')
console.log(`reference body: ${reference.bodies} bodies, ${reference.contacts} contacts`)
for (const { name } of bench.tasks) {
  console.log(
    `${name.padEnd(38)} ${median(name).toFixed(1).padStart(8)} µs   ${(median(name) / of).toFixed(2)} × reference`,
  )
}

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
