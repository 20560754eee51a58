import { PAIN_PLACES, type PainPlace } from '@/documents/pain-places'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { useWords } from '@/ui/words/use-words'

type SoreAtProps = { name: string; at: PainPlace | null; onChoose: (at: PainPlace) => void }

/** Where somebody is sore: the day is lowered where that place is asked for. */
export const SoreAt = ({ name, at, onChoose }: SoreAtProps) => {
  const words = useWords()
  return (
    <ChoiceWord<PainPlace | ''>
      label={words.say('records.soreAt.label', { name })}
      value={at ?? ''}
      choices={[
        ...(at ? [] : [{ value: '' as const, name: words.say('records.soreAt.unsaid') }]),
        ...PAIN_PLACES.map((value) => ({ value, name: words.say(`log.places.${value}`) })),
      ]}
      onChoose={(next) => next && onChoose(next)}
    />
  )
}
