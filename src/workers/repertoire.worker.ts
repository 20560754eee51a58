import { expose } from 'comlink'
import { type FormFound, type Person, resolveBody, type SchoolId } from '@/core'
import { type Asked, findRow } from '@/formats/repertoire-document'
import { limitTime } from './limit-time'

const LIMIT_MS = 10_000

const api = {
  row: (person: Person, asked: Asked, school: SchoolId): FormFound =>
    findRow(resolveBody(person), asked, school, limitTime(LIMIT_MS)),
}

export type RepertoireApi = typeof api

expose(api)
