'use client'

import Button from '@mui/material/Button'
import LinearProgress from '@mui/material/LinearProgress'
import { useMemo, useState } from 'react'
import { SCHOOL_IDS, type SchoolId, type Side } from '@/core'
import { dayOf } from '@/formats/day'
import { fromStance } from '@/formats/from-core'
import { PLAN_FORMAT, type PlanDocument } from '@/formats/plan-document'
import { fromMeasures, mergeLibrary } from '@/formats/posture-document'
import type { Group } from '@/server/groups'
import type { OwnPosture } from '@/server/library'
import type { ClassPlan } from '@/server/plans'
import type { SetAside } from '@/server/set-aside'
import { ask, OvertakenError, RefusedError } from '@/ui/api/ask'
import { OvertakenSheet } from '@/ui/api/OvertakenSheet'
import { SetAsideNote } from '@/ui/api/SetAsideNote'
import { PageHead } from '@/ui/places/PageHead'
import { useDayTurn } from '@/ui/places/use-day-turn'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { ENGLISH } from '@/words/language'
import { sayPostureName, saySchool } from '@/words/postures'
import styles from './class-fit.module.css'
import { Hall } from './Hall'
import { makeMembers } from './member'
import { PostureMatrix } from './PostureMatrix'
import { sayHall } from './say-hall'
import { TaughtStrip } from './TaughtStrip'
import { type Choosing, useClass } from './use-class'
import { EVERYBODY, type LoadedGroup, useGroup } from './use-group'

type ClassFitProps = {
  groups: readonly Group[]
  /** The group that the page opens with. */
  first: LoadedGroup
  own: readonly OwnPosture[]
  plans: readonly ClassPlan[]
  day: string
  /** Plans that cannot be read. */
  aside: readonly SetAside[]
}

const SEVERAL = '*'
const SIDES = [
  { value: 'left', name: 'left' },
  { value: 'right', name: 'right' },
] as const
const COUNTS = [
  { value: '1', name: 'one level' },
  { value: '2', name: 'two levels' },
  { value: '3', name: 'three levels' },
] as const
const CHAIRS = [
  { value: 'yes', name: 'with chairs' },
  { value: 'no', name: 'without chairs' },
] as const

