import { act, screen, waitFor, within } from '@testing-library/react'
import { describe, expect, it, vi } from 'vitest'
import { makeRecord, type RecordDocument } from '@/documents/record-document'
import { addRecords, readRecord, takeAway } from '@/keeping/people'
import { button, choose, user, write } from '@/testing/screens/hands'
import { openHouse } from '@/testing/screens/house'
import { Elsewhere } from '@/testing/screens/navigation'
import { openPage } from '@/testing/screens/open-page'
import { expectReadable } from '@/testing/screens/sight'
import { MEASURES } from './measures'

const field = (name: string | RegExp, at = 0) =>
  screen.getAllByRole<HTMLInputElement>('textbox', { name })[at] as HTMLInputElement
const saved = () => waitFor(() => expect(screen.getByText('saved')).toBeTruthy())

/** The measuring corner of somebody of whom only the two figures are known that must be. */
async function openCorner(what: string, more: Partial<RecordDocument> = {}) {
  await openHouse('nobody')
  const [{ id } = { id: '' }] = await addRecords({
    records: [makeRecord('Ola Brandt', { statureM: 1.6, massKg: 60 }, more)],
  })
  await openPage(`/measure?person=${id}&what=${what}`)
  return { id, record: async () => (await readRecord(id)).record }
}

/** Time goes on by so many seconds. */
async function pass(seconds: number) {
  const now = performance.now()
  const clock = vi.spyOn(performance, 'now').mockReturnValue(now + seconds * 1000)
  await act(() => new Promise((done) => setTimeout(done, 120)))
  return () => clock.mockRestore()
}

describe('the measuring corner', () => {
  it.each(MEASURES)(
    'of somebody never measured is readable, and careful where somebody could fall: %s',
    async (what) => {
      await openCorner(what)
      expectReadable()
      const careful = ['stand', 'reach', 'chair', 'walk', 'sway'].includes(what)
      expect(screen.queryByText(/First: a chair within reach/) !== null).toBe(careful)
      if (!['stand', 'reach', 'chair', 'walk'].includes(what)) expect(screen.getByText('Never measured.')).toBeTruthy()
    },
  )

  it('is nowhere for who is not there, and begins with the list for nobody', async () => {
    await openHouse('nobody')
    await expect(openPage('/measure?person=nobody-here')).rejects.toThrow(Elsewhere)
    await expect(openPage('/measure')).rejects.toThrow('/people')
  })
})

describe('two scales', () => {
  it('typed give the split, say when it is not their mass, and keep it with who took it', async () => {
    const { record } = await openCorner('scales')
    const enter = async (left: string, right: string) => {
      await write(field('Left, kg'), left)
      await write(field('Right, kg'), right)
      await user.click(button('Take it'))
    }
    await enter('heavy', '20')
    expect(await screen.findByRole('alert')).toBeTruthy()
    await enter('0', '0')
    expect(await screen.findByRole('alert')).toBeTruthy()
    expect(screen.queryByRole('button', { name: 'Keep it' })).toBeNull()
    await enter('30', '20')
    expect((await screen.findByText(/away from their 60 kg/)).getAttribute('role')).toBe('alert')
    await enter('36,5', '23.5')
    expect(await screen.findByText(/61\s%\son the left|61\son the left/)).toBeTruthy()
    expect(screen.queryByText(/away from their/)).toBeNull()
    await write(field(/Taken by/), 'R. Holm')
    await user.click(button('Keep it'))
    await saved()
    expect((await record()).measures).toMatchObject([{ what: 'split', loadLeftPct: 60.8, by: 'R. Holm' }])
    await user.click(button('remove'))
    await saved()
    expect((await record()).measures).toEqual([])
  })

  it('over an order say so, by the order’s side', async () => {
    await openHouse()
    await openPage('/measure?person=calla-wynd&what=scales')
    await write(field('Left, kg'), '30')
    await write(field('Right, kg'), '30')
    await user.click(button('Take it'))
    expect((await screen.findByText(/By order, at most 0/)).textContent).toMatch(/on the left leg/)
  })
})

