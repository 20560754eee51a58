import { index, integer, sqliteTable, text, uniqueIndex } from 'drizzle-orm/sqlite-core'
import type { PlanDocument } from '@/formats/plan-document'
import type { PostureDocument } from '@/formats/posture-document'
import type { RecordDocument } from '@/formats/record-document'
import type { StanceBody } from '@/formats/stance-document'
import { json } from './json'

/** Times are ISO 8601 in UTC. Documents are as the open formats hold them: degrees, percent, metres. */
export const people = sqliteTable('people', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  record: json<RecordDocument>('record').notNull(),
  /** Counts the saves, so that the second of two editors is told. */
  revision: integer('revision').notNull().default(1),
  createdAt: text('created_at').notNull(),
  updatedAt: text('updated_at').notNull(),
  /** Taken away, or brought in and not finished: gone for good when the program is left. */
  deletedAt: text('deleted_at'),
})

/** A stance that was kept for a person and a posture. */
export const kept = sqliteTable(
  'kept',
  {
    id: text('id').primaryKey(),
    personId: text('person_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    posture: text('posture').notNull(),
    school: text('school').notNull(),
    name: text('name').notNull(),
    note: text('note').notNull().default(''),
    stance: json<StanceBody>('stance').notNull(),
    createdAt: text('created_at').notNull(),
  },
  (table) => [index('kept_by_person').on(table.personId, table.posture)],
)

/** What is on the bench for a person and not kept yet, so that leaving loses nothing. */
export const drafts = sqliteTable('drafts', {
  personId: text('person_id')
    .primaryKey()
    .references(() => people.id, { onDelete: 'cascade' }),
  posture: text('posture').notNull(),
  school: text('school').notNull(),
  stance: json<StanceBody>('stance').notNull(),
  revision: integer('revision').notNull().default(1),
  updatedAt: text('updated_at').notNull(),
})

/** Postures that the instructor changed or added; what is not here is as the program ships it. */
export const postures = sqliteTable('postures', {
  id: text('id').primaryKey(),
  document: json<PostureDocument>('document').notNull(),
  revision: integer('revision').notNull().default(1),
  updatedAt: text('updated_at').notNull(),
})

/** What a class does with a posture: its levels, and who does which. */
export const plans = sqliteTable(
  'plans',
  {
    id: text('id').primaryKey(),
    groupName: text('group_name').notNull(),
    posture: text('posture').notNull(),
    document: json<PlanDocument>('document').notNull(),
    revision: integer('revision').notNull().default(1),
    updatedAt: text('updated_at').notNull(),
  },
  (table) => [uniqueIndex('plan_of_group').on(table.groupName, table.posture)],
)

/** Single facts about this database, such as that the demo data were put in. */
export const facts = sqliteTable('facts', {
  key: text('key').primaryKey(),
  value: text('value').notNull(),
  revision: integer('revision').notNull().default(1),
})
