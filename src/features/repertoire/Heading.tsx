import { SCHOOL_IDS, type SchoolId } from '@/core'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { ENGLISH } from '@/words/language'
import { saySchool } from '@/words/postures'
import styles from './repertoire.module.css'
import { TRAINED, type Trained } from './rows'

type WhatCanProps = {
  /** What is chosen, and under which name the address has it. */
  who: 'person' | 'group'
  label: string
  id: string
  others: readonly { id: string; name: string }[]
  school: SchoolId
  onSchool: (school: SchoolId) => void
}

/** "What can she do today, in the therapeutic frame?", whoever and the frame to be chosen. */
export const WhatCan = ({ who, label, id, others, school, onSchool }: WhatCanProps) => (
  <h1>
    What can{' '}
    <ChoiceWord
      label={label}
      value={id}
      choices={others.map((one) => ({ value: one.id, name: one.name }))}
      onChoose={(next) => window.location.assign(`/can?${who}=${encodeURIComponent(next)}`)}
    />{' '}
    do today, in the{' '}
    <ChoiceWord
      label="School"
      value={school}
      choices={SCHOOL_IDS.map((value) => ({ value, name: saySchool(value) }))}
      onChoose={onSchool}
      then="?"
    />
  </h1>
)

/** Only what trains something. */
export const ChooseTrained = ({ value, onChoose }: { value: Trained; onChoose: (next: Trained) => void }) => (
  <p className={styles.choose}>
    Show what trains{' '}
    <ChoiceWord
      label="Trains"
      value={value}
      choices={TRAINED.map((one) => ({ value: one, name: ENGLISH.say(`repertoire.trained.${one}`) }))}
      onChoose={onChoose}
      then="."
    />
  </p>
)
