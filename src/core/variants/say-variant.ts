import type { Meaning } from './meaning'
import type { Variant, VariantShort } from './variant'

const GIVEN_UP: Record<Meaning, string> = {
  step: 'less than half its step is left',
  front: 'no more than half the weight is in front',
  level: 'the feet are no longer level',
  empty: 'the empty foot carries more than a fifth',
}

const FALLS: Record<VariantShort, string> = {
  joint: 'Keeps the reserve, but stays close: a joint is at its limit.',
  reserve: 'Nothing found keeps the reserve. This is the steadiest, and stays close.',
  seated: 'No standing form was found within the limits.',
}

/** What has to be said of a variant, what it gives up of what the posture is for first; null where nothing has. */
export function sayNote(
  { givesUp, falls }: Pick<Variant, 'givesUp' | 'falls'>,
  posture = 'the posture',
): string | null {
  const given = givesUp.map((meaning) => GIVEN_UP[meaning]).join(', and ')
  const said = [given && `No longer ${posture}: ${given}.`, falls && FALLS[falls]].filter(Boolean)
  return said.length > 0 ? said.join(' ') : null
}
