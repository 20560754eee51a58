import { SCHOOL_IDS, SCHOOLS, type SchoolId } from '@/core'
import type { ChoicesDocument, HouseWays } from '@/documents/choices-document'
import { ChoicesSentence } from '@/ui/words/ChoicesSentence'
import { useWords } from '@/ui/words/use-words'
import { saySchool } from '@/words/postures'
import styles from './house.module.css'

/** How one goes from stance to stance, school by school, where the house does it otherwise. */
export function Ways({ ways, onSet }: { ways: HouseWays; onSet: (ways: HouseWays) => void }) {
  const words = useWords()
  const put = (school: SchoolId, choices: ChoicesDocument | undefined) => {
    const { [school]: _, ...others } = ways
    onSet(choices ? { ...others, [school]: choices } : others)
  }
  return (
    <section aria-label={words.say('path.schools.house')} className={styles.ways}>
      <h2>{words.say('path.schools.house')}</h2>
      {SCHOOL_IDS.map((school) => (
        <div key={school} role="group" aria-label={saySchool(school, words)}>
          <h3>{saySchool(school, words)}</h3>
          <ChoicesSentence
            given={ways[school]}
            usual={SCHOOLS[school].choices}
            onChange={(choices) => put(school, choices)}
          />
        </div>
      ))}
    </section>
  )
}
