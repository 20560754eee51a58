import type { Finding, Part, Pose, Vec3 } from '@/core'

/** Where on the body a finding's place is: a joint, the trunk, or the centre of mass. */
export function placeOf(pose: Pose, { side, part }: Place): Vec3 {
  if (side) return pose.joints[`${side}${JOINTS[part] ?? 'Knee'}`]
  return part === 'balance' || part === 'feet' ? pose.centreOfMass : pose.joints.suprasternal
}

export type Place = Pick<Finding, 'side' | 'part'>

const JOINTS: Partial<Record<Part, 'Hip' | 'Ankle' | 'Elbow' | 'Shoulder'>> = {
  hip: 'Hip',
  ankle: 'Ankle',
  foot: 'Ankle',
  arm: 'Shoulder',
  elbow: 'Elbow',
}
