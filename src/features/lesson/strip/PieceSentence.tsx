import Button from '@mui/material/Button'
import {
  AIMS,
  FAULTS,
  type LessonDocument,
  LIMBS,
  PIECE_KINDS,
  type PieceDocument,
  PRACTISED,
} from '@/documents/lesson-document'
import { EXERCISE_IDS } from '@/documents/routines/exercises'
import { rangeOf } from '@/teaching/lessons/piece-routine'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { NumberWord } from '@/ui/words/NumberWord'
import { TypedField } from '@/ui/words/TypedField'
import { useSay, useWords } from '@/ui/words/use-words'
import type { Words } from '@/words/language'
import { type Named, sayExercise, sayPiece, sayWords } from '@/words/lessons'
import { sayPostureName } from '@/words/postures'
import styles from '../lesson.module.css'
import { doublePiece, movePiece, removePiece, setMinutes, tearPiece } from '../state/edits'
import { beginDrag, choosePiece, editLesson, editPiece, endDrag } from '../state/store'

type PieceSentenceProps = {
  lesson: LessonDocument
  piece: PieceDocument
  named: Named
  routines: readonly { id: string; name: string }[]
}
const drag = { onDragStart: beginDrag, onDragEnd: endDrag }
const USUAL_COUNTS = 8
/** What is written of a piece, and how long it may be. */
const TEXTS = [
  ['say', 500],
  ['few', 200],
  ['lookAt', 200],
  ['title', 120],
] as const

/** What a new kind of piece begins as. */
function begin(kind: PieceDocument['kind'], { posture, exercise, routine }: PieceDocument): Partial<PieceDocument> {
  const first = posture ?? 'bow'
  const of: Partial<Record<PieceDocument['kind'], Partial<PieceDocument>>> = {
    exercise: { exercise: exercise ?? 'side-to-side' },
    posture: { posture: first, side: 'both' },
    transition: { posture: first, to: 'empty-ball', side: 'both' },
    routine: { routine: routine ?? 'quay-four' },
    fault: { posture: first, fault: 'past-toes', side: 'left' },
  }
  return { kind, ...of[kind] }
}

/** An exercise is of legs or of arms already. */
const WHOLE_OR_SEATED = ['both', 'seated'] as const

