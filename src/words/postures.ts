import type { ArmPreset, SchoolId } from '@/core'
import type { Posture, PostureTexts } from '@/documents/posture-document'
import type { Words } from './language'

/** A posture's texts: the instructor's own where it was changed or added here, else what ships with it. */

type Own = Pick<Posture, 'id' | 'own'>

const say = (word: 'name' | 'purpose' | 'cue', { id }: Pick<Own, 'id'>, words: Words) =>
  words.say(`postures.library.${id}.${word}`)

/** A posture by its name alone: the house's own, or as the library calls it. */
type Named = { id: string; own: Pick<PostureTexts, 'name'> | null }

export const sayPostureName = (posture: Named, words: Words): string => posture.own?.name ?? say('name', posture, words)

export const sayPurpose = (posture: Own, words: Words): string => posture.own?.purpose ?? say('purpose', posture, words)

/** What a teacher says, in a breath. */
export const sayCue = (posture: Own, words: Words): string => posture.own?.cue ?? say('cue', posture, words)

/** What to watch, each by itself. */
export function listWatch({ id, own }: Own, words: Words): string[] {
  if (own) return own.watch
  const watched: string[] = []
  for (let i = 1; words.has(`postures.library.${id}.watch.${i}`); i++) {
    watched.push(words.say(`postures.library.${id}.watch.${i}`))
  }
  return watched
}

/** All texts of a posture, as a document or a form holds them. */
export const readTexts = (posture: Own, words: Words): PostureTexts => ({
  name: sayPostureName(posture, words),
  purpose: sayPurpose(posture, words),
  cue: sayCue(posture, words),
  watch: listWatch(posture, words),
})

/** The posture as a sentence goes on: "a bow", "an empty stance, ball down", "brush knee". */
export function sayPosture({ id, kind, own }: Pick<Posture, 'id' | 'kind' | 'own'>, words: Words): string {
  if (!own) return words.say(`postures.library.${id}.said`)
  if (kind === 'form') return own.name
  return words.say('postures.own', { article: /^[aeiou]/i.test(own.name) ? 'an' : 'a', name: own.name })
}

/** Why a school does what it does, as it says itself: never as right or wrong. */
export const saySchoolBecause = (id: SchoolId, words: Words): string => words.say(`postures.because.${id}`)

export const saySchool = (school: SchoolId, words: Words): string => words.say(`postures.schools.${school}`)

export const sayArms = (preset: ArmPreset, words: Words): string => words.say(`postures.arms.${preset}`)
