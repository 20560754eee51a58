import { buildPosture, postureOf, resolveBody } from '@/core'
import { cardSheets } from '@/paper/cards'
import { toPdf } from '@/paper/pdf'
import { drawStood, stand } from '@/paper/stood'
import { cutTrueSize } from '@/paper/true-size'
import { ENGLISH } from '@/words/english'

/** A plan at true size over many sheets, and a card for each of a class, from the stance to the PDF. */
const ROUNDS = 7
const body = resolveBody({ stature: 1.72, mass: 74, sex: 'male', age: 71 })
const bow = buildPosture(postureOf('bow'), body, 'therapeutic', 'left')
const horse = buildPosture(postureOf('horse'), body, 'therapeutic', 'left')

async function time(run: () => Promise<unknown>): Promise<number> {
  const times: number[] = []
  for (let i = 0; i < ROUNDS; i++) {
    const start = performance.now()
    await run()
    times.push(performance.now() - start)
  }
  return times.sort((a, b) => a - b)[ROUNDS >> 1] ?? 0
}

const plan = () => cutTrueSize(drawStood(stand('horse', body, horse), 1, true), 'horse', 'a4', ENGLISH)
const card = () => ({
  name: 'Somebody',
  stances: [stand('bow', body, bow)],
  counts: 5,
  holdS: 5,
  feel: 'the crown',
  helper: false,
  orders: '',
  isUnasked: false,
})
console.log(
  `a plan at true size, ${plan().length} sheets           ${(await time(() => toPdf(plan(), 'horse'))).toFixed(0).padStart(6)} ms (wanted for 8: 500 or less)`,
)
console.log(
  `cards for 16 people                    ${(await time(() => toPdf(cardSheets(Array.from({ length: 16 }, card), 'cm', 'a4', ENGLISH), 'cards'))).toFixed(0).padStart(6)} ms (wanted: 2,000 or less)`,
)
