/** What one sits on: a firm chair without arms where none is said. */
export const SEAT_KINDS = ['chair', 'armrests', 'wheelchair'] as const
export type SeatKind = (typeof SEAT_KINDS)[number]
