import Button from '@mui/material/Button'
import { useEffect, useRef, useState } from 'react'
import { calcSplit, InputError, putInOrder, type ReadingOf, SIDES, type Split } from '@/core'
import { readFigure } from '@/documents/read-figure'
import { Field } from '@/ui/forms/Field'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayPercent } from '@/words/figures'
import { sayPoints } from '@/words/measure'
import { BenchButton } from '../BenchButton'
import { Figures } from '../Figures'
import styles from '../measure.module.css'
import type { PanelProps } from '../panel-props'
import { SourceWords } from '../source/SourceWords'
import { type Source, useReadings } from '../source/use-readings'
import { SplitBeam } from './SplitBeam'

const READ_S = 10
const SHOWN_S = 1
/** Together further from somebody's mass than this, something is wrong. */
const MASS_APART_KG = 3

/** Small things to practise: where the weight is to go. */
const PRACTICES = { middle: 0.5, seventy: 0.7, empty: 0 } as const
type Practice = keyof typeof PRACTICES

/** Two scales: typed or live, the split with what it is known to, and small things to practise with the split hidden. */
export function Scales({ person, body, done, onKeep }: PanelProps) {
  const say = useSay('measure.scales')
  const words = useWords()
  const { stance } = done
  const [source, setSource] = useState<Source>('stream')
  const [bad, setBad] = useState(false)
  const goes = useRef(stance.loadLeft)
  const readings = useReadings('scales', { body, stance, sway: 1, bad, loadLeft: () => goes.current })
  const [until, setUntil] = useState<number | null>(null)
  const [result, setResult] = useState<(Split & { standIn: boolean }) | null>(null)
  const [practice, setPractice] = useState<Practice | null>(null)
  const [after, setAfter] = useState<{ practice: Practice; left: number } | null>(null)
  const { last } = readings.shown
  const since = (seconds: number): ReadingOf<'scales'>[] => {
    const { readings: ordered } = putInOrder(readings.readings.current.slice(-READ_S * 200))
    const newest = ordered.at(-1)?.atS ?? 0
    return ordered.filter(({ atS }) => atS >= newest - seconds)
  }
  const now = last && last.leftKg + last.rightKg > 5 ? calcSplit(since(SHOWN_S)) : null
  useEffect(() => {
    if (until === null || !last || last.atS < until) return
    setUntil(null)
    const { readings: ordered } = putInOrder(readings.readings.current)
    setResult({
      ...calcSplit(ordered.filter(({ atS }) => atS > until - READ_S && atS <= until)),
      standIn: source === 'stand-in',
    })
  }, [until, last, source, readings.readings])
  const orders = SIDES.flatMap((side) => {
    const most = body.loadMax[side]
    return most < 1 ? [{ at: side === 'left' ? most : 1 - most, toward: side, most }] : []
  })
  const typed = (leftKg: number, rightKg: number) => {
    if (!(leftKg >= 0 && rightKg >= 0)) throw new InputError('leftKg', leftKg, { code: 'somebodyStands' })
    setResult({ ...calcSplit([{ atS: 0, leftKg, rightKg }]), standIn: false })
  }
  const begin = (which: Practice) => {
    setPractice(which)
    setAfter(null)
    // A stand-in goes there nearly: nobody finds it to the point.
    goes.current = PRACTICES[which] + (which === 'empty' ? 0.03 : 0.04)
  }
  const hidden = practice !== null
  const shown = hidden ? null : (result ?? now)
  return (
    <div className={styles.panel}>
      <SourceWords source={source} onSource={setSource} bad={bad} onBad={setBad} readings={readings} />
      <SplitBeam
        loadLeft={shown?.loadLeft ?? null}
        sd={shown?.sd ?? null}
        orders={orders}
        goal={practice && PRACTICES[practice]}
      />
      {hidden ? (
        <p className={styles.big}>{say('hidden')}</p>
      ) : (
        <p className={styles.big} aria-live="polite">
          {now && !result
            ? say('live', { left: sayPercent(now.loadLeft, words), right: sayPercent(1 - now.loadLeft, words) })
            : result
              ? say('result', {
                  left: sayPercent(result.loadLeft, words),
                  sd: sayPoints(result.sd, words),
                  total: words.number(result.totalKg, 1),
                })
              : '–'}{' '}
          {result && say('resultSupposed', { left: sayPercent(stance.loadLeft, words) })}
        </p>
      )}
      {result && Math.abs(result.totalKg - body.mass) > MASS_APART_KG && (
        <p role="alert">
          {say('mass', {
            apart: words.number(Math.abs(result.totalKg - body.mass), 1),
            mass: words.number(body.mass, 1),
          })}
        </p>
      )}
      {shown &&
        orders.map(({ toward, most }) => {
          const share = toward === 'left' ? shown.loadLeft : 1 - shown.loadLeft
          return share > most ? (
            <p key={toward} role="alert">
              {say('over', {
                side: words.say(`log.side.${toward}`),
                most: sayPercent(most, words),
                share: sayPercent(share, words),
              })}{' '}
              {share < 0.1 && say('ownWeight')}
            </p>
          ) : null
        })}
      {after && (
        <p role="status">
          {say('after', {
            left: sayPercent(after.left, words),
            off: sayPoints(Math.abs(after.left - PRACTICES[after.practice]), words),
            goal: sayPercent(PRACTICES[after.practice], words),
          })}{' '}
          {after.practice === 'empty' && say('ownWeight')}
        </p>
      )}
      <p className={styles.acts}>
        {hidden ? (
          <Button
            variant="contained"
            onClick={() => {
              if (now) setAfter({ practice, left: now.loadLeft })
              setPractice(null)
            }}
          >
            {say('there')}
          </Button>
        ) : result ? (
          <>
            <Button
              variant="contained"
              onClick={() =>
                onKeep({
                  what: 'split',
                  loadLeftPct: Math.round(result.loadLeft * 1000) / 10,
                  sdPct: Math.round(result.sd * 1000) / 10,
                  ...(result.standIn && { standIn: true }),
                })
              }
            >
              {words.say('measure.keep')}
            </Button>
            {result.standIn ? (
              <span>{words.say('measure.source.trying')}</span>
            ) : (
              <BenchButton
                person={person}
                done={done}
                measured={() => ({ loadLeftPct: Math.round(result.loadLeft * 1000) / 10, loadMeasured: true })}
              />
            )}
            <Button onClick={() => setResult(null)}>{words.say('measure.again')}</Button>
          </>
        ) : (
          <Button
            variant="contained"
            disabled={!now || until !== null}
            onClick={() => last && setUntil(last.atS + READ_S)}
          >
            {until === null || !last ? say('read') : say('reading', { n: Math.max(0, Math.ceil(until - last.atS)) })}
          </Button>
        )}
        {!hidden &&
          now &&
          (Object.keys(PRACTICES) as Practice[]).map((which) => (
            <Button key={which} onClick={() => begin(which)}>
              {say(which)}
            </Button>
          ))}
      </p>
      <Figures
        verb={words.say('measure.timed.trial')}
        onEnter={(read) => typed(readFigure(read('left')), readFigure(read('right')))}
      >
        <label>
          {say('left')}
          <Field name="left" inputMode="decimal" required autoComplete="off" />
        </label>
        <label>
          {say('right')}
          <Field name="right" inputMode="decimal" required autoComplete="off" />
        </label>
      </Figures>
    </div>
  )
}
