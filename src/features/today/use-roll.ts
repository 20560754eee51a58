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
  const call = async (...marks: { person: string; mark: Mark; at?: PainPlace }[]) => {
    try {
      await ask('/api/roll-call', 'PUT', { marks, called: group })
      const found = await ask<BenchPerson[]>(`/api/bench?group=${encodeURIComponent(group)}`, 'GET')
      setMembers((before) =>
        before.map((one) => ({ ...one, person: found.find(({ id }) => id === one.person.id) ?? one.person })),
      )
      setCalled(true)
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
    call: () => call(),
    mark: (person: string, mark: Mark, at?: PainPlace) => call({ person, mark, at }),
    failed,
    next,
    at: on && { group: on.group.id, day: on.day },
  }
}

export type RollState = ReturnType<typeof useRoll>
