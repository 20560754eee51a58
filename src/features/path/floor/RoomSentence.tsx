import { NumberWord } from '@/ui/words/NumberWord'
import { useSay } from '@/ui/words/use-words'
import { beginDrag, editRoutine, endDrag } from '../state/store'

const drag = { onDragStart: beginDrag, onDragEnd: endDrag }

/** How large the room is: each figure is changed in its place. */
export function RoomSentence({ room: { width, depth } }: { room: { width: number; depth: number } }) {
  const say = useSay('path.sentence')
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
