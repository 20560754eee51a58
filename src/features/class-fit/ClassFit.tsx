'use client'

import Button from '@mui/material/Button'
import LinearProgress from '@mui/material/LinearProgress'
import { useMemo, useRef, useState } from 'react'
import type { SchoolId } from '@/core'
import type { HouseWays } from '@/documents/choices-document'
import { dayOf } from '@/documents/day'
import { mergeLibrary } from '@/documents/posture-document'
import type { OwnPosture } from '@/keeping/library'
import type { ClassPlan } from '@/keeping/plans'
import type { SetAside } from '@/keeping/set-aside'
import type { Group } from '@/records/groups'
import type { Mark } from '@/records/today'
import { ask } from '@/ui/api/ask'
import { OvertakenSheet } from '@/ui/api/OvertakenSheet'
import { SetAsideNote } from '@/ui/api/SetAsideNote'
import { useAttempt } from '@/ui/api/use-attempt'
import { PageHead } from '@/ui/places/PageHead'
import { useDayTurn } from '@/ui/places/use-day-turn'
import { UndoSnack } from '@/ui/words/UndoSnack'
import { useUndoKeys } from '@/ui/words/use-undo-keys'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayKept } from '@/words/class'
import { ClassSentence, SEVERAL } from './ClassSentence'
import styles from './class-fit.module.css'
import { FitAgain } from './FitAgain'
import { Hall } from './Hall'
import { type Choosing, writePlan } from './layout'
import { makeMembers } from './member'
import { PlansSheet } from './PlansSheet'
import { PostureMatrix } from './PostureMatrix'
import { RollCall } from './RollCall'
import { sayHall } from './say-hall'
import { TaughtStrip } from './TaughtStrip'
import { useClass } from './use-class'
import { EVERYBODY, type LoadedGroup, useGroup } from './use-group'
import { usePlans } from './use-plans'

type ClassFitProps = {
  groups: readonly Group[]
  /** The group, and the posture if one is asked for, that the page opens with. */
  first: LoadedGroup
  firstPosture: string | null
  /** The frame that the house begins with. */
  firstSchool: SchoolId
  own: readonly OwnPosture[]
  plans: readonly ClassPlan[]
  /** How the house steps, where it does otherwise than a school. */
  ways: HouseWays
  /** Chairs that the house has, where it counted them. */
  chairs: number | undefined
  day: string
  /** Plans that cannot be read. */
  aside: readonly SetAside[]
}

/** What is chosen besides the group. */
type Choice = Pick<Choosing, 'school' | 'side' | 'most' | 'chairs'> & { postureId: string }

const FIRST: Omit<Choice, 'school'> = { postureId: 'brush-knee', side: 'left', most: 3, chairs: true }
const NOBODY: never[] = []

