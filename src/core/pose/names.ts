import { bySide } from '../conventions'

/**
 * What the joints and segments of each side are called, put together once: at each pose that costs more than the
 * joints themselves.
 */
export const JOINTS = bySide(
  (side) =>
    ({
      heel: `${side}Heel`,
      toe: `${side}Toe`,
      ankle: `${side}Ankle`,
      knee: `${side}Knee`,
      hip: `${side}Hip`,
      shoulder: `${side}Shoulder`,
      elbow: `${side}Elbow`,
      wrist: `${side}Wrist`,
      knuckle: `${side}Knuckle`,
    }) as const,
)

export const SEGMENTS = bySide(
  (side) =>
    ({
      upperArm: `${side}UpperArm`,
      forearm: `${side}Forearm`,
      hand: `${side}Hand`,
      thigh: `${side}Thigh`,
      shank: `${side}Shank`,
      foot: `${side}Foot`,
    }) as const,
)
