import Button from '@mui/material/Button'
import { useEffect, useMemo } from 'react'
import type { HouseWays } from '@/formats/choices-document'
import { addDays } from '@/formats/days'
import type { Aim, LessonDocument, PieceDocument } from '@/formats/lesson-document'
import { mergeLibrary } from '@/formats/posture-document'
import { type PracticeDocument, toPractice } from '@/formats/practice-rules'
import { ROUTINE_IDS } from '@/formats/routines/routines'
import type { Group } from '@/records/groups'
import { countNeeds } from '@/records/practice/needs'
import { findUneven, listWarnings, proposeLesson } from '@/records/practice/propose-lesson'
import type { Pupil } from '@/server/lesson-page'
import type { Lesson } from '@/server/lessons'
import type { OwnPosture } from '@/server/library'
import type { OwnRoutine } from '@/server/routines'
import type { SetAside } from '@/server/set-aside'
import { OvertakenSheet } from '@/ui/api/OvertakenSheet'
import { SetAsideNote } from '@/ui/api/SetAsideNote'
import { PageHead } from '@/ui/places/PageHead'
import { ChoiceButton } from '@/ui/words/ChoiceButton'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { NumberWord } from '@/ui/words/NumberWord'
import { useUndoKeys } from '@/ui/words/use-undo-keys'
import { ENGLISH } from '@/words/language'
import { sayAgain, sayDay, sayEarly, sayExercise, sayNeeds, sayPiece } from '@/words/lessons'
import { sayPostureName } from '@/words/postures'
import { readShipped, sayRoutineName } from '@/words/routines'
import styles from './lesson.module.css'
import { Load } from './load/Load'
import { addAfter, doublePiece, sumMinutes } from './state/edits'
import { beginDrag, editLesson, endDrag, redo, undo, useLesson } from './state/store'
import { useLearning } from './state/use-learning'
import { useSavedLesson } from './state/use-lesson'
import { AIM_CHOICES, PieceSentence } from './strip/PieceSentence'
import { Strip } from './strip/Strip'
import { Term } from './term/Term'
import { WhoDoes } from './WhoDoes'

export type FullLessonProps = {
  groups: readonly Group[]
  group: Group
  day: string
  today: string
  pupils: readonly Pupil[]
  lessons: readonly Lesson[]
  aside: readonly SetAside[]
  own: readonly OwnPosture[]
  routines: readonly OwnRoutine[]
  ways: HouseWays
  practice: PracticeDocument
}

const say = (key: string, values?: Record<string, string | number>) => ENGLISH.say(`lesson.${key}`, values)
const DAYS_AHEAD = 28

const goTo = (group: string, day: string) =>
  window.location.assign(`/lesson?group=${encodeURIComponent(group)}&day=${day}`)

