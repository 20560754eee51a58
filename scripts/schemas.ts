/** Writes the JSON Schemas of the documents into docs/schemas. */
import { mkdirSync, writeFileSync } from 'node:fs'
import { SCHEMAS, schemaText } from '@/documents/schemas'

const folder = new URL('../docs/schemas/', import.meta.url)
mkdirSync(folder, { recursive: true })
for (const [file, schema] of Object.entries(SCHEMAS)) writeFileSync(new URL(file, folder), schemaText(schema))
