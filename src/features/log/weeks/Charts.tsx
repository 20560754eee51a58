import {
  Bar,
  CartesianGrid,
  ComposedChart,
  Line,
  ReferenceArea,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts'
import type { ClassDay, DoneDay } from '@/core'
import type { LogRow } from '@/formats/log-document'
import { ENGLISH } from '@/words/language'
import { DoneChart } from './DoneChart'
import { DAY_AXIS } from './day-axis'
import { openOf } from './open-of'
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

const say = (key: string, values?: Record<string, string | number>) => ENGLISH.say(`practice.charts.${key}`, values)

const INK = 'var(--ink)'
const LEFT = 'var(--tide-line)'
const RIGHT = 'var(--clay)'
const HEIGHT = 150

/** What was done on a day: degrees, percent of the taught step, minutes. */
export type Doing = { bend: number | null; step: number | null; minutes: number }
export type Row = { day: string; [key: string]: string | number | null }
type Series = { key: string; name: string; colour: string; dash?: string; bar?: boolean }

/** Charts of a person's weeks, one axis of days for all; each dot opens its day. */
export function Charts({ days, done, spare, limits, doing, stands, rows: log, onOpen }: ChartsProps) {
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
  return (
    <section className={styles.charts} aria-label={say('label')}>
      <Chart
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
      <DoneChart rows={log} onOpen={onOpen} />
      {has('left', 'right') && (
        <Chart title={say('holds')} rows={rows} onOpen={onOpen} series={sides('left', 'right')} />
      )}
      {has('wobbles', 'touches') && (
        <Chart
          title={say('wobbles')}
          rows={rows}
          onOpen={onOpen}
          series={[
            { key: 'wobbles', name: say('wobblesLine'), colour: LEFT, bar: true },
            { key: 'touches', name: say('touchesLine'), colour: 'var(--wood)', bar: true },
          ]}
        />
      )}
      {has('bend') && (
        <Chart
          title={say('bend')}
          rows={rows}
          onOpen={onOpen}
          series={[{ key: 'bend', name: say('bendLine'), colour: INK }]}
        />
      )}
      {has('step') && (
        <Chart
          title={say('step')}
          rows={rows}
          onOpen={onOpen}
          series={[{ key: 'step', name: say('stepLine'), colour: INK }]}
        />
      )}
      {stands.rows.length > 0 && (
        <Chart
          title={say('stands')}
          rows={stands.rows}
          onOpen={() => {}}
          series={sides('left', 'right')}
          {...(stands.low !== null && { band: { from: stands.low, said: stands.said } })}
        />
      )}
      {has('workLeft', 'workRight') && (
        <Chart title={say('load')} rows={rows} onOpen={onOpen} series={sides('workLeft', 'workRight')} />
      )}
      {has('spare') && (
        <Chart
          title={say('spare')}
          rows={rows}
          onOpen={onOpen}
          line={0}
          series={[{ key: 'spare', name: say('spareLine'), colour: INK }]}
        />
      )}
    </section>
  )
}

type ChartProps = {
  title: string
  rows: readonly Row[]
  series: readonly Series[]
  most?: number
  /** A limit across. */
  line?: number
  band?: { from: number; said: string }
  onOpen: (day: string) => void
}

function Chart({ title, rows, series, most, line, band, onOpen }: ChartProps) {
  return (
    <figure className={styles.chart}>
      <figcaption>
        {title}
        <span>
          {series.map(({ key, name, colour, dash }) => (
            <i key={key}>
              <svg width="22" height="8" aria-hidden="true">
                <line x1="0" x2="22" y1="4" y2="4" stroke={colour} strokeWidth="3" strokeDasharray={dash} />
              </svg>
              {name}
            </i>
          ))}
        </span>
        {band && <small>{band.said}</small>}
      </figcaption>
      <ResponsiveContainer width="100%" height={HEIGHT}>
        <ComposedChart data={[...rows]} margin={{ top: 8, right: 14, bottom: 0, left: -18 }}>
          <CartesianGrid stroke="var(--grid)" vertical={false} />
          <XAxis {...DAY_AXIS} />
          <YAxis
            stroke="var(--ink-soft)"
            axisLine={false}
            tickLine={false}
            fontSize={13}
            domain={most ? [0, most] : [(low: number) => Math.min(0, Math.floor(low)), 'auto']}
            allowDecimals={false}
          />
          {/* Below what is usual. */}
          {band && <ReferenceArea y1={0} y2={band.from} fill="var(--clay-wash)" ifOverflow="hidden" />}
          {line !== undefined && <ReferenceLine y={line} stroke="var(--clay)" strokeDasharray="3 4" />}
          <Tooltip
            isAnimationActive={false}
            labelFormatter={(day) => ENGLISH.day(String(day))}
            contentStyle={{ background: 'var(--paper)', border: '1px solid var(--line)' }}
          />
          {series.map(({ key, name, colour, dash, bar }) =>
            bar ? (
              <Bar
                key={key}
                dataKey={key}
                name={name}
                fill={colour}
                maxBarSize={14}
                isAnimationActive={false}
                onClick={(at) => onOpen(String((at.payload as Row | undefined)?.day ?? ''))}
              />
            ) : (
              <Line
                key={key}
                dataKey={key}
                name={name}
                stroke={colour}
                strokeWidth={2.4}
                {...(dash && { strokeDasharray: dash })}
                connectNulls={false}
                isAnimationActive={false}
                dot={{ r: 4.5, fill: 'var(--paper)', strokeDasharray: '' }}
                activeDot={{
                  r: 7,
                  cursor: 'pointer',
                  onClick: openOf(onOpen),
                }}
              />
            ),
          )}
        </ComposedChart>
      </ResponsiveContainer>
    </figure>
  )
}
