export type Severity = 'hard' | 'caution' | 'note'

export type FindingCode =
  | 'balance.outside'
  | 'balance.reserve'
  | 'load.limit'
  | 'knee.flexion'
  | 'knee.drift'
  | 'knee.side-tilt'
  | 'knee.past-toes'
  | 'knee.locked'
  | 'hip.range'
  | 'hip.limit'
  | 'ankle.limit'
  | 'trunk.lean'
  | 'trunk.twist'
  | 'back.hollow'
  | 'eyes.closed'
  | 'foot.narrow'

/** One thing that a stance shows. `value` and `limit` are in `unit`; angles in radians, shares 0 to 1. */
export type Finding = {
  code: FindingCode
  severity: Severity
  /** Begins with left, right, trunk, feet or balance. */
  where: string
  value: number
  limit: number
  unit: 'm' | 'rad' | 'share'
  text: string
}

export type Verdict = 'holds' | 'close' | 'beyond'
