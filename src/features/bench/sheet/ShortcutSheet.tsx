'use client'

import { Sheet } from '@/ui/words/Sheet'
import styles from '@/ui/words/sheet.module.css'

const KEYS: [string, string][] = [
  ['?', 'this sheet'],
  ['M', 'more of the stance, or less'],
  ['A', 'all readings, or away with them'],
  ['N', 'take the smallest change'],
  ['K', 'keep the stance'],
  ['C', 'compare what was kept'],
  ['1 2 3 4', 'the body: three-quarter, front, right side, drawn'],
  ['R  P  T  F', 'on the floor: the rose, the tip test, tape lines, fit'],
  ['arrows', 'a number in the sentence, a foot, a chair or the weight: nudge it (with Shift: a millimetre)'],
  [',  .', 'a foot or a wall: turn it left, right'],
  ['Delete', 'remove what a hand is on'],
  ['Ctrl Z', 'undo; with Shift, redo'],
]

export function ShortcutSheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Sheet title="Keys" open={open} onClose={onClose}>
      <dl className={styles.keys}>
        {KEYS.map(([key, does]) => (
          <div key={key} style={{ display: 'contents' }}>
            <dt>{key}</dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
    </Sheet>
  )
}
