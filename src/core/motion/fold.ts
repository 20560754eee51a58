import type { Body } from '../body/body'
import { fitRoom } from './fit-room'
import { makePath, type Path, type RoutinePart } from './path'
import { calcExtent } from './room'
import { keepAnchors } from './safer-routine'

const SAMPLES = 2

/**
 * There and back instead of on and on: from some parts on everything faces the other way, so that the routine fits a
 * room, in the order that it has. The parts from which it turns; empty where it fits as it is, null where no turn can
 * be taken that makes it fit.
 * @param room metres inside its walls
 * @returns the parts before which one turns back, null where none helps
 * @example foldRoutine(ana, routine, { width: 6, depth: 8 }) // => []
 */
export function foldRoutine(
  body: Body,
  asked: readonly RoutinePart[],
  room: { width: number; depth: number },
): number[] | null {
  const routine = keepAnchors(makePath(body, asked, SAMPLES, 'verdicts'), asked)
  let turns: readonly number[] = []
  for (;;) {
    const end = findOutside(body, routine, turns, room)
    if (end === null) return [...turns]
    const from = (turns.at(-1) ?? 0) + 1
    const at = findTurn(body, routine, turns, from, end, room)
    if (at === null) return null
    turns = [...turns, at]
  }
}

/** How many parts it has with the first that leaves the room; null where none does. */
function findOutside(
  body: Body,
  routine: readonly RoutinePart[],
  turns: readonly number[],
  room: { width: number; depth: number },
): number | null {
  const path = makePath(body, turnBack(routine, turns), SAMPLES, 'verdicts')
  for (let end = 2; end <= routine.length; end++) {
    const begun = { ...path, parts: path.parts.slice(0, end), transitions: path.transitions.slice(0, end - 1) }
    if (!isInside(begun, turns, room)) return end
  }
  return null
}

/** As late as it can be: what was begun goes on as far as there is room. */
function findTurn(
  body: Body,
  routine: readonly RoutinePart[],
  turns: readonly number[],
  from: number,
  end: number,
  room: { width: number; depth: number },
): number | null {
  for (let at = end - 1; at >= from; at--) if (fits(body, routine, [...turns, at], end, room)) return at
  return null
}

function fits(
  body: Body,
  routine: readonly RoutinePart[],
  turns: readonly number[],
  end: number,
  room: { width: number; depth: number },
): boolean {
  return isInside(makePath(body, turnBack(routine.slice(0, end), turns), SAMPLES, 'verdicts'), turns, room)
}

function isInside(path: Path, turns: readonly number[], room: { width: number; depth: number }): boolean {
  // A way that there is not as it is either is no reason against turning elsewhere.
  if (turns.some((at) => path.transitions[at - 1]?.error)) return false
  return fitRoom(calcExtent(path), room).fits
}

/** Everything from each of the turns on faces the other way. */
export const turnBack = (routine: readonly RoutinePart[], turns: readonly number[]): RoutinePart[] =>
  routine.map((part, i) => {
    const times = turns.filter((at) => at <= i).length
    if (times === 0) return part
    // At the turn itself either foot may stay.
    const { anchor, ...free } = part
    return { ...(turns.includes(i) ? free : part), heading: part.heading + times * Math.PI }
  })
