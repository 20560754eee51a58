import { createElement } from 'react'
import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import { analyse, DEG, makeStandingStance, resolveBody } from '@/core'
import { fitPlan, toScreen } from '@/draw/plan'
import { WordsContext } from '@/ui/words/use-words'
import { ENGLISH } from '@/words/english'
import { layTipArrows } from './tip-arrows'
import { WaistFan } from './WaistFan'

const person = { stature: 1.66, mass: 68, sex: 'female', age: 60 } as const

describe('a nudge drawn on the floor', () => {
  it('goes the way that it pushes, with its own figure, the harder the longer', () => {
    const arrows = layTipArrows({ forward: 100, back: 80, left: 60, right: 40.4 }, 1000)
    const of = (way: string) => {
      const arrow = arrows.find((one) => one.way === way)
      if (!arrow) throw new Error(`no ${way}`)
      return [arrow.newtons, ...arrow.to.map((pixels) => Math.sign(Math.round(pixels)) + 0)]
    }
    expect([of('forward'), of('back'), of('left'), of('right')]).toEqual([
      [100, 0, -1],
      [80, 0, 1],
      [60, -1, 0],
      [40, 1, 0],
    ])
    const lengths = arrows.map(({ to }) => Math.hypot(...to))
    const [forward, left, back, right] = lengths as [number, number, number, number]
    expect([forward, back, left, right]).toEqual(lengths.toSorted((a, b) => b - a))
  })
})

describe('how far the waist turns, drawn on the floor', () => {
  const body = resolveBody({
    ...person,
    limits: { left: { trunkTwistMax: 20 * DEG }, right: { trunkTwistMax: 40 * DEG } },
  })
  const drawn = (of = body) => {
    const analysis = analyse(of, makeStandingStance(of))
    const plan = fitPlan([analysis.pose.centre], 400, 300, { about: 0.4 })
    const [x, y] = toScreen(plan, analysis.pose.centre)
    const markup = renderToStaticMarkup(
      createElement(WordsContext, { value: ENGLISH }, createElement(WaistFan, { plan, analysis })),
    )
    const ends = [...markup.matchAll(/(?:L| 0 0 1 )(-?[\d.]+) (-?[\d.]+)/g)].map(([, px, py]) => [
      Math.atan2(Number(px) - x, y - Number(py)) / DEG,
    ])
    return ends.flat()
  }

  it('opens ahead: so far to the left, so far to the right, its hand where the shoulders are', () => {
    expect(drawn().map((degrees) => Math.round(degrees))).toEqual([-20, 40, 0])
  })

  it('is none where nobody tried it', () => {
    expect(drawn(resolveBody(person))).toEqual([])
  })
})
