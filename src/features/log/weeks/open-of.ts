/** A dot that is pressed opens its day. */
export const openOf =
  (onOpen: (day: string) => void) =>
  (_: unknown, at: unknown): void =>
    onOpen(String((at as { payload: { day: string } }).payload.day))
