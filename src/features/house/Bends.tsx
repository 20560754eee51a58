import { BENDS, type Bend, bendRange } from '@/documents/bends'
import type { HouseChoices } from '@/documents/house-settings'
import { TypedField } from '@/ui/words/TypedField'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayUnder, type Words } from '@/words/language'
import styles from './house.module.css'

type BendsProps = { draft: Pick<HouseChoices, 'bends'>; change: (part: Partial<HouseChoices>) => void }

function sayRange(bend: Bend, words: Words): string {
  const say = sayUnder(words, 'places.house.bends')
  const [from, to] = bendRange(bend)
  if (to === null) return say('from', { from })
  return from === 0 ? say('under', { to }) : say('range', { from, to })
}

/** What this house calls how deep a knee bends: the usual words stand in what it left empty. */
export function Bends({ draft: { bends }, change }: BendsProps) {
  const say = useSay('places.house.bends')
  const words = useWords()
  const put = (bend: Bend, typed: string) => {
    const { [bend]: _, ...others } = bends
    const word = typed.trim()
    change({ bends: word ? { ...others, [bend]: word } : others })
  }
  return (
    <section className={styles.bends} aria-label={say('label')}>
      <h2>{say('label')}</h2>
      <p>{say('text')}</p>
      {BENDS.map((bend) => (
        <label key={bend}>
          <span>{sayRange(bend, words)}</span>
          <TypedField
            value={bends[bend] ?? ''}
            placeholder={words.say(`figures.bends.${bend}`)}
            maxLength={40}
            onTyped={(typed) => put(bend, typed)}
          />
        </label>
      ))}
    </section>
  )
}
