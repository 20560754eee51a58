import { FIRST_SAID, type MotionFinding, type ShownPath, type ShownTransition } from '@/core'
import { stepOfPart } from '../floor/prints'

/** One thing that is wrong on the way to a part: a finding, or why there is no way. */
export type Trouble = {
  key: string
  severity: 'none' | MotionFinding['severity']
  part: number
  /** The number of the step that it is about. */
  step: number | null
  atS: number
  finding: MotionFinding | null
  error: ShownTransition['error']
  /** How often the same is found on other ways. */
  again: number
}

const ORDER = { none: 0, hard: 1, caution: 2, note: 3 } as const

/** The worst first; the same finding on several ways is said once, at its worst, and how often. */
export function listTroubles({ transitions, footprints, parts }: ShownPath): Trouble[] {
  const found = new Map<string, Trouble>()
  const first = parts[0]?.error
  if (first) found.set('first', blocked('first', 0, 0, first))
  for (const { to, startS, error, findings } of transitions) {
    if (error) found.set(`none ${to}`, blocked(`none ${to}`, to, startS, error))
    for (const finding of findings) {
      const key = `${finding.code} ${finding.severity}`
      const known = found.get(key)
      const trouble: Trouble = {
        key,
        severity: finding.severity,
        part: to,
        step: finding.code.startsWith('step.') ? stepOfPart(footprints, to) : null,
        atS: finding.atS,
        finding,
        error: null,
        again: known ? known.again + 1 : 0,
      }
      if (!known || past(finding) > past(known.finding as MotionFinding)) found.set(key, trouble)
      else known.again++
    }
  }
  const rank = ({ finding }: Trouble) => {
    const at = finding ? FIRST_SAID.indexOf(finding.code) : -1
    return at < 0 ? FIRST_SAID.length : at
  }
  return [...found.values()].sort((a, b) => ORDER[a.severity] - ORDER[b.severity] || rank(a) - rank(b) || a.atS - b.atS)
}

const past = ({ value, limit }: MotionFinding): number => Math.abs(value - limit)

const blocked = (key: string, part: number, atS: number, error: ShownTransition['error']): Trouble => ({
  key,
  severity: 'none',
  part,
  step: null,
  atS,
  finding: null,
  error,
  again: 0,
})
