import Button from '@mui/material/Button'
import { useState } from 'react'
import { SUPPORTS_BY_HELP } from '@/core'
import { LIMIT_WHATS, type LimitWhat, rowOf } from '@/documents/limit-fields'
import { parse } from '@/documents/parse'
import { readFigure } from '@/documents/read-figure'
import { type LimitEntry, limitEntry, SOURCES } from '@/documents/record-document'
import type { Binding } from '@/records/binding'
import { DayField } from '@/ui/forms/DayField'
import { Field } from '@/ui/forms/Field'
import { Form, type Read } from '@/ui/forms/Form'
import { Pick } from '@/ui/forms/Pick'
import { useSay, useWords } from '@/ui/words/use-words'
import { saySupport } from '@/words/findings'
import type { Words } from '@/words/language'
import { sayBinding, sayLimit, sayLimitName, sayOrigin } from '@/words/limits'
import type { PartProps } from './part-props'
import styles from './person.module.css'

/** What binds and who said so; what it outranks stays in sight. */
export function Limits({ change, day, bindings, record }: PartProps & { bindings: readonly Binding[] }) {
  const t = useSay('screens.people')
  const words = useWords()

  const [adding, setAdding] = useState(false)
  const remove = (entry: LimitEntry) => change((r) => ({ ...r, limits: r.limits.filter((one) => one !== entry) }))
  return (
    <section className={styles.part} aria-label={t('limitsOrders')}>
      <h2>{t('limitsOrders')}</h2>
      {bindings.length === 0 && <p className={styles.soft}>{t('noneSetHouseRules')}</p>}
      <ul className={styles.lines}>
        {bindings.map((binding) => {
          const { what, side, entry, outranked } = binding
          return (
            <li key={`${what} ${side}`}>
              <strong>{sayBinding(binding, words)}</strong>
              <span className={styles.origin} data-due={entry.reviewOn !== undefined && entry.reviewOn <= day}>
                {sayOrigin(entry, binding.today, words)}
              </span>
              {record.limits.includes(entry) && (
                <Button
                  aria-label={t('removeBinding', { binding: sayBinding(binding, words) })}
                  onClick={() => remove(entry)}
                >
                  {t('remove')}
                </Button>
              )}
              {entry.note && <small>{entry.note}</small>}
              {outranked.map((other) => (
                <small key={`${other.source.kind} ${other.on} ${other.value} ${other.side}`}>
                  {t('outranksLimitOrigin', {
                    limit: sayLimit(other, words),
                    origin: sayOrigin(other, undefined, words),
                  })}
                  {record.limits.includes(other) && (
                    <Button
                      aria-label={t('removeLimit', { limit: sayLimit(other, words) })}
                      onClick={() => remove(other)}
                    >
                      {t('remove')}
                    </Button>
                  )}
                </small>
              ))}
            </li>
          )
        })}
      </ul>
      {adding ? (
        <LimitForm
          day={day}
          onLeave={() => setAdding(false)}
          onAdd={(entry) => {
            change((r) => ({ ...r, limits: [...r.limits, entry] }))
            setAdding(false)
          }}
        />
      ) : (
        <p className={styles.actions}>
          <Button onClick={() => setAdding(true)}>{t('setLimit')}</Button>
        </p>
      )}
    </section>
  )
}

const sourceNamesIn = (words: Words) =>
  ({
    clinician: words.say('screens.people.aCliniciansOrder'),
    instructor: words.say('screens.people.seenByInstructor'),
    'self-reported': words.say('screens.people.theirOwnWord'),
    estimate: words.say('screens.people.anEstimate'),
  }) as const

const gradesIn = (words: Words) =>
  [
    ['none', 'none', 0],
    ['touch', 'touch', 10],
    ['partial', 'partial', 50],
    ['as-tolerated', words.say('screens.people.asTolerated'), 100],
    ['full', 'full', 100],
  ] as const

