import { expose } from 'comlink'
import {
  fitWalk,
  listVerdicts,
  makePath,
  type Path,
  type Person,
  type RoutinePart,
  resolveBody,
  type Verdict,
  type WalkFit,
} from '@/core'

/** What was walked here as it is asked, until what helps was tried: the same path is not worked out twice. */
const walked = new Map<number, Path>()

function walkAs(who: number, person: Person, parts: RoutinePart[], samples: number): Path {
  const path = walked.get(who) ?? makePath(resolveBody(person), parts, samples, 'verdicts')
  walked.set(who, path)
  return path
}

const api = {
  /** The routine as it is asked: the verdict of each way. */
  walk(who: number, person: Person, parts: RoutinePart[], samples: number): (Verdict | null)[] {
    return listVerdicts(walkAs(who, person, parts, samples))
  },
  /** What it takes for them to walk with the others. */
  fit(who: number, person: Person, parts: RoutinePart[], samples: number): WalkFit {
    const path = walkAs(who, person, parts, samples)
    walked.delete(who)
    return fitWalk(parts, path)
  },
  /** Before another class: nothing of the one before is left. */
  forget: () => walked.clear(),
}

export type WalkClassApi = typeof api

expose(api)
