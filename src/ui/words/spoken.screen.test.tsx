import { render } from '@testing-library/react'
import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import { makeWords } from '@/words/language'
import { Spoken } from './Spoken'
import { WordsContext } from './use-words'

const MESSAGES = {
  usual: '{who} stands in {sided, select, true {a {side} } other {}}{posture}.',
  turned: 'In {posture}{sided, select, true { ({side})} other {}}: {who}.',
}

const sentence = (of: string, sided: boolean, parts: readonly string[] = ['who', 'side', 'posture']) => (
  <WordsContext value={makeWords('en', MESSAGES)}>
    <Spoken
      of={of}
      values={{ sided: String(sided) }}
      parts={Object.fromEntries(
        parts.map((name) => [
          name,
          <button key={name} type="button">
            {name}
          </button>,
        ]),
      )}
    />
  </WordsContext>
)
const say = (of: string, sided: boolean) => render(sentence(of, sided)).container

describe('a sentence with controls in it', () => {
  it('has them where the language’s own message has them, once each', () => {
    expect(say('usual', true).textContent).toBe('who stands in a side posture.')
    const turned = say('turned', true)
    expect(turned.textContent).toBe('In posture (side): who.')
    expect([...turned.querySelectorAll('button')].map((one) => one.textContent)).toEqual(['posture', 'side', 'who'])
  })

  it('leaves out what the message does not say of this one', () => {
    const level = say('usual', false)
    expect(level.textContent).toBe('who stands in posture.')
    expect(level.querySelectorAll('button')).toHaveLength(2)
  })

  it('that names what nobody gives is our mistake, and no gap', () => {
    expect(() => renderToStaticMarkup(sentence('usual', true, ['who', 'side']))).toThrow(/posture/)
  })
})
