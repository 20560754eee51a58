'use client'

import { useState } from 'react'
import { type Analysis, type Stance, tryAnalyse } from '@/core'
import { toStance } from '@/documents/to-core'
import type { KeptStance } from '@/keeping/bench'
import { FlatFigure } from '@/ui/figure/FlatFigure'
import { FROM_RIGHT, see, viewFrom } from '@/ui/figure/view'
import { SmallFloor } from '@/ui/floor/SmallFloor'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { Sheet } from '@/ui/words/Sheet'
import { VERDICT_WORDS, VerdictMark } from '@/ui/words/VerdictMark'
import { sayGain } from '@/words/changes'
import type { OnBenchView } from '../state/use-analysis'
import styles from './compare.module.css'
import { sayDifferences } from './differences'

const BENCH = 'bench'

type CompareSheetProps = { open: boolean; onClose: () => void; view: OnBenchView; kept: readonly KeptStance[] }

/** Any two stances of this person side by side: the floors laid over each other, the figures beside each other. */
export function CompareSheet({ open, onClose, view, kept }: CompareSheetProps) {
  const [first, setFirst] = useState<string>(BENCH)
  const [second, setSecond] = useState<string | null>(null)
  const choices = [
    { value: BENCH, name: 'what is on the bench' },
    ...kept.map(({ id, name, note }) => ({ value: id, name, detail: note })),
  ]
  const other = second ?? kept[0]?.id ?? BENCH
  const find = (id: string): Stance => {
    const one = kept.find((k) => k.id === id)
    return one ? toStance(one.stance) : view.stance
  }
  const [a, b] = [find(first), find(other)]
  return (
    <Sheet title="Side by side" open={open} onClose={onClose} wide>
      <p className={styles.words}>
        From <ChoiceWord label="First" value={first} choices={choices} onChoose={setFirst} /> (dotted) to{' '}
        <ChoiceWord label="Second" value={other} choices={choices} onChoose={setSecond} />.
      </p>
      {open && <Comparison view={view} a={a} b={b} />}
    </Sheet>
  )
}

function Comparison({ view, a, b }: { view: OnBenchView; a: Stance; b: Stance }) {
  const [before, after] = [tryAnalyse(view.body, a), tryAnalyse(view.body, b)]
  if (!before || !after) return <p role="alert">One of the two cannot be stood by this person as they are now.</p>
  const differences = sayDifferences(a, b)
  return (
    <div className={styles.comparison}>
      <SmallFloor body={view.body} stance={b} over={a} width={300} height={330} />
      {[before, after].map((analysis, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: the first and the second
        <figure key={i}>
          <LevelFigure
            analysis={analysis}
            label={i === 0 ? 'The first, from its right side' : 'The second, from its right side'}
          />
          <figcaption>
            <VerdictMark verdict={analysis.verdict} /> {VERDICT_WORDS[analysis.verdict]}
          </figcaption>
        </figure>
      ))}
      <div>
        <h3>What differs</h3>
        <ul>
          {differences.map((line) => (
            <li key={line}>{line}</li>
          ))}
          {differences.length === 0 && <li>nothing that can be set</li>}
        </ul>
        <h3>What that buys</h3>
        <p>{sayGain(before, after)}</p>
      </div>
    </div>
  )
}

const WIDTH = 220
const HEIGHT = 330

function LevelFigure({ analysis, label }: { analysis: Analysis; label: string }) {
  const view = viewFrom(FROM_RIGHT)
  const xs = Object.values(analysis.pose.joints).map((joint) => see(view, joint)[0])
  const middle = (Math.min(...xs) + Math.max(...xs)) / 2
  const scale = (HEIGHT - 40) / (analysis.pose.body.stature + 0.05)
  return (
    <FlatFigure
      analysis={analysis}
      view={view}
      label={label}
      width={WIDTH}
      height={HEIGHT}
      scale={Math.min(scale, WIDTH / 1.1)}
      middle={middle}
    />
  )
}
