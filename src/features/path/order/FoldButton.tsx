import Button from '@mui/material/Button'
import { useEffect, useState } from 'react'
import type { RoutinePart } from '@/core'
import type { PersonDocument } from '@/documents/person-document'
import { toPerson } from '@/documents/to-core'
import { useWords } from '@/ui/words/use-words'
import { startFold } from '@/workers/safer'
import { turnBackAt } from '../state/edits'
import { editRoutine } from '../state/store'

type FoldButtonProps = {
  person: PersonDocument
  parts: readonly RoutinePart[]
  room: { width: number; depth: number }
}

type State = 'ready' | 'searching' | 'fits' | 'none' | 'broken'

/** There and back instead of on and on, where the room is small; what comes of it is said beside. */
export function FoldButton({ person, parts, room }: FoldButtonProps) {
  const words = useWords()
  const [state, setState] = useState<State>('ready')
  // biome-ignore lint/correctness/useExhaustiveDependencies: what was found is of what was there then
  useEffect(() => setState('ready'), [parts, room.width, room.depth])
  const fold = async () => {
    setState('searching')
    try {
      const turns = await startFold(toPerson(person), [...parts], room).found
      if (turns && turns.length > 0) editRoutine((routine) => turnBackAt(routine, turns))
      else setState(turns ? 'fits' : 'none')
    } catch {
      setState('broken')
    }
  }
  return (
    <>
      <Button disabled={state === 'searching'} onClick={fold}>
        {words.say('path.order.fold')}
      </Button>
      {state !== 'ready' && <span role="status">{words.say(`path.fold.${state}`)}</span>}
    </>
  )
}
