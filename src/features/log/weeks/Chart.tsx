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
import { useWords } from '@/ui/words/use-words'
import type { Words } from '@/words/language'
import { dayAxis } from './day-axis'
import { Figures } from './Figures'
import { openOf } from './open-of'
import styles from './weeks.module.css'

/** Pixels. */
const HEIGHT = 220

export type Row = { day: string; [key: string]: string | number | null }
export type Series = { key: string; name: string; colour: string; dash?: string; bar?: boolean }

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

/** Some figures along one axis of days, and the same as a table for whoever does not see them. */
export function Chart({ title, rows, series, most, line, band, onOpen }: ChartProps) {
  const words = useWords()
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
          <XAxis {...dayAxis(words)} />
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
            labelFormatter={(day) => words.day(String(day))}
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
      <Figures
        title={title}
        columns={series.map(({ name }) => name)}
        rows={rows
          .filter((row) => series.some(({ key }) => typeof row[key] === 'number'))
          .map((row) => ({ day: row.day, cells: series.map(({ key }) => sayFigure(row[key], words)) }))}
      />
    </figure>
  )
}

const sayFigure = (value: Row[string] | undefined, words: Words): string =>
  typeof value === 'number' ? words.number(value, 1) : words.say('log.unsaid')
