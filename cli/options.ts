import { readFileSync } from 'node:fs'
import { parseJson } from '@/documents/parse'

/** Wrong use of the command line, as against bad input in a document. */
export class UsageError extends Error {}

/** A running Nivrel that was asked refused, or none answers there. */
export class RefusedError extends Error {}

/** An option's value, and the arguments without it. */
export function takeOption(args: string[], name: string): { value: string | undefined; rest: string[] } {
  const at = args.indexOf(name)
  if (at < 0) return { value: undefined, rest: args }
  if (args[at + 1] === undefined) throw new UsageError(`${name} takes a value`)
  return { value: args[at + 1], rest: args.toSpliced(at, 2) }
}

export function takeWhole(name: string, value: string | undefined, least: number, most: number): number | undefined {
  if (value === undefined) return undefined
  const number = Number(value)
  if (Number.isInteger(number) && number >= least && number <= most) return number
  const range = Number.isFinite(most) ? ` from ${least} to ${most}` : ''
  throw new UsageError(`${name} takes a whole number${range}`)
}

export function takeFile(args: string[]): string {
  const [file, ...rest] = args
  if (file === undefined) throw new UsageError('a FILE is missing')
  const extra = rest[0] ?? (file.startsWith('--') ? file : undefined)
  if (extra !== undefined) throw new UsageError(`"${extra}" is not understood`)
  return file
}

export const readText = (file: string): string => readFileSync(file === '-' ? 0 : file, 'utf8')
export const readDocument = (file: string): unknown => parseJson(readText(file))

/** Writes a line and waits while the reader is slow, so that memory stays constant. */
export async function print(line: string): Promise<void> {
  if (!process.stdout.write(`${line}\n`)) await new Promise((resolve) => process.stdout.once('drain', resolve))
}
