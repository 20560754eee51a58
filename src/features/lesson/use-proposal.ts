import { useEffect, useRef, useState } from 'react'
import { addDays } from '@/documents/days'
import type { PieceDocument } from '@/documents/lesson-document'
import { fitProposal, type Proposal } from '@/teaching/practice/fit-proposal'
import type { Learning } from '@/teaching/practice/lesson-loads'
import { editLesson, useLesson } from './state/store'
import type { Pupil } from './state/use-learning'

/** Who came within so many days is asked for; of a new class everybody is. */
const WEEKS_DAYS = 28

/** An hour that is proposed: fitted to whoever comes, asked about where there is one already, with the way back. */
export function useProposal(
  wish: () => PieceDocument[],
  tryOut: (pieces: PieceDocument[]) => Promise<Learning<Pupil>[]>,
  on: string,
  place: string,
) {
  const [isFitting, setFitting] = useState(false)
  const [asked, setAsked] = useState<Proposal<Pupil> | null>(null)
  const [taken, setTaken] = useState<Proposal<Pupil> | null>(null)
  const [failed, setFailed] = useState(false)
  const turn = useRef(0)
  // What was proposed for another hour is none of this one's.
  // biome-ignore lint/correctness/useExhaustiveDependencies: once for each place
  useEffect(() => {
    turn.current++
    setFitting(false)
    setAsked(null)
    setTaken(null)
  }, [place])
  const take = (proposal: Proposal<Pupil>) => {
    editLesson((now) => ({ ...now, pieces: proposal.pieces }))
    setAsked(null)
    setTaken(proposal)
  }
  const fitHour = (pieces: PieceDocument[]) => fitProposal(pieces, async (tried) => comesOf(await tryOut(tried), on))
  const propose = async () => {
    const mine = ++turn.current
    setFitting(true)
    setFailed(false)
    try {
      const proposal = await fitHour(wish())
      if (mine !== turn.current) return
      if (useLesson.getState().lesson.pieces.length > 0) setAsked(proposal)
      else take(proposal)
    } catch {
      if (mine === turn.current) setFailed(true)
    } finally {
      if (mine === turn.current) setFitting(false)
    }
  }
  return {
    propose,
    fitHour,
    isFitting,
    failed,
    asked,
    take,
    leave: () => setAsked(null),
    taken,
    forget: () => setTaken(null),
  }
}

function comesOf(learning: readonly Learning<Pupil>[], on: string): readonly Learning<Pupil>[] {
  const since = addDays(on, -WEEKS_DAYS)
  const came = learning.filter(({ person }) => person.done.some(({ day }) => day >= since && day <= on))
  return came.length > 0 ? came : learning
}
