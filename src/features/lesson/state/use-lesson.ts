import { useEffect, useRef, useState } from 'react'
import type { LessonDocument } from '@/documents/lesson-document'
import type { Lesson } from '@/keeping/lessons'
import { ask } from '@/ui/api/ask'
import { awaitSent } from '@/ui/api/leaving'
import { SAVED, Saver, type SaveState } from '@/ui/api/saver'
import { useLeaving } from '@/ui/api/use-leaving'
import { useWords } from '@/ui/words/use-words'
import { sayDay } from '@/words/lessons'
import { EMPTY, editLesson, openLesson, useLesson } from './store'

const REST_MS = 300

export const placeOf = (group: string, day: string): string => `${group} ${day}`

const findAt = (lessons: readonly Lesson[], place: string): Lesson | undefined =>
  lessons.find((one) => placeOf(one.group, one.day) === place)

/** The lesson of a group and a day, saved as it changes; nothing is kept for a day before something is changed. */
export function useSavedLesson(group: string, day: string, first: readonly Lesson[]) {
  const words = useWords()
  const [known, setKnown] = useState(first)
  const [state, setState] = useState<SaveState<Lesson>>(SAVED)
  const place = placeOf(group, day)
  // There before it is first seen: else an empty hour would stand there for a moment.
  useState(() => openLesson(place, findAt(first, place)?.document ?? EMPTY))
  const all = useRef(known)
  all.current = known
  const saver = useRef<Saver<LessonDocument, Lesson>>(null as never)
  const put = (saved: Lesson) =>
    setKnown((before) => [
      ...before.filter((one) => placeOf(one.group, one.day) !== placeOf(saved.group, saved.day)),
      saved,
    ])
  const open = (which: string, of: { group: string; day: string }) => {
    const there = findAt(all.current, which)
    const mine: Saver<LessonDocument, Lesson> = new Saver<LessonDocument, Lesson>(
      {
        what: `lesson ${which}`,
        title: `${document.title}, ${sayDay(of.day, words)}`,
        revision: there?.revision ?? 0,
        restMs: REST_MS,
        readTheirs: (theirs) => theirs.document,
        request: (document) => ({ path: '/api/lessons', body: { ...of, document } }),
        onSaved: put,
      },
      (now) => {
        if (saver.current === mine) setState(now)
      },
    )
    saver.current = mine
    setState(SAVED)
    openLesson(which, there?.document ?? EMPTY)
    // What no server took when this was left last waits on this machine.
    const waited = mine.resume(there?.document ?? null)
    if (waited) {
      editLesson(() => waited)
      mine.change(waited)
    }
    // What the page before sent while it was left may arrive only now.
    awaitSent(
      `lesson ${which}`,
      async () => findAt(await ask<Lesson[]>('/api/lessons', 'GET'), which) ?? null,
      (found) => found?.revision ?? 0,
    )
      .then((found) => {
        if (!found || saver.current !== mine || !mine.isUntouched) return
        mine.accept(found.revision)
        put(found)
        openLesson(which, found.document)
      })
      .catch(() => {})
  }
  // biome-ignore lint/correctness/useExhaustiveDependencies: opened once for each place
  useEffect(() => {
    saver.current?.flush()
    open(place, { group, day })
  }, [place])
  useLeaving(saver)
  useEffect(
    () =>
      useLesson.subscribe((now, before) => {
        if (now.opened === before.opened && now.lesson !== before.lesson) saver.current?.change(now.lesson)
      }),
    [],
  )
  const { theirs } = state
  return {
    ...state,
    lessons: known,
    setLessons: setKnown,
    flush: () => saver.current.flush(),
    keepMine: () => theirs && saver.current.settle(theirs.revision),
    takeTheirs: () => {
      if (!theirs) return
      saver.current.accept(theirs.revision)
      put(theirs)
      openLesson(place, theirs.document)
    },
  }
}
