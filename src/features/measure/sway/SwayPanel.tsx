import Button from '@mui/material/Button'
import { useMemo, useState } from 'react'
import { calcSway, InputError, putInOrder, type Reading, type ReadingOf, reserveOfSway, type Sway } from '@/core'
import { type PracticeDocument, toPractice } from '@/documents/practice-rules'
import type { Effect } from '@/records/test-effects'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayFieldError } from '@/words/fields'
import { sayPercent } from '@/words/figures'
import { sayMillimetres } from '@/words/measure'
import styles from '../measure.module.css'
import type { PanelProps } from '../panel-props'
import { SourceWords } from '../source/SourceWords'
import { type Source, useReadings } from '../source/use-readings'
import { BringTrace } from './BringTrace'
import { SwayTrace } from './SwayTrace'

const EYES = ['open', 'closed'] as const
/** With closed eyes a stand-in sways so much more. */
const CLOSED_SWAY = 1.5
const MM = 1000

type SwayPanelProps = PanelProps & {
  practice: PracticeDocument
  /** What a stand that was not held asks for. */
  least: Effect | null
}

/** A trace of pressure: how much it goes to and fro, and the reserve of their own that it speaks for, offered. */
export function SwayPanel({ record, change, body, done, day, by, practice, least, onKeep }: SwayPanelProps) {
  const say = useSay('measure.sway')
  const words = useWords()
  const { stance } = done
  const [source, setSource] = useState<Source>('stream')
  const [bad, setBad] = useState(false)
  const [eyes, setEyes] = useState<(typeof EYES)[number]>('open')
  const [brought, setBrought] = useState<readonly ReadingOf<'plate'>[] | null>(null)
  const [sway, setSway] = useState<(Sway & { standIn: boolean }) | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const readings = useReadings('plate', {
    body,
    stance,
    sway: eyes === 'closed' ? CLOSED_SWAY : 1,
    bad,
    loadLeft: () => stance.loadLeft,
  })
  const live = readings.state !== 'off'
  // biome-ignore lint/correctness/useExhaustiveDependencies: the readings are held beside what is shown of them
  const trace = useMemo(
    () => brought ?? putInOrder(readings.readings.current.slice(-6000)).readings,
    [brought, readings.shown.count],
  )
  const read = (of: readonly ReadingOf<'plate'>[], standIn: boolean) => {
    try {
      setSway({ ...calcSway(of), standIn })
      setProblem(null)
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      setSway(null)
      setProblem(sayFieldError(error, words))
    }
  }
  const bring = (came: readonly Reading[]) => {
    const plates = came.filter((one): one is ReadingOf<'plate'> => one.kind === 'plate')
    readings.stop()
    setBrought(plates)
    read(plates, false)
  }
  const rules = toPractice(practice)
  const reserve = sway && reserveOfSway(sway, rules)
  const open = record.measures.findLast((one) => one.what === 'sway' && one.eyes === 'open' && !one.standIn)
  return (
    <div className={styles.panel}>
      <p className={styles.source}>
        {say('eyes')}{' '}
        <ChoiceWord
          label={say('eyes')}
          value={eyes}
          choices={EYES.map((value) => ({ value, name: say(value) }))}
          onChoose={(next) => {
            readings.stop()
            setEyes(next as (typeof EYES)[number])
          }}
        />
      </p>
      <SourceWords source={source} onSource={setSource} bad={bad} onBad={setBad} readings={readings} />
      <div className={styles.swaying}>
        <SwayTrace trace={trace} sway={sway} />
        <div>
          {sway ? (
            <dl className={styles.figuresOf}>
              <dt>{say('area')}</dt>
              <dd>{words.number(sway.area * MM * MM)} mm²</dd>
              <dt>{say('rms')}</dt>
              <dd>
                {sayMillimetres(sway.rms.along, words)}, {sayMillimetres(sway.rms.across, words)}
                <small>{say('usual')}</small>
              </dd>
              <dt>{say('speed')}</dt>
              <dd>
                {words.number(sway.meanSpeed * MM, 1)} mm/s<small>{say('noRange')}</small>
              </dd>
              <dt>{say('seconds')}</dt>
              <dd>{words.number(sway.seconds)} s</dd>
            </dl>
          ) : (
            trace.length > 0 && (
              <p className={styles.big}>{words.number((trace.at(-1)?.atS ?? 0) - (trace[0]?.atS ?? 0))} s</p>
            )
          )}
          {problem && <p role="alert">{problem}</p>}
          {sway && eyes === 'closed' && open?.areaMm2 && open.meanSpeedMmS ? (
            <p>
              {say('against', {
                area: sayPercent((sway.area * MM * MM) / open.areaMm2, words),
                speed: sayPercent((sway.meanSpeed * MM) / open.meanSpeedMmS, words),
              })}
            </p>
          ) : null}
          <p className={styles.acts}>
            {!sway && trace.length > 0 && (
              <Button
                variant="contained"
                onClick={() => {
                  readings.stop()
                  setBrought(trace)
                  read(trace, source === 'stand-in')
                }}
              >
                {say('take')}
              </Button>
            )}
            {sway && (
              <>
                <Button
                  variant="contained"
                  onClick={() =>
                    onKeep({
                      what: 'sway',
                      eyes,
                      areaMm2: round(sway.area * MM * MM),
                      rmsAcrossMm: round(sway.rms.across * MM),
                      rmsAlongMm: round(sway.rms.along * MM),
                      meanSpeedMmS: round(sway.meanSpeed * MM),
                      seconds: round(sway.seconds),
                      ...(sway.standIn && { standIn: true }),
                    })
                  }
                >
                  {words.say('measure.keep')}
                </Button>
                <Button
                  onClick={() => {
                    setSway(null)
                    setBrought(null)
                    readings.clear()
                  }}
                >
                  {words.say('measure.again')}
                </Button>
              </>
            )}
          </p>
          {sway?.standIn && <p>{words.say('measure.source.trying')}</p>}
          {sway && !sway.standIn && reserve !== null && eyes === 'open' && (
            <div className={styles.reserve}>
              <p>
                {say('reserve', {
                  times: words.number(rules.swayTimes, 1),
                  least: sayMillimetres(rules.swayLeastMm / MM, words),
                  reserve: sayMillimetres(reserve, words),
                  now: sayMillimetres(body.swayReserve, words),
                })}{' '}
                {least && least.value > reserve
                  ? say('outranked', { least: sayMillimetres(least.value, words) })
                  : reserve < body.swayReserve && say('smaller')}
              </p>
              {record.body.swayReserveM === reserve ? (
                <p role="status">{say('taken')}</p>
              ) : (
                <Button
                  onClick={() =>
                    change((now) => ({
                      ...now,
                      body: { ...now.body, swayReserveM: reserve },
                      measured: { ...now.measured, swayReserveM: { on: day, ...(by && { by }) } },
                    }))
                  }
                >
                  {say('take-reserve')}
                </Button>
              )}
            </div>
          )}
        </div>
      </div>
      {!live && <BringTrace onRead={bring} />}
    </div>
  )
}

const round = (value: number) => Math.round(value * 10) / 10
