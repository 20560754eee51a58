import { CartesianGrid, ComposedChart, Line, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts'
import type { LogRow } from '@/documents/log-document'
import { useWords } from '@/ui/words/use-words'
import type { Words } from '@/words/language'
import { dayAxis } from './day-axis'
import { Figures } from './Figures'
import { openOf } from './open-of'
import styles from './weeks.module.css'

/** From the least that was done to the whole of it. */
const ORDER = ['away', 'none', 'seated', 'in-place', 'steps', 'chair', 'own', 'level', 'taught'] as const
type Place = (typeof ORDER)[number]

const HEIGHT = 210
const WIDTH = 130

/** What was done on each day in the main, and whether they came at all; whoever came, and of whom nothing is said, has no dot. */
export function DoneChart({ rows, onOpen }: { rows: readonly LogRow[]; onOpen: (day: string) => void }) {
  const words = useWords()
  const days = [...new Set(rows.map(({ day }) => day))].sort().map((day) => {
    const some = rows.filter((row) => row.day === day)
    const whole = some.find(({ piece }) => piece === undefined)
    const did = whole?.as ?? some.findLast(({ as }) => as)?.as ?? null
    const place: Place | null = whole?.came === false ? 'away' : did
    return { day, did: place === null ? null : ORDER.indexOf(place), level: whole?.level ?? null }
  })
  return (
    <figure className={styles.chart}>
      <figcaption>{words.say('practice.charts.did')}</figcaption>
      <ResponsiveContainer width="100%" height={HEIGHT}>
        <ComposedChart data={days} margin={{ top: 8, right: 14, bottom: 0, left: 0 }}>
          <CartesianGrid stroke="var(--grid)" vertical={false} />
          <XAxis {...dayAxis(words)} />
          <YAxis
            width={WIDTH}
            domain={[0, ORDER.length - 1]}
            ticks={ORDER.map((_, i) => i)}
            interval={0}
            tickFormatter={(place) => sayPlace(place, words)}
            stroke="var(--ink-soft)"
            axisLine={false}
            tickLine={false}
            fontSize={13}
          />
          <Tooltip
            isAnimationActive={false}
            labelFormatter={(day) => words.day(String(day))}
            formatter={(value, _, { payload }) => [
              [sayPlace(Number(value), words), payload.level !== null && Number(payload.level) + 1]
                .filter(Boolean)
                .join(' '),
              words.say('log.fields.as'),
            ]}
            contentStyle={{ background: 'var(--paper)', border: '1px solid var(--line)' }}
          />
          <Line
            type="stepAfter"
            dataKey="did"
            stroke="var(--ink)"
            strokeWidth={1.4}
            strokeDasharray="2 4"
            connectNulls={false}
            isAnimationActive={false}
            dot={{ r: 5.5, fill: 'var(--tide)', stroke: 'var(--paper)', strokeDasharray: '' }}
            activeDot={{ r: 7.5, cursor: 'pointer', onClick: openOf(onOpen) }}
          />
        </ComposedChart>
      </ResponsiveContainer>
      <Figures
        title={words.say('practice.charts.did')}
        columns={[words.say('log.fields.as')]}
        rows={days.flatMap(({ day, did }) => (did === null ? [] : [{ day, cells: [sayPlace(did, words)] }]))}
      />
    </figure>
  )
}

function sayPlace(index: number, words: Words): string {
  const place = ORDER[index] ?? 'none'
  return words.say(place === 'away' ? 'log.came.no' : `log.as.${place}`)
}
