import { SCHOOL_IDS, type SchoolId } from '@/core'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { Spoken } from '@/ui/words/Spoken'
import { useSay, useWords } from '@/ui/words/use-words'
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
export const WhatCan = ({ who, label, id, others, school, onSchool }: WhatCanProps) => {
  const t = useSay('screens.repertoire')
  const words = useWords()
  return (
    <h1>
      <Spoken
        of="screens.repertoire.sentence"
        parts={{
          who: (
            <ChoiceWord
              label={label}
              value={id}
              choices={others.map((one) => ({ value: one.id, name: one.name }))}
              onChoose={(next) => window.location.assign(`/can?${who}=${encodeURIComponent(next)}`)}
            />
          ),
          school: (
            <ChoiceWord
              label={t('school')}
              value={school}
              choices={SCHOOL_IDS.map((value) => ({ value, name: saySchool(value, words) }))}
              onChoose={onSchool}
              then="?"
            />
          ),
        }}
      />
    </h1>
  )
}

/** Only what trains something. */
export const ChooseTrained = ({ value, onChoose }: { value: Trained; onChoose: (next: Trained) => void }) => {
  const t = useSay('screens.repertoire')
  const words = useWords()
  return (
    <p className={styles.choose}>
      {t('showWhatTrains')}{' '}
      <ChoiceWord
        label={t('trains')}
        value={value}
        choices={TRAINED.map((one) => ({ value: one, name: words.say(`repertoire.trained.${one}`) }))}
        onChoose={onChoose}
        then="."
      />
    </p>
  )
}
