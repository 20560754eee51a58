import { DEG, type Vec2 } from '../conventions'
import { InputError } from '../errors'
import { dot, lengthOf, minus } from '../geometry/vector'

/** What is pointed at on a picture, from the floor upward. */
export const PHOTO_POINTS = ['heel', 'toe', 'ankle', 'knee', 'hip', 'shoulder', 'ear'] as const
export type PhotoPoint = (typeof PHOTO_POINTS)[number]

/** Places on a picture: pixels, x to the right and y down. */
export type PhotoPoints = Partial<Record<PhotoPoint, Vec2>>

export type PhotoSetting = {
  view: 'side' | 'front'
  /** Seen from the side: whether they face the right or the left of the picture. */
  facing: 'right' | 'left'
  /** Length from ankle to knee to hip, metres: the scale, where no known length is drawn. */
  legLength: number
  known?: { from: Vec2; to: Vec2; length: number } | undefined
  /** A line that hangs: where it begins and ends. Without it the picture is taken to be held upright. */
  plumb?: readonly [Vec2, Vec2] | undefined
}

/** Radians or metres, with its standard deviation. */
export type PhotoFigure = { value: number; sd: number }
export const PHOTO_FIGURES = [
  'kneeFlexion',
  'trunkPitch',
  'shankTilt',
  'kneePastToes',
  'hipPastHeel',
  'shoulderOverHip',
] as const
export type PhotoReading = Partial<Record<(typeof PHOTO_FIGURES)[number], PhotoFigure>> & { metresInPixel: number }

/** A point is set by hand so well, and a camera held so level. */
export const PHOTO_SD = { pointM: 0.015, camera: 2 * DEG } as const

export type Frame = { ahead: Vec2; up: Vec2; scale: number }
export type Figure = (points: Required<PhotoPoints>, frame: Frame) => number

/** What each figure is of, whether it is held against the plumb line, and what it is. Forward, or to the right, positive. */
export const FIGURES: Record<
  (typeof PHOTO_FIGURES)[number],
  { of: readonly PhotoPoint[]; plumb: boolean; read: Figure }
> = {
  kneeFlexion: {
    of: ['hip', 'knee', 'ankle'],
    plumb: false,
    read: ({ hip, knee, ankle }) => Math.PI - angleAt(knee, hip, ankle),
  },
  trunkPitch: {
    of: ['hip', 'shoulder'],
    plumb: true,
    read: ({ hip, shoulder }, frame) => tiltOf(hip, shoulder, frame),
  },
  shankTilt: { of: ['ankle', 'knee'], plumb: true, read: ({ ankle, knee }, frame) => tiltOf(ankle, knee, frame) },
  kneePastToes: { of: ['knee', 'toe'], plumb: true, read: ({ knee, toe }, frame) => aheadOf(toe, knee, frame) },
  hipPastHeel: { of: ['heel', 'hip'], plumb: true, read: ({ heel, hip }, frame) => aheadOf(heel, hip, frame) },
  shoulderOverHip: {
    of: ['hip', 'shoulder'],
    plumb: true,
    read: ({ hip, shoulder }, frame) => aheadOf(hip, shoulder, frame),
  },
}

function angleAt(corner: Vec2, a: Vec2, b: Vec2): number {
  const [p, q] = [minus(a, corner), minus(b, corner)]
  return Math.atan2(Math.abs(p[0] * q[1] - p[1] * q[0]), dot(p, q))
}

const tiltOf = (from: Vec2, to: Vec2, { ahead, up }: Frame): number => {
  const along = minus(to, from)
  return Math.atan2(dot(along, ahead), dot(along, up))
}

const aheadOf = (from: Vec2, to: Vec2, { ahead, scale }: Frame): number => dot(minus(to, from), ahead) * scale

/**
 * Angles and distances of a body on a picture, from points that were set by hand. Seen from the front, forward is to the
 * right of the picture. A figure whose points are not all there is left out.
 * @throws InputError where there is no scale: neither a known length nor ankle, knee and hip
 * @param points pixels, y down
 * @returns radians and metres, each with its standard deviation
 * @example readPhoto({ ankle: [100, 400], knee: [104, 300], hip: [100, 200], heel: [96, 420] }, { view: 'side', facing: 'right', known: { from: [100, 200], to: [100, 420], metres: 0.9 }, plumb: null, thigh: 0.4, shank: 0.41 }).kneeFlexion?.value // => 0.07996
 */
export function readPhoto(points: PhotoPoints, setting: PhotoSetting): PhotoReading {
  const frameAt = makeFrame(points, setting)
  const reading: PhotoReading = { metresInPixel: frameAt(0).scale }
  for (const name of PHOTO_FIGURES) {
    const { of, plumb, read } = FIGURES[name]
    const figure = readFigure(points, of, frameAt, plumb, read)
    if (figure) reading[name] = figure
  }
  return reading
}

/** A picture's axes and scale, the camera turned by so much against its plumb line. @throws InputError without a scale */
export function makeFrame(points: PhotoPoints, setting: PhotoSetting): (turned: number) => Frame {
  const scale = scaleOf(points, setting)
  const down =
    setting.plumb && lengthOf(...minus(setting.plumb[1], setting.plumb[0])) > 0
      ? minus(setting.plumb[1], setting.plumb[0])
      : ([0, 1] as const)
  // A line that was drawn upward hangs all the same.
  const sign = down[1] < 0 ? -1 : 1
  const upright = Math.atan2(-sign * down[0], sign * down[1])
  return (turned) => {
    const angle = upright + turned
    const up: Vec2 = [Math.sin(angle), -Math.cos(angle)]
    const right: Vec2 = [Math.cos(angle), Math.sin(angle)]
    const ahead: Vec2 = setting.view === 'side' && setting.facing === 'left' ? [-right[0], -right[1]] : right
    return { ahead, up, scale }
  }
}

/**
 * What is read off some points, with its standard deviation: each point 15 mm in each direction and, where it is held
 * against the plumb line, the camera 2°, carried through by differences. Null where a point is not there.
 */
export function readFigure(
  points: PhotoPoints,
  of: readonly PhotoPoint[],
  frameAt: (turned: number) => Frame,
  plumb: boolean,
  read: Figure,
): PhotoFigure | null {
  if (of.some((point) => !points[point])) return null
  const all = points as Required<PhotoPoints>
  const frame = frameAt(0)
  const value = read(all, frame)
  const step = PHOTO_SD.pointM / frame.scale
  let variance = 0
  for (const point of of) {
    const [x, y] = all[point]
    for (const moved of [[x + step, y] as const, [x, y + step] as const])
      variance += (read({ ...all, [point]: moved }, frame) - value) ** 2
  }
  if (plumb) variance += (read(all, frameAt(PHOTO_SD.camera)) - value) ** 2
  return { value, sd: Math.sqrt(variance) }
}

/** Metres of a pixel. */
function scaleOf({ ankle, knee, hip }: PhotoPoints, { known, legLength }: PhotoSetting): number {
  if (known && lengthOf(...minus(known.to, known.from)) > 0)
    return known.length / lengthOf(...minus(known.to, known.from))
  if (ankle && knee && hip) {
    const pixels = lengthOf(...minus(knee, ankle)) + lengthOf(...minus(hip, knee))
    if (pixels > 0) return legLength / pixels
  }
  throw new InputError('points', null, { code: 'photoScale' })
}