/** The lesson of a group and a day. */
export function FullLesson(props: FullLessonProps) {
  const { groups, group, day, today, pupils, own, routines: ownRoutines, ways, practice } = props
  const saving = useSavedLesson(group.id, day, props.lessons)
  const { lesson, chosen } = useLesson()
  useUndoKeys(undo, redo)
  const stock = useMemo(() => {
    const shipped = ROUTINE_IDS.map((id) => [id, readShipped(id)] as const)
    const made = ownRoutines.map(({ id, document }) => [id, document] as const)
    return { postures: mergeLibrary(own), routines: Object.fromEntries([...shipped, ...made]), ways }
  }, [own, ownRoutines, ways])
  const routineOf = (id: string) => stock.routines[id] ?? null
  const named = useMemo(
    () => ({
      postures: stock.postures,
      routineName: (id: string) => sayRoutineName(id, stock.routines[id] ?? null),
    }),
    [stock],
  )
  const rules = useMemo(() => toPractice(practice), [practice])
  const here = useMemo(
    () => pupils.filter(({ person }) => day !== today || person.mark !== 'away'),
    [pupils, day, today],
  )
  const { learning, of, isStale, broken, otherWay } = useLearning(here, group.name, lesson, stock, day, rules)
  const had = useMemo(
    () =>
      saving.lessons
        .filter((one) => one.group === group.id && one.day < day)
        .sort((a, b) => a.day.localeCompare(b.day))
        .map(({ document }) => document.pieces),
    [saving.lessons, group.id, day],
  )
  const warnings = useMemo(
    () => listWarnings(lesson.pieces, lesson.aim, { had, routineOf: (id) => stock.routines[id] ?? null }),
    [lesson.pieces, lesson.aim, had, stock],
  )
  useEffect(() => {
    window.history.replaceState(null, '', `/lesson?group=${encodeURIComponent(group.id)}&day=${day}`)
  }, [group.id, day])
  const piece = lesson.pieces.find(({ id }) => id === chosen) ?? null
  const shown = piece ?? pickMain(lesson.pieces)
  const propose = () =>
    editLesson((now) => ({
      ...now,
      pieces: proposeLesson({ minutes: now.minutes, aim: now.aim ?? 'even', had, routineOf }),
    }))
  const routines = Object.keys(stock.routines).map((id) => ({ id, name: named.routineName(id) }))
  const sayName = (id: string) => {
    const found = lesson.pieces.find((one) => one.id === id)
    return found ? sayPiece(found, named) : ''
  }
  const away =
    day === today ? pupils.filter(({ person }) => person.mark === 'away').map(({ person }) => person.name) : []
  return (
    <main className={styles.lesson}>
      <PageHead
        at="/lesson"
        tools={
          <>
            <Button onClick={propose}>{say('tools.propose')}</Button>
            <Button href={`/log?group=${encodeURIComponent(group.id)}&day=${day}`}>{say('tools.door')}</Button>
          </>
        }
      >
        <LessonSentence
          lesson={lesson}
          groups={groups}
          group={group}
          day={day}
          today={today}
          lessons={saving.lessons}
        />
      </PageHead>
      <SetAsideNote aside={props.aside} />
      <SaveState saving={saving} />
      {lesson.pieces.length === 0 ? (
        <p className={styles.acts}>
          {say('tools.empty')} <AddPiece routines={routines} postures={stock.postures} after={null} />
        </p>
      ) : (
        <div className={styles.along}>
          <Strip pieces={lesson.pieces} named={named} warned={new Set(warnings.early.map((one) => one.piece))} />
          <p className={styles.acts}>
            <Left lesson={lesson} />
            {!piece && <span className={styles.hint}>{say('piece.none')}</span>}
            <AddPiece routines={routines} postures={stock.postures} after={chosen} />
          </p>
          {piece && <PieceSentence lesson={lesson} piece={piece} named={named} routines={routines} />}
          <Load
            learning={learning}
            lesson={of}
            isStale={isStale}
            broken={broken}
            otherWay={otherWay}
            named={named}
            more={rules.budgetMore}
          />
        </div>
      )}
      <Warnings
        warnings={[
          ...warnings.early.map((one) => sayEarly(one, sayName(one.piece))),
          ...(warnings.again.length > 0 ? [sayAgain(warnings.again)] : []),
        ]}
        uneven={findUneven(lesson.pieces)}
        sayName={sayName}
      />
      {learning && shown && (
        <WhoDoes
          learning={learning}
          pieces={of.pieces}
          piece={shown}
          name={sayPiece(shown, named)}
          group={group.name}
          away={away}
        />
      )}
      <footer className={styles.foot}>
        <p>
          {learning &&
            sayNeeds(
              countNeeds(
                learning.map(({ person: { person }, worked }) => ({
                  worked,
                  helperBeside: person.helperBeside,
                  support: String(person.limits.find(({ what }) => what === 'support')?.entry.value ?? '') || null,
                })),
              ),
            )}
        </p>
        <Button
          variant="contained"
          className={styles.teach}
          disabled={lesson.pieces.length === 0}
          onClick={async () => {
            await saving.flush()
            window.location.assign(`/teach?group=${encodeURIComponent(group.id)}&day=${day}`)
          }}
        >
          {say('tools.teach')}
        </Button>
      </footer>
      <Term
        lessons={saving.lessons}
        group={group}
        day={day}
        today={today}
        lesson={lesson}
        named={named}
        routineOf={routineOf}
        onLessons={saving.setLessons}
        onOpen={(on) => goTo(group.id, on)}
      />
      <OvertakenSheet
        open={saving.theirs !== null}
        what={say('tools.what')}
        onTheirs={saving.takeTheirs}
        onMine={saving.keepMine}
      />
    </main>
  )
}

/** The piece that matters most, where none is chosen: the last that is done with legs and arms. */
const pickMain = (pieces: readonly PieceDocument[]): PieceDocument | null =>
  pieces.findLast(({ kind, limbs }) => (kind === 'posture' || kind === 'transition') && limbs !== 'arms') ??
  pieces.findLast(({ kind }) => kind !== 'rest' && kind !== 'talk') ??
  null

type LessonSentenceProps = Pick<FullLessonProps, 'groups' | 'group' | 'day' | 'today' | 'lessons'> & {
  lesson: LessonDocument
}

