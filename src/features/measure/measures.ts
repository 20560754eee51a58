import type { Settled } from '@/core'
import type { TestId } from '@/documents/record-document'
import type { Scene } from './steps/scene'

/** What can be measured here. */
export const MEASURES = ['scales', 'board', 'stand', 'reach', 'chair', 'walk', 'level', 'sway', 'picture'] as const
export type MeasureId = (typeof MEASURES)[number]

type About = {
  /** Three drawn steps. */
  steps: readonly [Scene, Scene, Scene]
  /** Which uncertainty of a margin it settles; null where it replaces something else. */
  settles: Settled | null
  /** Somebody could fall at it: chair, wall and helper first. */
  careful: boolean
  tests: readonly TestId[]
}

export const ABOUT: Record<MeasureId, About> = {
  scales: {
    steps: [
      { pose: 'none', things: ['scales', 'tape'] },
      { pose: 'front', things: ['scales', 'chair'] },
      { pose: 'shift', things: ['scales', 'chair'] },
    ],
    settles: 'split',
    careful: false,
    tests: [],
  },
  board: {
    steps: [
      { pose: 'none', things: ['board'] },
      { pose: 'side', things: ['board', 'chair'] },
      { pose: 'front', things: ['board', 'chair'] },
    ],
    settles: null,
    careful: false,
    tests: [],
  },
  stand: {
    steps: [
      { pose: 'front', things: ['wall', 'chair', 'helper'] },
      { pose: 'tandem', things: ['chair', 'helper'] },
      { pose: 'oneLeg', things: ['chair', 'helper'] },
    ],
    settles: null,
    careful: true,
    tests: ['side-by-side', 'semi-tandem', 'tandem', 'one-leg-left', 'one-leg-right'],
  },
  reach: {
    steps: [
      { pose: 'armOut', things: ['wallMark'] },
      { pose: 'reach', things: ['wallMark'] },
      { pose: 'armOut', things: ['wallMark', 'helper'] },
    ],
    settles: 'usable',
    careful: true,
    tests: ['functional-reach', 'lean-range'],
  },
  chair: {
    steps: [
      { pose: 'sit', things: ['seat', 'wall'] },
      { pose: 'rise', things: ['seat', 'wall'] },
      { pose: 'side', things: ['seat', 'wall'] },
    ],
    settles: null,
    careful: true,
    tests: ['chair-stand'],
  },
  walk: {
    steps: [
      { pose: 'sit', things: ['seat', 'tape'] },
      { pose: 'walk', things: ['tape', 'helper'] },
      { pose: 'sit', things: ['seat', 'tape'] },
    ],
    settles: null,
    careful: true,
    tests: ['up-and-go'],
  },
  level: {
    steps: [
      { pose: 'none', things: ['phone'] },
      { pose: 'lean', things: ['phone'] },
      { pose: 'lean', things: ['phone', 'helper'] },
    ],
    settles: null,
    careful: false,
    tests: [],
  },
  sway: {
    steps: [
      { pose: 'none', things: ['plate', 'tape'] },
      { pose: 'front', things: ['plate', 'chair'] },
      { pose: 'front', things: ['plate', 'helper'] },
    ],
    settles: null,
    careful: true,
    tests: [],
  },
  picture: {
    steps: [
      { pose: 'side', things: ['camera'] },
      { pose: 'side', things: ['points'] },
      { pose: 'side', things: ['points', 'wall'] },
    ],
    settles: null,
    careful: false,
    tests: [],
  },
}

/** The measure that a test belongs to. */
export const measureOfTest = (test: TestId): MeasureId | null =>
  MEASURES.find((id) => ABOUT[id].tests.includes(test)) ?? null
