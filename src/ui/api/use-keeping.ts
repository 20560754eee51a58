import { useEffect, useRef, useState } from 'react'
import { sayRefusal } from '@/words/fields'
import type { Words } from '@/words/language'
import { ask, OvertakenError } from './ask'
import { type Put, SAVED, Saver, type SaveState, type Saving } from './saver'
import { useLeaving } from './use-leaving'

type Keeping<T, Theirs> = Omit<Saving<T, Theirs>, 'restMs'>

/**
 * Keeps one thing by a press: over the revision that it began from, again where no server answered, and not over
 * somebody else's before one of the two was chosen. `what` names the thing; another one begins anew.
 */
export function useKeeping<T, Theirs extends { revision: number }>(how: Keeping<T, Theirs>) {
  const { what } = how
  const [told, setTold] = useState<{ what: string; state: SaveState<Theirs> }>({ what, state: SAVED })
  /** Each thing is sent its own way, also when it is sent again while another one is open already. */
  const opened = useRef({ ...how, what: '' })
  const saver = useRef<Saver<T, Theirs>>(null as never)
  if (opened.current.what === what) Object.assign(opened.current, how)
  else {
    const mine = { ...how }
    opened.current = mine
    saver.current = new Saver<T, Theirs>(
      { ...mine, restMs: 0, request: (value) => mine.request(value), onSaved: (...saved) => mine.onSaved?.(...saved) },
      (state) => setTold({ what, state }),
      putOrMake,
    )
  }
  useLeaving(saver)
  // What was pressed when this was left last, and no server took, is still meant.
  // biome-ignore lint/correctness/useExhaustiveDependencies: once for each thing that is opened
  useEffect(() => {
    const waited = saver.current.resume(null)
    if (waited) saver.current.change(waited)
  }, [what])
  return {
    ...(told.what === what ? told.state : SAVED),
    /** Sends it now; done when the server has it or said why not. */
    keep: async (value: T) => {
      saver.current.change(value)
      await saver.current.flush()
    },
    /** Ours goes over what somebody else kept at that revision. */
    keepOver: (at: number) => saver.current.settle(at),
    /** What is there is taken as it is. */
    accept: (at: number) => saver.current.accept(at),
  }
}

/** What somebody took away meanwhile is made anew. */
const putOrMake: Put = async (path, body) => {
  try {
    return await ask(path, 'PUT', body)
  } catch (error) {
    if (error instanceof OvertakenError && error.current === null) return ask(path, 'PUT', { ...body, revision: 0 })
    throw error
  }
}

/** Why something pressed to be kept is not kept. */
export const sayNotKept = (problem: NonNullable<SaveState<never>['problem']>, words: Words): string =>
  problem.kind === 'refused'
    ? words.say('screens.ui.notKeptRefusal', { refusal: sayRefusal(problem.why, words) })
    : words.say('screens.ui.notKeptYetServer')
