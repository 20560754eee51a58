import Button from '@mui/material/Button'
import { putInOrder } from '@/core'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { useSay, useWords } from '@/ui/words/use-words'
import styles from '../measure.module.css'
import { hasSerial } from './serial'
import type { Source, useReadings } from './use-readings'

type SourceWordsProps = {
  source: Source
  onSource: (source: Source) => void
  bad: boolean
  onBad: (bad: boolean) => void
  readings: Pick<ReturnType<typeof useReadings>, 'state' | 'start' | 'stop'> & {
    shown: { count: number }
    readings: { current: readonly { atS: number }[] }
  }
  /** Whether this device itself can be the level. */
  motion?: boolean
}
/** How many of the newest readings are looked at for what went wrong on the way. */
const LOOKED_AT = 600

/** Where readings come from, begun and stopped; and how it goes, told at once when nothing comes any more. */
export function SourceWords({ source, onSource, bad, onBad, readings, motion = false }: SourceWordsProps) {
  const say = useSay('measure.source')
  const words = useWords()
  const { state, shown, start, stop } = readings
  const sources: Source[] = [
    'stream',
    ...(hasSerial() ? ['serial' as const] : []),
    ...(motion ? ['motion' as const] : []),
    'stand-in',
  ]
  const { repeated, late, gapS } = putInOrder(readings.readings.current.slice(-LOOKED_AT))
  const isOn = state !== 'off' && state !== 'refused'
  return (
    <div className={styles.source}>
      <ChoiceWord
        label={say('label')}
        value={source}
        choices={sources.map((value) => ({ value, name: say(value) }))}
        onChoose={(next) => {
          stop()
          onSource(next as Source)
        }}
      />
      {source === 'stand-in' && (
        <ChoiceWord
          label={say('stand-in')}
          value={bad ? 'bad' : 'good'}
          choices={(['good', 'bad'] as const).map((value) => ({ value, name: say(value) }))}
          onChoose={(next) => {
            stop()
            onBad(next === 'bad')
          }}
        />
      )}
      <Button variant={isOn ? 'outlined' : 'contained'} onClick={() => (isOn ? stop() : start(source))}>
        {say(isOn ? 'stop' : 'start')}
      </Button>
      <span role="status" data-state={state}>
        {say(state, { n: shown.count })}{' '}
        {isOn && say('order', { repeated, late, gap: gapS > 0 ? `${words.number(gapS, 1)} s` : 'none' })}
        {source === 'stream' && !isOn && say('how')}
      </span>
    </div>
  )
}
