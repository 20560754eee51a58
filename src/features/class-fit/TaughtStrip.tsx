'use client'

import Button from '@mui/material/Button'
import ButtonBase from '@mui/material/ButtonBase'
import Tooltip from '@mui/material/Tooltip'
import type { Analysis } from '@/core'
import { SmallVial } from '@/ui/vial/SmallVial'
import { BY_ESTIMATE, Judged, VERDICT_WORDS } from '@/ui/words/VerdictMark'
import { restsOnEstimate, sayReason, sayReasonShort } from '@/words/reasons'
import styles from './class-fit.module.css'
import type { Member } from './member'

type TaughtStripProps = {
  all: readonly Member[]
  taughtBy: readonly { member: Member; analysis: Analysis | null }[]
  absent: ReadonlySet<string>
  onToggle: (id: string) => void
}

const RANK = { beyond: 0, close: 1, holds: 2 }

/** Everybody against the posture as taught, worst first; pressed, somebody is not here today. */
export function TaughtStrip({ all, taughtBy, absent, onToggle }: TaughtStripProps) {
  const spare = (analysis: Analysis | null) => (analysis ? analysis.assured.margin - analysis.reserve : -1)
  const rank = (analysis: Analysis | null) => (analysis ? RANK[analysis.verdict] : -1)
  const sorted = taughtBy.toSorted(
    (a, b) => rank(a.analysis) - rank(b.analysis) || spare(a.analysis) - spare(b.analysis),
  )
  const away = all.filter(({ id }) => absent.has(id))
  return (
    <section className={styles.taught} aria-label="As taught, everybody">
      <h2>As taught, everybody</h2>
      <ul>
        {sorted.map(({ member, analysis }) => {
          const verdict = analysis?.verdict ?? 'beyond'
          return (
            <li key={member.id}>
              <Tooltip describeChild title={`${sayReason(analysis)} (Press: not here today.)`}>
                <ButtonBase onClick={() => onToggle(member.id)}>
                  <Judged verdict={verdict} size={18} estimated={analysis !== null && restsOnEstimate(analysis)} />
                  <strong>{member.short}</strong>
                  <small>
                    {sayReasonShort(analysis)}
                    <span className={styles.forEars}>
                      : {VERDICT_WORDS[verdict].toLowerCase()} as taught
                      {analysis && restsOnEstimate(analysis) && `, ${BY_ESTIMATE}`}
                    </span>
                  </small>
                  {analysis && <SmallVial margins={analysis.margins.usable} reserve={analysis.reserve} />}
                </ButtonBase>
              </Tooltip>
            </li>
          )
        })}
        {away.map((member) => (
          <li key={member.id} data-away="true">
            <Button aria-pressed="true" onClick={() => onToggle(member.id)}>
              <strong>{member.short}</strong>
              <small>not here</small>
            </Button>
          </li>
        ))}
      </ul>
    </section>
  )
}