/** One posture against everybody: who can do it as taught, and the fewest versions that fit all. */
export function ClassFit(props: ClassFitProps) {
  const t = useSay('screens.classFit')
  const words = useWords()

  const { groups, first, firstPosture, firstSchool, own, plans: known, ways, chairs, day: served, aside } = props
  const postures = useMemo(() => mergeLibrary(own), [own])
  const { group, people, isLoading, problem: unfetched, setGroup, reload } = useGroup(first)
  const [choice, setChoice] = useState<Choice>({
    ...FIRST,
    school: firstSchool,
    ...(firstPosture && { postureId: firstPosture }),
  })
  const [sheet, setSheet] = useState<'roll' | 'plans' | null>(null)
  const { problem: unmarked, attempt } = useAttempt()
  const day = useDayTurn(served)
  const { postureId, school, side } = choice
  const several = postureId === SEVERAL
  const posture = postures.find(({ id }) => id === postureId) ?? (postures[0] as (typeof postures)[number])
  const all = useMemo(() => makeMembers(people), [people])
  const choosing: Choosing = useMemo(() => ({ ...choice, group, posture }), [choice, group, posture])
  const markKept = useRef(() => {})
  const plans = usePlans(known, { group, posture: posture.id }, () => markKept.current())
  const kept = plans.open
  const state = useClass(several ? NOBODY : all, choosing, kept, ways)
  const { levels, standing, taughtBy, progress, stopped, stop, measures } = state
  markKept.current = state.markKept
  useUndoKeys(state.undo)
  const change = (part: Partial<Choice>) => setChoice({ ...choice, ...part })
  const choosePosture = (id: string) => change({ postureId: id })
  const mark = (marks: readonly { person: string; mark: Mark }[]) =>
    attempt(async () => {
      await ask('/api/roll-call', 'PUT', { marks })
      await reload()
    })
  const keep = () => plans.keep(writePlan(choosing, state, kept?.plan ?? null))
  const openPlan = (plan: ClassPlan) => {
    setSheet(null)
    setChoice({ ...choice, postureId: plan.posture, school: plan.plan.school, side: plan.plan.side })
    if (plan.group !== group) setGroup(plan.group)
    else if (plan.posture === posture.id) state.reopen(plan)
  }
  const undo = async () => {
    const undone = await plans.undo()
    if (undone?.at.group === group && undone.at.posture === posture.id) state.reopen(undone.before)
  }
  const isKept = kept !== null && state.isPlan
  return (
    <main id="about" tabIndex={-1} className={styles.class}>
      <PageHead
        at="/class"
        tools={
          <>
            {kept && (
              <span className={styles.keptOn}>
                {sayKept(kept.plan.name, dayOf(new Date(kept.updatedAt)), isKept, words)}
              </span>
            )}
            {all.length > 0 && <Button onClick={() => setSheet('roll')}>{t('rollCall')}</Button>}
            {group !== EVERYBODY && (
              <Button href={`/can?group=${encodeURIComponent(group)}`}>{words.say('repertoire.group.open')}</Button>
            )}
            {plans.plans.length > 0 && <Button onClick={() => setSheet('plans')}>{t('keptPlans')}</Button>}
            {!several && (
              <Button onClick={state.undo} disabled={!state.canUndo}>
                {t('undo')}
              </Button>
            )}
            {!several && <FitAgain state={state} />}
            {kept && (
              <Button
                href={`/paper?as=class&group=${encodeURIComponent(kept.group)}&posture=${encodeURIComponent(kept.posture)}`}
              >
                {words.say('paper.on')}
              </Button>
            )}
            {!several && group !== EVERYBODY && (
              <Button variant="contained" disabled={levels.length === 0 || progress !== null || isKept} onClick={keep}>
                {t('keepForClass')}
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
          onGroup={setGroup}
          onPosture={choosePosture}
          onTaught={change}
          onLevels={change}
        />
        <p className={styles.sum} aria-live="polite">
          {several
            ? t('peopleAgainstPostures', { people: all.length, postures: postures.length })
            : sayHall(standing, levels, chairs, words)}
        </p>
      </PageHead>
      {[plans.problem, unfetched, unmarked].map(
        (problem) =>
          problem && (
            <p key={problem} role="alert">
              {problem}
            </p>
          ),
      )}
      <SetAsideNote aside={aside} />
      <OvertakenSheet
        open={plans.theirs !== null}
        what={t('aPlanForGroup')}
        onTheirs={() => {
          if (plans.theirs) state.reopen(plans.theirs)
          plans.takeTheirs()
        }}
        onMine={plans.keepMine}
      />
      <UndoSnack open={plans.done !== null} message={plans.done?.message ?? ''} action={t('undo')} onUndo={undo} />
      <RollCall
        open={sheet === 'roll'}
        day={day}
        members={all}
        problem={unmarked}
        onMark={mark}
        onClose={() => setSheet(null)}
      />
      <PlansSheet
        open={sheet === 'plans'}
        onClose={() => setSheet(null)}
        plans={plans}
        groups={groups}
        postures={postures}
        onOpen={openPlan}
      />
      {isLoading && <p className={styles.quiet}>{t('fetchingGroup')}</p>}
      {all.length === 0 && !isLoading && (
        <p className={styles.quiet}>
          {t('nobodyHereYet')} <a href="/people">{t('people2')}</a> {t('areAddedPutInto')}
        </p>
      )}
      {progress !== null && (
        <div className={styles.searching}>
          <LinearProgress variant="determinate" value={progress * 100} aria-label={t('fittingClass')} />
          <Button onClick={stop}>{t('cancel')}</Button>
        </div>
      )}
      {stopped && <p className={styles.quiet}>{t('theSearchWasStopped')}</p>}
      {several ? (
        <PostureMatrix members={all} postures={postures} school={school} side={side} onOpen={choosePosture} />
      ) : (
        all.length > 0 && (
          <Hall state={state} posture={posture} measures={measures} stale={progress !== null}>
            <TaughtStrip all={all} taughtBy={taughtBy} onMark={(person, how) => mark([{ person, mark: how }])} />
          </Hall>
        )
      )}
    </main>
  )
}
