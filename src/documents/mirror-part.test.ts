import { expect, it } from 'vitest'
import { mirrorPart } from './mirror-part'
import type { PartDocument } from './routine-document'

const PART: PartDocument = {
  posture: 'bow',
  side: 'left',
  anchor: 'right',
  headingDeg: 45,
  at: { xM: 0.4, yM: 1 },
  with: {
    loadLeftPct: 70,
    height: { kneeFlexionDeg: 20, leg: 'left' },
    pelvisYawDeg: 20,
    trunk: { pitchDeg: 5, rollDeg: 3, yawDeg: -10 },
    feet: { left: { heel: [-0.1, 0.2], toeOutDeg: 5 } },
  },
}

it('a mirrored part by hand: sides change, what is to the right is to the left, ahead stays ahead', () => {
  expect(mirrorPart(PART)).toEqual({
    posture: 'bow',
    side: 'right',
    anchor: 'left',
    headingDeg: -45,
    at: { xM: -0.4, yM: 1 },
    with: {
      loadLeftPct: 30,
      height: { kneeFlexionDeg: 20, leg: 'right' },
      pelvisYawDeg: -20,
      trunk: { pitchDeg: 5, rollDeg: -3, yawDeg: 10 },
      feet: { right: { heel: [0.1, 0.2], toeOutDeg: 5 } },
    },
  })
  expect(mirrorPart(mirrorPart(PART))).toEqual(PART)
})
