import { expose } from 'comlink'
import { type Person, resolveBody, type SchoolId } from '@/core'
import type { Asked } from '@/documents/repertoire-document'
import { type Answer, type Decided, findAnswer } from '@/teaching/answer'
import { limitTime } from './limit-time'

const LIMIT_MS = 10_000

const api = {
  row: (person: Person, { posture, side }: Asked, school: SchoolId, decided: readonly Decided[]): Answer =>
    findAnswer(resolveBody(person), { posture, side: side ?? 'left', school }, decided, limitTime(LIMIT_MS)),
}

export type RepertoireApi = typeof api

expose(api)
