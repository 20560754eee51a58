import { readdirSync, readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { z } from 'zod'
import type { InputError } from '@/core'
import { decisionDocument } from '@/documents/decision-document'
import { houseSettings } from '@/documents/house-settings'
import { lessonDocument } from '@/documents/lesson-document'
import { logDocument } from '@/documents/log-document'
import { parse } from '@/documents/parse'
import { personDocument } from '@/documents/person-document'
import { planDocument } from '@/documents/plan-document'
import { postureDocument } from '@/documents/posture-document'
import { recordDocument } from '@/documents/record-document'
import { houseRoutine } from '@/documents/routine-document'
import { stanceBody } from '@/documents/stance-document'
import { en } from './en'
import { ENGLISH } from './english'
import { sayField, sayFieldError } from './fields'

const DOCUMENTS = [
  personDocument,
  recordDocument,
  houseSettings,
  postureDocument,
  stanceBody,
  planDocument,
  houseRoutine,
  lessonDocument,
  logDocument,
  decisionDocument,
]

/** Every key that a document may have at any depth. */
function listKeys(schema: unknown, keys = new Set<string>()): Set<string> {
  if (typeof schema !== 'object' || schema === null) return keys
  const { properties } = schema as { properties?: Record<string, unknown> }
  for (const key of Object.keys(properties ?? {})) keys.add(key)
  for (const value of Object.values(schema)) listKeys(value, keys)
  return keys
}

it('calls every field of every document by a name that no document would write', () => {
  for (const document of DOCUMENTS) {
    const keys = listKeys(z.toJSONSchema(document as z.ZodType, { unrepresentable: 'any', io: 'input' }))
    expect(keys.size).toBeGreaterThan(2)
    for (const key of keys) {
      const said = sayField(key, ENGLISH)
      expect.soft(said, key).not.toMatch(/Deg$|Pct$|[a-z]M$|[a-z][A-Z]/)
      if (key !== 'value') expect.soft(said, key).not.toBe('Figure')
    }
  }
})

it('says the place, the side and the unit in which a screen shows the field', () => {
  expect(sayField('records.3.body.statureM', ENGLISH)).toBe('Entry 4, height')
  expect(sayField('measures.left.toeOutDeg', ENGLISH)).toBe('Left, toes out')
  const refused = (value: unknown) => {
    try {
      parse(houseSettings, value)
    } catch (error) {
      return sayFieldError(error as InputError, ENGLISH)
    }
  }
  expect(refused({ rules: { swayReserveM: 4 } })).toBe(
    'Reserve for sway, two feet: accepted is a number from 0 to 10 cm.',
  )
  expect(refused({ days: { tired: { kneePct: 5 } } })).toMatch(/accepted is a number from 20 to 100 %\.$/)
})

it('has a word for every list that may be wrong: else what says so would fail itself', () => {
  const files = ['src/documents', 'src/keeping', 'src/records'].flatMap((folder) =>
    readdirSync(folder, { encoding: 'utf8' }).flatMap((name) => (/\.ts$/.test(name) ? `${folder}/${name}` : [])),
  )
  const named = files.flatMap((file) =>
    [...readFileSync(file, 'utf8').matchAll(/\blist\([^\n]*?, '(\w+)'\)/g)].map(([, name]) => name as string),
  )
  expect(named.length).toBeGreaterThan(20)
  expect(named.filter((name) => !(name in en.errors.lists))).toEqual([])
})
