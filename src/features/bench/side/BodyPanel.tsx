import { useRef, useState } from 'react'
import { type Analysis, DEG, findFullerSide } from '@/core'
import { askFor, BodyView, LOOKS, type Shown } from '@/ui/figure/BodyView'
import type { Lowering } from '@/ui/figure/solid/TurningFigure'
import { useKeys } from '@/ui/words/use-keys'
import { setKneeBend } from '../state/edits'
import { usePointing } from '../state/pointing'
import { beginDrag, endDrag, setStance } from '../state/store'

/** The body beside the floor; its knees are bent by hand, and what a finding is about is pointed at. */
export function BodyPanel({ analysis, stale }: { analysis: Analysis; stale: boolean }) {
  const [shown, setShown] = useState<Shown>({ look: 'three-quarter', asked: 0 })
  const pointed = usePointing((state) => state.at)
  const lowering = useLowering(analysis)
  useKeys({
    ...Object.fromEntries(LOOKS.map((look, i) => [i + 1, () => setShown(askFor(look, shown))])),
    [LOOKS.length + 1]: () => setShown('drawn'),
  })
  return (
    <BodyView analysis={analysis} stale={stale} shown={shown} onShow={setShown} pointed={pointed} lowering={lowering} />
  )
}

/** Dragging the pelvis down bends the knee that sets the height by just that much. */
function useLowering(analysis: Analysis): Lowering {
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
