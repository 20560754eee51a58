import { FloorStage } from '@/ui/floor/stage/FloorStage'
import type { FloorHands } from '@/ui/floor/stage/hands'
import { changeSupport, moveFoot, moveSupport, setLoadLeft, setSupport, supportOf, turnFoot } from '../state/edits'
import { useFloorView } from '../state/floor-view'
import { usePointing } from '../state/pointing'
import { beginDrag, endDrag, setStance } from '../state/store'
import type { OnBenchView } from '../state/use-analysis'
import { FloorTools } from './FloorTools'

/** What hands do on this floor changes the stance on the bench. */
const HANDS: FloorHands = {
  begin: beginDrag,
  end: endDrag,
  moveFoot: (side, [x, y]) => setStance((s) => moveFoot(s, side, x, y)),
  turnFoot: (side, toeOutDeg) => setStance((s) => turnFoot(s, side, toeOutDeg)),
  setLoadLeft: (percent) => setStance((s) => setLoadLeft(s, percent)),
  moveSupport: (hand, [x, y]) => setStance((s) => moveSupport(s, hand, x, y)),
  turnSupport: (hand, byDeg) =>
    setStance((s) => changeSupport(s, hand, { towardDeg: (supportOf(s, hand)?.towardDeg ?? 0) + byDeg })),
  takeSupportAway: (hand) => setStance((s) => setSupport(s, hand, null, [0, 0, 0])),
}

/** The floor of the bench, with the stance that is on it. */
export function BenchFloor({ view: { footing, analysis } }: { view: OnBenchView }) {
  const look = useFloorView()
  const pointed = usePointing((state) => state.at)
  return (
    <FloorStage footing={footing} analysis={analysis} look={look} hands={HANDS} pointed={pointed}>
      <FloorTools />
    </FloorStage>
  )
}
