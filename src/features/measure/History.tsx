import Button from '@mui/material/Button'
import type { MeasuredEntry, RecordDocument } from '@/documents/record-document'
import { useWords } from '@/ui/words/use-words'
import { sayMeasured } from '@/words/measure'
import styles from './measure.module.css'
import type { MeasureId } from './measures'
import type { PanelProps } from './panel-props'

/** What each device measures. */
const WHAT: Partial<Record<MeasureId, MeasuredEntry['what']>> = {
  scales: 'split',
  board: 'centre',
  level: 'tilt',
  sway: 'sway',
  picture: 'tilt',
}

type HistoryProps = { record: RecordDocument; what: MeasureId; change: PanelProps['change'] }

/** What was measured before, the newest first, with its date and who took it. */
export function History({ record, what, change }: HistoryProps) {
  const words = useWords()
  const say = (key: string) => words.say(`measure.${key}`)
  const mine = record.measures.filter((one) => one.what === WHAT[what]).toReversed()
  return (
    <section className={styles.history} aria-label={say('history')}>
      <h2>{say('history')}</h2>
      {mine.length === 0 && <p>{say('never')}</p>}
      <ul>
        {mine.map((one, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: two may be alike in all they say
          <li key={i}>
            {sayMeasured(one, words)}{' '}
            <small>
              {[words.day(one.on), one.by].filter(Boolean).join(', ')}{' '}
              <Button
                onClick={() => change((now) => ({ ...now, measures: now.measures.filter((other) => other !== one) }))}
              >
                {say('takeAway')}
              </Button>
            </small>
          </li>
        ))}
      </ul>
    </section>
  )
}
