import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { type Candidate, listCandidates, type Measures, readAsTaught, type Taught } from '@/core'
import { type HouseWays, toChoices } from '@/documents/choices-document'
import type { ClassPlan } from '@/keeping/plans'
import { useWords } from '@/ui/words/use-words'
import { type LevelWords, sayLevels } from '@/words/levels'
import { startClassFit } from '@/workers/fit'
import { useWaysIn } from '@/workers/use-ways-in'
import { type DraftOf, dropDraft, keepDraft, readDraft } from './draft'
import {
  type Choosing,
  isAway,
  type Layout,
  type Level,
  matches,
  type Place,
  placeMember,
  readFound,
  readPlan,
} from './layout'
import type { Member } from './member'

const REST = 150

/**
 * A class against a posture: a kept plan, or the search for its levels; where everybody is put since, and the way back.
 * Who is away keeps their place; who comes is proposed one. Nothing is fitted anew but what is asked for.
 */
export function useClass(members: readonly Member[], choosing: Choosing, kept: ClassPlan | null, ways: HouseWays) {
  const { group, posture, school, side, most, chairs } = choosing
  const measures = posture.measures[school]
  const words = useWords()
  const taught: Taught = useMemo(() => ({ posture: posture.id, side, keeps: posture.keeps }), [posture, side])
  const asTaught = useMemo(() => listCandidates(measures, posture.keeps)[0] as Candidate, [measures, posture])
  /** Every layout since this was opened; the last is shown. */
  const [steps, setSteps] = useState<readonly Layout[]>([])
  /** The layout that the kept plan has. */
  const [asKept, setAsKept] = useState<Layout | null>(null)
  const [progress, setProgress] = useState<number | null>(null)
  const [stopped, setStopped] = useState(false)
  const cancel = useRef(() => {})
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined)
  const layout = steps.at(-1) ?? null
  const here = useMemo(() => members.filter((member) => !isAway(member)), [members])
  const latest = useRef(here)
  latest.current = here

  const stopSearch = useCallback(() => {
    clearTimeout(timer.current)
    cancel.current()
    setProgress(null)
  }, [])
  /** Looks for the levels of whoever is here. What is shown before stays the way back. */
  const search = useCallback(() => {
    stopSearch()
    setStopped(false)
    const people = latest.current
    if (people.length === 0) return
    setProgress(0)
    const bodies = people.map(({ body }) => body.person)
    const run = startClassFit(bodies, measures, taught, { levels: most, chairs }, setProgress)
    cancel.current = run.cancel
    run.found
      .then((found) => {
        setSteps((before) => [...before, readFound(found, people)])
        setProgress(null)
      })
      .catch(() => {
        setProgress(null)
        setStopped(true)
      })
  }, [stopSearch, measures, taught, most, chairs])

  const matching = kept && matches(kept, choosing) ? kept : null
  const draftOf = useRef<DraftOf>(null as never)
  draftOf.current = { choosing, measures, revision: matching?.revision ?? 0 }
  const open = useCallback(
    (plan: ClassPlan | null) => {
      stopSearch()
      setStopped(false)
      const fromPlan = plan && readPlan(plan)
      const draft = readDraft(draftOf.current)
      setSteps([fromPlan, draft].filter((one) => one !== null))
      setAsKept(fromPlan)
      return fromPlan !== null || draft !== null
    },
    [stopSearch],
  )
  // What is not kept for the class is kept in this tab.
  useEffect(() => {
    if (!layout) return
    if (layout === asKept) dropDraft(draftOf.current)
    else keepDraft(draftOf.current, layout)
  }, [layout, asKept])
  const isThere = members.length > 0
  const planned = useRef(matching)
  planned.current = matching
  // Another class, posture, school or side is another hall: its kept plan is opened, else its levels are looked for.
  // biome-ignore lint/correctness/useExhaustiveDependencies: one hall is opened once; what is kept for it meanwhile is here
  useEffect(() => {
    if (!open(planned.current) && isThere) timer.current = setTimeout(search, REST)
    return stopSearch
  }, [group, posture, school, side, isThere])
  // How many levels, and chairs: looked for anew, over what is shown.
  const choice = useRef(`${most} ${chairs}`)
  useEffect(() => {
    const now = `${most} ${chairs}`
    if (choice.current === now) return
    choice.current = now
    timer.current = setTimeout(search, REST)
  }, [most, chairs, search])

  const levels: Level[] = useMemo(() => {
    if (!layout) return []
    const said = sayLevels(
      layout.levels.map(({ candidate }) => candidate.measures),
      measures,
      words,
    )
    return layout.levels.map((level, i) => ({ ...level, words: said[i] as LevelWords }))
  }, [layout, measures, words])
  const put = useMemo(
    () =>
      layout
        ? members
            .filter((member) => !isAway(member) || layout.places.has(member.id))
            .map((member) => placeMember(member, layout, asTaught, taught, chairs))
        : [],
    [layout, members, asTaught, taught, chairs],
  )
  const isSearching = progress !== null
  const asks = useMemo(() => {
    const choices = toChoices(school, ways)
    return put.map(({ member, stance, passes }) =>
      stance && !stance.seat && passes && !isSearching ? { person: member.body.person, stance, choices } : null,
    )
  }, [put, school, ways, isSearching])
  const waysIn = useWaysIn(asks)
  const placed = useMemo(() => put.map((one, i) => ({ ...one, wayIn: waysIn[i] })), [put, waysIn])
  const taughtBy = useMemo(
    () => here.map((member) => ({ member, analysis: readAsTaught(member.body, measures, taught) })),
    [here, measures, taught],
  )

  const change = (make: (now: Layout) => Layout) =>
    setSteps((before) => {
      const now = before.at(-1)
      return now ? [...before, make(now)] : before
    })
  /** Puts somebody into a lane and keeps them there. */
  const move = (id: string, place: Place) =>
    change((now) => ({ ...now, places: new Map(now.places).set(id, place), pinned: new Set(now.pinned).add(id) }))
  /** Changes a level; everybody in it is looked at anew. */
  const edit = (at: number, make: (level: Measures) => Measures) =>
    change((now) => ({
      ...now,
      levels: now.levels.map((level, i) =>
        i === at
          ? { edited: true, candidate: { ...level.candidate, measures: make(level.candidate.measures) } }
          : level,
      ),
    }))
  return {
    measures,
    levels,
    placed,
    /** Who is here, where they are put. */
    standing: useMemo(() => placed.filter(({ away }) => !away), [placed]),
    taughtBy,
    progress,
    stopped,
    stop: () => {
      stopSearch()
      setStopped(true)
    },
    search,
    move,
    edit,
    layout,
    undo: () => setSteps((before) => (before.length > 1 ? before.slice(0, -1) : before)),
    canUndo: steps.length > 1,
    isPlan: layout !== null && layout === asKept,
    /** What is shown was kept just now: whoever was only proposed a place has it. */
    markKept: () => {
      if (!layout) return
      const places = new Map([...layout.places, ...placed.map(({ member, place }) => [member.id, place] as const)])
      const settled = { ...layout, places }
      setSteps((before) => [...before.slice(0, -1), settled])
      setAsKept(settled)
    },
    /** Opens what is kept now, or looks anew where nothing is. */
    reopen: (plan: ClassPlan | null) => {
      dropDraft(draftOf.current)
      if (!open(plan)) search()
    },
  }
}

/** A class as it is shown. */
export type Class = ReturnType<typeof useClass>
