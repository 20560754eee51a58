import { z } from 'zod'
import { fitRequestDocument } from './fit-document'
import { lessonDocument } from './lesson-document'
import { logDocument } from './log-document'
import { pathAnswer } from './path-schema'
import { postureDocument } from './posture-document'
import { readingLine } from './readings/line'
import { recordDocument } from './record-document'
import { routineDocument } from './routine-document'
import { stanceDocument } from './stance-document'
import { wholeDocument } from './whole-document'

/** The JSON Schemas of the documents that come in, and of a path, which goes out; by file name. What refinements add is said in docs/formats.md. */
export const SCHEMAS: Record<string, unknown> = {
  'stance-1.schema.json': z.toJSONSchema(stanceDocument),
  'person-1.schema.json': z.toJSONSchema(recordDocument, { io: 'input' }),
  'posture-1.schema.json': z.toJSONSchema(postureDocument, { io: 'input' }),
  'house-1.schema.json': z.toJSONSchema(wholeDocument, { io: 'input' }),
  'routine-1.schema.json': z.toJSONSchema(routineDocument, { io: 'input' }),
  'path-1.schema.json': z.toJSONSchema(pathAnswer),
  'lesson-1.schema.json': z.toJSONSchema(lessonDocument, { io: 'input' }),
  'log-1.schema.json': z.toJSONSchema(logDocument, { io: 'input' }),
  'readings-1.schema.json': z.toJSONSchema(readingLine),
  'fit-request-1.schema.json': z.toJSONSchema(fitRequestDocument, { io: 'input' }),
}

export const schemaText = (schema: unknown): string => `${JSON.stringify(schema, null, 2)}\n`
