import { PAIN_PLACES, type PainPlace } from '@/documents/pain-places'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { ENGLISH } from '@/words/language'

const PLACES = PAIN_PLACES.map((value) => ({ value, name: ENGLISH.say(`log.places.${value}`) }))
const UNSAID = { value: '' as const, name: ENGLISH.say('records.soreAt.unsaid') }

type SoreAtProps = { name: string; at: PainPlace | null; onChoose: (at: PainPlace) => void }

/** Where somebody is sore: the day is lowered where that place is asked for. */
export const SoreAt = ({ name, at, onChoose }: SoreAtProps) => (
  <ChoiceWord<PainPlace | ''>
    label={ENGLISH.say('records.soreAt.label', { name })}
    value={at ?? ''}
    choices={at ? PLACES : [UNSAID, ...PLACES]}
    onChoose={(next) => next && onChoose(next)}
  />
)
