import Button from '@mui/material/Button'
import { useState } from 'react'
import { InputError } from '@/core'
import { parse, parseJson } from '@/documents/parse'
import { houseRoutine, ROUTINE_FORMAT, type RoutineDocument } from '@/documents/routine-document'
import { download } from '@/ui/files/download'
import { OpenFileButton } from '@/ui/files/OpenFileButton'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayFieldError } from '@/words/fields'
import { redo, undo, useRoutine } from './state/store'
import { useHistory } from './state/use-history'

/** Whoever stands can walk it: the weight goes over, and comes back. */
const BEGINNING: RoutineDocument = {
  parts: [
    { posture: 'parallel', holdS: 2 },
    { posture: 'parallel', seconds: 6, breath: 'out', with: { loadLeftPct: 40 } },
    { posture: 'parallel', seconds: 6, breath: 'in' },
  ],
}

type RoutineToolsProps = {
  id: string
  /** Whose prints and limits a sheet of it has. */
  person: string
  /** What is called "back to the original" of a shipped one, "take away" of one's own; null: nothing was changed. */
  reset: 'original' | 'takeAway' | null
  onReset: () => void
  onNew: (document: RoutineDocument) => void
  onRename: () => void
  onProblem: (problem: string | null) => void
}

/** What is done with the routine as a whole. */
export function RoutineTools({ id, person, reset, onReset, onNew, onRename, onProblem }: RoutineToolsProps) {
  const say = useSay('path.tools')
  const words = useWords()
  const { canUndo, canRedo } = useHistory()
  const [asking, setAsking] = useState(false)
  const open = async (file: File) => {
    try {
      onNew(parse(houseRoutine, parseJson(await file.text())))
      onProblem(null)
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      onProblem(say('notOpened', { file: file.name, why: sayFieldError(error, words) }))
    }
  }
  const save = () => {
    const { routine } = useRoutine.getState()
    const text = JSON.stringify({ format: ROUTINE_FORMAT, ...routine }, null, 2)
    download('routine.json', 'application/json', text)
  }
  return (
    <nav aria-label={say('label')} style={{ display: 'contents' }}>
      <Button onClick={() => onNew(BEGINNING)}>{say('new')}</Button>
      <Button href={`/paper?${new URLSearchParams({ as: 'path', person, routine: id })}`}>
        {words.say('paper.on')}
      </Button>
      <Button onClick={onRename}>{say('rename')}</Button>
      <Button onClick={save}>{say('save')}</Button>
      <OpenFileButton label={say('file')} onFile={open}>
        {say('open')}
      </OpenFileButton>
      {reset &&
        (asking ? (
          <>
            <Button
              color="error"
              onClick={() => {
                setAsking(false)
                onReset()
              }}
            >
              {say('sure')}
            </Button>
            <Button onClick={() => setAsking(false)}>{say('leave')}</Button>
          </>
        ) : (
          <Button onClick={() => setAsking(true)}>{say(reset)}</Button>
        ))}
      <Button onClick={undo} disabled={!canUndo}>
        {say('undo')}
      </Button>
      <Button onClick={redo} disabled={!canRedo}>
        {say('redo')}
      </Button>
    </nav>
  )
}
