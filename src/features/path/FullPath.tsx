import LinearProgress from '@mui/material/LinearProgress'
import { useEffect, useMemo, useState } from 'react'
import type { HouseWays } from '@/documents/choices-document'
import { mergeLibrary } from '@/documents/posture-document'
import type { BenchOfPerson, NamedPerson } from '@/keeping/bench'
import type { OwnPosture } from '@/keeping/library'
import type { OwnRoutine } from '@/keeping/routines'
import type { SetAside } from '@/keeping/set-aside'
import type { Group } from '@/records/groups'
import { OvertakenSheet } from '@/ui/api/OvertakenSheet'
import { SetAsideNote } from '@/ui/api/SetAsideNote'
import { PageHead } from '@/ui/places/PageHead'
import { useKeys } from '@/ui/words/use-keys'
import { useUndoKeys } from '@/ui/words/use-undo-keys'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayFieldError, sayRefusal } from '@/words/fields'
import { sayGivenParts } from '@/words/origin'
import { type FacingIn, sayFacing, sayPart } from '@/words/path'
import { goByPhase, togglePlaying } from './body/PlayTools'
import { usePlaying } from './body/use-playing'
import { ClassWalk } from './class/ClassWalk'
import { OrderPanel } from './order/OrderPanel'
import styles from './path.module.css'
import { RenameSheet } from './RenameSheet'
import { RoutineTools } from './RoutineTools'
import { GROUP, PathSentence } from './sentence/PathSentence'
import { setPlay, usePlay } from './state/play'
import { editRoutine, redo, undo } from './state/store'
import { useCalmRoutine } from './state/use-calm-routine'
import { useRoutines } from './state/use-routines'
import { useWalk } from './state/use-walk'
import { useWalker, type WalkingGroup } from './state/use-walker'
import { Walked } from './Walked'

export type FullPathProps = {
  people: readonly NamedPerson[]
  walker: BenchOfPerson
  own: readonly OwnPosture[]
  /** What the house does otherwise than its schools. */
  ways: HouseWays
  routines: readonly OwnRoutine[]
  /** Routines that cannot be read. */
  aside: readonly SetAside[]
  groups: readonly Group[]
  /** The routine that is asked for, and the group that walks it. */
  asked: string | null
  askedGroup: WalkingGroup | null
}
const ROOM = { widthM: 6, depthM: 8 }

