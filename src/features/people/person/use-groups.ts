import { useState } from 'react'
import type { Group } from '@/records/groups'
import { ask } from '@/ui/api/ask'

/** The groups that there are; `take` gives those of some names and makes what is not there yet. */
export function useGroups(known: readonly Group[]) {
  const [made, setMade] = useState<readonly Group[]>([])
  const groups = [...known, ...made.filter(({ id }) => !known.some((one) => one.id === id))]
  const take = async (names: readonly string[]): Promise<Group[]> => {
    if (names.length === 0) return []
    const taken = await ask<Group[]>('/api/groups', 'POST', { names })
    setMade([...made, ...taken])
    return taken
  }
  return { groups, take }
}

export type TakeGroups = ReturnType<typeof useGroups>['take']
