import type { BenchPerson } from '@/keeping/bench'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayList } from '@/words/lists'
import { saySign } from '@/words/records'
import styles from './teach.module.css'

/** Whom to watch and for what, and what the piece itself asks one to look at. */
export function Watch({ people, lookAt }: { people: readonly BenchPerson[]; lookAt: string | undefined }) {
  const say = useSay('lesson.teach')
  const words = useWords()
  const watched = people.filter(({ watch }) => watch.length > 0)
  if (watched.length === 0 && !lookAt) return null
  const said = watched.map(({ name, watch }) =>
    say('watched', {
      name: name.split(' ')[0] ?? name,
      signs: sayList(
        watch.map(({ sign }) => saySign(sign, words)),
        words,
      ),
    }),
  )
  const lines = [
    lookAt && say('lookAt', { what: lookAt }),
    said.length > 0 && say('watch', { people: said.join(', ') }),
  ]
  return <p className={styles.watch}>{lines.filter(Boolean).join('; ')}</p>
}