describe('a board on two edges', () => {
  it('set both ways says where the centre is, and whether that agrees; an impossible reading is refused', async () => {
    const { record } = await openCorner('board')
    const enter = async (at: number, figures: Record<string, string>) => {
      for (const [name, text] of Object.entries(figures)) await write(field(new RegExp(`^${name}`), at), text)
      await user.click(screen.getAllByRole('button', { name: 'Take it' })[at] as HTMLElement)
    }
    const BOARD = { 'Between the edges': '100', 'Scale, empty': '5', 'Left heel from the edge': '40' }
    await enter(0, { ...BOARD, 'Scale, standing': '2' })
    expect(await screen.findByRole('alert')).toBeTruthy()
    // 60 kg whose centre is at half of the board puts half of them on the scale, over the board's own 5.
    await enter(0, { ...BOARD, 'Scale, standing': '35' })
    expect(await screen.findByText(/The centre lies 50\scm/)).toBeTruthy()
    await enter(1, { ...BOARD, 'Scale, standing': '35' })
    expect(await screen.findByText(/On the floor: 10\scm ahead of the left heel and 10\scm to its right/)).toBeTruthy()
    expect(screen.getByText(/Within what both are known to|More than both are known to/)).toBeTruthy()
    await user.click(button('Keep it'))
    await saved()
    const [kept] = (await record()).measures
    expect(kept).toMatchObject({ what: 'centre', centreM: [expect.closeTo(0.1), expect.closeTo(0.1)] })
  })
})

describe('a test by the watch', () => {
  it('held to its end counts its whole time; one that was not meant is dropped; the best counts', async () => {
    const { record } = await openCorner('stand')
    const target = () => screen.getByRole('button', { name: /Start|Stop/ })
    await user.click(target())
    let back = await pass(4.2)
    await user.click(target())
    back()
    await user.click(target())
    back = await pass(30)
    back()
    expect(screen.getByText(/counts: 10/)).toBeTruthy()
    await user.click(button('Not that one'))
    expect(screen.getByText(/counts: 4\.[2-9]/)).toBeTruthy()
    await user.click(button('Keep it'))
    await saved()
    const [test] = (await record()).tests
    expect(test?.test).toBe('side-by-side')
    expect(test?.trials[0]).toBeCloseTo(4.3, 0)
  })

  it('is refused on a leg that an order limits, with what may be measured; the other leg may be', async () => {
    const order = { what: 'loadMaxPct' as const, side: 'left' as const, value: 50, on: '2026-01-10' }
    await openCorner('stand', { limits: [{ ...order, source: { kind: 'clinician', name: 'Dr. Venn' } }] })
    await choose(/^Which:/, /On the left leg/)
    expect(screen.getByRole('alert').textContent).toMatch(/Not now: 50.% on the left leg.*Dr. Venn.*may be measured/)
    expect(screen.queryByRole('button', { name: /Start/ })).toBeNull()
    await choose(/^Which:/, /On the right leg/)
    expect(screen.getByRole('button', { name: /Start/ })).toBeTruthy()
  })

  it('chair stands: none in thirty seconds is a result too; a seat that is none is refused and nothing is lost', async () => {
    const { record } = await openCorner('chair')
    const target = () => screen.getByRole('button', { name: /Start|One more/ })
    await user.click(target())
    let back = await pass(31)
    back()
    await user.click(button('Take it'))
    expect(screen.getByText(/counts: 0|counts: none|counts: no/)).toBeTruthy()
    expect(screen.queryByRole('button', { name: 'Take it' })).toBeNull()
    await user.click(target())
    await user.click(target())
    await user.click(target())
    back = await pass(31)
    back()
    await user.click(button('Take it'))
    await write(field('Seat height, cm'), 'low')
    await user.click(button('Keep it'))
    expect((await screen.findByRole('alert')).textContent).toMatch(/accepted is/)
    expect((await record()).tests).toEqual([])
    await write(field('Seat height, cm'), '43')
    await user.click(button('Keep it'))
    await saved()
    expect((await record()).tests).toMatchObject([{ test: 'chair-stand', trials: [0, 2], seatM: 0.43 }])
  })

  it('a reach is typed, with a comma too; what no arm reaches is refused', async () => {
    const { record } = await openCorner('reach')
    const add = async (text: string) => {
      await write(field('Centimetres'), text)
      await user.click(button('Add it'))
    }
    await add('far')
    expect(await screen.findByRole('alert')).toBeTruthy()
    await add('240')
    expect(await screen.findByRole('alert')).toBeTruthy()
    await add('21,5')
    await add('24')
    await user.click(button('Keep it'))
    await saved()
    expect((await record()).tests).toMatchObject([{ test: 'functional-reach', trials: [21.5, 24] }])
  })

  it('kept while they were deleted elsewhere is not called saved', async () => {
    const { id } = await openCorner('reach')
    await write(field('Centimetres'), '24')
    await user.click(button('Add it'))
    await takeAway(id)
    await user.click(button('Keep it'))
    await waitFor(() => expect(screen.queryByText('saved')).toBeNull())
    await act(() => new Promise((done) => setTimeout(done, 800)))
    expect(screen.queryByText('saved')).toBeNull()
    expect(screen.getAllByRole('status')[0]?.textContent).not.toBe('')
  })
})

