import type { Measured, RoutinePart, SaferWay, Stance, WalkFit } from '@/core'
import { fromStance } from '@/documents/from-core'
import type { ChangesDocument, PartDocument, RoutineDocument } from '@/documents/routine-document'
import type { StanceBody } from '@/documents/stance-document'
import { changePart, insertParts } from './edits'

const over = (part: PartDocument | undefined, changes: ChangesDocument): Partial<PartDocument> => ({
  with: { ...part?.with, ...changes },
})

const heightOf = (stance: Stance): ChangesDocument => ({ height: fromStance(stance).height })
const supportsOf = (stance: Stance): ChangesDocument => ({ supports: fromStance(stance).supports ?? [] })

/** A routine with a safer way to one of its parts: each change goes where a hand would have made it. */
export function takeSafer(routine: RoutineDocument, at: number, { changes, way }: SaferWay): RoutineDocument {
  let next = routine
  const [part, after] = way.parts as [RoutinePart, RoutinePart | undefined]
  const put = (place: number, change: Partial<PartDocument>) => {
    next = changePart(next, place, change)
  }
  const now = (place: number) => next.parts[place]
  if (part.anchor) put(at, { anchor: part.anchor })
  for (const change of changes) {
    switch (change.what) {
      case 'step':
        put(at, { choices: { ...now(at)?.choices, stepScale: part.choices.stepScale } })
        break
      case 'middle':
        put(at, { choices: { ...now(at)?.choices, middle: 'touch' } })
        break
      case 'emptied':
        put(at, { choices: { ...now(at)?.choices, heavyFoot: 'empty' } })
        break
      case 'seconds':
        put(at, { seconds: part.seconds })
        break
      case 'sink':
      case 'knees':
        put(at - 1, over(now(at - 1), heightOf(way.before.stance)))
        if (change.what === 'knees') put(at, over(now(at), heightOf(part.stance)))
        break
      case 'wider':
        put(at, over(now(at), { feet: heelsOf(fromStance(part.stance)) }))
        break
      case 'hand':
        put(at - 1, over(now(at - 1), supportsOf(way.before.stance)))
        put(at, over(now(at), supportsOf(part.stance)))
        break
      case 'inPlace': {
        const { holdS: _, ...before } = now(at - 1) as PartDocument
        const { seconds, breath, say } = now(at) as PartDocument
        const loadLeftPct = fromStance(part.stance).loadLeftPct ?? 50
        const changes = { ...before.with, loadLeftPct }
        next = {
          ...next,
          parts: next.parts.map((one, i) => (i === at ? { ...before, seconds, breath, say, with: changes } : one)),
        }
        break
      }
      case 'pieces':
        if (after) {
          const { holdS: _, ...half } = now(at) as PartDocument
          next = insertParts(next, at, [{ ...half, headingDeg: (part.heading * 180) / Math.PI }])
        }
        break
    }
  }
  return next
}

const heelsOf = ({ feet: { left, right } }: StanceBody): NonNullable<ChangesDocument['feet']> => ({
  left: { heel: left.heel },
  right: { heel: right.heel },
})

/** A routine as somebody walks it with the others: their step, their width, and a chair where their hand is on one. */
export function takeFit(routine: RoutineDocument, { scale, nearer, chairs, parts }: TakenFit): RoutineDocument {
  const measured = takeMeasure(routine, { measure: { scale, by: 0, nearer }, parts })
  const held = new Set(chairs.flatMap(({ part }) => [part - 1, part]))
  return {
    ...measured,
    parts: measured.parts.map((part, i) => {
      const stance = parts[i]?.stance
      return stance && held.has(i) ? { ...part, ...over(part, supportsOf(stance)) } : part
    }),
  }
}

type TakenFit = Pick<WalkFit, 'scale' | 'nearer' | 'chairs'> & { parts: RoutinePart[] }

/** A routine with one step length, one height and one width. */
export function takeMeasure(
  routine: RoutineDocument,
  { measure: { scale, by, nearer = 0 }, parts }: Pick<Measured, 'measure' | 'parts'>,
): RoutineDocument {
  return {
    ...routine,
    choices: { ...routine.choices, stepScale: (routine.choices?.stepScale ?? 1) * scale },
    parts: routine.parts.map((part, i) => {
      const stance = parts[i]?.stance
      const anchor = parts[i]?.anchor
      const kept = anchor ? { ...part, anchor } : part
      if (!stance || stance.seat) return kept
      const changes = { ...(by !== 0 && heightOf(stance)), ...(nearer > 0 && { feet: heelsOf(fromStance(stance)) }) }
      return Object.keys(changes).length > 0 ? { ...kept, ...over(part, changes) } : kept
    }),
  }
}
