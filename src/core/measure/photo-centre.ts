import { calcUsableBase } from '../balance/base'
import { INPUT_SD, listBodyErrors } from '../balance/uncertainty'
import type { Body } from '../body/body'
import type { Side } from '../conventions'
import { InputError } from '../errors'
import { assemble, type Pose, settle, settleUnder } from '../pose/pose'
import { setFooting } from '../stance/footing'
import type { Stance } from '../stance/stance'
import {
  FIGURES,
  type Frame,
  makeFrame,
  type PhotoFigure,
  type PhotoPoint,
  type PhotoPoints,
  type PhotoSetting,
  readFigure,
} from './photo'

/** Where a picture puts the centre fore and aft: metres, ahead of the near heel; and what it leaves to both edges, negative past them. */
export type PhotoCentre = { pastHeel: PhotoFigure; ahead: PhotoFigure; behind: PhotoFigure }

const OF: readonly PhotoPoint[] = ['heel', 'ankle', 'knee', 'hip', 'shoulder']

/**
 * The centre of a body whose pose is measured on a picture from the side: hip over heel, knee and trunk as they were
 * pointed at; feet, arms, head and the far leg as the stance has them. It follows from the body, not from a split.
 * Sideways a picture from the side says nothing, so neither does this. Null where points are missing, the picture is
 * from the front, they sit, or no leg reaches so.
 * @source uncertainty of segments as `listBodyErrors`, of the base by its usable part and a foot's place
 * @throws InputError where there is no scale
 * @example readPhotoCentre({}, { view: 'front' }, ana, bow) // => null
 */
export function readPhotoCentre(
  points: PhotoPoints,
  setting: PhotoSetting,
  body: Body,
  stance: Stance,
): PhotoCentre | null {
  if (setting.view !== 'side' || stance.seat) return null
  const near = setting.facing
  try {
    // From the side nobody sees how far to a side the pelvis is: that stays the stance's.
    const [x] = settle(setFooting(body, stance)).pelvis
    const posed = (of: Required<PhotoPoints>, frame: Frame): Pose =>
      poseAs(body, stance, near, x, {
        hip: FIGURES.hipPastHeel.read(of, frame),
        knee: FIGURES.kneeFlexion.read(of, frame),
        pitch: FIGURES.trunkPitch.read(of, frame),
      })
    const frameAt = makeFrame(points, setting)
    const read = readFigure(points, OF, frameAt, true, (of, frame) => {
      const pose = posed(of, frame)
      return pose.centre[1] - pose.feet[near].hy
    })
    if (!read) return null
    const pose = posed(points as Required<PhotoPoints>, frameAt(0))
    const bodySd = Math.sqrt(listBodyErrors(pose).reduce((sum, [, y]) => sum + y * y, 0))
    const sd = Math.sqrt(read.sd ** 2 + bodySd ** 2)
    const span = spanOf(pose, body)
    const wider = spanOf(pose, { ...body, usableAlong: body.usableAlong + body.usableAlongSd })
    if (!span || !wider) return null
    const margin = (end: 0 | 1): PhotoFigure => {
      const value = (end === 1 ? 1 : -1) * (span[end] - pose.centre[1])
      return { value, sd: Math.sqrt(sd ** 2 + (wider[end] - span[end]) ** 2 + INPUT_SD.placeM ** 2) }
    }
    return { pastHeel: { value: read.value, sd }, ahead: margin(1), behind: margin(0) }
  } catch (error) {
    if (error instanceof InputError && error.field !== 'points') return null
    throw error
  }
}

/** The body of a stance with its near hip, knee and trunk as measured. @throws InputError a leg out of reach */
function poseAs(
  body: Body,
  stance: Stance,
  near: Side,
  x: number,
  { hip, knee, pitch }: { hip: number; knee: number; pitch: number },
): Pose {
  const trunk = { ...stance.trunk, pitch }
  const footing = setFooting(body, { ...stance, trunk, height: { kneeFlexion: Math.max(0, knee), leg: near } })
  const half = (near === 'right' ? 1 : -1) * (body.hipSeparation / 2)
  const y = footing.feet[near].hy + hip - half * Math.sin(stance.pelvisYaw)
  return assemble(settleUnder(footing, [x, y]))
}

/** From where to where the usable base reaches fore and aft beside a pose's centre; null where it is not beside it. */
function spanOf({ stance, centre }: Pose, body: Body): [rear: number, front: number] | null {
  const [x] = centre
  const base = calcUsableBase(setFooting(body, stance))
  const crossed = base.flatMap((a, i) => {
    const b = base[i + 1 === base.length ? 0 : i + 1] as (typeof base)[number]
    return a.x > x === b.x > x ? [] : [a.y + ((x - a.x) / (b.x - a.x)) * (b.y - a.y)]
  })
  return crossed.length < 2 ? null : [Math.min(...crossed), Math.max(...crossed)]
}
