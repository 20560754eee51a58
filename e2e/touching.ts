import type { CDPSession, Locator, Page } from './test'

export type Point = { x: number; y: number }

/** The middle of something, or a part of the way down it. */
export const middle = async (what: Locator, down = 0.5): Promise<Point> => {
  const box = (await what.boundingBox()) as { x: number; y: number; width: number; height: number }
  return { x: box.x + box.width / 2, y: box.y + box.height * down }
}

/** Fingers as a touch screen tells of them: each goes from its point by the same way. */
export async function drag(page: Page, from: readonly Point[], by: Point, rest = 0) {
  const session: CDPSession = await page.context().newCDPSession(page)
  const send = (type: 'touchStart' | 'touchMove' | 'touchEnd', part: number) =>
    session.send('Input.dispatchTouchEvent', {
      type,
      touchPoints:
        type === 'touchEnd' ? [] : from.map(({ x, y }, id) => ({ x: x + by.x * part, y: y + by.y * part, id })),
    })
  await send('touchStart', 0)
  await page.waitForTimeout(rest)
  for (let i = 1; i <= 12; i++) {
    await send('touchMove', i / 12)
    await page.waitForTimeout(16)
  }
  await send('touchEnd', 1)
}

/** How far the page is scrolled. */
export const scrolled = (page: Page) => page.evaluate(() => scrollY)
