import Button from '@mui/material/Button'
import { useStore } from 'zustand'
import { useWords } from '@/ui/words/use-words'
import { redo, undo, useLesson } from './state/store'

/** The way back, always to be seen. */
export function UndoTools() {
  const words = useWords()
  const canUndo = useStore(useLesson.temporal, ({ pastStates }) => pastStates.length > 0)
  const canRedo = useStore(useLesson.temporal, ({ futureStates }) => futureStates.length > 0)
  return (
    <>
      <Button onClick={undo} disabled={!canUndo}>
        {words.say('path.tools.undo')}
      </Button>
      <Button onClick={redo} disabled={!canRedo}>
        {words.say('path.tools.redo')}
      </Button>
    </>
  )
}
