/** Where it hurts, as people show it. */
export const PAIN_PLACES = [
  'knee',
  'hip',
  'back',
  'shoulder',
  'ankle',
  'foot',
  'neck',
  'chest',
  'head',
  'other',
] as const
export type PainPlace = (typeof PAIN_PLACES)[number]
