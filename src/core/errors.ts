/** What would be accepted, as a code with what it names: whoever shows it puts it into words. */
export type Accepts = { readonly code: string; readonly [name: string]: string | number }

/** The caller's mistake: names the field as a dotted path of the document, what was given, and what would be accepted. */
export class InputError extends Error {
  override readonly name = 'InputError'

  constructor(
    readonly field: string,
    readonly value: unknown,
    readonly accepts: Accepts,
  ) {
    super(`${field}: ${accepts.code}`)
  }
}

/** What is wrong with something, without the value: which field, and what would be accepted. */
export type Refusal = Pick<InputError, 'field' | 'accepts'>
