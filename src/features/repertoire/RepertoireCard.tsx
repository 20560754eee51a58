import ButtonBase from '@mui/material/ButtonBase'
import type { Body, WayIn } from '@/core'
import { SmallFloor } from '@/ui/floor/SmallFloor'
import { useWords } from '@/ui/words/use-words'
import { Judged } from '@/ui/words/VerdictMark'
import { sayHeading } from '@/words/findings'
import { uncapital } from '@/words/lists'
import { sayAnswer } from '@/words/origin'
import { sayPostureName } from '@/words/postures'
import { markWayIn } from '@/words/way-in'
import styles from './repertoire.module.css'
import { type Row, sayChanges } from './rows'

type RepertoireCardProps = {
  row: Row
  body: Body
  wayIn: WayIn | null | undefined
  estimated: boolean
  onOpen: () => void
}

/** One posture as somebody does it: its floor, what is changed, why, and whether they get there. */
export function RepertoireCard({
  row: { posture, sides, found, not },
  body,
  wayIn,
  estimated,
  onOpen,
}: RepertoireCardProps) {
  const words = useWords()
  const { stance, verdict, reason } = found
  const changes = sayChanges(found, words)
  const way = markWayIn(wayIn, words)
  const origin = sayAnswer(found, words)
  return (
    <li>
      <ButtonBase className={styles.card} onClick={onOpen} disabled={!stance} data-form={found.form}>
        {stance && <SmallFloor body={body} stance={stance} width={84} height={84} />}
        <span className={styles.said}>
          <strong>
            <Judged verdict={verdict} size={14} estimated={estimated} /> {sayPostureName(posture, words)}
          </strong>
          {sides !== 'none' && (
            <small>
              {not
                ? words.say('repertoire.only', {
                    side: words.say(`repertoire.sides.${sides}`),
                    what: uncapital(sayHeading(not, words)),
                  })
                : words.say(`repertoire.sides.${sides}`)}
            </small>
          )}
          {changes && <span>{changes}</span>}
          {reason && <small>{words.say('repertoire.why', { what: uncapital(sayHeading(reason, words)) })}</small>}
          {way && <small>{way}</small>}
          {origin && <small>{origin}</small>}
        </span>
      </ButtonBase>
    </li>
  )
}
