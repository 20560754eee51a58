import { useRef, useState } from 'react'
import { OvertakenError } from './ask'
import { SAVED, Saver, type SaveState } from './saver'
import { useLeaving } from './use-leaving'

type Keeping<T> = { what: string; revision: number; send: (value: T, revision: number) => Promise<number> }

/**
 * Keeps one thing by a press: over the revision that it began from, again where no server answered, and not over
 * somebody else's before one of the two was chosen. `what` names the thing; another one begins anew.
 */
export function useKeeping<T, Theirs>({ what, revision, send }: Keeping<T>) {
  const [told, setTold] = useState<{ what: string; state: SaveState<Theirs> }>({ what, state: SAVED })
  /** Each thing is sent its own way, also when it is sent again while another one is open already. */
  const opened = useRef({ what: '', send })
  const saver = useRef<Saver<T, Theirs>>(null as never)
  if (opened.current.what === what) opened.current.send = send
  else {
    const mine = { what, send }
    opened.current = mine
    saver.current = new Saver(
      { what, revision, restMs: 0, send: (value, over) => sendOrMake(mine.send, value, over.revision) },
      (state: SaveState<Theirs>) => setTold({ what, state }),
    )
  }
  useLeaving(saver)
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
async function sendOrMake<T>(send: Keeping<T>['send'], value: T, revision: number): Promise<number> {
  try {
    return await send(value, revision)
  } catch (error) {
    if (error instanceof OvertakenError && error.current === null) return send(value, 0)
    throw error
  }
}

/** Why something pressed to be kept is not kept. */
export const sayNotKept = (problem: NonNullable<SaveState<never>['problem']>): string =>
  problem.kind === 'refused'
    ? `Not kept. ${problem.reason}`
    : 'Not kept yet: the server does not answer. It is tried again.'
