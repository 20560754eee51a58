import Button from '@mui/material/Button'
import type { PieceDocument } from '@/documents/lesson-document'
import { Sheet } from '@/ui/words/Sheet'
import { useSay, useWords } from '@/ui/words/use-words'
import { type Named, sayPiece } from '@/words/lessons'
import styles from './lesson.module.css'

type ProposeSheetProps = {
  /** What is planned, and what is proposed in its place; null: nothing is asked. */
  now: readonly PieceDocument[]
  proposed: readonly PieceDocument[] | null
  named: Named
  onTake: () => void
  onLeave: () => void
}

/** A proposal over a plan that is there already: both, to choose from. */
export function ProposeSheet({ now, proposed, named, onTake, onLeave }: ProposeSheetProps) {
  const say = useSay('lesson.proposal')
  return (
    <Sheet title={say('title')} open={proposed !== null} onClose={onLeave} wide>
      <div className={styles.both}>
        <Hour title={say('now')} pieces={now} named={named} />
        <Hour title={say('proposed')} pieces={proposed ?? []} named={named} />
      </div>
      <p className={styles.acts}>
        <Button variant="contained" onClick={onTake}>
          {say('take')}
        </Button>
        <Button onClick={onLeave}>{say('leave')}</Button>
      </p>
    </Sheet>
  )
}

function Hour({ title, pieces, named }: { title: string; pieces: readonly PieceDocument[]; named: Named }) {
  const words = useWords()
  return (
    <section aria-label={title}>
      <h3>{title}</h3>
      <ol>
        {pieces.map((piece) => (
          <li key={piece.id}>
            <span>{words.number(piece.minutes)}’</span> {sayPiece(piece, named, words)}
          </li>
        ))}
      </ol>
    </section>
  )
}
