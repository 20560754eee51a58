import { z } from 'zod'
import { stanceDocument } from './stance-document'

/** The JSON Schemas of the documents that come in, by file name. What refinements add is said in docs/formats.md. */
export const SCHEMAS: Record<string, unknown> = {
  'stance-1.schema.json': z.toJSONSchema(stanceDocument),
}

export const schemaText = (schema: unknown): string => `${JSON.stringify(schema, null, 2)}\n`
