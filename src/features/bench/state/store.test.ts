import { beforeEach, describe, expect, it } from 'vitest'
import { setLoadLeft, turnFoot } from './edits'
import {
  beginDrag,
  choosePosture,
  chooseSchool,
  endDrag,
  openOnBench,
  openStance,
  putOnBench,
  redo,
  setStance,
  undo,
  useBench,
} from './store'

const ONE = { id: 'one', name: 'One', document: { statureM: 1.6, massKg: 60 } }
const TWO = { id: 'two', name: 'Two', document: { statureM: 1.9, massKg: 90 } }
const now = () => useBench.getState()
const toes = () => now().stance.feet.left.toeOutDeg

beforeEach(() => putOnBench(ONE, null))

describe('the bench', () => {
  it('undoes and redoes every step, and forgets what could be redone after a new one', () => {
    const first = now().stance
    setStance((s) => turnFoot(s, 'left', 5))
    setStance((s) => turnFoot(s, 'left', 9))
    undo()
    expect(toes()).toBe(5)
    undo()
    expect(now().stance).toEqual(first)
    redo()
    expect(toes()).toBe(5)
    setStance((s) => turnFoot(s, 'left', 20))
    redo()
    expect(toes()).toBe(20)
  })

  it('takes a whole drag as one step', () => {
    beginDrag()
    for (let degrees = 1; degrees <= 30; degrees++) setStance((s) => turnFoot(s, 'left', degrees))
    endDrag()
    expect(toes()).toBe(30)
    undo()
    expect(toes()).toBe(0)
    redo()
    expect(toes()).toBe(30)
  })

  it('takes what two fingers drag at once as one step', () => {
    beginDrag()
    setStance((s) => turnFoot(s, 'left', 10))
    beginDrag()
    setStance((s) => turnFoot(s, 'right', 12))
    endDrag()
    setStance((s) => turnFoot(s, 'left', 20))
    endDrag()
    expect(toes()).toBe(20)
    undo()
    expect([toes(), now().stance.feet.right.toeOutDeg === 12]).toEqual([0, false])
  })

  it('sizes a posture anew to another person, and never undoes into somebody else’s stance', () => {
    const small = now().stance
    putOnBench(TWO, null)
    const step = (s: typeof small) => s.feet.left.heel[1]
    expect(step(now().stance) / step(small)).toBeCloseTo(1.9 / 1.6, 2)
    const theirs = now().stance
    undo()
    expect(now().stance).toBe(theirs)
  })

  it('undoes a posture, a school and an opened stance with what they brought', () => {
    choosePosture('one-leg', 'right')
    chooseSchool('long-upright')
    expect([now().posture, now().school, now().stance.side]).toEqual(['one-leg', 'long-upright', 'right'])
    undo()
    expect([now().posture, now().school]).toEqual(['one-leg', 'therapeutic'])
    undo()
    expect(now().posture).toBe('bow')
    const changed = setLoadLeft(now().stance, 50)
    openStance(changed)
    openOnBench({ posture: 'parallel', school: 'high-follow', stance: changed })
    undo()
    expect([now().posture, now().stance]).toEqual(['bow', changed])
  })
})