describe('a trace of sway', () => {
  const table = Array.from({ length: 400 }, (_, i) => {
    const t = i / 10
    return `${t.toFixed(1)};${(5 * Math.sin(t)).toFixed(2)};${(6 * Math.cos(1.3 * t)).toFixed(2)}`
  }).join('\n')

  it('from a table is confirmed column by column; the reserve is offered and only then set', async () => {
    const { record } = await openCorner('sway')
    const paste = async (text: string) => {
      const box = screen.getByRole<HTMLInputElement>('textbox', { name: /Paste/ })
      await write(box, text)
      await user.click(screen.getAllByRole('button', { name: 'Read it' }).at(-1) as HTMLElement)
    }
    await paste('nothing of the kind')
    expect(await screen.findByRole('alert')).toBeTruthy()
    await paste(`time (s);x (mm);y (mm)\n${table}`)
    const columns = within(await screen.findByRole('region', { name: 'Understood as' }))
    expect(columns.getByText(/400 rows/)).toBeTruthy()
    await user.click(columns.getByRole('button', { name: 'It is so' }))
    expect(await screen.findByText(/mm²/)).toBeTruthy()
    expectReadable()
    // A sine of 6 mm has an RMS of 6 / √2.
    expect(screen.getByText(/4\.2\smm, 3\.[456]\smm/)).toBeTruthy()
    await user.click(button('Keep it'))
    await saved()
    expect((await record()).body.swayReserveM).toBeUndefined()
    await user.click(button('Make it their reserve'))
    await saved()
    expect((await record()).body.swayReserveM).toBeGreaterThan(0.005)
    expect(screen.getByText('It is their reserve.')).toBeTruthy()
  })

  it('too short to say anything is refused with what would do', async () => {
    await openCorner('sway')
    await write(screen.getByRole('textbox', { name: /Paste/ }), 'time (s);x (mm);y (mm)\n0;1;1\n0.1;1;2\n')
    await user.click(screen.getAllByRole('button', { name: 'Read it' }).at(-1) as HTMLElement)
    await user.click(await screen.findByRole('button', { name: 'It is so' }))
    expect((await screen.findByRole('alert')).textContent).not.toMatch(/undefined|NaN/)
    expect(screen.queryByRole('button', { name: 'Keep it' })).toBeNull()
  })
})
