import type { JointName, Pose, Vec3 } from '@/core'

/** Where on the body a finding's place is: a joint, the trunk, or the centre of mass. */
export function placeOf(pose: Pose, where: string): Vec3 {
  const [side, part] = where.split(' ')
  if (side === 'trunk') return pose.joints.suprasternal
  if (side !== 'left' && side !== 'right') return pose.centreOfMass
  const joint = { hip: 'Hip', ankle: 'Ankle', knee: 'Knee' }[part ?? ''] ?? 'Knee'
  return pose.joints[`${side}${joint}` as JointName]
}
