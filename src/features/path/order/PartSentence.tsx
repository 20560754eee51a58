import { BREATHS, type Breath } from '@/core'
import type { Posture } from '@/documents/posture-document'
import type { PartDocument } from '@/documents/routine-document'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { NumberWord } from '@/ui/words/NumberWord'
import { TypedField } from '@/ui/words/TypedField'
import { useSay, useWords } from '@/ui/words/use-words'
import type { Words } from '@/words/language'
import { type FacingIn, sayFacing } from '@/words/path'
import { sayPostureName } from '@/words/postures'
import { changePart } from '../state/edits'
import { beginDrag, editRoutine, endDrag } from '../state/store'
import styles from './order.module.css'

const drag = { onDragStart: beginDrag, onDragEnd: endDrag }

const sidesIn = (words: Words) =>
  [
    { value: 'left', name: words.say('screens.path.left') },
    { value: 'right', name: words.say('screens.path.right') },
  ] as const
const ANCHORS = ['either', 'left', 'right'] as const
const IN: readonly FacingIn[] = ['hours', 'corners', 'degrees']
/** Half hours and half corners are degrees. */
const STEPS: Record<FacingIn, number> = { hours: 30, corners: 45, degrees: 15 }
const OWN = '*'

type PartSentenceProps = {
  at: number
  part: PartDocument
  /** Where it faces, whether it says so or goes on as before. */
  headingDeg: number
  seconds: number
  /** Where it stands in the room now, metres; null while that is not known. */
  stands: { xM: number; yM: number } | null
  postures: readonly Posture[]
  facingIn: FacingIn
  onFacingIn: (facingIn: FacingIn) => void
}

/** The part that is open, as a sentence. */
export function PartSentence(props: PartSentenceProps) {
  const say = useSay('path.order')
  const words = useWords()
  const { at, part, headingDeg, seconds, stands, postures, facingIn, onFacingIn } = props
  const change = (next: Partial<PartDocument>) => editRoutine((routine) => changePart(routine, at, next))
  const posture = postures.find(({ id }) => id === part.posture)
  const headings = listHeadings(headingDeg, facingIn)
  return (
    <>
      <p className={styles.sentence}>
        {say(at === 0 ? 'first' : 'then')}{' '}
        <ChoiceWord
          label={say('posture')}
          value={part.stance ? OWN : (part.posture ?? OWN)}
          choices={[
            ...(part.stance || !posture ? [{ value: OWN, name: words.say('path.part.own') }] : []),
            ...postures.map((one) => ({ value: one.id, name: sayPostureName(one, words) })),
          ]}
          onChoose={(id) => change({ posture: id, stance: undefined, with: undefined })}
          then=","
        />{' '}
        {(posture?.sided || part.stance) && (
          <>
            <ChoiceWord
              label={say('side')}
              value={part.side ?? 'left'}
              choices={sidesIn(words)}
              onChoose={(side) => change({ side })}
              then=","
            />{' '}
          </>
        )}
        {at > 0 && !part.stance?.seat && part.posture !== 'seated' && (
          <>
            <ChoiceWord
              label={say('anchor')}
              value={part.anchor ?? 'either'}
              choices={ANCHORS.map((value) => ({ value, name: say('anchors', { anchor: value }) }))}
              onChoose={(anchor) => change({ anchor: anchor === 'either' ? undefined : anchor })}
              then=","
            />{' '}
          </>
        )}
        <PlaceWords part={part} stands={stands} onChange={change} />
        {say('facingWord')}{' '}
        <ChoiceWord
          label={say('facing')}
          value={String(headingDeg)}
          choices={headings.map((degrees) => ({ value: String(degrees), name: sayFacing(degrees, facingIn, words) }))}
          onChoose={(next) => change({ headingDeg: Number(next) })}
        />{' '}
        (
        <ChoiceWord
          label={say('facingIn')}
          value={facingIn}
          choices={IN.map((value) => ({ value, name: say('facingIns', { in: value }) }))}
          onChoose={onFacingIn}
        />
        ), {say('in')}{' '}
        <NumberWord
          label={say('seconds')}
          value={seconds}
          unit="s"
          step={0.5}
          min={0.5}
          max={120}
          onChange={(next) => change({ seconds: next })}
          {...drag}
        />
        ,{' '}
        <ChoiceWord
          label={say('breath')}
          value={part.breath ?? 'free'}
          choices={BREATHS.map((value) => ({ value, name: words.say(`path.breath.${value}`) }))}
          onChoose={(breath: Breath) => change({ breath })}
          then=","
        />{' '}
        {say('held')}{' '}
        <NumberWord
          label={say('hold')}
          value={part.holdS ?? 0}
          unit="s"
          step={1}
          min={0}
          max={120}
          onChange={(holdS) => change({ holdS: holdS > 0 ? holdS : undefined })}
          {...drag}
        />
        .
      </p>
      <div className={styles.words}>
        <label>
          {say('say')}
          <TypedField value={part.say ?? ''} maxLength={500} onTyped={(text) => change({ say: text || undefined })} />
        </label>
        <label>
          {say('lookAt')}
          <TypedField
            value={part.lookAt ?? ''}
            maxLength={200}
            onTyped={(text) => change({ lookAt: text || undefined })}
          />
        </label>
      </div>
    </>
  )
}

type PlaceWordsProps = {
  part: PartDocument
  stands: { xM: number; yM: number } | null
  onChange: (next: Partial<PartDocument>) => void
}

/** Where the part stands: where the step leads, or at a place of the room that is typed. */
function PlaceWords({ part: { at }, stands, onChange }: PlaceWordsProps) {
  const say = useSay('path.order')
  const words = useWords()
  const figure = (key: 'xM' | 'yM', unit: string) =>
    at && (
      <NumberWord
        label={say(key === 'xM' ? 'placeRight' : 'placeAhead')}
        value={at[key]}
        unit={unit}
        step={0.05}
        min={-100}
        max={100}
        digits={2}
        onChange={(next) => onChange({ at: { ...at, [key]: next } })}
        {...drag}
      />
    )
  return (
    <>
      <ChoiceWord
        label={say('place')}
        value={at ? 'given' : 'comes'}
        choices={(['comes', 'given'] as const).map((value) => ({ value, name: say('places', { place: value }) }))}
        onChoose={(next) => onChange({ at: next === 'given' ? (stands ?? { xM: 0, yM: 0 }) : undefined })}
        then={at ? ':' : ','}
      />{' '}
      {at && (
        <>
          {figure('xM', words.say('path.place.right'))}, {figure('yM', words.say('path.place.ahead'))},{' '}
        </>
      )}
    </>
  )
}

/** Half a turn each way from where it faces, so that which way a turn goes can be chosen. */
function listHeadings(now: number, facingIn: FacingIn): number[] {
  const step = STEPS[facingIn]
  const round = Math.round(now / step) * step
  const around = Array.from({ length: Math.floor(360 / step) + 1 }, (_, i) => round - 180 + i * step)
  return [...new Set([...around, now])].sort((a, b) => a - b)
}
