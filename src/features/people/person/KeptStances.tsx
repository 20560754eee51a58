import { useMemo } from 'react'
import { type SchoolId, tryAnalyse } from '@/core'
import { dayOf } from '@/documents/day'
import type { PersonDocument } from '@/documents/person-document'
import { mergeLibrary } from '@/documents/posture-document'
import { bodyOf, toStance } from '@/documents/to-core'
import type { KeptStance } from '@/keeping/bench'
import type { OwnPosture } from '@/keeping/library'
import { SmallFloor } from '@/ui/floor/SmallFloor'
import { useSay, useWords } from '@/ui/words/use-words'
import { VerdictMark, verdictWordsIn } from '@/ui/words/VerdictMark'
import { sayPostureName, saySchool } from '@/words/postures'
import styles from './person.module.css'

type KeptStancesProps = {
  id: string
  stances: readonly KeptStance[]
  document: PersonDocument
  own: readonly OwnPosture[]
}

/** Everything that was kept for somebody on the bench, in any posture, as it holds today; each opens there. */
export function KeptStances({ id, stances, document, own }: KeptStancesProps) {
  const t = useSay('screens.people')
  const words = useWords()

  const body = useMemo(() => bodyOf(document), [document])
  const library = useMemo(() => mergeLibrary(own), [own])
  if (stances.length === 0) return null
  return (
    <section className={styles.part} aria-label={t('keptOnBench')}>
      <h2>{t('keptOnBench')}</h2>
      <ul className={styles.kept}>
        {stances.map((one) => {
          const stance = toStance(one.stance)
          const verdict = tryAnalyse(body, stance)?.verdict ?? null
          const posture = library.find((other) => other.id === one.posture)
          return (
            <li key={one.id}>
              <a href={`/bench?person=${encodeURIComponent(id)}&kept=${encodeURIComponent(one.id)}`}>
                <SmallFloor body={body} stance={stance} width={60} height={60} />
                <span>
                  <strong>{one.name}</strong>
                  <small>
                    {posture ? sayPostureName(posture, words) : t('aPostureGone')},{' '}
                    {saySchool(one.school as SchoolId, words)}; {words.day(dayOf(new Date(one.createdAt)))}
                  </small>
                  {one.note && <small>{one.note}</small>}
                </span>
                <span>
                  {verdict && <VerdictMark verdict={verdict} size={16} />}{' '}
                  {verdict ? verdictWordsIn(words)[verdict].toLowerCase() : t('cannotStoodNow')}
                </span>
              </a>
            </li>
          )
        })}
      </ul>
    </section>
  )
}
