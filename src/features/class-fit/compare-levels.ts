import type { FoundLevels } from '@/workers/fit'

const LESS = 0.05

type Name = (member: number) => string

/** Who would change less with one level more, and by how much in all. */
export function compareMore(found: FoundLevels, more: FoundLevels, name: Name) {
  const fitted = found.of.flatMap((place, i) => (place < 0 && (more.of[i] as number) >= 0 ? [name(i)] : []))
  const nearer = found.changes.flatMap((change, i) =>
    Number.isFinite(change) && (more.changes[i] as number) < change - LESS ? [name(i)] : [],
  )
  return { fitted, nearer, saved: found.total > 0 ? 1 - more.total / found.total : 0 }
}

/** Whom one level less leaves out or takes further from the posture as taught, and by how much in all. */
export function compareFewer(found: FoundLevels, fewer: FoundLevels, name: Name) {
  const lost = found.of.flatMap((place, i) => (place >= 0 && (fewer.of[i] as number) < 0 ? [name(i)] : []))
  const further = found.changes.flatMap((change, i) =>
    Number.isFinite(change) && (fewer.changes[i] as number) > change + LESS && (fewer.of[i] as number) >= 0
      ? [name(i)]
      : [],
  )
  return { lost, further, more: found.total > 0 ? fewer.total / found.total - 1 : 0 }
}
