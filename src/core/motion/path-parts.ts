import type { Analysis } from '../analysis'
import type { Body } from '../body/body'
import type { Side } from '../conventions'
import type { InputError } from '../errors'
import type { Verdict } from '../limits/finding'
import type { Breath, Choices } from '../postures/choices'
import type { Stance } from '../stance/stance'
import type { Held } from './instant'
import type { Plan } from './plan'
import type { Readings } from './readings'
import type { MotionFinding } from './rules'
import type { Transition } from './transition'

/** A part of a routine: a stance in its own frame, where it faces in the room, and how one comes to it. Radians, seconds. */
export type RoutinePart = {
  stance: Stance
  heading: number
  seconds: number
  hold: number
  breath: Breath
  choices: Choices
  anchor?: Side | undefined
  /** What was done to come here before something little was changed: done again, where it leads here still. */
  plan?: Plan | undefined
  /** Hands stay where they are on the way here, or there is no way: what is offered with a hand has it all along. */
  holdsOn?: boolean | undefined
  /** Where it stands, where that does not follow from the part before. */
  at?: { x: number; y: number } | undefined
}

/** How much of a path is asked: everything, what its verdicts hang on, or only whether any of it is beyond. */
export type PathDetail = 'whole' | 'verdicts' | 'beyond'

/** A part that was worked out: where it stands and what it shows; null where it cannot be stood. */
export type PathPart = { stance: Stance; analysis: Analysis | null; error: InputError | null }

export type PathTransition = {
  from: number
  to: number
  startS: number
  made: { transition: Transition; readings: Readings; findings: MotionFinding[]; held: Held } | null
  error: InputError | null
}

/** A routine worked out for one person: parts, the ways between them, and what they say together. */
export type Path = { body: Body; parts: PathPart[]; transitions: PathTransition[]; verdict: Verdict; seconds: number }
