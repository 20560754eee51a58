import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import {
  type Analysis,
  type Body,
  type Candidate,
  findOwnForm,
  listCandidates,
  type Measures,
  type OwnForm,
  readAsTaught,
  type SchoolId,
  type Side,
  type Stance,
  standLevel,
  type Taught,
  tryAnalyse,
} from '@/core'
import type { Posture } from '@/formats/posture-document'
import { toMeasures } from '@/formats/posture-document'
import { toStance } from '@/formats/to-core'
import type { ClassPlan } from '@/server/plans'
import type { LevelWords } from '@/words/levels'
import { sayLevels } from '@/words/levels'
import { type ClassFound, type FoundLevels, startClassFit } from '@/workers/fit'
import type { Member } from './member'

export type Choosing = {
  group: string
  posture: Posture
  school: SchoolId
  side: Side
  most: 1 | 2 | 3
  chairs: boolean
  absent: ReadonlySet<string>
}

/** Where somebody is: a lane, or beside the lanes with a form of their own. */
export type Place = number | 'aside'

/** Somebody where they are put: how they stand there, and whether that keeps all their limits. */
export type Placed = {
  member: Member
  place: Place
  pinned: boolean
  /** Had no place when the plan was kept: this one is proposed. */
  joined: boolean
  kind: OwnForm['kind'] | 'level'
  stance: Stance | null
  analysis: Analysis | null
  passes: boolean
}

export type Level = { candidate: Candidate; words: LevelWords; edited: boolean }

type Layout = {
  levels: readonly { candidate: Candidate; edited: boolean }[]
  places: ReadonlyMap<string, Place>
  pinned: ReadonlySet<string>
  own: ReadonlyMap<string, OwnForm>
  more: FoundLevels | null
  fewer: FoundLevels | null
  found: FoundLevels | null
  /** Whom the levels were found for, in that order. */
  ids: readonly string[]
}

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

function readFound(found: ClassFound, members: readonly Member[]): Layout {
  const places = new Map<string, Place>()
  const own = new Map<string, OwnForm>()
  members.forEach(({ id }, i) => {
    const place = found.found.of[i] as number
    places.set(id, place < 0 ? 'aside' : place)
    const form = found.own[i]
    if (form) own.set(id, form)
  })
  return {
    levels: found.found.levels.map((candidate) => ({ candidate, edited: false })),
    places,
    pinned: new Set(),
    own,
    found: found.found,
    more: found.more,
    fewer: found.fewer,
    ids: members.map(({ id }) => id),
  }
}

const matches = ({ plan, posture, group }: ClassPlan, choosing: Choosing): boolean =>
  group === choosing.group &&
  posture === choosing.posture.id &&
  plan.school === choosing.school &&
  plan.side === choosing.side &&
  choosing.absent.size === 0

function readPlan({ plan }: ClassPlan): Layout {
  return {
    levels: plan.levels.map(({ measures }) => ({
      edited: true,
      candidate: { measures: toMeasures(measures), distance: 0 },
    })),
    places: new Map(plan.people.map(({ id, level }) => [id, level ?? 'aside'])),
    pinned: new Set(plan.people.filter(({ pinned }) => pinned).map(({ id }) => id)),
    own: new Map(
      plan.people
        .filter(({ kind }) => kind !== 'level')
        .map(({ id, kind, stance }) => [
          id,
          { kind: kind as OwnForm['kind'], stance: stance && toStance(stance), variant: null },
        ]),
    ),
    more: null,
    fewer: null,
    found: null,
    ids: [],
  }
}

function placeMember(member: Member, layout: Layout, asTaught: Candidate, taught: Taught, chairs: boolean): Placed {
  const { body, id } = member
  const stand = (level: Candidate) => standLevel(body, level, asTaught, taught, chairs)
  const known = layout.places.get(id)
  const joined = known === undefined
  // Whoever joined since is proposed the first level that they pass.
  const fitting = joined ? layout.levels.findIndex(({ candidate }) => stand(candidate).passes) : -1
  const place = known ?? (fitting < 0 ? 'aside' : fitting)
  const shared = { member, joined, pinned: layout.pinned.has(id) }
  const level = place === 'aside' ? undefined : layout.levels[place]
  if (level) return { ...shared, place, kind: 'level', ...stand(level.candidate) }
  const form = layout.own.get(id) ?? (joined ? proposeOwnForm(body, asTaught.measures, taught) : undefined)
  const stance = form?.stance ?? null
  const analysis = stance && tryAnalyse(body, stance)
  const passes = analysis !== null && analysis.verdict !== 'beyond'
  return { ...shared, place: 'aside', kind: form?.kind ?? 'none', stance, analysis, passes }
}

const proposed = new WeakMap<Body, { taught: Taught; measures: Measures; form: OwnForm }>()

/** A form of their own for somebody who joined; looked for once for a body and a posture. */
function proposeOwnForm(body: Body, measures: Measures, taught: Taught): OwnForm {
  const before = proposed.get(body)
  if (before?.taught === taught && before.measures === measures) return before.form
  const form = findOwnForm(body, measures, taught)
  proposed.set(body, { taught, measures, form })
  return form
}
