/** A figure of lines, 100 wide and 120 high, its soles at 110. */
export const POSES = {
  none: [],
  front: ['M50 30V66', 'M50 66L43 88L42 109', 'M50 66L57 88L58 109', 'M50 36L40 50L38 64', 'M50 36L60 50L62 64'],
  shift: ['M46 30L47 66', 'M47 66L41 88L42 109', 'M47 66L58 86L60 109', 'M46 36L36 50L34 64', 'M46 36L57 50L59 64'],
  side: ['M50 30L49 66', 'M49 66L53 87L49 109L58 109', 'M50 36L47 52L52 66'],
  tandem: ['M50 30V66', 'M50 66L48 88L49 109', 'M50 66L52 88L51 112', 'M50 36L39 48L34 58', 'M50 36L61 48L66 58'],
  oneLeg: ['M50 30V66', 'M50 66L49 88L50 109', 'M50 66L61 82L58 100', 'M50 36L39 46L32 52', 'M50 36L61 46L68 52'],
  armOut: ['M46 30L46 66', 'M46 66L49 87L46 109L55 109', 'M46 37L60 38L74 37'],
  reach: ['M56 34L46 66', 'M46 66L48 87L46 109L55 109', 'M55 41L70 44L86 46'],
  sit: ['M46 44L43 76', 'M43 76L63 78L64 109L72 109', 'M46 50L56 62L48 66'],
  rise: ['M60 40L47 70', 'M47 70L66 82L61 109L70 109', 'M59 46L63 60L53 62'],
  walk: [
    'M50 30L50 66',
    'M50 66L60 86L64 109L72 108',
    'M50 66L45 88L36 106L42 111',
    'M50 36L57 50L64 56',
    'M50 36L42 50L40 62',
  ],
  lean: ['M60 32L48 66', 'M48 66L52 87L48 109L57 109', 'M59 38L60 54L66 66'],
} as const
export type Pose = keyof typeof POSES

/** Where the head of each is. */
export const HEADS: Partial<Record<Pose, readonly [number, number]>> = {
  front: [50, 20],
  shift: [46, 20],
  side: [51, 20],
  tandem: [50, 20],
  oneLeg: [50, 20],
  armOut: [47, 20],
  reach: [60, 25],
  sit: [48, 34],
  rise: [65, 31],
  walk: [51, 20],
  lean: [64, 22],
}

export const THINGS = [
  'scales',
  'tape',
  'chair',
  'board',
  'wall',
  'wallMark',
  'helper',
  'seat',
  'phone',
  'plate',
  'camera',
  'points',
] as const
export type Thing = (typeof THINGS)[number]

export type Scene = { pose: Pose; things: readonly Thing[] }
