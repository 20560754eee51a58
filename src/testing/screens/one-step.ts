import { saveRoutine } from '@/keeping/routines'

/** A routine of the house's own, of one step: a whole class on it is worked out in a few seconds. */
export const ONE_STEP = 'own-0f4e2c1a-5b7d-4c3e-9a21-6d8b7f0e1c55'

export const keepOneStep = () =>
  saveRoutine(ONE_STEP, {
    revision: 0,
    document: {
      name: 'One step',
      school: 'long-upright',
      parts: [{ posture: 'parallel' }, { posture: 'empty-ball', side: 'left', seconds: 8 }],
    },
  })
