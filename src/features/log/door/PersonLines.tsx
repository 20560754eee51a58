import Remove from '@mui/icons-material/Remove'
import ButtonBase from '@mui/material/ButtonBase'
import { memo } from 'react'
import { DONE_AS, type DoneAs, type LogBody } from '@/documents/log-document'
import { PAIN_PLACES, type PainPlace } from '@/documents/pain-places'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { NumberWord } from '@/ui/words/NumberWord'
import { TypedField } from '@/ui/words/TypedField'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayCorrected } from '@/words/log'
import styles from './door.module.css'
import { Scale } from './Scale'
import type { Attendee, Shown } from './use-day'

type PersonLinesProps = {
  attendee: Attendee
  /** Says something of their whole lesson. */
  onSay: (attendee: Attendee, said: Partial<LogBody>) => void
}
const UNSAID = 'unsaid'
const HALF_STEP = 50
/** Of a class's plan, as people count them. */
const LEVELS = [1, 2, 3] as const
/** Places that a body has twice. */
const SIDED: readonly PainPlace[] = ['knee', 'hip', 'shoulder', 'ankle', 'foot']

/** What they did, as one choice: a level by its number, where that is known. */
const doneOf = ({ as, level }: Shown): string =>
  as === 'level' && level !== null ? `level${level + 1}` : (as ?? UNSAID)

function readDone(value: string): Partial<LogBody> {
  if (value === UNSAID) return { as: null, level: null }
  const level = LEVELS.find((n) => value === `level${n}`)
  return level ? { as: 'level', level: level - 1 } : { as: value as DoneAs, level: null }
}

