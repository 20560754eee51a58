'use client'

import Button from '@mui/material/Button'
import ButtonBase from '@mui/material/ButtonBase'
import { useState } from 'react'
import type { Analysis } from '@/core'
import type { Mark } from '@/records/today'
import { SmallVial } from '@/ui/vial/SmallVial'
import { BY_ESTIMATE, Judged, VERDICT_WORDS } from '@/ui/words/VerdictMark'
import { restsOnEstimate, sayReasonShort } from '@/words/reasons'
import styles from './class-fit.module.css'
import { isAway } from './layout'
import type { Member } from './member'
import { WhySheet } from './WhySheet'

type TaughtStripProps = {
  all: readonly Member[]
  taughtBy: readonly { member: Member; analysis: Analysis | null }[]
  onMark: (id: string, mark: Mark) => void
}

const RANK = { beyond: 0, close: 1, holds: 2 }

/** Everybody against the posture as taught, worst first; pressed, it says why. */
export function TaughtStrip({ all, taughtBy, onMark }: TaughtStripProps) {
  const [asked, setAsked] = useState<string | null>(null)
  const spare = (analysis: Analysis | null) => (analysis ? analysis.assured.margin - analysis.reserve : -1)
  const rank = (analysis: Analysis | null) => (analysis ? RANK[analysis.verdict] : -1)
  const sorted = taughtBy.toSorted(
    (a, b) => rank(a.analysis) - rank(b.analysis) || spare(a.analysis) - spare(b.analysis),
  )
  const why = taughtBy.find(({ member }) => member.id === asked)
  return (
    <section className={styles.taught} aria-label="As taught, everybody">
      <h2>As taught, everybody</h2>
      <ul>
        {sorted.map(({ member, analysis }) => {
          const verdict = analysis?.verdict ?? 'beyond'
          return (
            <li key={member.id}>
              <ButtonBase aria-haspopup="dialog" onClick={() => setAsked(member.id)}>
                <Judged verdict={verdict} size={18} estimated={analysis !== null && restsOnEstimate(analysis)} />
                <strong>{member.short}</strong>
                <small>
                  {sayReasonShort(analysis)}
                  <span className="for-ears">
                    : {VERDICT_WORDS[verdict].toLowerCase()} as taught
                    {analysis && restsOnEstimate(analysis) && `, ${BY_ESTIMATE}`}
                  </span>
                </small>
                {analysis && <SmallVial margins={analysis.margins.usable} reserve={analysis.reserve} />}
              </ButtonBase>
            </li>
          )
        })}
        {all.filter(isAway).map((member) => (
          <li key={member.id} data-away="true">
            <strong>{member.short}</strong>
            <small>not here</small>
            <Button aria-label={`${member.short} is here after all`} onClick={() => onMark(member.id, 'here')}>
              here after all
            </Button>
          </li>
        ))}
      </ul>
      {why && (
        <WhySheet
          {...why}
          onClose={() => setAsked(null)}
          onAway={() => {
            onMark(why.member.id, 'away')
            setAsked(null)
          }}
        />
      )}
    </section>
  )
}
