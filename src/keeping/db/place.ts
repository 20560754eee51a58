import { rmSync, statSync } from 'node:fs'

/** What a path is, whatever it is called: the device and the number of its file; null where there is none. */
export function identify(path: string): string | null {
  const stat = statSync(/* turbopackIgnore: true */ path, { bigint: true, throwIfNoEntry: false })
  return stat ? `${stat.dev}-${stat.ino}` : null
}

/** What lies beside a database file and is of it alone. */
const BESIDE = ['-wal', '-shm']

/** A file that was opened: whether its path is still that file. */
export type Place = {
  /** From here on it has to be the file that it is now. */
  mark: () => void
  isHere: () => boolean
  /** What it left beside its path is not for whatever lies there instead. */
  leave: () => void
}

export function watchPlace(path: string): Place {
  let marked: (string | null)[] | null = null
  const look = () => ['', ...BESIDE].map((end) => identify(path + end))
  return {
    mark: () => {
      marked = look()
    },
    isHere: () => marked === null || identify(path) === marked[0],
    leave: () =>
      BESIDE.forEach((end, i) => {
        if (marked?.[i + 1] && identify(path + end) === marked[i + 1]) rmSync(path + end)
      }),
  }
}
