import { useState } from 'react'
import type { PlanDocument } from '@/documents/plan-document'
import type { ClassPlan } from '@/keeping/plans'
import { ask, OvertakenError, sayUnsaved } from '@/ui/api/ask'
import { sayNotKept, useKeeping } from '@/ui/api/use-keeping'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayPlace } from '@/words/places'

/** Which plan: a class has one for a posture. */
export type PlanAt = Pick<ClassPlan, 'group' | 'posture'>

const isAt = (at: PlanAt) => (plan: PlanAt) => plan.group === at.group && plan.posture === at.posture

/** What was done to a plan last, with what was there before: the way back. */
type Done = { message: string; at: PlanAt; before: ClassPlan | null; after: ClassPlan | null }

const send = (at: PlanAt, plan: PlanDocument, revision: number) =>
  ask<ClassPlan>('/api/plans', 'PUT', { group: at.group, posture: at.posture, plan, revision })

/** The plans that are kept for classes: kept, reworded, taken away, each with the way back, never over somebody else's unasked. */
export function usePlans(known: readonly ClassPlan[], at: PlanAt, onKept: () => void) {
  const t = useSay('screens.classFit')
  const words = useWords()

  const [plans, setPlans] = useState(known)
  const [done, setDone] = useState<Done | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const find = (one: PlanAt) => plans.find(isAt(one)) ?? null
  const place = (one: PlanAt, plan: ClassPlan | null) =>
    setPlans((all) => [...all.filter((other) => !isAt(one)(other)), ...(plan ? [plan] : [])])
  const open = find(at)
  const keeping = useKeeping<PlanDocument, ClassPlan>({
    what: `plan ${at.group} ${at.posture}`,
    title: sayPlace('class', words),
    revision: open?.revision ?? 0,
    request: (plan) => ({ path: '/api/plans', body: { group: at.group, posture: at.posture, plan } }),
    onSaved: (kept) => {
      place(at, kept)
      onKept()
      setDone({ message: open ? t('keptInPlaceWhat') : 'Kept.', at, before: open, after: kept })
    },
    readTheirs: (theirs) => theirs.plan,
  })
  /** Whether it was done; else what was to be kept is as it was, and it is said why. */
  const attempt = async (work: () => Promise<void>): Promise<boolean> => {
    try {
      await work()
      setProblem(null)
      return true
    } catch (error) {
      const theirs = error instanceof OvertakenError ? (error.current as ClassPlan | null) : null
      if (theirs) place(theirs, theirs)
      setProblem(error instanceof OvertakenError ? t('somebodyElseChangedMeanwhile') : sayUnsaved(error, words))
      return false
    }
  }
  const settle = (one: PlanAt, plan: ClassPlan | null) => {
    place(one, plan)
    if (isAt(one)(at)) keeping.accept(plan?.revision ?? 0)
  }
  const remove = async (one: PlanAt) => {
    await ask('/api/plans', 'DELETE', { group: one.group, posture: one.posture })
    settle(one, null)
  }
  return {
    plans,
    open,
    problem: keeping.problem ? sayNotKept(keeping.problem, words) : problem,
    theirs: keeping.theirs,
    done,
    /** Keeps what a class does now. */
    keep: keeping.keep,
    takeTheirs: () => settle(at, keeping.theirs),
    keepMine: () => keeping.keepOver(keeping.theirs?.revision ?? 0),
    reword: (plan: ClassPlan, named: { name: string; note: string }) =>
      attempt(async () => {
        const kept = await send(plan, { ...plan.plan, ...named }, plan.revision)
        settle(plan, kept)
        setDone({ message: t('reworded'), at: plan, before: plan, after: kept })
      }),
    takeAway: (plan: ClassPlan) =>
      attempt(async () => {
        await remove(plan)
        setDone({ message: t('thePlanWasRemoved'), at: plan, before: plan, after: null })
      }),
    /** Undoes what was done last; gives what is kept then, for whoever shows it, or null where it could not be undone. */
    undo: async (): Promise<Done | null> => {
      if (!done) return null
      const { at: one, before, after } = done
      const isUndone = await attempt(async () => {
        if (before) settle(one, await send(one, before.plan, after?.revision ?? 0))
        else await remove(one)
        setDone(null)
      })
      return isUndone ? done : null
    },
  }
}
