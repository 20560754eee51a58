import type { House, WayIn } from '@/core'
import type { Binding } from '@/records/binding'
import { useSay, useWords } from '@/ui/words/use-words'
import { headWayIn, sayWayIn } from '@/words/way-in'
import { FindingNote } from './FindingNote'
import styles from './side.module.css'

type WayInNoteProps = {
  wayIn: WayIn | null | undefined
  limits: readonly Binding[]
  house: Partial<House> | undefined
}

/** Whether what holds can be stepped into, and left again; nothing of a stance that is sat. */
export function WayInNote({ wayIn, limits, house }: WayInNoteProps) {
  const t = useSay('screens.bench')
  const words = useWords()

  if (wayIn === null) return null
  if (wayIn === undefined) return <p className={styles.measure}>{t('theWayIntoBeing')}</p>
  const heading = headWayIn(wayIn, words)
  const text = sayWayIn(wayIn, words)
  if (!heading) return <p>{text}</p>
  if (wayIn.reason) return <FindingNote finding={wayIn.reason} limits={limits} house={house} says={{ heading, text }} />
  return (
    <p className={styles.finding} data-severity={wayIn.verdict === 'beyond' ? 'hard' : 'caution'}>
      <strong>{heading}</strong>
      {text}
    </p>
  )
}
