import { useState } from 'react'
import type { PainPlace } from '@/documents/pain-places'
import type { BenchPerson } from '@/keeping/bench'
import type { TodayPage } from '@/keeping/today-page'
import type { Mark } from '@/records/today'
import { findNext } from '@/teaching/today'
import { ask } from '@/ui/api/ask'

/** The roll of the group that comes, called in place; and with it what is next. */
export function useRoll({ members: first, called: wasCalled, coming, unwritten, today }: TodayPage) {
  const [members, setMembers] = useState(first)
  const [called, setCalled] = useState(wasCalled)
  const [failed, setFailed] = useState(false)
  const group = coming?.group.id ?? ''
  const put = async (asked: { marks: { person: string; mark: Mark; at?: PainPlace }[]; called?: string }) => {
    try {
      await ask('/api/roll-call', 'PUT', asked)
      const found = await ask<BenchPerson[]>(`/api/bench?group=${encodeURIComponent(group)}`, 'GET')
      setMembers((before) =>
        before.map((one) => ({ ...one, person: found.find(({ id }) => id === one.person.id) ?? one.person })),
      )
      // Of whom nobody said anything is not here by that: the roll is called by its own press.
      if (asked.called !== undefined) setCalled(true)
      setFailed(false)
    } catch {
      setFailed(true)
    }
  }
  const next = findNext(coming && { ...coming, group: coming.group.id }, today, {
    unwritten: unwritten !== null,
    called,
    taught: coming?.isWritten ?? false,
  })
  const on = next === 'write' ? unwritten : coming
  return {
    members,
    away: members.filter(({ person }) => person.mark === 'away'),
    isToday: coming?.day === today,
    called,
    call: () => put({ marks: [], called: group }),
    mark: (person: string, mark: Mark, at?: PainPlace) => put({ marks: [{ person, mark, at }] }),
    failed,
    next,
    at: on && { group: on.group.id, day: on.day },
  }
}

export type RollState = ReturnType<typeof useRoll>
