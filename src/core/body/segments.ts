/**
 * Segment masses and centres of mass.
 *
 * Masses: de Leva, J Biomech 29 (1996) 1223-1230, table 4. Centres: fraction of the segment's length from its first
 * end; trunk and thigh re-expressed so that the centre keeps de Leva's height in standing on the skeleton of
 * `PROPORTIONS`, the others de Leva's own.
 */
export type Sex = 'female' | 'male' | 'unspecified'

export type SegmentKind = 'head' | 'trunk' | 'upperArm' | 'forearm' | 'hand' | 'thigh' | 'shank' | 'foot'

type Row = { massF: number; massM: number; centreF: number; centreM: number; paired: boolean }

const TABLE: Record<SegmentKind, Row> = {
  head: { massF: 6.68, massM: 6.94, centreF: 0.484, centreM: 0.5, paired: false },
  trunk: { massF: 42.57, massM: 43.46, centreF: 0.477, centreM: 0.406, paired: false },
  upperArm: { massF: 2.55, massM: 2.71, centreF: 0.575, centreM: 0.577, paired: true },
  forearm: { massF: 1.38, massM: 1.62, centreF: 0.456, centreM: 0.457, paired: true },
  hand: { massF: 0.56, massM: 0.61, centreF: 0.747, centreM: 0.79, paired: true },
  thigh: { massF: 14.78, massM: 14.16, centreF: 0.433, centreM: 0.402, paired: true },
  shank: { massF: 4.81, massM: 4.33, centreF: 0.442, centreM: 0.446, paired: true },
  foot: { massF: 1.29, massM: 1.37, centreF: 0.401, centreM: 0.442, paired: true },
}

export const SEGMENT_KINDS = Object.keys(TABLE) as SegmentKind[]

/** Share of body mass (all segments of a body sum to exactly 1) and centre as a fraction of length. */
export type SegmentTable = Record<SegmentKind, { mass: number; centre: number }>

/** The table for a sex; the mean of both columns where it is not given. */
export function calcSegmentTable(sex: Sex): SegmentTable {
  const female = sex === 'female' ? 1 : sex === 'male' ? 0 : 0.5
  const mix = (f: number, m: number) => female * f + (1 - female) * m
  let total = 0
  for (const kind of SEGMENT_KINDS) {
    const row = TABLE[kind]
    total += mix(row.massF, row.massM) * (row.paired ? 2 : 1)
  }
  const table = {} as SegmentTable
  for (const kind of SEGMENT_KINDS) {
    const row = TABLE[kind]
    table[kind] = { mass: mix(row.massF, row.massM) / total, centre: mix(row.centreF, row.centreM) }
  }
  return table
}