function LessonSentence({ lesson, groups, group, day, today, lessons }: LessonSentenceProps) {
  const planned = lessons.filter((one) => one.group === group.id).map((one) => one.day)
  const coming = Array.from({ length: DAYS_AHEAD }, (_, i) => addDays(today, i))
  const days = [...new Set([...planned, day, ...coming])].sort()
  const isKept = (on: string) => planned.includes(on)
  return (
    <h1>
      <ChoiceWord
        label={say('sentence.group')}
        value={group.id}
        choices={groups.map(({ id, name }) => ({ value: id, name }))}
        onChoose={(id) => goTo(id, day)}
      />{' '}
      {say('sentence.on')}{' '}
      <ChoiceWord
        label={say('sentence.day')}
        value={day}
        choices={days.map((on) => ({
          value: on,
          name: sayDay(on, ENGLISH, today.slice(0, 4)),
          ...(isKept(on) && { detail: say('tools.what') }),
        }))}
        onChoose={(on) => goTo(group.id, on)}
        then=","
      />{' '}
      <NumberWord
        label={say('sentence.minutes')}
        value={lesson.minutes}
        unit="minutes"
        step={5}
        min={10}
        max={180}
        onChange={(minutes) => editLesson((now) => ({ ...now, minutes }))}
        onDragStart={beginDrag}
        onDragEnd={endDrag}
      />
      {': '}
      <ChoiceWord
        label={say('sentence.aim')}
        value={lesson.aim ?? 'even'}
        choices={AIM_CHOICES}
        onChoose={(aim: Aim) => editLesson((now) => ({ ...now, aim }))}
        then="."
      />
    </h1>
  )
}

function Left({ lesson }: { lesson: LessonDocument }) {
  const over = Math.round(sumMinutes(lesson) - lesson.minutes)
  if (over === 0 || lesson.pieces.length === 0) return null
  return <span>{say(over > 0 ? 'over' : 'under', { n: Math.abs(over) })}</span>
}

type AddPieceProps = {
  routines: readonly { id: string; name: string }[]
  postures: ReturnType<typeof mergeLibrary>
  after: string | null
}

const EXERCISES = [
  'side-to-side',
  'back-to-front',
  'waist',
  'arms',
  'arm-circles',
  'heel-taps',
  'toe-taps',
  'one-foot',
  'rise',
]

/** Everything that a piece can be, found by typing. */
function AddPiece({ routines, postures, after }: AddPieceProps) {
  const choices = [
    { value: 'rest', name: say('add.rest') },
    { value: 'talk', name: say('add.talk') },
    ...EXERCISES.map((id) => ({ value: `exercise ${id}`, name: sayExercise(id), detail: say('kinds.exercise') })),
    ...routines.map(({ id, name }) => ({ value: `routine ${id}`, name, detail: say('kinds.routine') })),
    ...postures.map((posture) => ({
      value: `posture ${posture.id}`,
      name: sayPostureName(posture),
      detail: say('kinds.posture'),
    })),
  ]
  const add = (value: string) => {
    const [kind, of = ''] = value.split(' ') as [PieceDocument['kind'], string?]
    const piece: PieceDocument = {
      id: crypto.randomUUID(),
      kind,
      minutes: kind === 'rest' ? 2 : 5,
      ...(kind === 'exercise' && { exercise: of as PieceDocument['exercise'] }),
      ...(kind === 'posture' && { posture: of, side: 'both' as const }),
      ...(kind === 'routine' && { routine: of, paced: true }),
    }
    editLesson((now) => addAfter(now, after, piece))
  }
  return <ChoiceButton label={say('add.label')} choices={choices} onChoose={add} />
}

type WarningsProps = {
  warnings: readonly string[]
  uneven: ReturnType<typeof findUneven>
  sayName: (id: string) => string
}

function Warnings({ warnings, uneven, sayName }: WarningsProps) {
  if (warnings.length === 0 && !uneven) return null
  return (
    <ul className={styles.warnings}>
      {warnings.map((said) => (
        <li key={said}>{said}</li>
      ))}
      {uneven && (
        <li>
          {say('warn.uneven', { piece: sayName(uneven.piece.id), side: uneven.side })}{' '}
          <Button onClick={() => editLesson((now) => doublePiece(now, uneven.piece.id, crypto.randomUUID(), true))}>
            {say('warn.evenIt')}
          </Button>
        </li>
      )}
    </ul>
  )
}

function SaveState({ saving }: { saving: ReturnType<typeof useSavedLesson> }) {
  const { problem, isSaved } = saving
  if (problem)
    return (
      <p role="alert">
        {say('tools.unsaved', { why: problem.kind === 'refused' ? problem.reason : say('tools.noServer') })}
      </p>
    )
  return (
    <p role="status" className={styles.saved}>
      {say(isSaved ? 'tools.saved' : 'tools.saving')}
    </p>
  )
}
