import type { Posture } from '@/core'

/** The posture as a sentence goes on: "a bow", "an empty stance, ball down", "brush knee". */
export function sayPosture({ name, kind }: Pick<Posture, 'name' | 'kind'>): string {
  if (kind === 'form') return name
  return `${/^[aeiou]/.test(name) ? 'an' : 'a'} ${name}`
}