/** The path with somebody who walks it. */
export function FullPath(props: FullPathProps) {
  const say = useSay('path.tools')
  const words = useWords()
  const { people, walker: first, own, ways, routines: known, aside, groups, asked, askedGroup } = props
  const library = useMemo(() => ({ postures: mergeLibrary(own), ways }), [own, ways])
  const { postures } = library
  const { walker, group, problem: unfetched, choosePerson, chooseGroup } = useWalker(first, askedGroup)
  const { person } = walker
  const routines = useRoutines(known, asked)
  const { saving } = routines
  const routine = useCalmRoutine()
  // What was open may be gone: taken out, or taken back.
  const open = usePlay((play) => (play.open !== null && play.open < routine.parts.length ? play.open : null))
  const [facingIn, setFacingIn] = useState<FacingIn>('hours')
  const [naming, setNaming] = useState(false)
  const [problem, setProblem] = useState<string | null>(null)
  const walk = useWalk(routine, person, library, group === null)
  const { isStale, body, given, parts: sized, error, broken } = walk
  const path = group ? null : walk.path
  useUndoKeys(undo, redo)
  usePlaying(path)
  useKeys({
    ' ': () => togglePlaying(path),
    ',': () => goByPhase(path, -1),
    '.': () => goByPhase(path, 1),
    m: () => setPlay({ mirrored: !usePlay.getState().mirrored }),
    l: () => setPlay({ loop: !usePlay.getState().loop }),
    escape: () => setPlay({ open: null }),
  })
  const fresh = isStale ? null : path
  // The address follows what is open: a reload shows it.
  useEffect(() => {
    if (routines.open)
      window.history.replaceState(
        null,
        '',
        `/path?${group ? `group=${encodeURIComponent(group.id)}` : `person=${encodeURIComponent(person.id)}`}&routine=${routines.open}`,
      )
  }, [person.id, group, routines.open])
  const names = useMemo(() => routine.parts.map((part) => sayPart(part, postures, words)), [routine, postures, words])
  const headings = useMemo(() => listHeadings(routine.parts), [routine])
  const room = { width: routine.room?.widthM ?? ROOM.widthM, depth: routine.room?.depthM ?? ROOM.depthM }
  const order = (
    <OrderPanel
      open={open}
      routine={routine}
      path={fresh}
      sized={sized}
      names={names}
      headings={headings}
      library={library}
      phrases={routines.known.filter(({ id }) => id !== routines.open)}
      walker={walker}
      room={room}
      facingIn={facingIn}
      onFacingIn={setFacingIn}
    />
  )
  return (
    <main id="about" tabIndex={-1} className={styles.path}>
      <PageHead
        at="/path"
        tools={
          <RoutineTools
            id={routines.open}
            person={person.id}
            reset={routines.isOwn ? (routines.isShipped ? 'original' : 'takeAway') : null}
            onReset={routines.reset}
            onNew={routines.add}
            onRename={() => setNaming(true)}
            onProblem={setProblem}
          />
        }
      >
        <PathSentence
          people={people}
          groups={groups}
          walker={group ? `${GROUP}${group.id}` : person.id}
          routines={routines.known}
          open={routines.open}
          routine={routine}
          onWalker={(id) => (id.startsWith(GROUP) ? chooseGroup(id.slice(GROUP.length)) : choosePerson(id))}
          onRoutine={(id) => {
            setPlay({ open: null, at: 0, playing: false })
            routines.choose(id)
          }}
        />
      </PageHead>
      <SetAsideNote aside={aside} />
      {problem && <p role="alert">{problem}</p>}
      {error && <p role="alert">{sayFieldError(error, words)}</p>}
      {broken && <p role="alert">{say('broken')}</p>}
      <SaveState saving={saving} />
      {isStale && <LinearProgress className={styles.working} aria-label={words.say('path.verdict.waiting')} />}
      {unfetched && <p role="alert">{say('unfetched')}</p>}
      {group && (
        <ClassWalk
          people={group.members}
          group={group.id}
          routine={routine}
          library={library}
          names={names}
          room={room}
          onOpen={async (id, at) => {
            await choosePerson(id)
            setPlay({ open: at > 0 ? at : null })
          }}
        />
      )}
      {!group && given.length > 0 && <p className={styles.given}>{sayGivenParts(given, words)}</p>}
      {(group || !(path && sized)) && order}
      {!group && path && sized && (
        <Walked
          path={path}
          isStale={isStale}
          body={body}
          person={person}
          library={library}
          routine={routine}
          parts={sized}
          open={open}
          names={names}
          room={room}
          facing={sayFacing(headings[0] ?? 0, facingIn, words)}
        >
          {order}
        </Walked>
      )}
      <RenameSheet
        open={naming}
        name={routines.known.find(({ id }) => id === routines.open)?.name ?? ''}
        onClose={() => setNaming(false)}
        onName={(name) => editRoutine((was) => ({ ...was, name }))}
      />
      <OvertakenSheet
        open={saving.theirs !== null}
        what={words.say('path.tools.what')}
        onTheirs={saving.takeTheirs}
        onMine={saving.keepMine}
      />
    </main>
  )
}

/** Where each part faces: as it says, or as the one before. */
function listHeadings(parts: readonly { headingDeg?: number | undefined }[]): number[] {
  let now = 0
  return parts.map(({ headingDeg }) => {
    now = headingDeg ?? now
    return now
  })
}

function SaveState({ saving }: { saving: ReturnType<typeof useRoutines>['saving'] }) {
  const say = useSay('path.tools')
  const words = useWords()
  const { problem, isSaved } = saving
  if (problem)
    return (
      <p role="alert">
        {say('unsaved', { why: problem.kind === 'refused' ? sayRefusal(problem.why, words) : say('noServer') })}
      </p>
    )
  return (
    <p role="status" className="for-ears">
      {say(isSaved ? 'saved' : 'saving')}
    </p>
  )
}
