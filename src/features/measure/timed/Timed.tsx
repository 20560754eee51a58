import Button from '@mui/material/Button'
import ButtonBase from '@mui/material/ButtonBase'
import { useCallback, useState } from 'react'
import { InputError } from '@/core'
import { parse } from '@/documents/parse'
import { readFigure } from '@/documents/read-figure'
import { type TestId, testEntry } from '@/documents/record-document'
import { findForbids } from '@/records/may-test'
import { countingTrial, SIMPLE_TESTS } from '@/records/simple-tests'
import { useAttempt } from '@/ui/api/use-attempt'
import { Field } from '@/ui/forms/Field'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayBound } from '@/words/limits'
import { sayList } from '@/words/lists'
import { sayReference, sayTest, sayTestHow, sayTrial } from '@/words/records'
import { Figures } from '../Figures'
import styles from '../measure.module.css'
import type { PanelProps } from '../panel-props'
import { beep } from './beep'
import { useWatch } from './use-watch'

const CHAIR_S = 30
/** A stand that is held so long is held. */
const TEN: readonly TestId[] = ['side-by-side', 'semi-tandem', 'tandem']
const TRIALS_MOST = 10

type TimedProps = PanelProps & { tests: readonly TestId[]; first?: TestId | undefined; onKept: () => void }

/** A test by stopwatch, counter or tape measure, with one big target: trials as they are made, the one that counts shown. */
export function Timed({ record, change, bindings, day, by, tests, first, onKept }: TimedProps) {
  const t = useSay('screens.measure')
  const say = useSay('measure.timed')
  const words = useWords()
  const [test, setTest] = useState<TestId>(first && tests.includes(first) ? first : (tests[0] as TestId))
  const [trials, setTrials] = useState<readonly number[]>([])
  /** Stands since the watch was started; null where none are to be taken. */
  const [count, setCount] = useState<number | null>(null)
  const [sounds, setSounds] = useState(true)
  const [seat, setSeat] = useState('')
  const sound = useCallback((hertz: number) => sounds && beep(hertz), [sounds])
  const { problem, attempt } = useAttempt()
  const { unit } = SIMPLE_TESTS[test]
  const counts = test === 'chair-stand'
  const most = counts ? CHAIR_S : TEN.includes(test) ? 10 : null
  const add = useCallback((trial: number) => setTrials((before) => [...before, trial].slice(-TRIALS_MOST)), [])
  const onEnd = useCallback(() => {
    sound(660)
    if (!counts) add(most ?? 0)
  }, [sound, counts, add, most])
  const watch = useWatch(most, onEnd)
  const choose = (next: TestId) => {
    watch.stop()
    setTest(next)
    setTrials([])
    setCount(null)
  }
  const press = () => {
    if (!watch.isOn) {
      setCount(0)
      watch.start()
      sound(880)
    } else if (counts) setCount((before) => (before ?? 0) + 1)
    else {
      add(watch.stop())
      sound(440)
    }
  }
  const keep = async () => {
    const seatM = readFigure(seat) / 100
    const entry = parse(testEntry, {
      test,
      on: day,
      trials,
      ...(counts && seat && { seatM }),
      ...(by && { by }),
    })
    change((record) => ({ ...record, tests: [...record.tests, entry] }))
    setTrials([])
    onKept()
  }
  const forbids = findForbids(test, bindings)
  const others = tests.filter((one) => !findForbids(one, bindings)).map((one) => sayTest(one, words))
  const range = SIMPLE_TESTS[test].reference({ sex: record.body.sex, age: record.body.ageYears })
  const left = counts && watch.isOn ? Math.ceil(CHAIR_S - watch.seconds) : null
  return (
    <div className={styles.panel}>
      <p className={styles.source}>
        <ChoiceWord
          label={say('test')}
          value={test}
          choices={tests.map((value) => ({ value, name: sayTest(value, words), detail: sayTestHow(value, words) }))}
          onChoose={(next) => choose(next as TestId)}
        />
        {unit !== 'cm' && (
          <span>
            {say('sounds')}{' '}
            <ChoiceWord
              label={say('sounds')}
              value={sounds ? 'on' : 'off'}
              choices={(['on', 'off'] as const).map((value) => ({ value, name: say(value) }))}
              onChoose={(next) => setSounds(next === 'on')}
            />
          </span>
        )}
      </p>
      {forbids ? (
        <p role="alert">
          {say('forbidden', {
            limit: sayBound(forbids, words),
            others: others.length > 0 ? sayList(others, words) : 'none',
          })}
        </p>
      ) : unit === 'cm' ? (
        <Figures
          verb={say('add')}
          onEnter={(read) => {
            const cm = readFigure(read('cm'))
            if (!(cm >= 0 && cm <= 100))
              throw new InputError('trials', read('cm'), { code: 'range', min: 0, max: 100, unit: t('none') })
            add(cm)
          }}
        >
          <label>
            {say('cm')}
            <Field key={trials.length} name="cm" inputMode="decimal" required autoComplete="off" autoFocus />
          </label>
        </Figures>
      ) : (
        <ButtonBase className={styles.target} data-on={watch.isOn} onClick={press}>
          <strong>{counts ? (count ?? 0) : words.number(watch.seconds, 1)}</strong>
          <span>
            {counts
              ? watch.isOn
                ? `${say('count')} · ${say('left', { n: left ?? 0 })}`
                : say('start')
              : say(watch.isOn ? 'stop' : 'start')}
          </span>
        </ButtonBase>
      )}
      {!forbids && counts && !watch.isOn && count !== null && (
        <p className={styles.acts}>
          <Button
            onClick={() => {
              add(count)
              setCount(null)
            }}
          >
            {say('trial')}
          </Button>
        </p>
      )}
      {trials.length > 0 && (
        <>
          <p className={styles.big} role="status">
            {trials.map((trial) => sayTrial(test, trial, words)).join(' · ')}{' '}
            {say('best', { figure: sayTrial(test, countingTrial({ test, on: day, trials: [...trials] }), words) })}
          </p>
          {counts && (
            <label className={styles.figures}>
              {say('seat')}
              <Field name="seat" inputMode="decimal" value={seat} onChange={(event) => setSeat(event.target.value)} />
            </label>
          )}
          {problem && <p role="alert">{problem}</p>}
          <p className={styles.acts}>
            <Button variant="contained" onClick={() => attempt(keep)}>
              {words.say('measure.keep')}
            </Button>
            <Button onClick={() => setTrials((before) => before.slice(0, -1))}>{say('drop')}</Button>
          </p>
        </>
      )}
      {range && <p className={styles.soft}>{sayReference(test, range, words)}</p>}
    </div>
  )
}
