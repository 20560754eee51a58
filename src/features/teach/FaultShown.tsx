import { useMemo } from 'react'
import { type Analysis, asStoodBy, type Body, layOut, tryAnalyse } from '@/core'
import type { PieceDocument } from '@/documents/lesson-document'
import type { Posture } from '@/documents/posture-document'
import { toRoutine } from '@/documents/routine-document'
import { FAULTY } from '@/teaching/lessons/piece-routine'
import { FlatFigure } from '@/ui/figure/FlatFigure'
import { FROM_FRONT, FROM_RIGHT, viewFrom } from '@/ui/figure/view'
import { useSay, useWords } from '@/ui/words/use-words'
import styles from './teach.module.css'

type FaultShownProps = { piece: PieceDocument; body: Body; postures: readonly Posture[] }

const WIDTH = 210
const HEIGHT = 270
const SCALE = 128

/** A fault beside its mending, on purpose: the fault first, struck, then as it should be. */
export function FaultShown({ piece, body, postures }: FaultShownProps) {
  const t = useSay('screens.teach')
  const words = useWords()

  const pair = useMemo(() => makePair(piece, body, postures), [piece, body, postures])
  // Feet on one line are seen from the front; what bends, from the side.
  const view = viewFrom(piece.fault === 'one-line' ? FROM_FRONT : FROM_RIGHT, false)
  if (!pair) return null
  return (
    <div className={styles.fault}>
      {pair.map((analysis, i) => (
        <figure key={i === 0 ? 'fault' : 'mended'} data-fault={i === 0}>
          <FlatFigure
            analysis={analysis}
            view={view}
            label={words.say(`lesson.teach.${i === 0 ? t('notso') : t('so')}`)}
            width={WIDTH}
            height={HEIGHT}
            scale={SCALE}
            middle={0}
            withoutKnees
          />
          <figcaption>{words.say(`lesson.teach.${i === 0 ? t('notso') : t('so')}`)}</figcaption>
        </figure>
      ))}
    </div>
  )
}

function makePair(
  { posture, fault = 'past-toes' }: PieceDocument,
  body: Body,
  postures: readonly Posture[],
): Analysis[] | null {
  const found = postures.find(({ id }) => id === posture)
  if (!found) return null
  const measures = found.measures.therapeutic
  const right = layOut(measures, body, 'left', found.id)
  const wrong =
    fault === 'one-line'
      ? layOut({ ...measures, track: 0, breadths: 0 }, body, 'left', found.id)
      : toRoutine(
          {
            school: 'therapeutic',
            parts: [
              { posture: found.id, side: 'left', with: FAULTY[fault] },
              { posture: found.id, side: 'left' },
            ],
          },
          body,
          () => found,
        )[0]?.stance
  const shown = [wrong, right].flatMap((stance) => (stance ? (tryAnalyse(body, asStoodBy(body, stance)) ?? []) : []))
  return shown.length === 2 ? shown : null
}
