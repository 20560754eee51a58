import Button from '@mui/material/Button'
import { useEffect, useRef, useState } from 'react'
import { DEG, STILL, type Still, StillReader } from '@/core'
import { TILTED } from '@/documents/record-document'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayDegrees } from '@/words/figures'
import styles from '../measure.module.css'
import type { PanelProps } from '../panel-props'
import { SourceWords } from '../source/SourceWords'
import { type Source, useReadings } from '../source/use-readings'

/** Radians from the middle of the vial to its rim. */
const RIM = 30 * DEG
const SIZE = 150

/** A phone as a level: held still for two seconds it gives its mean and how much it wandered; a shake starts again. */
export function Level({ body, done, onKeep }: PanelProps) {
  const say = useSay('measure.level')
  const words = useWords()
  const { stance } = done
  const [source, setSource] = useState<Source>('stream')
  const [bad, setBad] = useState(false)
  const [of, setOf] = useState<(typeof TILTED)[number]>('trunk')
  const [still, setStill] = useState<Still | null>(null)
  const reader = useRef(new StillReader())
  const seen = useRef(0)
  const readings = useReadings('level', { body, stance, sway: 1, bad, loadLeft: () => stance.loadLeft })
  const { last, count } = readings.shown
  useEffect(() => {
    if (count === 0) {
      reader.current = new StillReader()
      seen.current = 0
      return
    }
    if (still) return
    const fresh = readings.readings.current.slice(-(count - seen.current))
    seen.current = count
    for (const one of fresh) {
      const held = reader.current.take(one)
      if (held) return setStill(held)
    }
  }, [count, still, readings.readings])
  const again = () => {
    reader.current = new StillReader()
    setStill(null)
  }
  const tilt = still?.mean ?? last
  const at = (angle: number) => Math.max(-1, Math.min(1, angle / RIM)) * (SIZE - 20)
  return (
    <div className={styles.panel}>
      <p className={styles.source}>
        {say('of')}{' '}
        <ChoiceWord
          label={say('of')}
          value={of}
          choices={TILTED.map((value) => ({ value, name: say(value) }))}
          onChoose={(next) => {
            again()
            setOf(next as (typeof TILTED)[number])
          }}
        />
      </p>
      <SourceWords source={source} onSource={setSource} bad={bad} onBad={setBad} readings={readings} motion />
      <svg viewBox={`${-SIZE} ${-SIZE} ${2 * SIZE} ${2 * SIZE}`} className={styles.round} aria-hidden="true">
        <circle r={SIZE - 4} fill="var(--paper-deep)" stroke="var(--ink)" strokeWidth="2" />
        {[10, 20].map((deg) => (
          <circle key={deg} r={at(deg * DEG)} fill="none" stroke="var(--line)" strokeWidth="1.4" />
        ))}
        <path d={`M0 ${-SIZE + 8}V${SIZE - 8}M${-SIZE + 8} 0H${SIZE - 8}`} stroke="var(--line)" strokeWidth="1.4" />
        {tilt && (
          <circle
            cx={at(tilt.roll)}
            cy={-at(tilt.pitch)}
            r="17"
            fill="var(--bubble)"
            stroke={still ? 'var(--tide)' : 'var(--ink)'}
            strokeWidth={still ? 5 : 2.4}
          />
        )}
      </svg>
      <p className={styles.big} aria-live="polite">
        {still
          ? say('result', {
              pitch: sayDegrees(still.mean.pitch, words),
              roll: sayDegrees(still.mean.roll, words),
              sd: sayDegrees(Math.max(still.spread.pitch, still.spread.roll), words),
            })
          : last
            ? `${say('pitch', { deg: sayDegrees(last.pitch, words) })}, ${say('roll', { deg: sayDegrees(last.roll, words) })}. ${say('hold')}`
            : '–'}
      </p>
      {!still && last && <progress value={reader.current.heldS} max={STILL.seconds} aria-label={say('hold')} />}
      {still && (
        <p className={styles.acts}>
          <Button
            variant="contained"
            onClick={() =>
              onKeep({
                what: 'tilt',
                of,
                pitchDeg: round(still.mean.pitch),
                rollDeg: round(still.mean.roll),
                spreadDeg: round(Math.max(still.spread.pitch, still.spread.roll)),
                ...(source === 'stand-in' && { standIn: true }),
              })
            }
          >
            {words.say('measure.keep')}
          </Button>
          <Button onClick={again}>{words.say('measure.again')}</Button>
        </p>
      )}
    </div>
  )
}

const round = (radians: number) => Math.round((radians / DEG) * 10) / 10 + 0
