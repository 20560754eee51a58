import { act, fireEvent, screen, waitFor } from '@testing-library/react'
import { useState } from 'react'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { user } from '@/testing/screens/hands'
import { renderSaid } from '@/testing/screens/render-said'
import { ChoiceWord } from './ChoiceWord'
import { NumberWord } from './NumberWord'
import { TypedField } from './TypedField'
import { takeTyped } from './use-taking'

type Given = Partial<Parameters<typeof NumberWord>[0]>

const told = vi.fn()
beforeEach(() => void told.mockClear())

/** A number in a sentence, which is what it was set to last. */
function Turn({ first, ...given }: Given & { first: number }) {
  const [value, setValue] = useState(first)
  const onChange = (next: number) => {
    told(next)
    setValue(next)
  }
  return <NumberWord label="Turn" value={value} unit="°" step={5} min={-90} max={90} {...given} onChange={onChange} />
}

/** A number that nobody said yet. */
function Hold() {
  const [value, setValue] = useState<number | null>(null)
  const unsaid = { text: 'not said', onClear: () => setValue(null) }
  return (
    <NumberWord label="Turn" value={value} unit="°" step={5} min={0} max={90} onChange={setValue} unsaid={unsaid} />
  )
}

function openNumber(first: number, given: Given = {}) {
  renderSaid(<Turn first={first} {...given} />)
  const field = screen.getByRole<HTMLInputElement>('spinbutton', { name: 'Turn' })
  return { field, now: () => Number(field.getAttribute('aria-valuenow')) }
}

const way = (value: number) => (value < 0 ? 'in' : 'out')

describe('a number in a sentence', () => {
  it('goes by its step with the arrows, by ten with Shift or the page keys, and never past its ends', async () => {
    const { field, now } = openNumber(10)
    field.focus()
    await user.keyboard('{ArrowUp}{ArrowUp}')
    expect(now()).toBe(20)
    await user.keyboard('{Shift>}{ArrowUp}{/Shift}')
    expect(now()).toBe(70)
    await user.keyboard('{PageUp}')
    expect(now()).toBe(90)
    await user.keyboard('{PageDown}{PageDown}{PageDown}{PageDown}')
    expect(now()).toBe(-90)
  })

  it.each([
    ['37', 37],
    ['37,5', 37.5],
    ['+12', 12],
    ['-12', -12],
    ['−12', -12],
    ['400', 90],
    ['-400', -90],
  ])('typed as %s it is %d', async (text, figure) => {
    const { field, now } = openNumber(10)
    await user.clear(field)
    await user.type(field, `${text}{Enter}`)
    await waitFor(() => expect(now()).toBe(figure))
  })

  it.each(['', 'far', '-', ','])('typed as "%s" it stays what it was', async (text) => {
    const { field, now } = openNumber(10)
    await user.clear(field)
    if (text) await user.type(field, text)
    await user.tab()
    await act(() => new Promise((done) => setTimeout(done, 20)))
    expect(now()).toBe(10)
    for (const [figure] of told.mock.calls) expect(Number.isFinite(figure)).toBe(true)
  })

  it('said with a way it goes that way, unless a sign is typed', async () => {
    const { field, now } = openNumber(-20, { way })
    expect(screen.getByText(/in$/)).toBeTruthy()
    expect(field.getAttribute('aria-valuetext')).toBe('20° in')
    await user.clear(field)
    await user.type(field, '35{Enter}')
    expect(now()).toBe(-35)
    await user.clear(field)
    await user.type(field, '+35{Enter}')
    expect(now()).toBe(35)
    expect(screen.getByText(/out$/)).toBeTruthy()
  })

  it('Escape takes back what was typed since it was come to', async () => {
    const { field, now } = openNumber(10)
    field.focus()
    await user.clear(field)
    await user.type(field, '45')
    await act(() => new Promise((done) => setTimeout(done, 700)))
    expect(now()).toBe(45)
    await user.keyboard('{Escape}')
    expect(now()).toBe(10)
  })

  it('that nobody said is no nought: it is said by a figure, unsaid by emptying it, and as it was by Escape', async () => {
    renderSaid(<Hold />)
    const field = screen.getByRole<HTMLInputElement>('spinbutton', { name: 'Turn' })
    const said = () => [field.value, field.getAttribute('aria-valuenow'), field.getAttribute('aria-valuetext')]
    expect(said()).toEqual(['', null, 'not said'])
    await user.type(field, '0{Enter}')
    expect(said()).toEqual(['0', '0', '0°'])
    await user.clear(field)
    await user.tab()
    expect(said()).toEqual(['', null, 'not said'])
    await user.type(field, '12')
    await act(() => new Promise((done) => setTimeout(done, 700)))
    expect(said()[1]).toBe('12')
    await user.keyboard('{Escape}')
    expect(said()[1]).toBeNull()
  })

  it('what is typed and not left is taken when the page is', async () => {
    const { field, now } = openNumber(10)
    await user.clear(field)
    await user.type(field, '25')
    act(() => takeTyped())
    expect(now()).toBe(25)
  })
})

