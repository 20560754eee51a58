import Button from '@mui/material/Button'
import { useState } from 'react'
import { parse } from '@/documents/parse'
import { readFigure } from '@/documents/read-figure'
import { TEST_IDS, type TestEntry, type TestId, testEntry } from '@/documents/record-document'
import { countingTrial, SIMPLE_TESTS } from '@/records/simple-tests'
import { type Effects, proposeFamily } from '@/records/test-effects'
import { DayField } from '@/ui/forms/DayField'
import { Field } from '@/ui/forms/Field'
import { Form, type Read } from '@/ui/forms/Form'
import { Pick } from '@/ui/forms/Pick'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayCentimetres } from '@/words/figures'
import { capital } from '@/words/lists'
import { sayFamily, sayReference, sayTest, sayTestHow, sayTestWithin, sayTrial } from '@/words/records'
import type { PartProps } from './part-props'
import styles from './person.module.css'

/** Simple tests as small histories against their reference, and what each sets in place of an estimate. */
export function Tests({ id: personId, record, change, day, effects }: PartProps & { id: string; effects: Effects }) {
  const t = useSay('screens.people')
  const words = useWords()

  const [adding, setAdding] = useState<TestId | null>(null)
  const done = TEST_IDS.filter((id) => record.tests.some(({ test }) => test === id))
  const family = proposeFamily(record, day)
  const about = { sex: record.body.sex, age: record.body.ageYears }
  const remove = (entry: TestEntry) => change((r) => ({ ...r, tests: r.tests.filter((one) => one !== entry) }))
  return (
    <section className={styles.part} aria-label={t('simpleTests')}>
      <h2>{t('simpleTests')}</h2>
      {done.length === 0 && <p className={styles.soft}>{t('noneYetWhatCan')}</p>}
      <ul className={styles.tests}>
        {done.map((id) => {
          const history = record.tests.filter(({ test }) => test === id).toSorted((a, b) => a.on.localeCompare(b.on))
          const last = history[history.length - 1] as TestEntry
          const name = sayTest(id, words)
          const range = SIMPLE_TESTS[id].reference(about)
          return (
            <li key={id}>
              <span>
                <strong>{name}</strong>
                {range && <small>{sayReference(id, range, words)}</small>}
              </span>
              <History history={history} low={range?.low} high={range?.high} />
              <span className={styles.last}>
                <strong>{sayTrial(id, countingTrial(last), words)}</strong>
                <small>{words.day(last.on, day.slice(0, 4))}</small>
              </span>
              <span className={styles.actions}>
                <Button aria-label={t('nameAgain', { name })} onClick={() => setAdding(id)}>
                  {t('again')}
                </Button>
                <Button aria-label={t('removeLastName', { name })} onClick={() => remove(last)}>
                  {t('remove')}
                </Button>
              </span>
            </li>
          )
        })}
      </ul>
      <EffectLines effects={effects} day={day} />
      {family && (
        <p>
          {t('toBeginWith')} <strong>{sayFamily(family, words).name}</strong>
          {t('capitalFromTestwithinDay', {
            capital: capital(sayFamily(family, words).words),
            testWithin: sayTestWithin(family.from.test, words),
            day: words.day(family.from.on, day.slice(0, 4)),
          })}
        </p>
      )}
      {adding ? (
        <TestForm
          key={adding}
          first={adding}
          day={day}
          onLeave={() => setAdding(null)}
          onAdd={(entry) => {
            change((r) => ({ ...r, tests: [...r.tests, entry] }))
            setAdding(null)
          }}
        />
      ) : (
        <p className={styles.actions}>
          <Button onClick={() => setAdding('functional-reach')}>{t('enterTest')}</Button>
          <Button href={`/measure?person=${encodeURIComponent(personId)}&what=stand`}>
            {words.say('measure.corner')}
          </Button>
        </p>
      )}
    </section>
  )
}

function EffectLines({ effects, day }: { effects: Effects; day: string }) {
  const t = useSay('screens.people')
  const words = useWords()

  const from = (entry: TestEntry) =>
    t('fromTestwithinDay', { testWithin: sayTestWithin(entry.test, words), day: words.day(entry.on, day.slice(0, 4)) })
  const { usableAlong, swayReserveM, swayReserveOneFootM, riseFromM } = effects
  const lines = [
    usableAlong && t('nFootsLengthCan', { n: Math.round(usableAlong.value * 100), from: from(usableAlong.from) }),
    swayReserveM &&
      t('reserveForSwayCentimetres', {
        centimetres: sayCentimetres(swayReserveM.value, words),
        from: from(swayReserveM.from),
      }),
    swayReserveOneFootM &&
      t('reserveOnOneFoot', {
        centimetres: sayCentimetres(swayReserveOneFootM.value, words),
        from: from(swayReserveOneFootM.from),
      }),
    riseFromM && t('risesFromSeatN', { n: Math.round(riseFromM.value * 100), from: from(riseFromM.from) }),
  ].filter((line): line is string => typeof line === 'string')
  if (lines.length === 0) return null
  return (
    <ul className={styles.effects}>
      {lines.map((line) => (
        <li key={line}>{line}</li>
      ))}
    </ul>
  )
}

