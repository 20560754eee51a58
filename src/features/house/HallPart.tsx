import type { HouseChoices } from '@/documents/house-settings'
import { NumberWord } from '@/ui/words/NumberWord'
import { TypedField } from '@/ui/words/TypedField'
import { useSay } from '@/ui/words/use-words'
import styles from './house.module.css'

type HallPartProps = {
  draft: HouseChoices
  change: (part: Partial<HouseChoices>) => void
}
const ROOM: [number, number] = [6, 8]

/** What the house is called, its chairs and its floor; what nobody counted is not said to be short. */
export function HallPart({ draft: { name, chairs, roomM }, change }: HallPartProps) {
  const say = useSay('places.house.hall')
  const side = (at: 0 | 1, key: string) => (
    <NumberWord
      label={say(key)}
      value={roomM?.[at] ?? null}
      unit="m"
      step={0.5}
      min={1}
      max={100}
      unsaid={{ text: say('unsaid'), onClear: () => change({ roomM: undefined }) }}
      onChange={(next) => change({ roomM: (roomM ?? ROOM).with(at, next) as [number, number] })}
    />
  )
  return (
    <section aria-label={say('label')}>
      <h2>{say('label')}</h2>
      <p className={styles.named}>
        <label>
          {say('name')} <TypedField value={name} maxLength={80} onTyped={(next) => change({ name: next.trim() })} />
        </label>
      </p>
      <p>
        {say('has')}{' '}
        <NumberWord
          label={say('chairs')}
          value={chairs ?? null}
          unit={say('ofChairs')}
          step={1}
          min={0}
          max={500}
          unsaid={{ text: say('unsaid'), onClear: () => change({ chairs: undefined }) }}
          onChange={(next) => change({ chairs: next })}
        />{' '}
        {say('floor')} {side(0, 'wide')} {say('by')} {side(1, 'deep')}.
      </p>
    </section>
  )
}
