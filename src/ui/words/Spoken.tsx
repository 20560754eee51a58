import { Fragment, type ReactNode } from 'react'
import type { Values } from '@/words/language'
import { useWords } from './use-words'

/** Nobody writes it, and no message has it. */
const MARK = '\u0001'

type SpokenProps = {
  /** The key of the message. */
  of: string
  /** What stands where the message names it: words that can be changed, pictures. Each language has its own order. */
  parts: Record<string, ReactNode>
  values?: Values
}

/** A sentence with controls in it. */
export function Spoken({ of, parts, values }: SpokenProps) {
  const words = useWords()
  const marked = Object.fromEntries(Object.keys(parts).map((name) => [name, `${MARK}${name}${MARK}`]))
  const pieces = words.say(of, { ...values, ...marked }).split(MARK)
  return pieces.map((piece, i) => (i % 2 === 1 ? <Fragment key={piece}>{parts[piece]}</Fragment> : piece))
}
