'use client'

import Button from '@mui/material/Button'
import { DEG, type Measures } from '@/core'
import { NumberWord } from '@/ui/words/NumberWord'
import { Spoken } from '@/ui/words/Spoken'
import { useSay } from '@/ui/words/use-words'
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
  const t = useSay('screens.classFit')
  return (
    <div className={styles.editor}>
      <p>
        <Spoken
          of="screens.classFit.level"
          values={{
            steps: String(Math.abs(taught.step) >= STEPPING),
            stands: String(level.own.contact !== 'air'),
          }}
          parts={{
            track: (
              <NumberWord
                label={t('track')}
                value={level.track}
                unit={t('shoulders')}
                step={0.05}
                min={0}
                max={3}
                digits={2}
                onChange={(track) => onEdit((now) => ({ ...now, track }))}
              />
            ),
            step: (
              <NumberWord
                label={t('step')}
                value={(100 * level.step) / taught.step}
                unit="%"
                step={5}
                min={0}
                max={130}
                digits={0}
                onChange={(percent) => onEdit((now) => ({ ...now, step: (taught.step * percent) / 100 }))}
              />
            ),
            knees: (
              <NumberWord
                label={t('knees')}
                value={level.kneeFlexion / DEG}
                unit="°"
                step={1}
                min={5}
                max={90}
                digits={0}
                onChange={(degrees) => onEdit((now) => ({ ...now, kneeFlexion: degrees * DEG }))}
              />
            ),
            weight: (
              <NumberWord
                label={t('weightOnNamedFoot')}
                value={level.ownLoad * 100}
                unit="%"
                step={1}
                min={0}
                max={100}
                digits={0}
                onChange={(percent) => onEdit((now) => ({ ...now, ownLoad: percent / 100 }))}
              />
            ),
          }}
        />
      </p>
      <Button onClick={onDone}>{t('done')}</Button>
    </div>
  )
}
