import {
  analyse,
  type Body,
  calcTrack,
  type Mischief,
  type ReadingKind,
  type Stance,
  type StandInSetting,
} from '@/core'

/** A board as one has it, and how far in front of its rear edge the left heel is put. Metres, kilograms. */
export const BOARD = { length: 1.2, kg: 8, heelAt: 0.4 } as const
/** Narrower than this nobody stands on two scales. */
const TRACK_LEAST = 0.12

/**
 * What a stand-in is set to so that it shows somebody in a stance. @throws InputError as an analysis does
 * @param sway how much more than quiet standing
 * @param wobbleS seconds from wobble to wobble, on average
 */
export function standInOf(body: Body, stance: Stance, sway = 1, wobbleS: number | null = null): StandInSetting {
  const { pose } = analyse(body, stance, { standing: null, withoutFreeTurn: true })
  const [x, y] = pose.centreOfMass
  const onBoard = BOARD.heelAt + y - stance.feet.left.heel[1]
  return {
    massKg: body.mass,
    track: Math.max(TRACK_LEAST, Math.abs(calcTrack(stance))),
    loadLeft: stance.loadLeft,
    centre: [x, y],
    tilt: { pitch: stance.trunk.pitch, roll: stance.trunk.roll },
    boardLength: BOARD.length,
    boardKg: BOARD.kg,
    boardAt: onBoard,
    sway,
    wobbleS,
  }
}

/** Readings a second, as such devices give them. */
export const RATES: Record<ReadingKind, number> = { scales: 10, plate: 100, level: 30, board: 10 }

/** A bad cable: some readings dropped, some twice, some out of order. */
export const BAD_CABLE: Mischief = { dropped: 0.05, repeated: 0.05, swapped: 0.05, unplugsAtS: null }
