import { useState } from 'react'
import type { ClassPlan } from '@/server/plans'
import { ask, OvertakenError, RefusedError } from '@/ui/api/ask'
import { type Choosing, writePlan } from './layout'
import type { Class } from './use-class'

const isOf =
  ({ group, posture }: Choosing) =>
  (plan: ClassPlan) =>
    plan.group === group && plan.posture === posture.id

/** The plans that are kept for classes, and keeping one: never over somebody else's without being asked. */
export function usePlans(known: readonly ClassPlan[]) {
  const [plans, setPlans] = useState(known)
  const [problem, setProblem] = useState<string | null>(null)
  /** What somebody else kept meanwhile; null where they took the plan away, undefined where nobody did. */
  const [theirs, setTheirs] = useState<ClassPlan | null | undefined>(undefined)
  const put = (plan: ClassPlan) =>
    setPlans((all) => [...all.filter((one) => !(one.group === plan.group && one.posture === plan.posture)), plan])

  /** Keeps what a class does now; true once the server has it. */
  const keep = async (choosing: Choosing, shown: Class, revision: number): Promise<boolean> => {
    const { group, posture } = choosing
    try {
      const plan = writePlan(choosing, shown)
      put(await ask<ClassPlan>('/api/plans', 'PUT', { group, posture: posture.id, plan, revision }))
      setProblem(null)
      return true
    } catch (error) {
      if (error instanceof OvertakenError) setTheirs(error.current as ClassPlan | null)
      else
        setProblem(error instanceof RefusedError ? error.message : 'It could not be kept; nothing was lost, try again.')
      return false
    }
  }
  return {
    problem,
    theirs,
    find: (choosing: Choosing) => plans.find(isOf(choosing)) ?? null,
    keep,
    takeTheirs: () => {
      if (theirs) put(theirs)
      setTheirs(undefined)
    },
    keepMine: () => setTheirs(undefined),
  }
}
