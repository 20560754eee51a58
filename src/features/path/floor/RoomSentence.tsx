import { NumberWord } from '@/ui/words/NumberWord'
import { ENGLISH } from '@/words/language'
import { beginDrag, editRoutine, endDrag } from '../state/store'

const say = (key: string) => ENGLISH.say(`path.sentence.${key}`)
const drag = { onDragStart: beginDrag, onDragEnd: endDrag }

/** How large the room is: each figure is changed in its place. */
export function RoomSentence({ room: { width, depth } }: { room: { width: number; depth: number } }) {
  const size = (label: 'width' | 'depth', value: number) => (
    <NumberWord
      label={say(label)}
      value={value}
      unit="m"
      step={0.5}
      min={1}
      max={60}
      onChange={(metres) =>
        editRoutine((was) => ({
          ...was,
          room: label === 'width' ? { widthM: metres, depthM: depth } : { widthM: width, depthM: metres },
        }))
      }
      {...drag}
    />
  )
  return (
    <>
      {say('room')} {size('width', width)} {say('by')} {size('depth', depth)}:
    </>
  )
}
