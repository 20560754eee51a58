'use client'

import { Sheet } from '@/ui/words/Sheet'
import styles from '@/ui/words/sheet.module.css'
import { useSay, useWords } from '@/ui/words/use-words'
import type { Words } from '@/words/language'

const keysIn = (words: Words): [string, string][] => [
  ['?', words.say('screens.bench.thisSheet')],
  ['M', words.say('screens.bench.moreStanceOrLess')],
  ['A', words.say('screens.bench.allReadingsOrAway')],
  ['N', words.say('screens.bench.takeSmallestChange')],
  ['K', words.say('screens.bench.keepStance')],
  ['C', words.say('screens.bench.compareWhatWasKept')],
  ['1 2 3 4', words.say('screens.bench.theBodyThreeQuarter')],
  ['R  P  T  F', words.say('screens.bench.onFloorRoseTip')],
  ['arrows', words.say('screens.bench.aNumberInSentence')],
  [',  .', words.say('screens.bench.aFootOrWall')],
  ['Delete', words.say('screens.bench.removeWhatHandOn')],
  ['Ctrl Z', 'undo; with Shift, redo'],
]

export function ShortcutSheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  const t = useSay('screens.bench')
  const words = useWords()
  return (
    <Sheet title={t('keys')} open={open} onClose={onClose}>
      <dl className={styles.keys}>
        {keysIn(words).map(([key, does]) => (
          <div key={key} style={{ display: 'contents' }}>
            <dt>{key}</dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
    </Sheet>
  )
}
