import { CHOICES, type Choices, LANDINGS, type Landing } from '@/core'
import type { ChoicesDocument } from '@/documents/choices-document'
import { useSay } from '@/ui/words/use-words'
import { ChoiceWord } from './ChoiceWord'

type Given = ChoicesDocument
type Key = keyof typeof CHOICES
type Way = keyof Choices['landing']

type ChoicesSentenceProps = {
  className?: string | undefined
  given: Given | undefined
  /** What it is where nothing is given. */
  usual: Choices
  onChange: (choices: Given | undefined) => void
}

const AS_USUAL = '*'
const KEYS = Object.keys(CHOICES) as Key[]
const WAYS: readonly Way[] = ['ahead', 'back', 'side']

/** How one comes from stance to stance, word by word; what is not chosen is as the school has it. */
export function ChoicesSentence({ className, given = {}, usual, onChange }: ChoicesSentenceProps) {
  const say = useSay('path.choices')
  const put = (change: Given) => {
    const { landing, ...rest } = { ...given, ...change }
    const kept = Object.fromEntries(Object.entries(rest).filter(([, value]) => value !== undefined))
    const lands = Object.fromEntries(Object.entries(landing ?? {}).filter(([, value]) => value !== undefined))
    const all = { ...kept, ...(Object.keys(lands).length > 0 && { landing: lands }) } as Given
    onChange(Object.keys(all).length > 0 ? all : undefined)
  }
  const nameOf = (key: Key, value: string) => say(`${key}.${value.replace('-', '')}`)
  return (
    <p className={className}>
      {KEYS.map((key, i) => (
        <span key={key}>
          {say(`${key}.lead`)}{' '}
          <ChoiceWord
            label={say(`${key}.label`)}
            value={given[key] ?? AS_USUAL}
            choices={[
              { value: AS_USUAL, name: nameOf(key, usual[key]), detail: say('asUsual') },
              ...CHOICES[key].map((value) => ({ value: value as string, name: nameOf(key, value) })),
            ]}
            onChoose={(value) => put({ [key]: value === AS_USUAL ? undefined : value })}
            then={i < KEYS.length - 1 ? ',' : ';'}
          />{' '}
        </span>
      ))}
      {say('lands')}{' '}
      {WAYS.map((way, i) => (
        <span key={way}>
          <ChoiceWord
            label={say('landing', { way })}
            value={given.landing?.[way] ?? AS_USUAL}
            choices={[
              { value: AS_USUAL, name: say(`landings.${usual.landing[way]}`), detail: say('asUsual') },
              ...LANDINGS.map((value: Landing) => ({ value: value as string, name: say(`landings.${value}`) })),
            ]}
            onChoose={(value) =>
              put({ landing: { ...given.landing, [way]: value === AS_USUAL ? undefined : (value as Landing) } })
            }
          />{' '}
          {say(`ways.${way}`)}
          {i < WAYS.length - 1 ? ', ' : '.'}
        </span>
      ))}
    </p>
  )
}