describe('a word that can be another', () => {
  const few = ['left', 'right', 'both'].map((value) => ({ value, name: `the ${value}` }))
  const many = Array.from({ length: 30 }, (_, i) => ({
    value: `p${i}`,
    name: `Person ${i}`,
    detail: i === 7 ? 'a stick' : '',
  }))

  it('of a few is a menu: chosen by key it is told once, chosen again it is not', async () => {
    renderSaid(<ChoiceWord label="Side" value="left" choices={few} onChoose={told} />)
    const word = screen.getByRole('button', { name: 'Side: the left' })
    word.focus()
    await user.keyboard('{Enter}')
    expect(screen.getByRole('menuitemradio', { name: 'the left' }).getAttribute('aria-checked')).toBe('true')
    await user.keyboard('{ArrowDown}{Enter}')
    expect(told.mock.calls).toEqual([['right']])
    await user.click(word)
    await user.click(screen.getByRole('menuitemradio', { name: 'the left' }))
    expect(told).toHaveBeenCalledOnce()
  })

  it('of many is sought by typing, also by what is said of them; Escape leaves it as it was', async () => {
    renderSaid(<ChoiceWord label="Person" value="p1" choices={many} onChoose={told} />)
    await user.click(screen.getByRole('button', { name: 'Person: Person 1' }))
    await user.type(screen.getByRole('combobox'), 'stick')
    expect(screen.getAllByRole('option')).toHaveLength(1)
    await user.keyboard('{ArrowDown}{Enter}')
    expect(told.mock.calls).toEqual([['p7']])
    await user.click(screen.getByRole('button', { name: 'Person: Person 1' }))
    await user.type(screen.getByRole('combobox'), 'nobody of the kind')
    expect(screen.queryAllByRole('option')).toHaveLength(0)
    await user.keyboard('{Escape}')
    await waitFor(() => expect(screen.queryByRole('combobox')).toBeNull())
    expect(told).toHaveBeenCalledOnce()
  })

  it('that is none of its choices is shown as it is, not as nothing', () => {
    renderSaid(<ChoiceWord label="Side" value={'gone' as string} choices={few} onChoose={() => {}} />)
    expect(screen.getByRole('button', { name: 'Side: gone' }).textContent).toBe('gone')
  })
})

describe('a field that is taken while it is typed', () => {
  it('is told when it rests, at once when it is left, and never twice', async () => {
    renderSaid(<TypedField value="as it was" onTyped={told} />)
    const field = screen.getByRole<HTMLInputElement>('textbox')
    await user.type(field, '!')
    expect(told).not.toHaveBeenCalled()
    await user.tab()
    expect(told.mock.calls).toEqual([['as it was!']])
    // Not typed in, it shows what was taken, here nothing new.
    expect(field.value).toBe('as it was')
    await user.type(field, '?')
    await act(() => new Promise((done) => setTimeout(done, 700)))
    expect(told).toHaveBeenCalledTimes(2)
    fireEvent.blur(field)
    expect(told).toHaveBeenCalledTimes(2)
  })
})
