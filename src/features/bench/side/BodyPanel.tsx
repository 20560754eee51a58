'use client'

import Button from '@mui/material/Button'
import dynamic from 'next/dynamic'
import { useEffect, useRef, useState } from 'react'
import { type Analysis, DEG, findFullerSide } from '@/core'
import type { Look } from '@/ui/figure/solid/TurningFigure'
import { useTheme } from '@/ui/theme/use-theme'
import { setKneeBend } from '../state/edits'
import { usePointing } from '../state/pointing'
import { beginDrag, endDrag, setStance } from '../state/store'
import { useKeys } from '../state/use-keys'
import { FlatPair } from './FlatPair'
import styles from './side.module.css'

const TurningFigure = dynamic(() => import('@/ui/figure/solid/TurningFigure'), { ssr: false })

const LOOKS: { look: Look; name: string; key: string }[] = [
  { look: 'three-quarter', name: 'Three-quarter', key: '1' },
  { look: 'front', name: 'Front', key: '2' },
  { look: 'side', name: 'Side', key: '3' },
]

const DRAWN_KEY = '4'

type Shown = { look: Look; asked: number } | 'drawn'

/** The body beside the floor: in space, turned and bent by hand; or drawn level, where there is no WebGL. */
export function BodyPanel({ analysis, stale }: { analysis: Analysis; stale: boolean }) {
  const canTurn = useCanTurn()
  const [shown, setShown] = useState<Shown>({ look: 'three-quarter', asked: 0 })
  const theme = useTheme()
  const pointed = usePointing((state) => state.at)
  const lower = useLowering(analysis)
  const show = (look: Look) => setShown((was) => ({ look, asked: was === 'drawn' ? 1 : was.asked + 1 }))
  useKeys({
    ...Object.fromEntries(LOOKS.map(({ look, key }) => [key, () => show(look)])),
    [DRAWN_KEY]: () => setShown('drawn'),
  })
  const drawn = !canTurn || shown === 'drawn'
  return (
    <section className={styles.body} data-stale={stale} aria-label="The body">
      <div className={styles.bodyView}>
        {drawn ? (
          <FlatPair analysis={analysis} />
        ) : (
          <div role="img" aria-label={sayBody(analysis)} className={styles.turning}>
            <TurningFigure
              analysis={analysis}
              look={shown.look}
              asked={shown.asked}
              theme={theme}
              pointed={pointed}
              onLower={lower.by}
              onLowerEnd={lower.end}
            />
          </div>
        )}
      </div>
      {canTurn && (
        <div className={styles.looks}>
          {LOOKS.map(({ look, name }) => (
            <Button key={look} type="button" aria-pressed={!drawn && shown.look === look} onClick={() => show(look)}>
              {name}
            </Button>
          ))}
          <Button aria-pressed={drawn} onClick={() => setShown('drawn')}>
            Drawn
          </Button>
        </div>
      )}
    </section>
  )
}

function sayBody({ legs }: Analysis): string {
  const [left, right] = [legs.left, legs.right].map((leg) => Math.round(leg.flexion / DEG))
  return `The body in this stance: left knee bent ${left}°, right knee bent ${right}°. Drag to turn it, drag the pelvis to bend the knees.`
}

/** Dragging the pelvis down bends the knee that sets the height by just that much. */
function useLowering(analysis: Analysis) {
  const from = useRef<{ hipZ: number } | null>(null)
  const by = (metres: number) => {
    const { legs, stance } = analysis.pose
    const side = stance.height && 'leg' in stance.height && stance.height.leg ? stance.height.leg : undefined
    const leg = legs[side ?? findFullerSide(stance)]
    if (!from.current) {
      beginDrag()
      from.current = { hipZ: leg.hipZ }
    }
    if (metres === 0) return
    const drop = from.current.hipZ - metres - leg.foot.ankleZ
    const square = leg.offset ** 2 + drop ** 2
    const cos = (square - leg.thigh ** 2 - leg.shank ** 2) / (2 * leg.thigh * leg.shank)
    const degrees = Math.acos(Math.min(1, Math.max(-1, cos))) / DEG
    setStance((s) => setKneeBend(s, Math.round(degrees)))
  }
  const end = () => {
    if (from.current) endDrag()
    from.current = null
  }
  return { by, end }
}

/** Whether the browser can draw in space; not known before it is asked. */
function useCanTurn(): boolean {
  const [can, setCan] = useState(false)
  useEffect(() => {
    // After the floor is usable: the part that turns is loaded only then.
    const timer = setTimeout(() => setCan(document.createElement('canvas').getContext('webgl2') !== null), 300)
    return () => clearTimeout(timer)
  }, [])
  return can
}
