import Button from '@mui/material/Button'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import { useCallback, useEffect, useMemo, useState } from 'react'
import { nowMs, stamp } from '@/clock'
import { resolveBody } from '@/core'
import type { HouseWays } from '@/documents/choices-document'
import type { LessonDocument, PieceDocument } from '@/documents/lesson-document'
import { HAPPENINGS, type Happening } from '@/documents/log-document'
import type { BenchPerson } from '@/keeping/bench'
import type { OwnPosture } from '@/keeping/library'
import type { OwnRoutine } from '@/keeping/routines'
import type { Group } from '@/records/groups'
import { holdLimitOf } from '@/records/hold-limit'
import type { Worked } from '@/teaching/lessons/work-piece'
import { type LogEntry, useOutbox } from '@/ui/api/use-outbox'
import { LightSwitch } from '@/ui/theme/LightSwitch'
import { useKeys } from '@/ui/words/use-keys'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayFading, sayPiece } from '@/words/lessons'
import { sayList } from '@/words/lists'
import { makeStock, nameStock } from '@/workers/lesson'
import { Breath } from './Breath'
import { FaultShown } from './FaultShown'
import { Lanes } from './Lanes'
import { Mirror } from './Mirror'
import { NearFall } from './NearFall'
import { begin, elapsedMs, goTo, keepClock, loopPart, markTaught, openClock, useClock, wait } from './state/clock'
import { entriesOf } from './state/entries'
import { listLanes } from './state/lanes'
import { listReleased, readRound } from './state/round'
import { useAwake } from './state/use-awake'
import { useRound } from './state/use-round'
import { useTaught } from './state/use-taught'
import { useWorked } from './state/use-worked'
import { sayLine, TeachHead } from './TeachHead'
import styles from './teach.module.css'
import { Waiting } from './Waiting'
import { Watch } from './Watch'

export type TeachProps = {
  group: Group
  day: string
  lesson: { revision: number; document: LessonDocument }
  people: readonly BenchPerson[]
  own: readonly OwnPosture[]
  routines: readonly OwnRoutine[]
  ways: HouseWays
  /** What the house does in an emergency. */
  emergency: string
}
const MEANINGS = HAPPENINGS.filter((what) => what !== 'near-fall')
/** The body that is shown: a middling one, for everybody to follow. */
const SHOWN = resolveBody({ stature: 1.66, mass: 66, sex: 'female', age: 60 })
/** Words with more letters are set smaller: one line is read at a glance. */
const LONG_WORDS = 34
const TICK_MS = 250
/** For so long it is said that the other foot comes ahead. */
const CHANGE_S = 20

type Touched = { id: string; person: BenchPerson; what: Happening }

