import { screen, waitFor } from '@testing-library/react'
import userEvent, { PointerEventsCheckLevel } from '@testing-library/user-event'
import { settle } from './act'

const hands = userEvent.setup({ delay: null, pointerEventsCheck: PointerEventsCheckLevel.Never })

/** Whoever uses the page: one pair of hands, with a pointer and a keyboard; what they do has been rendered. */
export const user = new Proxy(hands, {
  get: (_, name: keyof typeof hands) => {
    const does = hands[name] as (...given: unknown[]) => Promise<unknown>
    return (...given: unknown[]) => settle(does(...given))
  },
})

export const button = (name: string | RegExp): HTMLButtonElement => screen.getByRole('button', { name })

/** Replaces what stands in a field, at once. */
export async function write(field: HTMLElement, text: string): Promise<void> {
  await user.clear(field)
  if (text) await user.paste(text)
}

/** Presses a word of a sentence, and one of its choices: a few are a menu, many are typed for. */
export async function choose(word: RegExp, name: string | RegExp): Promise<void> {
  await user.click(button(word))
  const choice = await waitFor(
    () => screen.queryByRole('option', { name }) ?? screen.getByRole('menuitemradio', { name }),
  )
  await user.click(choice)
}
