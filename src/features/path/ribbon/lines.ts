import { type Breath, DEG, type ShownPath, SIDES, type Side } from '@/core'
import { listInstants } from '@/ui/figure/instant'

/** A point of the ribbon: seconds, and a value that lies between 0 (below) and 1 (above) of its row. */
export type RibbonPoint = { atS: number; value: number }
export type RibbonLine = { points: RibbonPoint[]; look: 'tide' | 'ink' | 'dashed' }

/** A row of the ribbon: its lines, and a level that they are held against. */
export type RibbonRow = {
  key: 'assured' | 'weight' | 'hips' | 'knees' | 'heading' | 'breath'
  /** Of the ribbon's height. */
  share: number
  lines: RibbonLine[]
  level: number | null
  /** Where the row's zero lies, if within it. */
  zero: number | null
}

/** The margin's row shows as far as it goes, and a little less than nothing. */
const MARGIN_MOST = 0.05
const MARGIN_LEAST = -0.012
const HIPS_RANGE = 0.12
const KNEES_RANGE = 40 * DEG

const clamp = (value: number) => Math.min(1, Math.max(0, value))

/** What runs along time, row by row; facing only where it changes. */
export function listRows(
  path: ShownPath,
  breaths: readonly { breath: Breath; startS: number; endS: number }[],
): RibbonRow[] {
  const instants = listInstants(path)
  const line = (look: RibbonLine['look'], of: (one: (typeof instants)[number]['instant']) => number): RibbonLine => ({
    look,
    points: instants.map(({ atS, instant }) => ({ atS, value: clamp(of(instant)) })),
  })
  const widest = Math.max(MARGIN_MOST, ...instants.map(({ instant }) => instant.assured))
  const marginAt = (metres: number) => clamp((metres - MARGIN_LEAST) / (widest - MARGIN_LEAST))
  const heights = instants.map(({ instant }) => instant.height)
  const middle = (Math.max(...heights) + Math.min(...heights)) / 2
  const range = Math.max(HIPS_RANGE, (Math.max(...heights) - Math.min(...heights)) * 1.1)
  const bends = instants.flatMap(({ instant: { knees } }) => [knees.left, knees.right])
  const least = Math.min(...bends)
  const bendRange = Math.max(KNEES_RANGE, Math.max(...bends) - least)
  const headings = instants.map(({ instant }) => instant.stance.at?.heading ?? 0)
  const [lowest, highest] = [Math.min(...headings), Math.max(...headings)]
  const reserve = Math.max(0, ...instants.map(({ instant }) => instant.reserve))
  const rows: (RibbonRow | null)[] = [
    {
      key: 'assured',
      share: 3,
      lines: [line('tide', ({ assured }) => marginAt(assured))],
      level: marginAt(reserve),
      zero: marginAt(0),
    },
    { key: 'weight', share: 1.7, lines: [line('ink', ({ stance }) => stance.loadLeft)], level: null, zero: null },
    {
      key: 'hips',
      share: 1.1,
      lines: [line('ink', ({ height }) => 0.5 + (height - middle) / range)],
      level: null,
      zero: null,
    },
    {
      key: 'knees',
      share: 1.4,
      lines: [
        line('ink', ({ knees }) => (knees.left - least) / bendRange),
        line('dashed', ({ knees }) => (knees.right - least) / bendRange),
      ],
      level: null,
      zero: null,
    },
    highest - lowest > DEG
      ? {
          key: 'heading',
          share: 0.8,
          lines: [line('ink', ({ stance }) => ((stance.at?.heading ?? 0) - lowest) / (highest - lowest))],
          level: null,
          zero: null,
        }
      : null,
    { key: 'breath', share: 0.8, lines: [{ look: 'tide', points: breathPoints(breaths) }], level: null, zero: null },
  ]
  return instants.length === 0 ? [] : rows.filter((row) => row !== null)
}

const WAVE_STEPS = 12
/** Whether a movement's breath goes in (up) in its halves. */
const HALVES: Record<Breath, readonly boolean[]> = {
  in: [true],
  out: [false],
  'in-out': [true, false],
  'out-in': [false, true],
  free: [],
}

/** In is up, out is down; between the lines where it is free. */
function breathPoints(breaths: readonly { breath: Breath; startS: number; endS: number }[]): RibbonPoint[] {
  return breaths.flatMap(({ breath, startS, endS }) => {
    const halves = HALVES[breath]
    if (halves.length === 0) return [startS, endS].map((atS) => ({ atS, value: 0.5 }))
    const long = (endS - startS) / halves.length
    return halves.flatMap((isIn, half) =>
      Array.from({ length: WAVE_STEPS + 1 }, (_, i) => {
        const part = (1 - Math.cos((Math.PI * i) / WAVE_STEPS)) / 2
        return { atS: startS + long * (half + i / WAVE_STEPS), value: isIn ? part : 1 - part }
      }),
    )
  })
}

/** A foot that is up on a part of itself while the other end of it is down: from when until when. */
export type RolledStretch = { foot: Side; what: 'heel' | 'toes'; fromS: number; toS: number }

/** Where heels and toes are up, of feet that are on the floor. */
export function listRolled({ transitions }: Pick<ShownPath, 'transitions'>): RolledStretch[] {
  return transitions.flatMap((transition) => {
    const instants = listInstants({ transitions: [transition] })
    return SIDES.flatMap((foot) => {
      const stretches: RolledStretch[] = []
      for (const [i, { atS, instant }] of instants.entries()) {
        const { contact, lift } = instant.stance.feet[foot]
        const what = contact === 'ball' ? 'heel' : contact === 'heel' ? 'toes' : null
        if (!what || lift === 0) continue
        const last = stretches.at(-1)
        if (last?.what === what && last.toS === instants[i - 1]?.atS) last.toS = atS
        else stretches.push({ foot, what, fromS: atS, toS: atS })
      }
      return stretches.filter(({ fromS, toS }) => toS > fromS)
    })
  })
}
