import { describe, expect, it } from 'vitest'
import { resolveBody } from '@/core'
import { mergeLibrary } from '@/documents/posture-document'
import { listAsked } from '@/documents/repertoire-document'
import { findAnswer } from '@/teaching/answer'
import { ENGLISH } from '@/words/english'
import { gatherRows, listRows, trains } from './rows'

const library = mergeLibrary([])
const of = (...ids: string[]) => listAsked(library.filter(({ id }) => ids.includes(id)))

describe('what somebody can do, to choose from', () => {
  const asked = of('parallel', 'bow', 'follow-step')
  const rowsOf = (loadLeft: number) => {
    const body = resolveBody({
      ...{ stature: 1.66, mass: 68, sex: 'female', age: 60 },
      limits: { loadMax: { left: loadLeft, right: 1 } },
    })
    const found = asked.map(({ posture, side }) =>
      findAnswer(body, { posture, side: side ?? 'left', school: 'therapeutic' }, []),
    )
    return gatherRows(listRows(asked, found, ENGLISH))
  }

  it('is one line for both sides where they are alike, the surest first', () => {
    const rows = rowsOf(1).get('as-taught') ?? []
    expect(rows.map(({ posture, sides }) => [posture.id, sides]).toSorted()).toEqual([
      ['bow', 'both'],
      ['follow-step', 'both'],
      ['parallel', 'none'],
    ])
    const spare = rows.map(({ found }) => found.spare)
    expect(spare).toEqual(spare.toSorted((a, b) => b - a))
  })

  it('names the side where an order on one leg parts them', () => {
    const bows = [...rowsOf(0.5)].flatMap(([form, rows]) =>
      rows.filter(({ posture }) => posture.id === 'bow').map(({ sides, not }) => [form, sides, not?.code]),
    )
    expect(bows).toContainEqual(['as-taught', 'right', 'load.limit'])
    expect(bows.every(([, sides]) => sides !== 'both')).toBe(true)
  })

  it('shows nothing of what is not worked out yet', () => {
    expect(listRows(asked, [null, null, null], ENGLISH)).toEqual([])
  })

  it('is chosen by what is trained', () => {
    const all = (what: Parameters<typeof trains>[2]) =>
      library.filter((one) => trains(one, 'therapeutic', what)).map(({ id }) => id)
    expect(all('one-leg')).toContain('golden-rooster')
    expect(all('one-leg')).not.toContain('bow')
    expect(all('steps')).toContain('bow')
    expect(all('steps')).not.toContain('parallel')
    expect(all('all')).toHaveLength(library.length)
  })
})
