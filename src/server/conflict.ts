/** Somebody else saved since: carries what is there now, so that the second can see both and choose. */
export class ConflictError<T = unknown> extends Error {
  constructor(readonly current: T) {
    super('somebody else saved this in the meantime')
  }
}
