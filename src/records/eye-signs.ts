/** What only an eye sees: ticked for a person, with the date. A house adds its own. */
export const EYE_SIGNS: readonly string[] = [
  'hip sags out over the carrying leg',
  'looks down',
  'wobbles when the head turns',
  'shoulders raised',
  'breath held',
  'tail tucked hard',
  'chest caved in',
  'hurries',
  'thighs shake',
]

export type Complaint = { id: string; name: string; lookAt: readonly string[] }

/** From a complaint to its usual causes: things to look at, never a diagnosis. */
export const COMPLAINTS: readonly Complaint[] = [
  { id: 'shoulder', name: 'sore shoulder', lookAt: ['arms too far back', 'arms too high'] },
  {
    id: 'low-back',
    name: 'pinch in the low back',
    lookAt: ['a hollow back', 'a backward lean', 'a turn beyond the hips'],
  },
  {
    id: 'knee',
    name: 'knee ache',
    lookAt: [
      'a twist on a loaded foot',
      'the knee off the line of its foot',
      'too low',
      'let the toes turn out a little',
    ],
  },
  { id: 'way-back', name: 'wobble on the way back', lookAt: ['a step too narrow', 'looking down', 'hurry'] },
  { id: 'thighs', name: 'burning thighs', lookAt: ['too low', 'held too long'] },
]

export const TO_CLINICIAN = 'Anything that stays, or that is new, goes to the clinician.'
