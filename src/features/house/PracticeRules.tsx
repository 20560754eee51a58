import { PRACTICE_KEYS, PRACTICE_RULES, type PracticeKey } from '@/core'
import type { PracticeDocument } from '@/documents/practice-rules'
import { TypedField } from '@/ui/words/TypedField'
import { useWords } from '@/ui/words/use-words'
import { FigureField } from './FigureField'
import styles from './house.module.css'

type PracticeRulesProps = {
  practice: PracticeDocument
  emergency: string
  onSet: (practice: PracticeDocument) => void
  onEmergency: (words: string) => void
}

/** When next week is harder or easier, what a clinician hears of, how much more is a lot; and what is done in an emergency. */
export function PracticeRules({ practice, emergency, onSet, onEmergency }: PracticeRulesProps) {
  const words = useWords()
  const title = words.say('practice.rules.title')
  const set = (key: PracticeKey, value: number | undefined) => {
    const { [key]: _, ...others } = practice
    onSet(value === undefined ? others : { ...others, [key]: value })
  }
  return (
    <section aria-label={title}>
      <h2>{title}</h2>
      {PRACTICE_KEYS.map((key) => (
        <PracticeLine key={key} name={key} value={practice[key]} onSet={(value) => set(key, value)} />
      ))}
      <label className={styles.emergency}>
        {words.say('practice.rules.emergency')}
        <TypedField
          rows={4}
          maxLength={1000}
          value={emergency}
          placeholder={words.say('practice.emergency')}
          onTyped={onEmergency}
        />
      </label>
    </section>
  )
}

type PracticeLineProps = { name: PracticeKey; value: number | undefined; onSet: (value: number | undefined) => void }

function PracticeLine({ name: key, value, onSet }: PracticeLineProps) {
  const words = useWords()
  const { value: usual, min, max } = PRACTICE_RULES[key]
  return (
    <label className={styles.rule} data-changed={value !== undefined}>
      <span>
        {words.say(`practice.rules.${key}`)}
        <small>{words.say('practice.rules.range', { min, max })}</small>
      </span>
      <FigureField
        value={value ?? usual}
        onSet={(figure) => onSet(figure === null || figure === usual ? undefined : figure)}
      />
    </label>
  )
}
