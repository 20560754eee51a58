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
import { useSay, useWords } from '@/ui/words/use-words'
import { VerdictMark, verdictWordsIn } from '@/ui/words/VerdictMark'
import { sayGain } from '@/words/changes'
import type { OnBenchView } from '../state/use-analysis'
import styles from './compare.module.css'
import { sayDifferences } from './differences'

const BENCH = 'bench'

type CompareSheetProps = { open: boolean; onClose: () => void; view: OnBenchView; kept: readonly KeptStance[] }

/** Any two stances of this person side by side: the floors laid over each other, the figures beside each other. */
export function CompareSheet({ open, onClose, view, kept }: CompareSheetProps) {
  const t = useSay('screens.bench')
  const [first, setFirst] = useState<string>(BENCH)
  const [second, setSecond] = useState<string | null>(null)
  const choices = [
    { value: BENCH, name: t('whatOnBench') },
    ...kept.map(({ id, name, note }) => ({ value: id, name, detail: note })),
  ]
  const other = second ?? kept[0]?.id ?? BENCH
  const find = (id: string): Stance => {
    const one = kept.find((k) => k.id === id)
    return one ? toStance(one.stance) : view.stance
  }
  const [a, b] = [find(first), find(other)]
  return (
    <Sheet title={t('sideBySide')} open={open} onClose={onClose} wide>
      <p className={styles.words}>
        {t('from')} <ChoiceWord label={t('first')} value={first} choices={choices} onChoose={setFirst} /> {t('dotted')}{' '}
        <ChoiceWord label={t('second')} value={other} choices={choices} onChoose={setSecond} />.
      </p>
      {open && <Comparison view={view} a={a} b={b} />}
    </Sheet>
  )
}

function Comparison({ view, a, b }: { view: OnBenchView; a: Stance; b: Stance }) {
  const t = useSay('screens.bench')
  const words = useWords()

  const [before, after] = [tryAnalyse(view.body, a), tryAnalyse(view.body, b)]
  if (!before || !after) return <p role="alert">{t('oneTwoCannotStood')}</p>
  const differences = sayDifferences(a, b, words)
  return (
    <div className={styles.comparison}>
      <SmallFloor body={view.body} stance={b} over={a} width={300} height={330} />
      {[before, after].map((analysis, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: the first and the second
        <figure key={i}>
          <LevelFigure analysis={analysis} label={i === 0 ? t('theFirstFromIts') : t('theSecondFromIts')} />
          <figcaption>
            <VerdictMark verdict={analysis.verdict} /> {verdictWordsIn(words)[analysis.verdict]}
          </figcaption>
        </figure>
      ))}
      <div>
        <h3>{t('whatDiffers')}</h3>
        <ul>
          {differences.map((line) => (
            <li key={line}>{line}</li>
          ))}
          {differences.length === 0 && <li>{t('nothingCanSet')}</li>}
        </ul>
        <h3>{t('whatBuys')}</h3>
        <p>{sayGain(before, after, words)}</p>
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
