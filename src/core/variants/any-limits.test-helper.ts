import fc from 'fast-check'
import { DEG } from '../conventions'

/** Limits as records have them, some or all. */
export const anyLimits = fc.record(
  {
    kneeFlexionMax: fc.integer({ min: 10, max: 60 }).map((d) => d * DEG),
    dorsiflexionMax: fc.integer({ min: 8, max: 35 }).map((d) => d * DEG),
    hipOutwardMax: fc.integer({ min: 15, max: 60 }).map((d) => d * DEG),
    loadMax: fc.record({ left: fc.constantFrom(0, 0.3, 0.5, 1), right: fc.constantFrom(0.6, 1) }),
  },
  { requiredKeys: [] },
)
