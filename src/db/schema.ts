import { index, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import type { PersonDocument } from '@/formats/person-document'
import type { StanceBody } from '@/formats/stance-document'

/** Times are ISO 8601 in UTC. Documents are as the open formats hold them: degrees, percent, metres. */
export const people = sqliteTable('people', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  /** What the instructor should know, in a line. */
  story: text('story').notNull().default(''),
  document: text('document', { mode: 'json' }).$type<PersonDocument>().notNull(),
  createdAt: text('created_at').notNull(),
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
    stance: text('stance', { mode: 'json' }).$type<StanceBody>().notNull(),
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
  stance: text('stance', { mode: 'json' }).$type<StanceBody>().notNull(),
  updatedAt: text('updated_at').notNull(),
})

/** Single facts about this database, such as that the demo data were put in. */
export const facts = sqliteTable('facts', {
  key: text('key').primaryKey(),
  value: text('value').notNull(),
})