const WIDTH = 120
const HEIGHT = 34

/** A test's history as dots on a line, with the reference where there is one. */
function History({
  history,
  low,
  high,
}: {
  history: readonly TestEntry[]
  low?: number | undefined
  high?: number | undefined
}) {
  const values = history.map(countingTrial)
  const top = Math.max(...values, low ?? 0, high ?? 0, 1) * 1.15
  const y = (value: number) => HEIGHT - 4 - (value / top) * (HEIGHT - 8)
  const first = Date.parse(history[0]?.on ?? '')
  const span = Math.max(1, Date.parse(history[history.length - 1]?.on ?? '') - first)
  const x = (on: string) => (history.length === 1 ? WIDTH / 2 : 6 + ((Date.parse(on) - first) / span) * (WIDTH - 12))
  const mark = low ?? high
  return (
    <svg width={WIDTH} height={HEIGHT} viewBox={`0 0 ${WIDTH} ${HEIGHT}`} aria-hidden="true">
      <line x1="0" x2={WIDTH} y1={HEIGHT - 3} y2={HEIGHT - 3} stroke="var(--line)" />
      {mark !== undefined && (
        <line
          x1="0"
          x2={WIDTH}
          y1={y(mark)}
          y2={y(mark)}
          stroke="var(--ink-soft)"
          strokeDasharray="1 4"
          strokeLinecap="round"
        />
      )}
      {history.length > 1 && (
        <polyline
          points={history.map((e, i) => `${x(e.on)},${y(values[i] as number)}`).join(' ')}
          fill="none"
          stroke="var(--tide-line)"
          strokeWidth="1.5"
        />
      )}
      {history.map((entry, i) => (
        <circle
          key={`${entry.on} ${entry.trials.join()}`}
          cx={x(entry.on)}
          cy={y(values[i] as number)}
          r="3.4"
          fill="var(--tide)"
        />
      ))}
    </svg>
  )
}

type TestFormProps = { first: TestId; day: string; onAdd: (entry: TestEntry) => void; onLeave: () => void }

function TestForm({ first, day, onAdd, onLeave }: TestFormProps) {
  const t = useSay('screens.people')
  const words = useWords()

  const [id, setId] = useState<TestId>(first)
  const { unit } = SIMPLE_TESTS[id]
  const enter = (read: Read) => {
    const trials = unit === 'seen' ? [1] : readTrials(read('trials'))
    const seat = readFigure(read('seat')) / 100
    onAdd(
      parse(testEntry, {
        test: id,
        on: read('on'),
        trials,
        ...(read('seat') && { seatM: seat }),
        ...(read('by') && { by: read('by') }),
      }),
    )
  }
  return (
    <Form
      className={styles.form}
      label={t('aTest')}
      verb={t('enter')}
      names={{ seatM: 'seat' }}
      onEnter={enter}
      onLeave={onLeave}
    >
      <label>
        {t('test')}
        <Pick value={id} onChange={(event) => setId(event.target.value as TestId)}>
          {TEST_IDS.map((one) => (
            <option key={one} value={one}>
              {sayTest(one, words)}
            </option>
          ))}
        </Pick>
      </label>
      {unit !== 'seen' && (
        <label>
          {t('trialsTesthow', { testHow: sayTestHow(id, words) })}
          <Field name="trials" required autoComplete="off" placeholder="24; 25" autoFocus />
        </label>
      )}
      {id === 'chair-stand' && (
        <label>
          {t('seatHeightCmOptional')}
          <Field name="seat" inputMode="decimal" autoComplete="off" />
        </label>
      )}
      <div className={styles.day}>
        {t('on')}
        <DayField name="on" label={t('on')} first={day} />
      </div>
      <label>
        {t('byOptional')}
        <Field name="by" maxLength={120} autoComplete="off" />
      </label>
    </Form>
  )
}

/** Several trials, parted by blanks or semicolons; a decimal comma is read as a point. */
const readTrials = (text: string): number[] =>
  text
    .split(/[;\s]+/)
    .filter(Boolean)
    .map(readFigure)
