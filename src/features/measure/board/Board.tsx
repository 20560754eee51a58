import Button from '@mui/material/Button'
import { useState } from 'react'
import { type BoardDistance, calcBoardDistance, InputError, placeByBoard, tryAnalyse, type Vec2 } from '@/core'
import { readFigure } from '@/documents/read-figure'
import { Field } from '@/ui/forms/Field'
import type { Read } from '@/ui/forms/Form'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayCentimetres } from '@/words/figures'
import { sayPostureName } from '@/words/postures'
import { Figures } from '../Figures'
import styles from '../measure.module.css'
import type { PanelProps } from '../panel-props'

const WAYS = ['ahead', 'across'] as const
type Way = (typeof WAYS)[number]
type Set = { distance: BoardDistance; heel: number }

/** A board on two edges over a scale: the centre's distance from an edge; both ways, its place, held against the computed one. */
export function Board({ body, done, onKeep }: PanelProps) {
  const say = useSay('measure.board')
  const words = useWords()
  const [settings, setSettings] = useState<Partial<Record<Way, Set>>>({})
  const { ahead, across } = settings
  const heelAt = done.stance.feet.left.heel
  const placed =
    ahead && across && placeByBoard(across.distance, ahead.distance, [across.heel, ahead.heel], [heelAt[0], heelAt[1]])
  return (
    <div className={styles.panel}>
      {WAYS.map((way) => (
        <section key={way}>
          <h3>{say(way)}</h3>
          <Figures verb={words.say('measure.timed.trial')} onEnter={(read) => set(way, read)}>
            {(['length', 'tare', 'read', 'heel'] as const).map((name) => (
              <label key={name}>
                {say(name)}
                <Field name={name} inputMode="decimal" required autoComplete="off" />
              </label>
            ))}
            <label>
              {say('mass')}
              <Field name="mass" inputMode="decimal" required autoComplete="off" defaultValue={String(body.mass)} />
            </label>
          </Figures>
          {settings[way] && (
            <p className={styles.big} role="status">
              {say('result', {
                distance: sayCentimetres(settings[way].distance.distance, words),
                sd: sayCentimetres(settings[way].distance.sd, words),
              })}
            </p>
          )}
        </section>
      ))}
      {placed && <Against body={body} done={done} onKeep={onKeep} {...placed} />}
    </div>
  )

  function set(way: Way, read: Read): void {
    const figure = (name: string) => {
      const value = readFigure(read(name))
      if (Number.isNaN(value)) throw new InputError(name, read(name), { code: 'above', least: 0 })
      return value
    }
    const distance = calcBoardDistance({
      length: figure('length') / 100,
      tareKg: figure('tare'),
      readKg: figure('read'),
      massKg: figure('mass'),
    })
    setSettings((before) => ({ ...before, [way]: { distance, heel: figure('heel') / 100 } }))
  }
}

type AgainstProps = Pick<PanelProps, 'body' | 'done' | 'onKeep'> & { centre: Vec2; sd: Vec2 }

/** The measured place of the centre beside the computed one, and whether both agree within what they are known to. */
function Against({ body, done, onKeep, centre, sd }: AgainstProps) {
  const say = useSay('measure.board')
  const words = useWords()
  const heelAt = done.stance.feet.left.heel
  const analysis = tryAnalyse(body, done.stance)
  const from = ([x, y]: readonly [number, number]) => ({
    ahead: sayCentimetres(y - heelAt[1], words),
    right: sayCentimetres(x - heelAt[0], words),
  })
  const computed = analysis && ([analysis.pose.centreOfMass[0], analysis.pose.centreOfMass[1]] as const)
  const off = computed && Math.hypot(computed[0] - centre[0], computed[1] - centre[1])
  const known = analysis && Math.hypot(...sd, ...analysis.centreSd)
  return (
    <>
      <p className={styles.big}>{say('place', from(centre))}</p>
      {computed && off !== null && known !== null && (
        <p>
          {say('against', {
            ...from(computed),
            posture: sayPostureName(done.posture, words),
            off: sayCentimetres(off, words),
          })}{' '}
          {say(off <= 2 * known ? 'agrees' : 'differs')}
        </p>
      )}
      <p className={styles.acts}>
        <Button
          variant="contained"
          onClick={() =>
            onKeep({
              what: 'centre',
              centreM: [centre[0] - heelAt[0], centre[1] - heelAt[1]],
              centreSdM: [sd[0], sd[1]],
            })
          }
        >
          {words.say('measure.keep')}
        </Button>
      </p>
    </>
  )
}