/** Somebody in two lines: came, what they did, holds, wobbles; effort, pain and where, a word. */
export const PersonLines = memo(function PersonLines({ attendee, onSay }: PersonLinesProps) {
  const say = useSay('log')
  const words = useWords()
  const { name, id, shown, corrected } = attendee
  const set = (said: Partial<LogBody>) => onSay(attendee, said)
  const { came, effort, pain } = shown
  return (
    <li className={styles.person} data-came={came ?? undefined} data-done={effort !== null || came === false}>
      <div className={styles.who}>
        <a href={`/log?person=${encodeURIComponent(id)}`}>{name}</a>
        <div>
          <ButtonBase
            className={styles.came}
            data-field
            aria-pressed={came === true}
            aria-label={`${say('fields.came')}, ${name}`}
            onClick={() => set({ came: came !== true })}
          >
            {say(came === null ? 'came.unsaid' : came ? 'came.yes' : 'came.no')}
          </ButtonBase>
          {came === true && (
            <Mark good label={say('fields.late')} name={name} on={shown.late} onSet={(late) => set({ late })} />
          )}
        </div>
      </div>
      {came !== false && (
        <div className={styles.lines}>
          <div>
            <Scale
              label={say('fields.effort')}
              name={name}
              value={effort}
              high={7}
              onSet={(next) => set({ effort: next })}
            />
            <Scale label={say('fields.pain')} name={name} value={pain} high={4} onSet={(next) => set({ pain: next })} />
            {(pain ?? 0) > 0 && (
              <ChoiceWord
                label={`${say('fields.painAt')}, ${name}`}
                value={shown.painAt ?? UNSAID}
                choices={[
                  { value: UNSAID, name: say('fields.painAt') },
                  ...PAIN_PLACES.map((value) => ({ value, name: say(`places.${value}`) })),
                ]}
                onChoose={(next) => set({ painAt: next === UNSAID ? null : (next as PainPlace), painSide: null })}
              />
            )}
            {shown.painAt && SIDED.includes(shown.painAt) && (
              <ChoiceWord
                label={`${say('fields.painSide')}, ${name}`}
                value={shown.painSide ?? 'none'}
                choices={(['none', 'left', 'right'] as const).map((value) => ({ value, name: say(`side.${value}`) }))}
                onChoose={(next) => set({ painSide: next === 'none' ? null : next })}
              />
            )}
          </div>
          <div>
            <ChoiceWord
              label={`${say('fields.as')}, ${name}`}
              value={doneOf(shown)}
              choices={[
                { value: UNSAID, name: say('fields.asUnsaid') },
                ...DONE_AS.map((value) => ({ value: value as string, name: say(`as.${value}`) })),
                ...LEVELS.map((n) => ({ value: `level${n}`, name: say(`as.level${n}`) })),
              ]}
              onChoose={(next) => set(readDone(next))}
            />
            {shown.as === 'steps' && (
              <NumberWord
                label={`${say('fields.stepPct')}, ${name}`}
                value={shown.stepPct ?? HALF_STEP}
                unit="%"
                step={5}
                min={5}
                max={100}
                onChange={(stepPct) => set({ stepPct })}
              />
            )}
            <Mark good label={say('fields.whole')} name={name} on={shown.whole} onSet={(whole) => set({ whole })} />
            <Count
              label={say('fields.wobbles')}
              name={name}
              value={shown.wobbles}
              onSet={(wobbles) => set({ wobbles })}
            />
            <Count
              label={say('fields.touches')}
              name={name}
              value={shown.touches}
              onSet={(touches) => set({ touches })}
            />
            <span className={styles.hold}>
              {(['left', 'right'] as const).map((side) => (
                <span key={side}>
                  {say(side === 'left' ? 'fields.holdLeft' : 'fields.holdRight')}{' '}
                  <NumberWord
                    label={`${say(side === 'left' ? 'fields.holdLeft' : 'fields.holdRight')}, ${name}`}
                    value={shown.holdS[side]}
                    unsaid={{
                      text: say('fields.unsaid'),
                      onClear: () => set({ holdS: { ...shown.holdS, [side]: null } }),
                    }}
                    unit="s"
                    step={1}
                    min={0}
                    max={600}
                    onChange={(next) => set({ holdS: { ...shown.holdS, [side]: next } })}
                  />
                </span>
              ))}
            </span>
            {(['nearFall', 'dizzy', 'stopped'] as const).map((key) => (
              <Mark
                key={key}
                label={say(`fields.${key}`)}
                name={name}
                on={shown[key]}
                onSet={(on) => set({ [key]: on })}
              />
            ))}
            <span className={styles.word}>
              <TypedField
                value={shown.word}
                maxLength={500}
                placeholder={say('fields.word')}
                onTyped={(word) => set({ word: word || null })}
              />
            </span>
          </div>
          {corrected.map((one) => (
            <small key={one.at}>{sayCorrected(one, words)}</small>
          ))}
        </div>
      )}
    </li>
  )
})

type MarkProps = {
  good?: boolean
  label: string
  name: string
  on: boolean | null
  onSet: (on: boolean | null) => void
}

/** Something that was, or was not: pressed, it was. */
function Mark({ good = false, label, name, on, onSet }: MarkProps) {
  return (
    <ButtonBase
      className={styles.mark}
      data-good={good}
      data-field
      aria-pressed={on === true}
      aria-label={`${label}, ${name}`}
      onClick={() => onSet(on === true ? null : true)}
    >
      {label}
    </ButtonBase>
  )
}

type CountProps = { label: string; name: string; value: number | null; onSet: (value: number | null) => void }

/** How often: one more with each touch, one less beside it. */
function Count({ label, name, value, onSet }: CountProps) {
  const say = useSay('log')
  const now = value ?? 0
  return (
    <span className={styles.count}>
      <ButtonBase
        data-field
        aria-label={`${label}, ${name}: ${value ?? say('unsaid')}`}
        onClick={() => onSet(now + 1)}
        onKeyDown={(event) => {
          if (/^\d$/.test(event.key)) onSet(Number(event.key))
        }}
      >
        {label} <strong>{value ?? say('unsaid')}</strong>
      </ButtonBase>
      {now > 0 && (
        <ButtonBase className={styles.less} aria-label={`${label}, ${name}: −1`} onClick={() => onSet(now - 1)}>
          <Remove fontSize="small" />
        </ButtonBase>
      )}
    </span>
  )
}
