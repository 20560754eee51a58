import Button from '@mui/material/Button'
import { useState } from 'react'
import type { ClassDay, DoneDay } from '@/core'
import type { LogRow } from '@/documents/log-document'
import { useSay } from '@/ui/words/use-words'
import { Chart, type Row, type Series } from './Chart'
import { DoneChart } from './DoneChart'
import styles from './weeks.module.css'

type ChartsProps = {
  days: readonly ClassDay[]
  done: readonly DoneDay[]
  spare: ReadonlyMap<string, number>
  /** From where on a class is too hard, and where it hurts too much. */
  limits: { effort: number; pain: number }
  /** Bends and steps that were done, by day. */
  doing: ReadonlyMap<string, Doing>
  /** All that was written down, for what was done on each day. */
  rows: readonly LogRow[]
  /** The timed stands on one leg, with what is usual at their age. */
  stands: { rows: Row[]; low: number | null; said: string }
  onOpen: (day: string) => void
}

const INK = 'var(--ink)'
const LEFT = 'var(--tide-line)'
const RIGHT = 'var(--clay)'
/** What was done on a day: degrees, percent of the taught step, minutes. */
export type Doing = { bend: number | null; step: number | null; minutes: number }

/** Effort and pain, and holds left and right, of a person's weeks; the others on request. One axis of days for all; each dot opens its day. */
export function Charts({ days, done, spare, limits, doing, stands, rows: log, onOpen }: ChartsProps) {
  const say = useSay('practice.charts')
  const [all, setAll] = useState(false)
  /** In ten minutes; where nobody wrote down how long it was, unknown. */
  const rate = (count: number | null, day: string) => {
    const minutes = doing.get(day)?.minutes ?? 0
    return count === null || minutes <= 0 ? null : Math.round((1000 * count) / minutes) / 100
  }
  const rows = days.map((one): Row => {
    const work = done.find(({ day }) => day === one.day)
    const beyond = spare.get(one.day)
    return {
      day: one.day,
      effort: one.effort,
      pain: one.pain,
      wobbles: rate(one.wobbles, one.day),
      touches: rate(one.touches, one.day),
      left: one.holdS.left,
      right: one.holdS.right,
      workLeft: work && work.nms.left > 0 ? work.nms.left / 1000 : null,
      workRight: work && work.nms.right > 0 ? work.nms.right / 1000 : null,
      bend: doing.get(one.day)?.bend ?? null,
      step: doing.get(one.day)?.step ?? null,
      spare: beyond === undefined ? null : beyond * 100,
    }
  })
  const has = (...keys: string[]) =>
    rows.some((row) => keys.some((key) => typeof row[key] === 'number' && row[key] !== 0))
  const sides = (left: string, right: string): Series[] => [
    { key: left, name: say('left'), colour: LEFT },
    { key: right, name: say('right'), colour: RIGHT, dash: '6 4' },
  ]
  const effort = (
    <Chart
      key="effort"
      title={say('effort')}
      rows={rows}
      most={10}
      onOpen={onOpen}
      line={limits.effort}
      series={[
        { key: 'effort', name: say('effortLine'), colour: INK },
        { key: 'pain', name: say('painLine'), colour: RIGHT, dash: '6 4' },
      ]}
    />
  )
  const chart = (key: 'bend' | 'step' | 'spare', line?: number) =>
    has(key) && (
      <Chart
        key={key}
        title={say(key)}
        rows={rows}
        onOpen={onOpen}
        series={[{ key, name: say(`${key}Line`), colour: INK }]}
        {...(line !== undefined && { line })}
      />
    )
  const [second, ...others] = [
    has('left', 'right') && (
      <Chart key="holds" title={say('holds')} rows={rows} onOpen={onOpen} series={sides('left', 'right')} />
    ),
    stands.rows.length > 0 && (
      <Chart
        key="stands"
        title={say('stands')}
        rows={stands.rows}
        onOpen={() => {}}
        series={sides('left', 'right')}
        {...(stands.low !== null && { band: { from: stands.low, said: stands.said } })}
      />
    ),
    <DoneChart key="did" rows={log} onOpen={onOpen} />,
    has('wobbles', 'touches') && (
      <Chart
        key="wobbles"
        title={say('wobbles')}
        rows={rows}
        onOpen={onOpen}
        series={[
          { key: 'wobbles', name: say('wobblesLine'), colour: LEFT, bar: true },
          { key: 'touches', name: say('touchesLine'), colour: 'var(--wood)', bar: true },
        ]}
      />
    ),
    chart('bend'),
    chart('step'),
    has('workLeft', 'workRight') && (
      <Chart key="load" title={say('load')} rows={rows} onOpen={onOpen} series={sides('workLeft', 'workRight')} />
    ),
    chart('spare', 0),
  ].filter((one) => one !== false)
  return (
    <section className={styles.charts} aria-label={say('label')}>
      {effort}
      {second}
      {all && others}
      {others.length > 0 && (
        <Button aria-expanded={all} onClick={() => setAll(!all)} className={styles.more}>
          {all ? say('fewer') : say('more', { n: others.length })}
        </Button>
      )}
    </section>
  )
}
