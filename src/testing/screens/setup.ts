import { cleanup, configure } from '@testing-library/react'
import { afterEach, beforeEach, vi } from 'vitest'
import { answerPage, asked, setServerGone } from './server'
import { offer, WorkerHere } from './worker'

vi.mock(import('comlink'), async (original) => {
  const real = await original()
  const expose: typeof real.expose = (api, line) => (line ? real.expose(api, line) : offer(api))
  return { ...real, expose }
})

// What is shown is waited for as long as it takes, on a busy machine too; a second is no part of a test.
configure({
  defaultHidden: true,
  asyncUtilTimeout: 170_000,
  // The whole page in words, at each look for what is not there yet, takes longer than the look.
  getElementError: (message) => new Error(message ?? 'nothing of that kind'),
})

class Observer {
  observe() {}
  unobserve() {}
  disconnect() {}
}

// What a browser has besides and no page of this document needs to be right: sizes, media, scrolling.
vi.stubGlobal('ResizeObserver', Observer)
vi.stubGlobal('IntersectionObserver', Observer)
vi.stubGlobal('matchMedia', (media: string) => ({
  media,
  matches: false,
  addEventListener() {},
  removeEventListener() {},
}))
vi.stubGlobal('fetch', answerPage)
vi.stubGlobal('Worker', WorkerHere)
// How something looks is for a browser to say, and slow to work out here.
window.getComputedStyle = (element) => (element as HTMLElement).style
Element.prototype.scrollIntoView = () => {}
// Bodies are drawn level, as where there is no WebGL.
HTMLCanvasElement.prototype.getContext = () => null
// Of a file this document knows only the older way to read it.
Blob.prototype.text = function text() {
  return new Promise((done) => {
    const reader = new FileReader()
    reader.onload = () => done(String(reader.result))
    reader.readAsText(this)
  })
}

beforeEach(() => {
  asked.length = 0
  setServerGone(false)
})
afterEach(() => {
  cleanup()
  localStorage.clear()
  sessionStorage.clear()
})
