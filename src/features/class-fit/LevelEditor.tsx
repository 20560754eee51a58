'use client'

import Button from '@mui/material/Button'
import { DEG, type Measures } from '@/core'
import { NumberWord } from '@/ui/words/NumberWord'
import styles from './class-fit.module.css'

type LevelEditorProps = {
  level: Measures
  taught: Measures
  onEdit: (change: (level: Measures) => Measures) => void
  onDone: () => void
}

const STEPPING = 0.03

/** A level's numbers, changed in place: everybody in its lane answers at once. */
export function LevelEditor({ level, taught, onEdit, onDone }: LevelEditorProps) {
  return (
    <div className={styles.editor}>
      <p>
        feet{' '}
        <NumberWord
          label="Track"
          value={level.track}
          unit="shoulders"
          step={0.05}
          min={0}
          max={3}
          digits={2}
          onChange={(track) => onEdit((now) => ({ ...now, track }))}
        />{' '}
        apart
        {Math.abs(taught.step) >= STEPPING && (
          <>
            ,{' '}
            <NumberWord
              label="Step"
              value={(100 * level.step) / taught.step}
              unit="%"
              step={5}
              min={0}
              max={130}
              digits={0}
              onChange={(percent) => onEdit((now) => ({ ...now, step: (taught.step * percent) / 100 }))}
            />{' '}
            of a step
          </>
        )}
        , knees{' '}
        <NumberWord
          label="Knees"
          value={level.kneeFlexion / DEG}
          unit="°"
          step={1}
          min={5}
          max={90}
          digits={0}
          onChange={(degrees) => onEdit((now) => ({ ...now, kneeFlexion: degrees * DEG }))}
        />
        {level.own.contact !== 'air' && (
          <>
            ,{' '}
            <NumberWord
              label="Weight on the named foot"
              value={level.ownLoad * 100}
              unit="%"
              step={1}
              min={0}
              max={100}
              digits={0}
              onChange={(percent) => onEdit((now) => ({ ...now, ownLoad: percent / 100 }))}
            />{' '}
            on the named foot
          </>
        )}
        .
      </p>
      <Button onClick={onDone}>Done</Button>
    </div>
  )
}
