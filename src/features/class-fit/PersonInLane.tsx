'use client'

import { useDraggable } from '@dnd-kit/core'
import ChairAltOutlined from '@mui/icons-material/ChairAltOutlined'
import PersonOutlined from '@mui/icons-material/PersonOutlined'
import PushPinOutlined from '@mui/icons-material/PushPinOutlined'
import ButtonBase from '@mui/material/ButtonBase'
import Tooltip from '@mui/material/Tooltip'
import type { KeyboardEvent } from 'react'
import { capVerdict } from '@/records/cap-verdict'
import { SmallVial } from '@/ui/vial/SmallVial'
import { useSay, useWords } from '@/ui/words/use-words'
import { byEstimateIn, Judged, verdictWordsIn } from '@/ui/words/VerdictMark'
import { restsOnEstimate, sayReason } from '@/words/reasons'
import { sayUnanswered } from '@/words/records'
import { markWayIn, sayWayIn } from '@/words/way-in'
import styles from './class-fit.module.css'
import type { Placed } from './layout'
import { sayInLane, sayLowered, supportOf } from './words'

type PersonInLaneProps = { placed: Placed; onStep: (id: string, by: 1 | -1) => void }

/** Somebody on the hall's floor: dragged to another lane, or moved there with the arrow keys. */
export function PersonInLane({ placed, onStep }: PersonInLaneProps) {
  const t = useSay('screens.classFit')
  const words = useWords()

  const { member, analysis, stance, passes, pinned, joined, wayIn } = placed
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({ id: member.id })
  // A verdict that holds but breaks what only the search knows of is not shown as holding.
  const judged = analysis ? (passes || analysis.verdict !== 'holds' ? analysis.verdict : 'close') : 'beyond'
  const verdict = capVerdict(judged, member.person.unanswered.length)
  const unanswered = sayUnanswered(member.person.unanswered, words)
  const reason = sayInLane(analysis, words)
  const support = supportOf(stance)
  const way = markWayIn(wayIn, words)
  const lowered = sayLowered(stance, member.body, words)
  const estimated = analysis !== null && restsOnEstimate(analysis)
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'ArrowRight') onStep(member.id, 1)
    else if (event.key === 'ArrowLeft') onStep(member.id, -1)
    else return
    event.preventDefault()
  }
  return (
    <li>
      <Tooltip
        describeChild
        title={[sayReason(analysis, words), wayIn && sayWayIn(wayIn, words)].filter(Boolean).join(' ')}
      >
        <ButtonBase
          ref={setNodeRef}
          {...listeners}
          {...attributes}
          aria-roledescription={t('personOnFloor')}
          className={styles.somebody}
          data-dragging={isDragging}
          style={transform ? { transform: `translate(${transform.x}px, ${transform.y}px)` } : undefined}
          onKeyDown={onKeyDown}
        >
          <Judged verdict={verdict} size={15} estimated={estimated} />
          <span className={styles.name}>
            {member.short}
            <span className="for-ears">
              {` ${verdictWordsIn(words)[verdict].toLowerCase()}${support ? `, ${support}` : ''}${pinned ? t('putHereByHand') : ''}${estimated ? `, ${byEstimateIn(words)}` : ''}`}
            </span>
            {pinned && <PushPinOutlined className={styles.pin} aria-hidden />}
          </span>
          {analysis && <SmallVial margins={analysis.margins.usable} reserve={analysis.reserve} />}
          <span className={styles.beside}>
            {support === 'chair' && <ChairAltOutlined className={styles.thing} aria-hidden />}
            {support === 'wall' && <WallMark />}
            {member.person.helperBeside && <PersonOutlined className={styles.thing} aria-hidden />}
          </span>
          {joined && <small>{t('newHereProposed')}</small>}
          {unanswered && <small>{unanswered}</small>}
          {member.person.beginsWithHand && <small>{t('fellBeginSeatedOr')}</small>}
          {lowered && <small>{lowered}</small>}
          {reason && <small>{reason}</small>}
          {/* Its line is there before it is known: nobody moves under a finger. */}
          {wayIn !== null && <small>{wayIn ? way || '\u00a0' : '…'}</small>}
        </ButtonBase>
      </Tooltip>
    </li>
  )
}

function WallMark() {
  return (
    <svg width="20" height="20" viewBox="0 0 20 20" aria-hidden="true">
      <rect x="14" y="1" width="4" height="18" fill="var(--wood)" />
      <path d="M3 10h9m-4 -4l4 4l-4 4" fill="none" stroke="var(--wood)" strokeWidth="1.8" />
    </svg>
  )
}
