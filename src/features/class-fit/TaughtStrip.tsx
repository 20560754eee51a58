'use client'

import Button from '@mui/material/Button'
import ButtonBase from '@mui/material/ButtonBase'
import { useState } from 'react'
import type { Analysis } from '@/core'
import type { Mark } from '@/records/today'
import { SmallVial } from '@/ui/vial/SmallVial'
import { useSay, useWords } from '@/ui/words/use-words'
import { byEstimateIn, Judged, verdictWordsIn } from '@/ui/words/VerdictMark'
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
  const t = useSay('screens.classFit')
  const words = useWords()

  const [asked, setAsked] = useState<string | null>(null)
  const spare = (analysis: Analysis | null) => (analysis ? analysis.assured.margin - analysis.reserve : -1)
  const rank = (analysis: Analysis | null) => (analysis ? RANK[analysis.verdict] : -1)
  const sorted = taughtBy.toSorted(
    (a, b) => rank(a.analysis) - rank(b.analysis) || spare(a.analysis) - spare(b.analysis),
  )
  const why = taughtBy.find(({ member }) => member.id === asked)
  return (
    <section className={styles.taught} aria-label={t('asTaughtEverybody')}>
      <h2>{t('asTaughtEverybody')}</h2>
      <ul>
        {sorted.map(({ member, analysis }) => {
          const verdict = analysis?.verdict ?? 'beyond'
          return (
            <li key={member.id}>
              <ButtonBase aria-haspopup="dialog" onClick={() => setAsked(member.id)}>
                <Judged verdict={verdict} size={18} estimated={analysis !== null && restsOnEstimate(analysis)} />
                <strong>{member.short}</strong>
                <small>
                  {sayReasonShort(analysis, words)}
                  <span className="for-ears">
                    {t('verdictAsTaught', { verdict: verdictWordsIn(words)[verdict].toLowerCase() })}
                    {analysis && restsOnEstimate(analysis) && `, ${byEstimateIn(words)}`}
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
            <small>{t('notHere')}</small>
            <Button
              aria-label={t('shortHereAfterAll', { short: member.short })}
              onClick={() => onMark(member.id, 'here')}
            >
              {t('hereAfterAll')}
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
