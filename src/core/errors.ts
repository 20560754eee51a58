/** The caller's mistake: names the field as a dotted path of the document, what was given, and what would be accepted. */
export class InputError extends Error {
  override readonly name = 'InputError'

  constructor(
    readonly field: string,
    readonly value: unknown,
    readonly accepts: string,
  ) {
    super(`${field}: ${show(value)} is not accepted; ${accepts}`)
  }
}

function show(value: unknown): string {
  if (value === undefined) return 'nothing'
  if (typeof value === 'number') return String(value)
  const text = JSON.stringify(value) ?? String(value)
  return text.length > 60 ? `${text.slice(0, 57)}...` : text
}