/** One posture against everybody: who can do it as taught, and the fewest versions that fit all. */
export function ClassFit({ groups, first, own, plans: known, day, aside }: ClassFitProps) {
  const postures = useMemo(() => mergeLibrary(own), [own])
  const { group, people, isLoading, problem: unfetched, setGroup } = useGroup(first)
  const [postureId, setPostureId] = useState('brush-knee')
  const [school, setSchool] = useState<SchoolId>('long-upright')
  const [side, setSide] = useState<Side>('left')
  const [most, setMost] = useState<1 | 2 | 3>(3)
  const [chairs, setChairs] = useState(true)
  const [absent, setAbsent] = useState<ReadonlySet<string>>(new Set())
  const [plans, setPlans] = useState(known)
  const [problem, setProblem] = useState<string | null>(null)
  const [forgetPlan, setForgetPlan] = useState(false)
  const [theirs, setTheirs] = useState<ClassPlan | null | undefined>(undefined)
  useDayTurn(day)
  const several = postureId === SEVERAL
  const posture = postures.find(({ id }) => id === postureId) ?? (postures[0] as (typeof postures)[number])
  const all = useMemo(() => makeMembers(people), [people])
  const members = useMemo(() => all.filter(({ id }) => !absent.has(id)), [all, absent])
  const choosing: Choosing = useMemo(
    () => ({ group, posture, school, side, most, chairs, absent }),
    [group, posture, school, side, most, chairs, absent],
  )
  const kept = plans.find((plan) => plan.group === group && plan.posture === posture.id) ?? null
  const state = useClass(several ? NOBODY : members, choosing, forgetPlan ? null : kept)
  const { levels, placed, taughtBy, progress, stopped, stop, search, measures } = state
  const toggle = (id: string) => {
    const next = new Set(absent)
    if (!next.delete(id)) next.add(id)
    setAbsent(next)
  }
  const choosePosture = (id: string) => {
    setPostureId(id)
    setForgetPlan(false)
  }
  const putPlan = (plan: ClassPlan) =>
    setPlans([...plans.filter((one) => !(one.group === plan.group && one.posture === plan.posture)), plan])
  const keep = async (revision: number) => {
    const plan: PlanDocument = {
      format: PLAN_FORMAT,
      school,
      side,
      taught: fromMeasures(measures),
      levels: levels.map(({ candidate }) => ({ measures: fromMeasures(candidate.measures) })),
      people: placed.map(({ member, place, kind, stance, pinned }) => ({
        id: member.id,
        level: place === 'aside' ? null : place,
        kind,
        ...(pinned && { pinned }),
        stance: stance && fromStance(stance),
      })),
    }
    try {
      const saved = await ask<ClassPlan>('/api/plans', 'PUT', { group, posture: posture.id, plan, revision })
      putPlan(saved)
      setForgetPlan(false)
      setProblem(null)
    } catch (error) {
      if (error instanceof OvertakenError) return setTheirs(error.current as ClassPlan | null)
      setProblem(error instanceof RefusedError ? error.message : 'It could not be kept; nothing was lost, try again.')
    }
  }
  return (
    <main className={styles.class}>
      <PageHead
        at="/class"
        tools={
          <>
            {kept && state.isPlan && <span>kept {ENGLISH.day(dayOf(new Date(kept.updatedAt)))}</span>}
            {!several && (
              <Button
                onClick={() => {
                  setForgetPlan(true)
                  search()
                }}
              >
                Fit again
              </Button>
            )}
            {!several && group !== EVERYBODY && (
              <Button
                variant="contained"
                disabled={levels.length === 0 || progress !== null}
                onClick={() => keep(kept?.revision ?? 0)}
              >
                Keep for the class
              </Button>
            )}
          </>
        }
      >
        <h1>
          <ChoiceWord
            label="Group"
            value={group}
            choices={[...groups.map(({ id, name }) => ({ value: id, name })), { value: EVERYBODY, name: 'Everybody' }]}
            onChoose={(next) => {
              setGroup(next)
              setAbsent(new Set())
              setForgetPlan(false)
            }}
          />{' '}
          does{' '}
          <ChoiceWord
            label="Posture"
            value={several ? SEVERAL : posture.id}
            choices={[
              { value: SEVERAL, name: 'every posture, side by side' },
              ...postures.map((one) => ({ value: one.id, name: sayPostureName(one) })),
            ]}
            onChoose={choosePosture}
            then=","
          />{' '}
          {(posture.sided || several) && (
            <>
              <ChoiceWord label="Side" value={side} choices={SIDES} onChoose={setSide} then="," />{' '}
            </>
          )}
          <ChoiceWord
            label="School"
            value={school}
            choices={SCHOOL_IDS.map((value) => ({ value, name: saySchool(value) }))}
            onChoose={setSchool}
            then={several ? '.' : ','}
          />{' '}
          {!several && (
            <>
              in{' '}
              <ChoiceWord
                label="Levels"
                value={String(most) as '1' | '2' | '3'}
                choices={COUNTS}
                onChoose={(count) => {
                  setMost(Number(count) as 1 | 2 | 3)
                  setForgetPlan(true)
                }}
              />{' '}
              <ChoiceWord
                label="Chairs"
                value={chairs ? 'yes' : 'no'}
                choices={CHAIRS}
                onChoose={(choice) => {
                  setChairs(choice === 'yes')
                  setForgetPlan(true)
                }}
                then="."
              />
            </>
          )}
        </h1>
        <p className={styles.sum} aria-live="polite">
          {several
            ? `${members.length} people against ${postures.length} postures as taught.`
            : sayHall(placed, levels)}
        </p>
      </PageHead>
      {problem && <p role="alert">{problem}</p>}
      {unfetched && <p role="alert">{unfetched}</p>}
      <SetAsideNote aside={aside} />
      <OvertakenSheet
        open={theirs !== undefined}
        what="a plan for this group and posture"
        onTheirs={() => {
          if (theirs) putPlan(theirs)
          setForgetPlan(false)
          setTheirs(undefined)
        }}
        onMine={() => {
          setTheirs(undefined)
          keep(theirs?.revision ?? 0)
        }}
      />
      {isLoading && <p className={styles.quiet}>Fetching the group…</p>}
      {all.length === 0 && !isLoading && (
        <p className={styles.quiet}>
          Nobody is here yet. <a href="/people">People</a> are added and put into groups there.
        </p>
      )}
      {progress !== null && (
        <div className={styles.searching}>
          <LinearProgress variant="determinate" value={progress * 100} aria-label="Fitting the class" />
          <Button onClick={stop}>Cancel</Button>
        </div>
      )}
      {stopped && <p className={styles.quiet}>The search was stopped. “Fit again” starts it anew.</p>}
      {several ? (
        <PostureMatrix members={members} postures={postures} school={school} side={side} onOpen={choosePosture} />
      ) : (
        all.length > 0 && (
          <Hall state={state} posture={posture} measures={measures} stale={progress !== null}>
            <TaughtStrip all={all} taughtBy={taughtBy} absent={absent} onToggle={toggle} />
          </Hall>
        )
      )}
    </main>
  )
}

const NOBODY: never[] = []
