import { readdirSync, readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { SCHEMAS, schemaText } from './schemas'

it('the published JSON Schemas are those of the code (npm run schemas writes them)', () => {
  const folder = new URL('../../docs/schemas/', import.meta.url)
  expect(readdirSync(folder).sort()).toEqual(Object.keys(SCHEMAS).sort())
  for (const [file, schema] of Object.entries(SCHEMAS)) {
    expect(readFileSync(new URL(file, folder), 'utf8')).toBe(schemaText(schema))
  }
})