/** The lesson as it is taught: one piece, one line of words, the breath, who does which; driven by a key or a tap. */
export function Teach({ group, day, lesson: kept, people: all, own, routines, ways, emergency }: TeachProps) {
  const say = useSay('lesson.teach')
  const words = useWords()
  const lesson = kept.document
  const people = useMemo(() => all.filter(({ mark }) => mark !== 'away'), [all])
  const stock = useMemo(() => makeStock(own, routines, ways, words), [own, routines, ways, words])
  const named = useMemo(() => nameStock(stock, words), [stock, words])
  const place = `${group.id} ${day}`
  const clock = useClock()
  const [now, setNow] = useState(nowMs())
  const [breathing, setBreathing] = useState(true)
  const [meaning, setMeaning] = useState<(typeof MEANINGS)[number]>('wobble')
  const [touched, setTouched] = useState<Touched | null>(null)
  const [fallen, setFallen] = useState<BenchPerson | null>(null)
  const outbox = useOutbox(() => {})
  useAwake()
  useEffect(() => {
    openClock(place, lesson.pieces.length)
    return keepClock(place)
  }, [place, lesson.pieces.length])
  useEffect(() => {
    const timer = setInterval(() => setNow(nowMs()), TICK_MS)
    return () => clearInterval(timer)
  }, [])
  const worked = useWorked(people, lesson, stock, group.id)

  const piece = lesson.pieces[clock.at] as PieceDocument
  const next = lesson.pieces[clock.at + 1]
  const name = sayPiece(piece, named, words)
  const elapsedS = elapsedMs(clock, now) / 1000
  const halfS = piece.minutes * 30
  const { round, path, changes } = useRound(piece, lesson, stock, SHOWN, elapsedS < halfS ? 0 : 1)
  const read = useCallback(
    () =>
      round && useClock.getState().lessonBeganAt !== null
        ? readRound(round, elapsedMs(useClock.getState(), nowMs()) / 1000, useClock.getState().loop)
        : null,
    [round],
  )
  const here = round && readRound(round, elapsedS, clock.loop)
  const beat = here?.beat ?? null
  const heldS = beat?.kind === 'hold' && here ? Math.floor(here.through * beat.seconds) : 0
  const limited = useMemo(() => people.map((person) => ({ person, holdMaxS: holdLimitOf(person.limits) })), [people])
  const released = beat?.kind === 'hold' ? listReleased(limited, heldS) : []
  const byId = useMemo(
    () =>
      new Map(people.flatMap(({ id }, i) => (worked?.[i]?.[clock.at] ? [[id, worked[i][clock.at] as Worked]] : []))),
    [people, worked, clock.at],
  )
  const lanes = useMemo(
    () => listLanes(people, byId, piece, lesson, stock.postures, group.id, words),
    [people, byId, piece, lesson, stock, group.id, words],
  )
  const began = clock.lessonBeganAt !== null

  /** What was done of the piece that ends is written down. */
  const leavePiece = () => {
    const { at } = useClock.getState()
    outbox.add(
      entriesOf(
        { group: group.id, day },
        lesson.pieces,
        at,
        sayPiece(lesson.pieces[at] as PieceDocument, named, words),
        markTaught(nowMs()),
        people.map(({ id }, i) => ({ id, worked: worked?.[i] })),
      ),
    )
  }
  const go = (by: 1 | -1) => {
    if (fallen) return
    if (!began) return begin(nowMs())
    if (by > 0 && !clock.over) leavePiece()
    goTo(clock.at + by, lesson.pieces.length, nowMs())
    setTouched(null)
  }
  useTaught(clock.over, group.id, day, kept)
  useKeys({
    ' ': () => go(1),
    pagedown: () => go(1),
    arrowright: () => go(1),
    pageup: () => go(-1),
    arrowleft: () => go(-1),
    b: () => setBreathing((on) => !on),
    p: () => began && wait(nowMs()),
    l: () => loopPart(clock.loop === null ? (beat?.part ?? null) : null),
  })

  const happen = (person: BenchPerson, what: Happening, instead?: string) => {
    const id = crypto.randomUUID()
    const entry: LogEntry = {
      person: person.id,
      group: group.id,
      day,
      piece: piece.id,
      title: name,
      happened: [{ id, at: stamp(), what }],
      ...(instead && { mistaken: [instead] }),
    }
    outbox.add([entry])
    setTouched({ id, person, what })
    setMeaning('wobble')
  }
  const takeBack = ({ id, person }: Touched) => {
    outbox.add([{ person: person.id, group: group.id, day, piece: piece.id, title: name, mistaken: [id] }])
    setTouched(null)
  }
  const door = `/log?group=${encodeURIComponent(group.id)}&day=${day}`
  if (clock.over)
    return (
      <main id="about" tabIndex={-1} className={styles.over}>
        <h1>{say('done')}</h1>
        <Waiting outbox={outbox} />
        <p>
          <Button variant="contained" href={door}>
            {say('door')}
          </Button>
          <Button onClick={() => goTo(clock.at, lesson.pieces.length, nowMs())}>{say('back')}</Button>
        </p>
      </main>
    )
  const leftS = Math.max(0, piece.minutes * 60 - elapsedS)
  const lessonLeft = Math.round(
    (leftS + lesson.pieces.slice(clock.at + 1).reduce((sum, { minutes }) => sum + minutes * 60, 0)) / 60,
  )
  const isChanging = changes && elapsedS >= halfS && elapsedS < halfS + CHANGE_S
  const said = isChanging ? say('change') : sayFading(piece, here?.round ?? 1, lesson.fading ?? true, words)
  return (
    <main
      id="about"
      tabIndex={-1}
      className={styles.teach}
      aria-label={say('label', { group: group.name })}
      onPointerUp={letGo}
    >
      <button
        type="button"
        className={styles.tap}
        onClick={() => go(1)}
        aria-label={began ? say('forward') : say('begin')}
      />
      <TeachHead
        name={name}
        line={sayLine(round, here, piece, lesson, words)}
        minutes={piece.minutes}
        leftS={began ? leftS : null}
        lessonLeft={lessonLeft}
        next={next ? sayPiece(next, named, words) : null}
      />
      <div className={styles.middle}>
        <p className={styles.words} data-long={said.length > LONG_WORDS} aria-live="polite">
          {said}
        </p>
        {round && breathing && began && (
          <Breath
            read={read}
            kind={beat?.kind ?? null}
            count={beat?.kind === 'hold' ? heldS : beat ? Math.floor((here?.through ?? 0) * beat.seconds) + 1 : 0}
          />
        )}
        {released.length > 0 && (
          <p className={styles.release} aria-live="polite">
            {released.length === people.length
              ? say('together')
              : say('release', {
                  name: sayList(
                    released.map(({ person }) => person.name.split(' ')[0] ?? person.name),
                    words,
                  ),
                })}
          </p>
        )}
        {!began && (
          <p className={styles.keys}>
            <Button variant="contained" onClick={() => begin(nowMs())}>
              {say('begin')}
            </Button>{' '}
            {say('keys')}
          </p>
        )}
      </div>
      {piece.kind === 'fault' && <FaultShown piece={piece} body={SHOWN} postures={stock.postures} />}
      {round && piece.kind !== 'fault' && <Mirror path={path} body={SHOWN} read={read} />}
      <Lanes
        lanes={lanes}
        released={new Set(released.map(({ person }) => person.id))}
        onTouch={(person) => happen(person, meaning)}
      />
      <Watch people={people} lookAt={piece.lookAt} />
      <footer>
        <ToggleButtonGroup
          exclusive
          value={meaning}
          onChange={(_, next) => next && setMeaning(next)}
          aria-label={say('names')}
        >
          {MEANINGS.map((what) => (
            <ToggleButton key={what} value={what}>
              {say(`happened.${what}`)}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        {touched && (
          <p className={styles.touched} role="status">
            {say('noted', { name: touched.person.name, what: say(`happened.${touched.what}`) })}{' '}
            {touched.what !== 'near-fall' && (
              <Button
                onClick={() => {
                  happen(touched.person, 'near-fall', touched.id)
                  setFallen(touched.person)
                }}
              >
                {say('happened.near-fall')}
              </Button>
            )}
            <Button onClick={() => takeBack(touched)}>{say('undo')}</Button>
          </p>
        )}
        <Waiting outbox={outbox} />
        <p className={styles.tools}>
          <Button onClick={() => go(-1)} disabled={clock.at === 0}>
            {say('back')}
          </Button>
          <Button onClick={() => wait(nowMs())} disabled={!began}>
            {say(clock.waitingSince === null ? 'pause' : 'go')}
          </Button>
          {round && (
            <Button
              aria-pressed={clock.loop !== null}
              onClick={() => loopPart(clock.loop === null ? (beat?.part ?? null) : null)}
            >
              {say('loop')}
            </Button>
          )}
          <Button aria-pressed={breathing} onClick={() => setBreathing(!breathing)}>
            {say('breath')}
          </Button>
          <LightSwitch className={styles.light} />
          <Button
            href={`/lesson?group=${encodeURIComponent(group.id)}&day=${day}`}
            onClick={() => began && leavePiece()}
          >
            {say('leave')}
          </Button>
        </p>
      </footer>
      {fallen && (
        <NearFall
          name={fallen.name}
          emergency={emergency}
          onClose={() => setFallen(null)}
          onMistaken={() => {
            if (touched) takeBack(touched)
            setFallen(null)
          }}
        />
      )}
    </main>
  )
}

/** What was touched does not hold the keys: a space is the next piece, whatever was touched before. */
const letGo = () => setTimeout(() => (document.activeElement as HTMLElement | null)?.blur())
