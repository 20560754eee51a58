import { describe, expect, it } from 'vitest'
import { DEG, postureOf } from '@/core'
import { ENGLISH } from './english'
import { sayLevels, sayTrack } from './levels'

describe('levels', () => {
  it('are said in words that can be spoken, each by a title of its own', () => {
    expect(sayTrack(1, ENGLISH)).toBe('a shoulder apart')
    expect(sayTrack(1 + 2 / 4.5, ENGLISH)).toBe('a shoulder and two fists apart')
    expect(sayTrack(0.5, ENGLISH)).toBe('two fists apart')
    const taught = postureOf('bow').measures['long-upright']
    const [one, two, three] = sayLevels(
      [
        taught,
        { ...taught, step: taught.step / 2, kneeFlexion: 15 * DEG },
        { ...taught, step: taught.step / 2, kneeFlexion: 15 * DEG, track: taught.track + 1 / 4.5 },
      ],
      taught,
      ENGLISH,
    )
    expect(one?.title).toBe('As taught')
    expect(two).toEqual({
      title: 'Half a step, knees soft',
      sentence: 'feet a shoulder apart, half a step, knees soft',
    })
    expect(three?.title).toBe('Half a step, wider')
  })
})
