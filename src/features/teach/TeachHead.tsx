import type { LessonDocument, PieceDocument } from '@/documents/lesson-document'
import { isOneFootAhead } from '@/documents/routines/exercises'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayUnder, type Words } from '@/words/language'
import { sayMinutes } from '@/words/lessons'
import { capital } from '@/words/lists'
import type { Now, Round } from './state/round'
import styles from './teach.module.css'

type TeachHeadProps = {
  name: string
  line: string
  minutes: number
  /** Seconds that are left of the piece; null before it begins. */
  leftS: number | null
  /** Minutes that are left of the lesson. */
  lessonLeft: number
  next: string | null
}
/** Names with more letters are set smaller: one line is read at a glance. */
const LONG_NAME = 17

/** What now, how long still, and what comes next. */
export function TeachHead({ name, line, minutes, leftS, lessonLeft, next }: TeachHeadProps) {
  const say = useSay('lesson.teach')
  const words = useWords()
  const left = say('left', { minutes: sayMinutes(lessonLeft, words) })
  return (
    <header>
      <div>
        <h1 data-long={name.length > LONG_NAME}>{capital(name)}</h1>
        <p className={styles.line}>{line}</p>
      </div>
      <div className={styles.time}>
        <output aria-label={left}>{leftS === null ? sayMinutes(minutes, words) : sayClock(leftS)}</output>
        <p>
          {say('of', { minutes: sayMinutes(minutes, words) })}
          {', '}
          {next ? say('next', { piece: next }) : say('last')}
        </p>
        <p>{left}</p>
      </div>
    </header>
  )
}

const sayClock = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`

const isAhead = ({ kind, exercise }: PieceDocument): boolean =>
  kind === 'exercise' && exercise !== undefined && isOneFootAhead(exercise)

/** The side from the class's side, which round, and how many words. */
export function sayLine(
  round: Round | null,
  here: Now | null,
  piece: PieceDocument,
  lesson: LessonDocument,
  words: Words,
): string {
  const say = sayUnder(words, 'lesson.teach')
  if (!round || !here) return ''
  const part = here.beat ? round.routine.parts[here.beat.part] : null
  const isSided = part?.side && part.posture !== 'parallel' && piece.kind !== 'exercise'
  return [
    isSided ? words.say(`lesson.sides.${part.side}`) : '',
    part?.side && isAhead(piece) ? say('ahead', { side: part.side }) : '',
    say('round', { round: here.round }),
    (lesson.fading ?? true) ? say('words', { n: here.round }) : '',
    piece.practised ? words.say(`lesson.practised.${piece.practised}`) : '',
  ]
    .filter(Boolean)
    .join(' · ')
}
