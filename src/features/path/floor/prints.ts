import type { Footprint } from '@/core'

/** Footprints that lie on each other as one, each with the number of its step; null where it did not land. */
export type Print = { key: string; at: Footprint; all: { print: Footprint; step: number | null }[] }

export const stepsOf = ({ all }: Print): number[] => all.flatMap(({ step }) => step ?? [])

const SAME_PLACE = 0.02
const SAME_TURN = 0.09

const liesOn = (a: Footprint, b: Footprint): boolean =>
  a.foot === b.foot &&
  Math.hypot(a.heel[0] - b.heel[0], a.heel[1] - b.heel[1]) < SAME_PLACE &&
  Math.abs(a.yaw - b.yaw) < SAME_TURN

/** Steps are counted where a foot lands. */
export function gatherPrints(footprints: readonly Footprint[]): Print[] {
  const gathered: Print[] = []
  let steps = 0
  for (const print of footprints) {
    const one = { print, step: print.did === 'lands' ? ++steps : null }
    const known = gathered.find(({ at }) => liesOn(at, print))
    if (known) known.all.push(one)
    else gathered.push({ key: `${print.foot} ${gathered.length}`, at: print, all: [one] })
  }
  return gathered
}

/** The number of the step that lands last on the way to a part; null where none does. */
export function stepOfPart(footprints: readonly Footprint[], part: number): number | null {
  const at = footprints.filter(({ did }) => did === 'lands').findLastIndex((print) => print.part === part)
  return at < 0 ? null : at + 1
}

/** From the heel of the other foot, where that stood when this one was set, metres. */
export function stepLength(print: Footprint, footprints: readonly Footprint[]): number {
  const other = footprints.slice(0, footprints.indexOf(print)).findLast(({ foot }) => foot !== print.foot)
  return other ? Math.hypot(print.heel[0] - other.heel[0], print.heel[1] - other.heel[1]) : 0
}
