import type { SupportKind } from '../body/support-kinds'

/** From the least help to the most. */
export const SUPPORTS_BY_HELP = [
  'touch',
  'pole',
  'wall',
  'chair-back',
  'bar',
  'walker',
  'helper',
] as const satisfies readonly SupportKind[]

/** For each support that somebody may need: what does at least as much. */
const AS_GOOD: Record<SupportKind, readonly SupportKind[]> = {
  touch: ['touch', 'chair-back', 'walker', 'bar', 'wall', 'pole', 'helper'],
  'chair-back': ['chair-back', 'walker', 'bar'],
  walker: ['walker', 'bar'],
  bar: ['bar', 'walker'],
  wall: ['wall', 'chair-back', 'walker', 'bar'],
  pole: ['pole', 'wall', 'chair-back', 'walker', 'bar'],
  helper: ['helper'],
}

/** Whether one of the supports does at least as much as the one that is needed. */
export const isHeldEnough = (needed: SupportKind, supports: readonly { kind: SupportKind }[]): boolean =>
  supports.some(({ kind }) => AS_GOOD[needed].includes(kind))
