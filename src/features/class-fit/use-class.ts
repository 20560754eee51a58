import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { type Candidate, listCandidates, type Measures, readAsTaught, type Taught } from '@/core'
import type { ClassPlan } from '@/server/plans'
import { type LevelWords, sayLevels } from '@/words/levels'
import { startClassFit } from '@/workers/fit'
import { type Choosing, type Layout, type Level, matches, type Place, placeMember, readFound, readPlan } from './layout'
import type { Member } from './member'

const REST = 150

/** A class against a posture: the search for its levels, and where everybody is put since. */
export function useClass(members: readonly Member[], choosing: Choosing, kept: ClassPlan | null) {
  const { posture, school, side, most, chairs } = choosing
  const measures = posture.measures[school]
  const taught: Taught = useMemo(() => ({ posture: posture.id, side, keeps: posture.keeps }), [posture, side])
  const asTaught = useMemo(() => listCandidates(measures, posture.keeps)[0] as Candidate, [measures, posture])
  const [layout, setLayout] = useState<Layout | null>(null)
  const [progress, setProgress] = useState<number | null>(null)
  const [stopped, setStopped] = useState(false)
  const cancel = useRef(() => {})
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined)
  const fromPlan = useMemo(() => (kept && matches(kept, choosing) ? readPlan(kept) : null), [kept, choosing])

  const search = useCallback(() => {
    cancel.current()
    setStopped(false)
    setProgress(0)
    const people = members.map(({ body }) => body.person)
    const run = startClassFit(people, measures, taught, { levels: most, chairs }, setProgress)
    cancel.current = run.cancel
    run.found
      .then((found) => {
        setLayout(readFound(found, members))
        setProgress(null)
      })
      .catch(() => {
        setProgress(null)
        setStopped(true)
      })
  }, [members, measures, taught, most, chairs])

  useEffect(() => {
    if (fromPlan) {
      cancel.current()
      setProgress(null)
      setLayout(fromPlan)
      return
    }
    if (members.length === 0) {
      cancel.current()
      setProgress(null)
      setLayout(null)
      return
    }
    timer.current = setTimeout(search, REST)
    return () => {
      clearTimeout(timer.current)
      cancel.current()
    }
  }, [search, fromPlan, members.length])

  const stop = () => {
    clearTimeout(timer.current)
    cancel.current()
    setProgress(null)
    setStopped(true)
  }

  const levels: Level[] = useMemo(() => {
    if (!layout) return []
    const words = sayLevels(
      layout.levels.map(({ candidate }) => candidate.measures),
      measures,
    )
    return layout.levels.map((level, i) => ({ ...level, words: words[i] as LevelWords }))
  }, [layout, measures])
  const placed = useMemo(
    () => (layout ? members.map((member) => placeMember(member, layout, asTaught, taught, chairs)) : []),
    [layout, members, asTaught, taught, chairs],
  )
  const taughtBy = useMemo(
    () => members.map((member) => ({ member, analysis: readAsTaught(member.body, measures, taught) })),
    [members, measures, taught],
  )

  /** Puts somebody into a lane and keeps them there. */
  const move = (id: string, place: Place) =>
    setLayout(
      (now) => now && { ...now, places: new Map(now.places).set(id, place), pinned: new Set(now.pinned).add(id) },
    )
  /** Changes a level; everybody in it is looked at anew. */
  const edit = (at: number, change: (level: Measures) => Measures) =>
    setLayout((now) => {
      if (!now) return now
      const levels = now.levels.map((level, i) =>
        i === at
          ? { edited: true, candidate: { ...level.candidate, measures: change(level.candidate.measures) } }
          : level,
      )
      return { ...now, levels }
    })
  return {
    measures,
    levels,
    placed,
    taughtBy,
    progress,
    stopped,
    stop,
    search,
    move,
    edit,
    layout,
    isPlan: layout === fromPlan && fromPlan !== null,
  }
}

/** A class as it is shown. */
export type Class = ReturnType<typeof useClass>