/** The chosen piece, as a sentence whose words can be others. */
export function PieceSentence({ lesson, piece, named, routines }: PieceSentenceProps) {
  const t = useSay('screens.lesson')
  const say = useSay('lesson')
  const words = useWords()
  const { id, kind, minutes, side = 'both', limbs = 'both', practised, counts, holdS = 0, paced = false } = piece
  const set = (change: Partial<PieceDocument>) => editPiece(id, change)
  const at = lesson.pieces.indexOf(piece)
  const postures = named.postures.map((posture) => ({ value: posture.id, name: sayPostureName(posture, words) }))
  const moves = kind !== 'rest' && kind !== 'talk'
  const usual: Partial<Record<string, string>> = {
    say: sayWords({ ...piece, say: undefined }, words),
    title: sayPiece({ ...piece, title: undefined }, named, words),
  }
  const isHeld = kind === 'posture' || kind === 'transition' || kind === 'exercise'
  return (
    <section className={styles.piece} aria-label={say('piece.label')}>
      <p className={styles.sentence}>
        {say('piece.kind')}{' '}
        <ChoiceWord
          label={say('piece.kind')}
          value={kind}
          choices={PIECE_KINDS.map((value) => ({ value, name: say(`kinds.${value}`) }))}
          onChoose={(next) => set(begin(next, piece))}
        />
        {moves && ': '}
        {kind === 'exercise' && (
          <ChoiceWord
            label={say('piece.what')}
            value={piece.exercise as string}
            choices={EXERCISE_IDS.map((value) => ({ value: value as string, name: sayExercise(value, words) }))}
            onChoose={(exercise) => set({ exercise: exercise as (typeof EXERCISE_IDS)[number] })}
          />
        )}
        {(kind === 'posture' || kind === 'transition' || kind === 'fault') && (
          <ChoiceWord
            label={say('piece.what')}
            value={piece.posture as string}
            choices={postures}
            onChoose={(posture) => set({ posture })}
          />
        )}
        {kind === 'transition' && (
          <>
            {' '}
            {say('piece.to')}{' '}
            <ChoiceWord
              label={say('piece.to')}
              value={piece.to as string}
              choices={postures}
              onChoose={(to) => set({ to })}
            />
          </>
        )}
        {kind === 'routine' && (
          <ChoiceWord
            label={say('piece.routine')}
            value={piece.routine as string}
            choices={routines.map(({ id: value, name }) => ({ value, name }))}
            onChoose={(routine) => set({ routine })}
          />
        )}
        {kind === 'fault' && (
          <>
            {', '}
            <ChoiceWord
              label={say('piece.fault')}
              value={piece.fault ?? 'past-toes'}
              choices={FAULTS.map((value) => ({ value, name: say(`faults.${value}`) }))}
              onChoose={(fault) => set({ fault })}
            />
          </>
        )}
        {(kind === 'posture' || kind === 'transition') && (
          <>
            {', '}
            <ChoiceWord
              label={say('piece.side')}
              value={side}
              choices={(['both', 'left', 'right'] as const).map((value) => ({ value, name: say(`sides.${value}`) }))}
              onChoose={(next) => set({ side: next })}
            />
          </>
        )}
        {(kind === 'posture' || kind === 'routine' || kind === 'exercise') && (
          <>
            {', '}
            <ChoiceWord
              label={say('piece.limbs')}
              value={limbs}
              choices={(kind === 'exercise' ? WHOLE_OR_SEATED : LIMBS).map((value) => ({
                value,
                name: say(`limbs.${value}`),
              }))}
              onChoose={(next) => set({ limbs: next })}
            />
          </>
        )}
        {kind === 'exercise' && (
          <>
            {', '}
            {say('piece.growing')}{' '}
            <NumberWord
              label={say('piece.fromPct')}
              value={rangeOf(piece).fromPct}
              unit="%"
              step={5}
              min={5}
              max={rangeOf(piece).toPct}
              onChange={(fromPct) => set({ fromPct })}
              {...drag}
            />{' '}
            {say('piece.to')}{' '}
            <NumberWord
              label={say('piece.toPct')}
              value={rangeOf(piece).toPct}
              unit="%"
              step={5}
              min={rangeOf(piece).fromPct}
              max={100}
              onChange={(toPct) => set({ toPct })}
              {...drag}
            />
          </>
        )}
        {', '}
        {say('piece.for')}{' '}
        <NumberWord
          label={say('piece.minutes')}
          value={minutes}
          unit={t('min')}
          step={1}
          min={1}
          max={120}
          onChange={(next) => editLesson((now) => setMinutes(now, id, next))}
          {...drag}
        />
        {moves && (
          <>
            {', '}
            <ChoiceWord
              label={say('piece.practised')}
              value={practised ?? 'none'}
              choices={(['none', ...PRACTISED] as const).map((value) => ({ value, name: say(`practised.${value}`) }))}
              onChoose={(next) => set({ practised: next === 'none' ? undefined : next })}
            />
          </>
        )}
        {isHeld && (
          <>
            {', '}
            {say('piece.held')}{' '}
            <NumberWord
              label={say('piece.hold')}
              value={holdS}
              unit="s"
              step={1}
              min={0}
              max={120}
              onChange={(next) => set({ holdS: next })}
              {...drag}
            />
          </>
        )}
        {(kind === 'posture' || kind === 'routine' || kind === 'transition') && (
          <>
            {', '}
            {say('piece.softer')}{' '}
            <NumberWord
              label={say('piece.higher')}
              value={piece.higherDeg ?? 0}
              unit="°"
              step={5}
              min={0}
              max={40}
              onChange={(next) => set({ higherDeg: next })}
              {...drag}
            />
          </>
        )}
        {moves && (
          <>
            {'; '}
            <ChoiceWord
              label={say('piece.counts')}
              value={counts === undefined ? 'time' : 'counts'}
              choices={[
                { value: 'time', name: say('piece.asMany') },
                { value: 'counts', name: say('piece.counted') },
              ]}
              onChoose={(next) => set({ counts: next === 'time' ? undefined : USUAL_COUNTS })}
            />
            {counts !== undefined && (
              <>
                {': '}
                <NumberWord
                  label={say('piece.counts')}
                  value={counts}
                  unit="×"
                  step={1}
                  min={1}
                  max={200}
                  onChange={(next) => set({ counts: Math.round(next) })}
                  {...drag}
                />
              </>
            )}
            {'; '}
            <ChoiceWord
              label={say('piece.breath')}
              value={paced ? 'paced' : 'free'}
              choices={(['free', 'paced'] as const).map((value) => ({ value, name: say(`piece.${value}`) }))}
              onChoose={(next) => set({ paced: next === 'paced' })}
              then="."
            />
          </>
        )}
      </p>
      <div className={styles.says}>
        {TEXTS.map(([key, maxLength]) => (
          <label key={key}>
            {say(`piece.${key}`)}
            <TypedField
              key={`${id} ${key}`}
              value={piece[key] ?? ''}
              maxLength={maxLength}
              placeholder={usual[key] ?? ''}
              onTyped={(text) => set({ [key]: text || undefined })}
            />
          </label>
        ))}
      </div>
      <p className={styles.acts}>
        <Button disabled={at <= 0} onClick={() => editLesson((now) => movePiece(now, id, at - 1))}>
          {say('piece.earlier')}
        </Button>
        <Button
          disabled={at === lesson.pieces.length - 1}
          onClick={() => editLesson((now) => movePiece(now, id, at + 1))}
        >
          {say('piece.later')}
        </Button>
        <Button onClick={() => editLesson((now) => doublePiece(now, id, crypto.randomUUID(), false))}>
          {say('piece.double')}
        </Button>
        {side !== 'both' && moves && (
          <Button onClick={() => editLesson((now) => doublePiece(now, id, crypto.randomUUID(), true))}>
            {say('piece.mirror')}
          </Button>
        )}
        <Button disabled={minutes < 2} onClick={() => editLesson((now) => tearPiece(now, id, crypto.randomUUID()))}>
          {say('piece.tear')}
        </Button>
        <Button
          onClick={() => {
            choosePiece(null)
            editLesson((now) => removePiece(now, id))
          }}
        >
          {say('piece.out')}
        </Button>
      </p>
    </section>
  )
}

export const listAims = (words: Words) => AIMS.map((value) => ({ value, name: words.say(`lesson.aims.${value}`) }))