type LimitFormProps = { day: string; onAdd: (entry: LimitEntry) => void; onLeave: () => void }

function LimitForm({ day, onAdd, onLeave }: LimitFormProps) {
  const t = useSay('screens.people')
  const words = useWords()

  const [what, setWhat] = useState<LimitWhat>('kneeFlexionMaxDeg')
  const [grade, setGrade] = useState<ReturnType<typeof gradesIn>[number][0]>('partial')
  const { unit, per } = rowOf(what)
  return (
    <Form
      className={styles.form}
      label={t('aLimit')}
      verb={t('set')}
      onEnter={(read) => onAdd(readForm(read, what))}
      names={{ reviewOn: 'review', kind: 'source', name: 'who' }}
      onLeave={onLeave}
    >
      <label>
        {t('what')}
        <Pick value={what} autoFocus onChange={(event) => setWhat(event.target.value as LimitWhat)}>
          {LIMIT_WHATS.map((key) => (
            <option key={key} value={key}>
              {sayLimitName(key, words)}
            </option>
          ))}
        </Pick>
      </label>
      {per === 'side' && (
        <label>
          {t('side')}
          <Pick name="side" defaultValue="">
            <option value="">{t('both')}</option>
            <option value="left">{t('left')}</option>
            <option value="right">{t('right')}</option>
          </Pick>
        </label>
      )}
      {what === 'loadMaxPct' && (
        <label>
          {t('order')}
          <Pick name="grade" value={grade} onChange={(event) => setGrade(event.target.value as typeof grade)}>
            {gradesIn(words).map(([value, name]) => (
              <option key={value} value={value}>
                {name}
              </option>
            ))}
          </Pick>
        </label>
      )}
      {unit === 'support' && (
        <label>
          {t('on')}
          <Pick name="value" defaultValue="chair-back">
            {SUPPORTS_BY_HELP.map((kind) => (
              <option key={kind} value={kind}>
                {saySupport(kind, words)}
              </option>
            ))}
          </Pick>
        </label>
      )}
      {unit !== 'support' && unit !== 'flag' && (
        <label>
          {unit === 'm'
            ? t('centimetres')
            : unit === 'rad'
              ? t('degrees')
              : unit === 'share'
                ? t('percentBodyWeight')
                : t('seconds')}
          <Field
            key={what === 'loadMaxPct' ? grade : what}
            name="value"
            required
            inputMode="decimal"
            autoComplete="off"
            defaultValue={what === 'loadMaxPct' ? gradesIn(words).find(([value]) => value === grade)?.[2] : undefined}
          />
        </label>
      )}
      <label>
        {t('whoSaysSo')}
        <Pick name="source" defaultValue="" required>
          <option value="">{t('choose')}</option>
          {SOURCES.map((source) => (
            <option key={source} value={source}>
              {sourceNamesIn(words)[source]}
            </option>
          ))}
        </Pick>
      </label>
      <label>
        {t('whoseName')}
        <Field name="who" maxLength={120} autoComplete="off" />
      </label>
      <div className={styles.day}>
        {t('saidOn')}
        <DayField name="on" label={t('saidOn')} first={day} />
      </div>
      <div className={styles.day}>
        {t('reviewOnOptional')}
        <DayField name="review" label={t('reviewOn')} />
      </div>
    </Form>
  )
}

function readForm(read: Read, what: LimitWhat): LimitEntry {
  const { unit } = rowOf(what)
  const figure = readFigure(read('value')) / (unit === 'm' ? 100 : 1)
  const who = read('who')
  return parse(limitEntry, {
    what,
    ...(read('side') && { side: read('side') }),
    value: unit === 'support' ? read('value') : unit === 'flag' ? true : figure,
    ...(read('grade') && { grade: read('grade') }),
    source: { kind: read('source'), ...(who && { name: who }) },
    on: read('on'),
    ...(read('review') && { reviewOn: read('review') }),
  })
}
