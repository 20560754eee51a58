import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ARM_PRESET_IDS, analyse, POSTURE_IDS, type Side } from '@/core'
import { bodyOf, toStance } from '@/documents/to-core'
import {
  changeSupport,
  findArmPreset,
  heightLeg,
  moveSupport,
  setArm,
  setArmPreset,
  setContact,
  setKneeBend,
  setLoadLeft,
  setStepLength,
  setSupport,
  setTrackWidth,
  stepLength,
  supportOf,
  trackWidth,
  turnFoot,
} from './edits'
import { buildStance } from './store'

const PERSON = { statureM: 1.7, massKg: 70, sex: 'female' as const, ageYears: 60 }
const make = (posture: string, side: Side = 'left') => buildStance(PERSON, posture, 'long-upright', side)
const verdictOf = (stance: ReturnType<typeof make>) =>
  analyse(bodyOf(PERSON), toStance(stance), { standing: null, withoutFreeTurn: true }).verdict

describe('edits of a stance', () => {
  it('set lengths to what was asked, and leave the rest alone', () => {
    const cm = fc.integer({ min: 5, max: 60 })
    fc.assert(
      fc.property(
        fc.constantFrom(...POSTURE_IDS),
        fc.constantFrom<Side[]>('left', 'right'),
        cm,
        cm,
        (posture, side, step, width) => {
          const stance = make(posture, side)
          const changed = setTrackWidth(setStepLength(stance, step / 100), width / 100)
          expect(stepLength(changed)).toBeCloseTo(step / 100, 3)
          expect(trackWidth(changed)).toBeCloseTo(width / 100, 3)
          const { feet, ...rest } = changed
          expect({ ...rest, feet: stance.feet }).toEqual(stance)
          expect(feet.left.toeOutDeg).toBe(stance.feet.left.toeOutDeg)
        },
      ),
    )
  })

  it('keep numbers within what the documents accept', () => {
    const bow = make('bow')
    expect(turnFoot(bow, 'left', 170).feet.left.toeOutDeg).toBe(100)
    expect(setLoadLeft(bow, 140).loadLeftPct).toBe(100)
    expect(setKneeBend(bow, -4).height?.kneeFlexionDeg).toBe(0)
  })

  it('give a lifted foot’s weight to the other, and never lift both', () => {
    const lifted = setContact(make('parallel'), 'right', 'air')
    expect([lifted.loadLeftPct, lifted.feet.right.contact]).toEqual([100, 'air'])
    expect(setContact(lifted, 'left', 'air')).toBe(lifted)
    expect(setLoadLeft(lifted, 30)).toBe(lifted)
    expect(verdictOf(lifted)).toMatch(/holds|close|beyond/)
  })

  it('name the knee that sets the height: the one given, else of the fuller leg', () => {
    expect(heightLeg(make('bow', 'right'))).toBe('right')
    expect(heightLeg(make('empty-ball', 'right'))).toBe('left')
    const { height, ...stance } = make('bow', 'left')
    expect(height?.leg).toBe('left')
    expect(heightLeg({ ...stance, loadLeftPct: 20 })).toBe('right')
  })

  it('know a preset of the arms again, with the one up on the posture’s side, until an arm is moved', () => {
    for (const preset of ARM_PRESET_IDS) {
      for (const side of ['left', 'right'] as const) {
        const stance = setArmPreset(make('bow', side), preset)
        expect(findArmPreset(stance)).toBe(preset)
      }
    }
    const up = setArmPreset(make('bow', 'right'), 'one-up')
    expect(up.arms?.right?.elevationDeg).toBeGreaterThan(up.arms?.left?.elevationDeg as number)
    expect(findArmPreset(setArm(up, 'left', { elbowDeg: 99 }))).toBeNull()
  })

  it('put a hand on something within reach, one for each hand, and take it off', () => {
    const stance = make('bow')
    const { joints } = analyse(bodyOf(PERSON), toStance(stance), {
      standing: null,
      withoutFreeTurn: true,
    }).pose
    const chair = setSupport(stance, 'right', 'chair-back', joints.rightShoulder)
    expect(verdictOf(chair)).toBe('holds')
    const both = setSupport(chair, 'left', 'wall', joints.leftShoulder)
    expect(both.supports).toHaveLength(2)
    // A wall on the left pushes to the right.
    expect(supportOf(both, 'left')?.towardDeg).toBe(-90)
    expect(verdictOf(both)).toBe('holds')
    const moved = moveSupport(changeSupport(both, 'left', { maxLoadPct: 5 }), 'left', -0.5, 0.1)
    expect(supportOf(moved, 'left')).toMatchObject({ maxLoadPct: 5, at: [-0.5, 0.1, supportOf(both, 'left')?.at[2]] })
    expect(setSupport(moved, 'left', null, joints.leftShoulder).supports).toEqual(chair.supports)
  })
})
