/**
 * Runs in the page: drags what a selector finds about, and tells how long each move kept the page, in milliseconds.
 * React renders what a pointer move changes before the task ends.
 */
export async function dragOnPage({ what, down, across, along, count, restMs }) {
  const grab = document.querySelector(what)
  const box = grab.getBoundingClientRect()
  const [x, y] = [box.left + box.width / 2, box.top + box.height * down]
  const send = (type, dx, dy) =>
    grab.dispatchEvent(
      new PointerEvent(type, {
        bubbles: true,
        pointerId: 1,
        button: 0,
        clientX: x + dx,
        clientY: y + dy,
        isPrimary: true,
      }),
    )
  grab.setPointerCapture = () => {}
  const frame = () => new Promise((done) => requestAnimationFrame(() => done()))
  const times = []
  send('pointerdown', 0, 0)
  for (let i = 0; i < count; i++) {
    const start = performance.now()
    send('pointermove', across * Math.sin(i / 7), along * Math.cos(i / 9))
    await Promise.resolve()
    times.push(performance.now() - start)
    await frame()
  }
  send('pointerup', 0, 0)
  await new Promise((done) => setTimeout(done, restMs))
  return times
}
