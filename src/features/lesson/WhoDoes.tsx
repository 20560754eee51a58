import Button from '@mui/material/Button'
import type { PieceDocument } from '@/documents/lesson-document'
import type { DoneAs } from '@/documents/log-document'
import type { Learning } from '@/teaching/practice/lesson-loads'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayUnder, type Words } from '@/words/language'
import { sayDoing } from '@/words/lessons'
import { sayReason } from '@/words/practice'
import styles from './lesson.module.css'
import type { Pupil } from './state/use-learning'

type WhoDoesProps = {
  learning: readonly Learning<Pupil>[]
  pieces: readonly PieceDocument[]
  piece: PieceDocument
  name: string
  group: string
  away: readonly string[]
}

const ORDER: readonly DoneAs[] = ['taught', 'level', 'own', 'chair', 'steps', 'in-place', 'seated', 'none']

/** Who does which of a piece: under what they do, the chair or the helper that they have behind their name. */
export function WhoDoes({ learning, pieces, piece, name, group, away }: WhoDoesProps) {
  const say = useSay('lesson.who')
  const words = useWords()
  const at = pieces.indexOf(piece)
  const lanes = new Map<string, { title: string; order: number; people: Pupil[] }>()
  for (const { person: pupil, worked } of learning) {
    const { person } = pupil
    const does = worked[at] ?? { as: 'none' as const, given: null }
    const title = sayDoing(does, person.planned, { group, posture: piece.posture }, words)
    const lane = lanes.get(title) ?? { title, order: ORDER.indexOf(does.as), people: [] }
    lane.people.push(pupil)
    lanes.set(title, lane)
  }
  const shown = [...lanes.values()].sort((a, b) => a.order - b.order)
  return (
    <section className={styles.who} aria-label={words.say('lesson.who.label')}>
      <h2>{say('of', { piece: name })}</h2>
      {shown.map(({ title, people }) => (
        <div key={title}>
          <h3>{title}</h3>
          <ul>
            {people.map((one) => (
              <li key={one.person.id}>
                {sayName(one, words)}
                {one.grave.length > 0 && <small>{one.grave.map((why) => sayReason(why, words)).join(' ')}</small>}
              </li>
            ))}
          </ul>
        </div>
      ))}
      {away.length > 0 && <p className={styles.of}>{say('away', { names: away.join(', ') })}</p>}
      {piece.kind === 'posture' && piece.posture && (
        <Button href={`/class?group=${encodeURIComponent(group)}&posture=${encodeURIComponent(piece.posture)}`}>
          {say('change')}
        </Button>
      )}
    </section>
  )
}

/** With the chair or the helper that they have; whoever had something happen has a chair at hand. */
function sayName({ person: { name, limits, helperBeside }, grave }: Pupil, words: Words): string {
  const say = sayUnder(words, 'lesson.who')
  const support = limits.find(({ what }) => what === 'support')?.entry.value
  const said = support === 'chair-back' || grave.length > 0 ? say('chairFor', { name }) : name
  return helperBeside || support === 'helper' ? say('helperFor', { name: said }) : said
}
