import Button from '@mui/material/Button'
import type { MotionFinding, ShownTransition } from '@/core'
import type { PartDocument } from '@/documents/routine-document'
import { useWords } from '@/ui/words/use-words'
import { saySeconds } from '@/words/path'
import { changePart } from '../state/edits'
import { findMiddle, splitPart } from '../state/split'
import { editRoutine } from '../state/store'
import styles from './trouble.module.css'

type TempoOffersProps = {
  finding: MotionFinding
  part: number
  breath: PartDocument['breath']
  seconds: number
  halfBreathS: number
  way: ShownTransition | undefined
}

const SECONDS_MOST = 120

/** Where a breath is too short for the safe shift: a slower count for this way, one breath more, or the movement in two. */
export function TempoOffers({ finding, part, breath, seconds, halfBreathS, way }: TempoOffersProps) {
  const words = useWords()
  if (finding.code !== 'tempo.short' || finding.limit === 0) return null
  const halves = breath === 'in-out' || breath === 'out-in' ? 2 : 1
  const slower = Math.ceil(finding.limit * 2) / 2
  const middle = way && findMiddle(way)
  const put = (next: number) => editRoutine((was) => changePart(was, part, { seconds: Math.min(SECONDS_MOST, next) }))
  return (
    <div className={styles.offers}>
      <Button onClick={() => put(slower * halves)}>
        {words.say('path.breath.slower', { half: saySeconds(slower, words), halves })}
      </Button>
      <Button onClick={() => put(seconds + 2 * halfBreathS)}>{words.say('path.breath.oneMore')}</Button>
      {middle && (
        <Button onClick={() => editRoutine((was) => splitPart(was, part, middle, way.anchor))}>
          {words.say('path.breath.inTwo')}
        </Button>
      )}
    </div>
  )
}
