'use client'

import Button from '@mui/material/Button'
import LinearProgress from '@mui/material/LinearProgress'
import { useMemo, useState } from 'react'
import { dayOf } from '@/formats/day'
import { mergeLibrary } from '@/formats/posture-document'
import type { Group } from '@/records/groups'
import type { OwnPosture } from '@/server/library'
import type { ClassPlan } from '@/server/plans'
import type { SetAside } from '@/server/set-aside'
import { OvertakenSheet } from '@/ui/api/OvertakenSheet'
import { SetAsideNote } from '@/ui/api/SetAsideNote'
import { PageHead } from '@/ui/places/PageHead'
import { useDayTurn } from '@/ui/places/use-day-turn'
import { ENGLISH } from '@/words/language'
import { ClassSentence, SEVERAL } from './ClassSentence'
import styles from './class-fit.module.css'
import { Hall } from './Hall'
import type { Choosing } from './layout'
import { makeMembers } from './member'
import { PostureMatrix } from './PostureMatrix'
import { sayHall } from './say-hall'
import { TaughtStrip } from './TaughtStrip'
import { useClass } from './use-class'
import { EVERYBODY, type LoadedGroup, useGroup } from './use-group'
import { usePlans } from './use-plans'

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

/** What is chosen besides the group. */
type Choice = Pick<Choosing, 'school' | 'side' | 'most' | 'chairs'> & { postureId: string }

const FIRST: Choice = { postureId: 'brush-knee', school: 'long-upright', side: 'left', most: 3, chairs: true }
const NOBODY: never[] = []

/** One posture against everybody: who can do it as taught, and the fewest versions that fit all. */
export function ClassFit({ groups, first, own, plans: known, day, aside }: ClassFitProps) {
  const postures = useMemo(() => mergeLibrary(own), [own])
  const { group, people, isLoading, problem: unfetched, setGroup } = useGroup(first)
  const [choice, setChoice] = useState(FIRST)
  const [absent, setAbsent] = useState<ReadonlySet<string>>(new Set())
  const [forgetPlan, setForgetPlan] = useState(false)
  const plans = usePlans(known)
  useDayTurn(day)
  const { postureId, school, side } = choice
  const several = postureId === SEVERAL
  const posture = postures.find(({ id }) => id === postureId) ?? (postures[0] as (typeof postures)[number])
  const all = useMemo(() => makeMembers(people), [people])
  const members = useMemo(() => all.filter(({ id }) => !absent.has(id)), [all, absent])
  const choosing: Choosing = useMemo(() => ({ ...choice, group, posture, absent }), [choice, group, posture, absent])
  const kept = plans.find(choosing)
  const state = useClass(several ? NOBODY : members, choosing, forgetPlan ? null : kept)
  const { levels, placed, taughtBy, progress, stopped, stop, search, measures } = state
  const change = (part: Partial<Choice>, forget = forgetPlan) => {
    setChoice({ ...choice, ...part })
    setForgetPlan(forget)
  }
  const choosePosture = (id: string) => change({ postureId: id }, false)
  const toggle = (id: string) => {
    const next = new Set(absent)
    if (!next.delete(id)) next.add(id)
    setAbsent(next)
  }
  const keep = async (revision: number) => {
    if (await plans.keep(choosing, state, revision)) setForgetPlan(false)
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
        <ClassSentence
          groups={groups}
          postures={postures}
          choosing={choosing}
          several={several}
          onGroup={(next) => {
            setGroup(next)
            setAbsent(new Set())
            setForgetPlan(false)
          }}
          onPosture={choosePosture}
          onTaught={change}
          onLevels={(part) => change(part, true)}
        />
        <p className={styles.sum} aria-live="polite">
          {several
            ? `${members.length} people against ${postures.length} postures as taught.`
            : sayHall(placed, levels)}
        </p>
      </PageHead>
      {plans.problem && <p role="alert">{plans.problem}</p>}
      {unfetched && <p role="alert">{unfetched}</p>}
      <SetAsideNote aside={aside} />
      <OvertakenSheet
        open={plans.theirs !== undefined}
        what="a plan for this group and posture"
        onTheirs={() => {
          plans.takeTheirs()
          setForgetPlan(false)
        }}
        onMine={() => {
          plans.keepMine()
          keep(plans.theirs?.revision ?? 0)
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
