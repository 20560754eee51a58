/** What only an eye sees: ticked for a person, with the date. A house adds its own, in its own words. */
export const EYE_SIGNS = [
  'hip-sags',
  'looks-down',
  'wobbles-head',
  'shoulders-raised',
  'breath-held',
  'tail-tucked',
  'chest-caved',
  'hurries',
  'thighs-shake',
] as const

/** Complaints whose usual causes can be looked at; never a diagnosis. */
export const COMPLAINTS = ['shoulder', 'low-back', 'knee', 'way-back', 'thighs'] as const
