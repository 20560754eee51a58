import Button from '@mui/material/Button'
import { useEffect, useMemo } from 'react'
import type { HouseWays } from '@/documents/choices-document'
import type { Hall } from '@/documents/house-settings'
import type { LessonDocument } from '@/documents/lesson-document'
import { type PracticeDocument, toPractice } from '@/documents/practice-rules'
import type { Pupil } from '@/keeping/lesson-page'
import type { Lesson } from '@/keeping/lessons'
import type { OwnPosture } from '@/keeping/library'
import type { OwnRoutine } from '@/keeping/routines'
import type { SetAside } from '@/keeping/set-aside'
import type { Group } from '@/records/groups'
import { pickMain } from '@/teaching/practice/main-piece'
import { countNeeds } from '@/teaching/practice/needs'
import { findUneven, listWarnings, proposeLesson } from '@/teaching/practice/propose-lesson'
import { knowTraits } from '@/teaching/practice/stages'
import { OvertakenSheet } from '@/ui/api/OvertakenSheet'
import { SetAsideNote } from '@/ui/api/SetAsideNote'
import { PageHead } from '@/ui/places/PageHead'
import { UndoSnack } from '@/ui/words/UndoSnack'
import { useUndoKeys } from '@/ui/words/use-undo-keys'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayRefusal } from '@/words/fields'
import { sayAgain, sayEarly, sayNeeds, sayPiece } from '@/words/lessons'
import { sayList } from '@/words/lists'
import { sayUnanswered } from '@/words/records'
import { makeStock, nameStock } from '@/workers/lesson'
import { goTo, LessonSentence } from './LessonSentence'
import styles from './lesson.module.css'
import { Load } from './load/Load'
import { ProposeSheet } from './ProposeSheet'
import { doublePiece, sumMinutes } from './state/edits'
import { editLesson, redo, undo, useLesson } from './state/store'
import { useLearning } from './state/use-learning'
import { useSavedLesson } from './state/use-lesson'
import { AddPiece } from './strip/AddPiece'
import { PieceSentence } from './strip/PieceSentence'
import { Strip } from './strip/Strip'
import { Term } from './term/Term'
import { UndoTools } from './UndoTools'
import { useProposal } from './use-proposal'
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
  hall: Hall
  practice: PracticeDocument
}
/** The lesson of a group and a day. */
export function FullLesson(props: FullLessonProps) {
  const say = useSay('lesson')
  const words = useWords()
  const { groups, group, day, today, pupils, own, routines: ownRoutines, ways, hall, practice } = props
  const saving = useSavedLesson(group.id, day, props.lessons)
  const { lesson, chosen } = useLesson()
  useUndoKeys(undo, redo)
  const stock = useMemo(() => makeStock(own, ownRoutines, ways, words), [own, ownRoutines, ways, words])
  const named = useMemo(() => nameStock(stock, words), [stock, words])
  const known = useMemo(
    () => ({ routineOf: (id: string) => stock.routines[id] ?? null, traitsOf: knowTraits(stock.postures) }),
    [stock],
  )
  const rules = useMemo(() => toPractice(practice), [practice])
  const here = useMemo(
    () => pupils.filter(({ person }) => day !== today || person.mark !== 'away'),
    [pupils, day, today],
  )
  const { learning, of, isStale, broken, otherWay, tryOut } = useLearning(here, group.id, lesson, stock, day, rules)
  const had = useMemo(
    () =>
      saving.lessons
        .filter((one) => one.group === group.id && one.day < day)
        .sort((a, b) => a.day.localeCompare(b.day))
        .map(({ document }) => document.pieces),
    [saving.lessons, group.id, day],
  )
  const warnings = useMemo(
    () => listWarnings(lesson.pieces, lesson.aim, { had, known }),
    [lesson.pieces, lesson.aim, had, known],
  )
  useEffect(() => {
    window.history.replaceState(null, '', `/lesson?group=${encodeURIComponent(group.id)}&day=${day}`)
  }, [group.id, day])
  const piece = lesson.pieces.find(({ id }) => id === chosen) ?? null
  const shown = piece ?? pickMain(lesson.pieces)
  const proposal = useProposal(
    () => proposeLesson({ minutes: lesson.minutes, aim: lesson.aim ?? 'even', had, known }),
    tryOut,
    day,
    `${group.id} ${day}`,
  )
  const routines = Object.keys(stock.routines).map((id) => ({ id, name: named.routineName(id) }))
  const sayName = (id: string) => {
    const found = lesson.pieces.find((one) => one.id === id)
    return found ? sayPiece(found, named, words) : ''
  }
  const away =
    day === today ? pupils.filter(({ person }) => person.mark === 'away').map(({ person }) => person.name) : []
  return (
    <main id="about" tabIndex={-1} className={styles.lesson}>
      <PageHead
        at="/lesson"
        tools={
          <>
            {lesson.pieces.length > 0 && (
              <Button onClick={proposal.propose} disabled={proposal.isFitting}>
                {say('tools.propose')}
              </Button>
            )}
            <Button href={`/paper?as=lesson&group=${encodeURIComponent(group.id)}&day=${day}`}>
              {words.say('paper.on')}
            </Button>
            <Button href={`/log?group=${encodeURIComponent(group.id)}&day=${day}`}>{say('tools.door')}</Button>
            <UndoTools />
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
      {proposal.isFitting && <p role="status">{say('proposal.fitting')}</p>}
      {proposal.failed && <p role="alert">{say('load.broken')}</p>}
      {proposal.taken && proposal.taken.past.length > 0 && (
        <p role="alert">
          {say('proposal.past', {
            names: sayList(
              proposal.taken.past.map(({ person }) => person.name),
              words,
            ),
          })}
        </p>
      )}
      {lesson.pieces.length === 0 ? (
        <section className={styles.empty} aria-label={say('tools.nothing')}>
          <p>{say('tools.empty')}</p>
          <Button variant="contained" size="large" onClick={proposal.propose} disabled={proposal.isFitting}>
            {say('tools.proposeHour')}
          </Button>
          <AddPiece routines={routines} postures={stock.postures} after={null} />
        </section>
      ) : (
        <div className={styles.along}>
          <Strip pieces={lesson.pieces} named={named} warned={new Set(warnings.early.map((one) => one.piece))} />
          <p className={styles.acts}>
            <Left lesson={lesson} />
            {!piece && <span className={styles.hint}>{say('piece.none')}</span>}
            <AddPiece routines={routines} postures={stock.postures} after={chosen} />
          </p>
          {piece && <PieceSentence lesson={lesson} piece={piece} named={named} routines={routines} />}
        </div>
      )}
      {lesson.pieces.length > 0 && (
        <div className={styles.sides}>
          {learning && shown ? (
            <WhoDoes
              learning={learning}
              pieces={of.pieces}
              piece={shown}
              name={sayPiece(shown, named, words)}
              group={group.id}
              away={away}
            />
          ) : (
            <span />
          )}
          <div className={styles.asks}>
            <Load
              learning={learning}
              lesson={of}
              isStale={isStale}
              broken={broken}
              otherWay={otherWay}
              named={named}
              more={rules.budgetMore}
            />
            <Warnings
              warnings={[
                ...here.flatMap(({ person }) => {
                  const open = sayUnanswered(person.unanswered, words)
                  return open ? [say('warn.unanswered', { name: person.name, open })] : []
                }),
                ...warnings.early.map((one) => sayEarly(one, sayName(one.piece), words)),
                ...(warnings.again.length > 0 ? [sayAgain(warnings.again, words)] : []),
              ]}
              uneven={findUneven(lesson.pieces)}
              sayName={sayName}
            />
          </div>
        </div>
      )}
      <footer className={styles.foot}>
        <p>
          {learning &&
            sayNeeds(
              countNeeds(
                learning.map(({ person: { person, grave }, worked }) => ({
                  worked,
                  helperBeside: person.helperBeside,
                  sitsOn: person.document.sitsOn,
                  support:
                    String(person.limits.find(({ what }) => what === 'support')?.entry.value ?? '') ||
                    (grave.length > 0 ? 'chair-back' : null),
                })),
              ),
              hall,
              words,
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
        known={known}
        fitHour={async (pieces) => (await proposal.fitHour(pieces)).pieces}
        onLessons={saving.setLessons}
        onOpen={(on) => goTo(group.id, on)}
      />
      <ProposeSheet
        now={lesson.pieces}
        proposed={proposal.asked?.pieces ?? null}
        named={named}
        onTake={() => proposal.asked && proposal.take(proposal.asked)}
        onLeave={proposal.leave}
      />
      <UndoSnack
        open={proposal.taken !== null && lesson.pieces === proposal.taken.pieces}
        message={say('proposal.taken')}
        action={say('proposal.undo')}
        onUndo={() => {
          undo()
          proposal.forget()
        }}
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

function Left({ lesson }: { lesson: LessonDocument }) {
  const say = useSay('lesson')
  const over = Math.round(sumMinutes(lesson) - lesson.minutes)
  if (over === 0 || lesson.pieces.length === 0) return null
  return <span>{say(over > 0 ? 'over' : 'under', { n: Math.abs(over) })}</span>
}

type WarningsProps = {
  warnings: readonly string[]
  uneven: ReturnType<typeof findUneven>
  sayName: (id: string) => string
}

function Warnings({ warnings, uneven, sayName }: WarningsProps) {
  const say = useSay('lesson')
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
  const say = useSay('lesson')
  const words = useWords()
  const { problem, isSaved } = saving
  if (problem)
    return (
      <p role="alert">
        {say('tools.unsaved', {
          why: problem.kind === 'refused' ? sayRefusal(problem.why, words) : say('tools.noServer'),
        })}
      </p>
    )
  return (
    <p role="status" className="for-ears">
      {say(isSaved ? 'tools.saved' : 'tools.saving')}
    </p>
  )
}
